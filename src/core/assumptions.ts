/** The figures a plan rests on, each with where it comes from. */
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { DRESSED_MEMBERS } from './air/dress';
import { HEEL_FRAC, transferFrac } from './material/coat-uses';
import { COAT_SD_FRAC, HABIT_SD_FRAC, RISK_OF_SHORT } from './material/spread';
import { worthOf } from './schedule/search/worth';
import { productIn, type System } from './seams/seam';
import { OVERRUN_MM } from './surface/area';
import { MINUTE, msOf } from './time/instant';

type Assumption = Plan['assumptions'][number];

/** A default that the owner may have set. */
function setOr(
  what: string,
  unit: string,
  own: number | undefined,
  usual: { readonly value: number; readonly provenance: Assumption['provenance'] },
): Assumption {
  const { value, provenance } = own === undefined ? usual : { value: own, provenance: 'own' as const };
  return { what, value, unit, provenance };
}
const fromMemory = (what: string, value: number | string, unit: string): Assumption => ({
  what,
  value,
  unit,
  provenance: 'M',
});

function membersOf(forecast: Forecast | null): Assumption[] {
  if (!forecast) return [];
  const given = forecast.members.length;
  return [
    setOr('members', '1', given === 1 ? undefined : given, { value: DRESSED_MEMBERS, provenance: 'M' }),
  ];
}

/** Coats that were sprayed before the forecast begins dry in its first hour's air. */
function coatsBefore(job: Job, forecast: Forecast | null): Assumption[] {
  if (!forecast) return [];
  const ms = (iso: string): number => msOf(iso, job.place.tz);
  const fromMs = ms(forecast.start) - MINUTE;
  const early = (job.state?.coats ?? []).some((c) => ms(c.endedAt) < fromMs);
  return early ? [fromMemory('coats-before-forecast', 'first hour', '')] : [];
}

export function assumptionsOf(job: Job, system: System, forecast: Forecast | null): Assumption[] {
  const { risk, habit } = job;
  const { currency } = job.budget;
  const usual = worthOf(job, system);
  const transfers = new Set(
    system.layers.map((l) => transferFrac(job, productIn(system.products, l.productId))),
  );
  return [
    fromMemory('overrun-mm', OVERRUN_MM, 'mm'),
    ...[...transfers].map((f) => fromMemory('transfer', f, '1')),
    fromMemory('heel', HEEL_FRAC, '1'),
    setOr('habit-sd', '1', habit?.sdFrac, { value: HABIT_SD_FRAC, provenance: 'M' }),
    fromMemory('coat-sd', COAT_SD_FRAC, '1'),
    setOr('risk-of-short', '1', risk.runOut, { value: RISK_OF_SHORT, provenance: 'CP' }),
    setOr('hour-value', currency, risk.hourValue, { value: usual.hour, provenance: 'M' }),
    setOr('delay-per-day', currency, risk.delayPerDay, { value: usual.delayPerDay, provenance: 'M' }),
    { what: 'dew-gap', value: 3, unit: 'K', provenance: 'P' },
    ...membersOf(forecast),
    fromMemory('shelter', job.place.shelter, ''),
    ...coatsBefore(job, forecast),
  ];
}
