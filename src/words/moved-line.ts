/** Where the parts dry after a session, when that is elsewhere, and what the heat comes to. */
import type { Session } from '@/model/plan';
import type { Format } from './format';

type Moved = NonNullable<Session['moved']>;

const WHAT: Readonly<Record<Moved['move'], string>> = {
  'handle-dry': 'Carried over to dry',
  'at-once': 'The rack carried over to dry',
  heated: 'Shut in and heated',
};

/** @param currency of the job */
function heatSaid({ heatKWh, heatCost }: Moved, currency: string, f: Format): string {
  if (heatKWh === null) return '';
  const money = heatCost === null ? '' : `, about ${f.money(heatCost, currency)}`;
  return `; the heater takes about ${heatKWh} kWh${money}`;
}

/** null where they stay */
export function movedLine({ moved }: Pick<Session, 'moved'>, currency: string, f: Format): string | null {
  if (!moved) return null;
  const until = moved.until === null ? '' : `, ready for what follows ${f.dayTime(moved.until)}`;
  return `${WHAT[moved.move]} from ${f.dayTime(moved.at)}${until}${heatSaid(moved, currency, f)}.`;
}
