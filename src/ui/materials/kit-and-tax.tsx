'use client';
/** Prices of kit and shop, tax and currency: what a comparison of ways rests on. */
import { setPrice } from '@/core/edits/in-hand';
import { KIT_KEYS, kitPrice } from '@/core/ways';
import type { Job } from '@/model/job';
import type { Desk } from '../desk/job-desk';
import { NumberBox } from '../parts/number-box';
import { ProvenanceMark } from '../parts/mark';
import { PriceBox } from '../parts/price-box';
import { TextBox } from '../parts/text-box';
import { currencyHeld } from '../views/typed';
import { Fold } from '@/ui/parts/fold';

const KIT_NAMES = {
  gun: 'Entry gun',
  compressor: 'Compressor, hose, filter',
  airFed: 'Air-fed mask and breathing air',
  shopPerM2: 'Paint shop, per m²',
  shopFixed: 'Paint shop, starting price',
} as const satisfies Record<keyof typeof KIT_KEYS, string>;
const KIT = Object.keys(KIT_NAMES) as (keyof typeof KIT_NAMES)[];

export function KitAndTax({ desk }: { desk: Desk }) {
  const { job } = desk;
  const { currency } = job.budget;
  return (
    <Fold summary="Prices of kit and shop, tax, currency">
      <div className="row gap-14 pt-6 pb-6 ai-flex-start">
        {KIT.map((k) => (
          <span key={k} className="small">
            {KIT_NAMES[k]}
            <br />
            <PriceBox
              label={KIT_NAMES[k]}
              value={kitPrice(job, k)}
              currency={currency}
              onChange={(v) => desk.edit((j) => setPrice(j, KIT_KEYS[k], v))}
            />
          </span>
        ))}
        <Spread desk={desk} />
      </div>
      <p className="small muted">
        Kit and shop prices are invented
        <ProvenanceMark mark="M" />; changing the currency renames the prices, it does not convert them.
      </p>
    </Fold>
  );
}

function Spread({ desk }: { desk: Desk }) {
  const { job, edit, faultAt } = desk;
  const budget = (patch: Partial<Job['budget']>): void =>
    edit((j) => ({ ...j, budget: { ...j.budget, ...patch } }));
  return (
    <>
      <NumberBox
        whole
        label="Kit spread over jobs"
        value={job.equipment.kitJobs ?? 1}
        min={1}
        max={100}
        width={150}
        onChange={(kitJobs) => edit((j) => ({ ...j, equipment: { ...j.equipment, kitJobs } }))}
        fault={faultAt('equipment.kitJobs')}
      />
      <NumberBox
        label="Tax on top"
        unit="%"
        value={job.budget.taxPct ?? 0}
        min={0}
        max={60}
        width={120}
        onChange={(taxPct) => budget({ taxPct })}
        fault={faultAt('budget.taxPct')}
      />
      <TextBox
        label="Currency"
        value={job.budget.currency}
        most={12}
        fault={faultAt('budget.currency')}
        check={(text) => currencyHeld(text, job.budget.currency)}
        onChange={(text) => budget({ currency: text.trim().toUpperCase() })}
        sx={{ width: 100 }}
      />
    </>
  );
}
