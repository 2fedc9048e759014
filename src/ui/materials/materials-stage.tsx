'use client';
/** Materials: what to buy, what to pour, what will be left, and how sure that is. */
import { systemFor } from '@/core/coating/system';
import { jobConsumables } from '@/core/material/session-pours';
import { withZones } from '@/core/surface/zones';
import type { Product } from '@/model/product';
import { useDesk } from '../desk/job-desk';
import { later } from '../parts/later';
import { LinkButton } from '../parts/link-button';
import { Columns } from '../shell/stage-shell';
import { Spine } from '../shell/spine';
import { Verdict } from '../shell/verdict';
import { needsMixing } from '../views/materials';
import { BuyPanel } from './buy-panel';
import { CansPanel } from './cans-panel';
import { SumPanel } from './sum-panel';

const MoneyPanel = later('Money', () => import('./money-panel').then((m) => m.MoneyPanel));
const MixingPanel = later('Mixing', () => import('./mixing-panel').then((m) => m.MixingPanel));

export function MaterialsStage() {
  const desk = useDesk();
  const { job, plan, products } = desk;
  const productOf = (id: string): Product => products.find((p) => p.id === id)!;
  const hasPaint = plan.layers.length > 0 && plan.materials.some((m) => m.needMl > 0);
  return (
    <Columns kind="cols-3">
      <Spine job={job} plan={plan} products={products}>
        <p>
          <b>One micron over one square metre is one millilitre</b> of dry film. The film above sets every
          figure on this page.
        </p>
      </Spine>
      <div className="stack">
        <CansPanel job={job} plan={plan} productOf={productOf} />
        <SumPanel desk={desk} productOf={productOf} />
        {needsMixing(plan, products) && <MixingPanel desk={desk} />}
        <BuyPanel
          desk={desk}
          productOf={productOf}
          consumables={jobConsumables(withZones(job), systemFor(job))}
        />
        {hasPaint && <MoneyPanel desk={desk} productOf={productOf} />}
        <div className="row noprint">
          <span className="push" />
          <LinkButton variant="contained" href={`/jobs/${desk.id}/window`}>
            On to the window
          </LinkButton>
        </div>
      </div>
      <Verdict plan={plan} session={plan.sessions[0]} stage="materials" />
    </Columns>
  );
}
