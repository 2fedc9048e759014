'use client';
/** What was told for outside, and what the place makes of it at the part: drawn, and the same as a table. */
import { CompareChoice } from '../parts/compare-choice';
import { useState } from 'react';
import { HOUR } from '@/core/time/instant';
import type { Forecast } from '@/model/forecast';
import { useDesk } from '../desk/job-desk';
import { LinesChart } from '../parts/lines-chart';
import { useFormat } from '../theme/providers';
import { comparedHours, comparedSaid, type Compared } from '../views/forecast-chart';

const SHOWN_H = 72;

export function ForecastChart({ forecast }: { readonly forecast: Forecast }) {
  const f = useFormat();
  const { air, job, nowMs } = useDesk();
  const [what, setWhat] = useState<Compared>('temp');
  const told = { forecast, air, tz: job.place.tz, fromMs: nowMs - HOUR };
  const hours = comparedHours(told, what, SHOWN_H, f);
  return (
    <div className="mt-8">
      <div className="row mb-8 small">
        <CompareChoice value={what} onChange={setWhat} />
        <span>dashed: outside, as it was told; solid: at the part</span>
      </div>
      <LinesChart rows={hours} said={(x) => comparedSaid(what, x, f)} here="At the part" />
    </div>
  );
}
