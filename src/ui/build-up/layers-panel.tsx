'use client';
/** The layers, top down, each with the verdict on the seams below it; the surface at the foot. */
import { Fragment } from 'react';
import Button from '@mui/material/Button';
import type { SystemResult } from '@/core/coating/system';
import {
  asSuggested,
  changeLayers,
  decideSeam,
  moveLayer,
  patchLayer,
  productLayer,
  removeLayer,
} from '@/core/edits/layers';
import { productIn, type Seam } from '@/core/seams/seam';
import { isoOf } from '@/core/time/instant';
import type { Part } from '@/model/job';
import { surfaceName } from '@/words/names';
import { sayBlocker } from '@/words/sentences/blockers';
import { sayWhy } from '@/words/sentences/whys';
import { useDesk } from '../desk/job-desk';
import { SUBSTRATE_FILL } from '../views/ink';
import { groundHex } from '../views/stack';
import { StopSign } from '../parts/icons';
import { ProductSelect } from '../parts/product-select';
import { useFormat } from '../theme/providers';
import { seamId, stackFaults, surfacesOf } from '../views/build-up';
import { capital } from '../views/session-name';
import { LayerRow } from './layer-row';
import { SeamRow } from './seam-row';
import { Fold } from '@/ui/parts/fold';
import { useTakeOut } from '../shell/use-take-out';

interface LayersPanelProps {
  readonly system: SystemResult;
  readonly selected: string | null;
  readonly onSelect: (layerId: string | null) => void;
}

export function LayersPanel({ system, selected, onSelect }: LayersPanelProps) {
  const { job } = useDesk();
  return (
    <section className="panel pb-6" aria-label="Layers">
      <LayersHead suggested={system.suggested} />
      <Faults system={system} />
      <Layers system={system} selected={selected} onSelect={onSelect} />
      {surfacesOf(job).map((p) => (
        <SurfaceRow key={p.id} part={p} />
      ))}
      <WhyThis system={system} />
    </section>
  );
}

function LayersHead({ suggested }: { suggested: boolean }) {
  const { products, edit } = useDesk();
  return (
    <div className="hd mb-10">
      Layers, top down <small>{suggested ? 'suggested for this surface' : 'chosen by hand'}</small>
      <span className="r row">
        {!suggested && (
          <Button size="small" onClick={() => edit(asSuggested)}>
            Back to the suggestion
          </Button>
        )}
        <ProductSelect
          value=""
          products={products}
          label="Add a layer"
          onChange={(p) => edit((j) => changeLayers(j, (ls) => [...ls, productLayer(p)]))}
        />
      </span>
    </div>
  );
}

function Faults({ system }: { system: SystemResult }) {
  const f = useFormat();
  return stackFaults(system.blockers).map((b, i) => (
    <div key={i} className="seamrow" data-verdict="no">
      <StopSign />
      <p>
        <b className="fw600">{sayBlocker(b, f)}</b>
      </p>
      <span />
    </div>
  ));
}

function Layers({ system, selected, onSelect }: LayersPanelProps) {
  const desk = useDesk();
  const { job, products } = desk;
  const decide = (seam: Seam, why?: string): void => {
    const at = isoOf(desk.clock(), job.place.tz);
    desk.edit((j) => decideSeam(j, seam, system, { at, ...(why ? { why } : {}) }));
  };
  const takeOut = useTakeOut();
  const count = system.layers.length;
  const topDown = system.layers.map((layer, index) => ({ layer, index })).reverse();
  return topDown.map(({ layer, index }) => {
    const product = productIn(system.products, layer.productId);
    const isSelected = selected === layer.id;
    return (
      <Fragment key={layer.id}>
        <LayerRow
          layer={layer}
          index={index}
          count={count}
          product={product}
          products={products}
          jobHex={groundHex(job, product)}
          selected={isSelected}
          onSelect={() => onSelect(isSelected ? null : layer.id)}
          onChange={(patch) => desk.edit((j) => changeLayers(j, (ls) => patchLayer(ls, index, patch)))}
          onMove={(by) => {
            desk.edit((j) => changeLayers(j, (ls) => moveLayer(ls, index, by)));
            onSelect(null);
          }}
          onRemove={() => {
            takeOut(product.name, (j) => changeLayers(j, (ls) => removeLayer(ls, index)));
            onSelect(null);
          }}
        />
        {system.seams
          .filter((s) => s.above === layer.id)
          .map((s) => (
            <SeamRow
              key={seamId(s)}
              seam={s}
              onDecide={(why) => decide(s, why)}
              onGiveBack={() => desk.edit((j) => decideSeam(j, s, system, null))}
            />
          ))}
      </Fragment>
    );
  });
}

function SurfaceRow({ part }: { part: Part }) {
  const { fill, hatch } = SUBSTRATE_FILL[part.substrate];
  return (
    <div className="layer cols-42px-1fr">
      <svg width="40" height="40" aria-hidden="true">
        <rect width="40" height="40" fill={fill} />
        <rect width="40" height="40" fill={`url(#${hatch})`} />
        <rect x=".5" y=".5" width="39" height="39" fill="none" stroke="var(--ink)" />
      </svg>
      <span className="tt-none">
        <b className="fw650">{capital(surfaceName(part))}</b>
      </span>
    </div>
  );
}

function WhyThis({ system }: { system: SystemResult }) {
  const f = useFormat();
  if (system.why.length === 0) return null;
  return (
    <Fold summary="Why this system" className="how">
      <ul className="cap is-grid gap-4 pb-8">
        {system.why.map((w, i) => (
          <li key={i}>{sayWhy(w, f)}</li>
        ))}
      </ul>
    </Fold>
  );
}
