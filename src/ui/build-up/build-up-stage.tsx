'use client';
/** Build-up: the layers, the section through them to scale, and the verdict on every seam. */
import { useState } from 'react';
import { systemFor } from '@/core/coating/system';
import { withLayers } from '@/core/edits/layers';
import { withZones } from '@/core/surface/zones';
import { useDesk } from '../desk/job-desk';
import { stackOf } from '../views/stack';
import { later } from '../parts/later';
import { Columns } from '../shell/stage-shell';
import { Verdict } from '../shell/verdict';
import { stackProducts } from '../views/build-up';
import { ColourPanel } from './colour-panel';
import { LayersPanel } from './layers-panel';
import { OrderPanel } from './order-panel';
import { SchoolsPanel } from './schools-panel';
import { SectionPanel } from './section-panel';

const RoutesPanel = later('Ways to do it', () => import('./routes-panel').then((m) => m.RoutesPanel));
const PrepPanel = later('Preparation', () => import('./prep-panel').then((m) => m.PrepPanel));
const DryingPanel = later('Drying and heat', () => import('./drying-panel').then((m) => m.DryingPanel), 400);
const SheetsPanel = later('Your own data sheets', () => import('./sheets-panel').then((m) => m.SheetsPanel));

export function BuildUpStage() {
  const desk = useDesk();
  const { job, plan } = desk;
  const system = systemFor(job);
  const [selected, setSelected] = useState<string | null>(system.layers.at(-1)?.id ?? null);
  const products = stackProducts(system);
  return (
    <Columns kind="cols-build">
      <SectionPanel
        stack={stackOf(job, system, desk.products)}
        job={job}
        selected={selected}
        onSelect={setSelected}
      />
      <LayersPanel system={system} selected={selected} onSelect={setSelected} />
      <div className="below">
        <OrderPanel desk={desk} system={system} />
        <RoutesPanel
          job={job}
          chosen={system.layers}
          onTake={(r) => desk.edit((j) => withLayers(j, r.layers))}
        />
        <PrepPanel
          job={withZones(job)}
          system={system}
          sessions={Math.max(1, plan.sessions.length)}
          panelC={desk.air.now.panelC}
        />
        <SchoolsPanel />
        <ColourPanel job={job} products={products} />
        <DryingPanel products={products} />
        <SheetsPanel />
      </div>
      <Verdict plan={plan} session={plan.sessions[0]} stage="build-up" />
    </Columns>
  );
}
