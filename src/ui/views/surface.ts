/** What the folded sections of Surface say of themselves. */
import { WEEKDAYS } from '@/model/lists';
import { measured } from '@/core/surface/area';
import { fillerPlan } from '@/core/prep/filler';
import { clockMinutes } from '@/core/time/free-hours';
import type { Job, Part } from '@/model/job';
import { counted, type Format } from '@/words/format';
import { CONDITION_NAMES, GRADE_NAMES, substrateInSentence } from '@/words/names';
import { SHELTER_NAMES } from '@/words/place-names';

export const purposeLine = ({ purpose: { grade, colour, finish } }: Job): string =>
  `${GRADE_NAMES[grade]}, ${colour.name}, ${finish}`;

export function budgetLine({ purpose, budget }: Job, f: Format): string {
  const money = f.money(budget.amount, budget.currency);
  return purpose.deadline ? `${money}, ready by ${f.day(`${purpose.deadline}T00:00`)}` : money;
}

export const placeLine = ({ place }: Job): string =>
  `${place.name ?? 'Place'}, ${SHELTER_NAMES[place.shelter]}`;

/** Hours of a usual week, and on how many of its days. */
export function hoursLine({ freeHours }: Job): string {
  const days = WEEKDAYS.map((d) => clockMinutes(freeHours.weekly[d]));
  const free = days.filter((m) => m > 0).length;
  const hours = Math.round(days.reduce((a, m) => a + m, 0) / 6) / 10;
  return free === 0 ? 'none yet' : `${hours} h a week, on ${counted(free, 'day')}`;
}

export interface ZoneShare {
  readonly condition: Part['condition'];
  /** of the area, 0…1 */
  readonly from: number;
  readonly to: number;
}

/** The area as one line: the zones one after the other, then what lies on all the rest. */
export function zoneShares(part: Part): ZoneShare[] {
  const shares: ZoneShare[] = [];
  let from = 0;
  for (const { condition, sharePct } of part.zones ?? []) {
    const to = Math.min(1, from + sharePct / 100);
    shares.push({ condition, from, to });
    from = to;
  }
  return from < 1 ? [...shares, { condition: part.condition, from, to: 1 }] : shares;
}

const ROOM_C = 20;
/** What the dents of a part take, in a line. */
export function dentsLine({ dents = [] }: Part): string {
  const plan = fillerPlan(dents, ROOM_C);
  if (!plan) return 'none';
  const layers = plan.layers === 1 ? 'one layer' : `${plan.layers} layers`;
  return `${Math.max(1, Math.round(plan.pasteMl))} ml of filler to mix, ${layers}`;
}

export interface PartRow {
  readonly name: string;
  readonly area: string;
  readonly size: string;
  readonly lies: string;
}

/** Nothing is not said. */
const some = (n: number, one: string): string[] => (n === 0 ? [] : [counted(n, one)]);

/** A part in its row: how large, how big, what lies on it. */
export function partRow(part: Part, f: Format): PartRow {
  const m = measured(part);
  const pieces = part.count && part.count > 1 ? `, ${part.count} pieces` : '';
  const lies = [
    CONDITION_NAMES[part.condition],
    ...some(part.zones?.length ?? 0, 'zone'),
    ...some(part.dents?.length ?? 0, 'dent'),
  ];
  return {
    name: part.name ?? part.id,
    area: m ? f.area(m.areaM2) : 'not measured',
    size: `${f.length(part.lengthMm)} × ${f.length(part.widthMm)}, ${substrateInSentence(part.substrate)}${pieces}`,
    lies: lies.join(', '),
  };
}
