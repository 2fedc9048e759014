/** What another chain of starts trades against the plan, in words that are true: surer, sooner, less to lose. */
import type { Alternative } from '@/model/plan';
import { durationOf, type Format } from '@/words/format';
import { inAList } from './session-name';

/** Less than this is level: half a point, a quarter of an hour, half of a hundredth. */
const LEVEL = { points: 0.5, hours: 0.25, money: 0.005 } as const;

function sureness(chance: number): string[] {
  const points = 100 * chance;
  if (Math.abs(points) < LEVEL.points) return [];
  const n = Math.round(Math.abs(points));
  return [`${n} ${n === 1 ? 'point' : 'points'} ${points > 0 ? 'surer' : 'less sure'}`];
}

function soonness(hours: number): string[] {
  if (Math.abs(hours) < LEVEL.hours) return [];
  return [`${durationOf(60 * Math.abs(hours))} ${hours > 0 ? 'later' : 'sooner'}`];
}

function dearness(loss: number, currency: string, f: Format): string[] {
  if (Math.abs(loss) < LEVEL.money) return [];
  return [`${f.money(Math.abs(loss), currency)} ${loss > 0 ? 'more' : 'less'} to lose`];
}

/** “3 points surer, 22 h later and £1.20 less to lose”. */
export function tradeSaid({ against }: Pick<Alternative, 'against'>, currency: string, f: Format): string {
  const said = [
    ...sureness(against.chance),
    ...soonness(against.hours),
    ...dearness(against.loss, currency, f),
  ];
  return said.length > 0 ? inAList(said) : 'as good as the plan';
}
