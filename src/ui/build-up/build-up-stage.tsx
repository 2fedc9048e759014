'use client';
/** Build-up: which way, then the layers beside the section through them, then what follows from both. */
import { useState } from 'react';
import { systemFor } from '@/core/coating/system';
import { withLayers } from '@/core/edits/layers';
import { withZones } from '@/core/surface/zones';
import { useDesk } from '../desk/job-desk';
import { later } from '../parts/later';
import { StageFrame } from '../shell/stage-frame';
import type { StageSection } from '../shell/section';
import { useFormat } from '../theme/providers';
import { schoolsLine, sheetsLine, stackProducts } from '../views/build-up';
import { stackOf } from '../views/stack';
import { ColourPanel } from './colour-panel';
import { LayersPanel } from './layers-panel';
import { OrderPanel } from './order-panel';
import { SchoolsPanel } from './schools-panel';
import { SectionPanel } from './section-panel';

const RoutesPanel = later('Ways', () => import('./routes-panel').then((m) => m.RoutesPanel), 68);
const PrepPanel = later('Preparation', () => import('./prep-panel').then((m) => m.PrepPanel));
const DryingPanel = later('Drying and heat', () => import('./drying-panel').then((m) => m.DryingPanel), 400);
const SheetsPanel = later('Your own data sheets', () => import('./sheets-panel').then((m) => m.SheetsPanel));

export function BuildUpStage() {
  return <StageFrame stage="build-up" sections={[...useDecisions(), ...useFollowing()]} />;
}

/** Which way, and its layers. */
function useDecisions(): StageSection[] {
  const { job } = useDesk();
  const { layers, seams } = systemFor(job);
  const warns = seams.some((s) => s.verdict !== 'ok');
  return [
    { id: 'ways', name: 'Ways', isLead: true, node: <Ways /> },
    { id: 'layers', name: 'Layers', count: layers.length, warns, isLead: true, node: <Layers /> },
  ];
}

/** What follows from them. */
function useFollowing(): StageSection[] {
  const f = useFormat();
  const desk = useDesk();
  const { job, plan } = desk;
  const system = systemFor(job);
  const products = stackProducts(system);
  return [
    {
      id: 'preparation',
      name: 'Preparation',
      note: 'papers, filler, wiping, masking',
      node: <Preparation />,
    },
    {
      id: 'order',
      name: 'Order of work',
      note: `${f.hours(plan.handsOnH)} with hands on it`,
      node: <OrderPanel desk={desk} system={system} />,
    },
    {
      id: 'colour',
      name: 'Colour',
      note: job.purpose.colour.name,
      node: <ColourPanel job={job} products={products} />,
    },
    { id: 'schools', name: 'Where painters differ', note: schoolsLine(job), node: <SchoolsPanel /> },
    { id: 'drying', name: 'Drying', note: 'and heat', node: <DryingPanel products={products} /> },
    { id: 'sheets', name: 'Sheets', note: sheetsLine(job), node: <SheetsPanel /> },
  ];
}

function Ways() {
  const { job, plan, edit } = useDesk();
  const { layers } = systemFor(job);
  return (
    <RoutesPanel job={job} plan={plan} chosen={layers} onTake={(r) => edit((j) => withLayers(j, r.layers))} />
  );
}

function Layers() {
  const { job, products } = useDesk();
  const system = systemFor(job);
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

function Preparation() {
  const { job, plan, air } = useDesk();
  return (
    <PrepPanel
      job={withZones(job)}
      system={systemFor(job)}
      sessions={Math.max(1, plan.sessions.length)}
      panelC={air.now.panelC}
    />
  );
}
