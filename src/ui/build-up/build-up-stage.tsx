'use client';
/** Build-up: which way, then the layers beside the section through them, then what follows from both. */
import { useState } from 'react';
import { systemFor, type SystemResult } from '@/core/coating/system';
import { withLayers } from '@/core/edits/layers';
import { withoutMends } from '@/core/mends/taken';
import { withZones } from '@/core/surface/zones';
import { useDesk } from '../desk/job-desk';
import { later } from '../parts/later';
import { Spine } from '../shell/spine';
import { StageFrame } from '../shell/stage-frame';
import type { StageSection } from '../shell/section';
import { useFormat } from '../theme/providers';
import { schoolsLine, sheetsLine, stackProducts } from '../views/build-up';
import { stackOf } from '../views/stack';
import { LayersPanel } from './layers-panel';
import { SectionPanel } from './section-panel';

const RoutesPanel = later('Ways', () => import('./routes-panel').then((m) => m.RoutesPanel), {
  heightPx: 68,
});
const PrepPanel = later('Preparation', () => import('./prep-panel').then((m) => m.PrepPanel));
const OrderPanel = later('Order of work', () => import('./order-panel').then((m) => m.OrderPanel));
const ColourPanel = later('Colour', () => import('./colour-panel').then((m) => m.ColourPanel));
const SchoolsPanel = later('Where painters differ', () =>
  import('./schools-panel').then((m) => m.SchoolsPanel),
);
const DryingPanel = later('Drying and heat', () => import('./drying-panel').then((m) => m.DryingPanel), {
  heightPx: 400,
  isHeavy: true,
});
const SheetsPanel = later('Your own data sheets', () => import('./sheets-panel').then((m) => m.SheetsPanel));

export function BuildUpStage() {
  const f = useFormat();
  const desk = useDesk();
  const { job, plan } = desk;
  // What is chosen, whatever has to be mended on it meanwhile.
  const system = systemFor(withoutMends(job));
  const { layers, seams } = system;
  const products = stackProducts(system);
  const warns = seams.some((s) => s.verdict !== 'ok');
  const colour = <ColourPanel job={job} products={products} />;
  const order = <OrderPanel desk={desk} system={system} />;
  const sections: StageSection[] = [
    { id: 'ways', name: 'Ways', isLead: true, node: <Ways layers={layers} /> },
    {
      id: 'layers',
      name: 'Layers',
      count: layers.length,
      warns,
      isLead: true,
      node: <Layers system={system} />,
    },
    {
      id: 'preparation',
      name: 'Preparation',
      note: 'papers, filler, wiping, masking',
      node: <Preparation system={system} />,
    },
    { id: 'order', name: 'Order of work', note: `${f.hours(plan.handsOnH)} with hands on it`, node: order },
    { id: 'colour', name: 'Colour', note: job.purpose.colour.name, node: colour },
    { id: 'schools', name: 'Where painters differ', note: schoolsLine(job), node: <SchoolsPanel /> },
    { id: 'drying', name: 'Drying', note: 'and heat', node: <DryingPanel products={products} /> },
    { id: 'sheets', name: 'Sheets', note: sheetsLine(job), node: <SheetsPanel /> },
  ];
  return <StageFrame stage="build-up" sections={sections} lateSpine={<Spine />} />;
}

function Ways({ layers }: Pick<SystemResult, 'layers'>) {
  const { job, plan, edit } = useDesk();
  return (
    <RoutesPanel job={job} plan={plan} chosen={layers} onTake={(r) => edit((j) => withLayers(j, r.layers))} />
  );
}

function Layers({ system }: { system: SystemResult }) {
  const { job, products } = useDesk();
  const [selected, setSelected] = useState<string | null>(system.layers.at(-1)?.id ?? null);
  return (
    <div className="layergrid">
      <SectionPanel
        stack={stackOf(job, system, products)}
        job={job}
        selected={selected}
        onSelect={setSelected}
      />
      <LayersPanel system={system} selected={selected} onSelect={setSelected} />
    </div>
  );
}

function Preparation({ system }: { system: SystemResult }) {
  const { job, plan, air } = useDesk();
  return (
    <PrepPanel
      job={withZones(job)}
      system={system}
      sessions={Math.max(1, plan.sessions.length)}
      panelC={air.now?.panelC ?? null}
    />
  );
}
