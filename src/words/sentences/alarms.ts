/** What is called out at its moment: short, heard through a mask. */
import type { Alarm, AlarmKind } from '@/core/alarms';

type Say = (a: Alarm) => string;
const SAID: Readonly<Record<AlarmKind, Say>> = {
  'coat-soon': (a) => `Two minutes to coat ${a.coat} of ${a.of}. Shake the can, touch the masking.`,
  'coat-now': (a) => `Coat ${a.coat} of ${a.of} may go on now.`,
  'late-soon': (a) => `The bond runs out. Coat ${a.coat} of ${a.of} now, or let it rest and scuff it.`,
  'pot-half-hour': (a) => `Half an hour of life left in ${a.of}.`,
  'pot-ten': (a) => `Ten minutes of life left in ${a.of}. Finish the part you are on.`,
  'start-soon': () => 'Half an hour to the start. Warm the cans, go through the list.',
  untape: () => 'Tape off now, pulled back over itself.',
  move: () => 'Time to carry the parts over.',
  'dust-free': (a) => `${a.of} is dust-free.`,
  handle: (a) => `${a.of} may be handled.`,
};

/** Minutes late from which that is said. */
const LATE_MIN = 2;

/** @param lateMin since its moment, minutes */
export function sayAlarm(a: Alarm, lateMin: number): string {
  const said = SAID[a.kind](a);
  return lateMin >= LATE_MIN ? `${said} That was ${Math.round(lateMin)} minutes ago.` : said;
}
