'use client';
/** Cans: how many, what each one sprays, what stays sealed. */
import type { Job } from '@/model/job';
import type { Material, Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf } from '@/words/format';
import { Cans } from '../drawings/cans';
import { paintOf } from '../views/ink';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { cansTitle, drawnCans, MOST_CANS, openAerosols, type DrawnCan } from '../views/cans';
import { bareVolume, type ProductOf } from '../views/materials';

interface CansPanelProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly productOf: ProductOf;
}

export function CansPanel({ job, plan, productOf }: CansPanelProps) {
  const aerosols = openAerosols(plan, productOf);
  if (plan.materials.length > 0 && aerosols.length === 0) return null;
  return (
    <section className="panel noprint" aria-label="Cans">
      <div className="hd">
        {cansTitle(aerosols)}{' '}
        <small>
          low or old cans on edges and returns, full ones on flats
          <ProvenanceMark mark="CP" />
        </small>
      </div>
      {plan.materials.length === 0 && (
        <p className="cap mt-8">No layers yet. Choose a build-up first, then the cans are counted here.</p>
      )}
      <ul className="is-flex gap-26 pt-12 wrap-wrap">
        {aerosols.map((material) => (
          <ProductCans
            key={material.layerIds[0]}
            job={job}
            plan={plan}
            material={material}
            product={productOf(material.productId)}
          />
        ))}
      </ul>
    </section>
  );
}

interface ProductCansProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly material: Material;
  readonly product: Product;
}

function ProductCans({ job, plan, material, product }: ProductCansProps) {
  const f = useFormat();
  const cans = drawnCans(job, product, material, plan.layers);
  const shown = cans.slice(0, MOST_CANS);
  return (
    <li className="maxw-100">
      <p className="fw600 text-14">
        {product.name}
        <br />
        <span className="small muted fw400">
          {material.colour ? `${material.colour.name}, ` : ''}
          {f.volume(material.useMl)} expected
        </span>
      </p>
      <div className="scroll-x" tabIndex={0} role="group" aria-label={`Cans of ${product.name}`}>
        <Cans
          cans={shown}
          paint={paintOf(product, material.colour?.hex ?? job.purpose.colour.hex)}
          name={product.name}
          text={(ml) => bareVolume(ml, f)}
        />
      </div>
      <WhatEachDoes cans={shown} />
      {cans.length > MOST_CANS && (
        <p className="small">
          And {cans.length - MOST_CANS} cans more. For so much a gun is the better tool.
        </p>
      )}
      {product.potLifeMin !== undefined && cans.some((c) => !c.sealed) && (
        <Activations plan={plan} productId={product.id} lifeMin={product.potLifeMin} />
      )}
    </li>
  );
}

function WhatEachDoes({ cans }: { cans: readonly DrawnCan[] }) {
  return (
    <ol className="small muted" style={{ maxWidth: Math.max(210, cans.length * 76), lineHeight: 1.35 }}>
      {cans.map((can, i) =>
        can.does.length === 0 ? null : (
          <li key={i}>
            <b className="fw600 ink-ink">{i + 1}</b> {can.does.join('; ')}
            {can.changes ? '; change at an overlap, not in the middle' : ''}
          </li>
        ),
      )}
    </ol>
  );
}

interface ActivationsProps {
  readonly plan: Plan;
  readonly productId: string;
  readonly lifeMin: number;
}

function Activations({ plan, productId, lifeMin }: ActivationsProps) {
  const f = useFormat();
  const all = plan.sessions.flatMap((s) => s.activations).filter((a) => a.productId === productId);
  return (
    <p className="small maxw-250">
      {all.map((a) => (
        <span key={a.at} className="is-block">
          <b className="fw600">{f.dayTime(a.at)}</b>: {a.cans} to activate, dead {f.dayTime(a.usableUntil)}.
        </span>
      ))}
      One at a time: each dies {durationOf(lifeMin)} after its pin is in. Leave the rest sealed.
    </p>
  );
}
