'use client';
/** Materials: what to buy, what to pour, what will be left, and how sure that is. */
import { systemFor } from '@/core/coating/system';
import { jobConsumables } from '@/core/material/session-pours';
import { withZones } from '@/core/surface/zones';
import type { Product } from '@/model/product';
import { useDesk, type Desk } from '../desk/job-desk';
import { later } from '../parts/later';
import { Spine } from '../shell/spine';
import type { StageSection } from '../shell/section';
import { StageFrame } from '../shell/stage-frame';
import { useFormat } from '../theme/providers';
import { moneyLine, packsCount, packsToBuy } from '../views/verdict';
import { ingredientLines, needsMixing } from '../views/materials';
import { BuyPanel } from './buy-panel';
import { CansPanel } from './cans-panel';
import { StillToBuy } from './still-to-buy';

const SumPanel = later('Where it goes', () => import('./sum-panel').then((m) => m.SumPanel));
const MoneyPanel = later('Money', () => import('./money-panel').then((m) => m.MoneyPanel));
const MixingPanel = later('Mixing', () => import('./mixing-panel').then((m) => m.MixingPanel));

export function MaterialsStage() {
  return (
    <StageFrame
      stage="materials"
      spine={
        <Spine>
          <p>
            <b>One micron over one square metre is one millilitre</b> of dry film. The film above sets every
            figure on this page.
          </p>
        </Spine>
      }
      sections={useMaterials()}
    />
  );
}

function useMaterials(): StageSection[] {
  const f = useFormat();
  const desk = useDesk();
  const { job, plan, products } = desk;
  const consumables = jobConsumables(withZones(job), systemFor(job));
  const productOf = (id: string): Product => products.find((p) => p.id === id)!;
  const hasPaint = plan.layers.length > 0 && plan.materials.some((m) => m.needMl > 0);
  const list = { desk, productOf };
  const mixing: StageSection = {
    id: 'mixing',
    name: 'Mixing',
    note: 'by volume or by the scale',
    node: <MixingPanel desk={desk} />,
  };
  const money: StageSection = {
    id: 'money',
    name: 'Money',
    note: moneyLine(plan, f),
    isScreenOnly: true,
    node: <MoneyPanel {...list} />,
  };
  return [
    { id: 'cans', name: 'Cans', count: packsCount(packsToBuy(plan)), isLead: true, node: <Cans {...list} /> },
    {
      id: 'where',
      name: 'Where it goes',
      note: 'from film to spare, in ml',
      isScreenOnly: true,
      node: <SumPanel {...list} />,
    },
    ...(needsMixing(plan, products) ? [mixing] : []),
    {
      id: 'buying',
      name: 'Buying list',
      count: ingredientLines(plan, productOf).length + consumables.length,
      note: f.money(plan.cost.total, plan.cost.currency),
      node: <BuyPanel {...list} consumables={consumables} />,
    },
    ...(hasPaint ? [money] : []),
  ];
}

function Cans({ desk, productOf }: { desk: Desk; productOf: (id: string) => Product }) {
  return (
    <>
      <StillToBuy desk={desk} />
      <CansPanel job={desk.job} plan={desk.plan} productOf={productOf} />
    </>
  );
}
