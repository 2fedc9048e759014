/** What a part of the soak found, in one or two lines. */
import type { LoopFigures } from './beside-loop';
import type { FuzzFigures } from './fuzz';
import type { KillFigures } from './kills';
import type { PageCost } from './many';
import type { PlanFigures } from './plans';

type Costs = { readonly first: readonly PageCost[]; readonly again: readonly PageCost[] };
export type Figures = KillFigures | FuzzFigures | PlanFigures | LoopFigures | Costs;

const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);
const ms = (value: number): string => `${Math.round(value)} ms`;
const told = (faults: readonly string[]): string => (faults.length === 0 ? '' : `\n  ${faults.join('\n  ')}`);

function kills(name: string, all: readonly KillFigures[]): string {
  const lost = all.flatMap((f) => f.lost);
  const acknowledged = sum(all.map((f) => f.acknowledged));
  return `${name}: ${sum(all.map((f) => f.kills))} kills, ${acknowledged} acknowledged writes, lost ${lost.length}${told(lost)}`;
}

function growth(residentMb: readonly number[]): string {
  if (residentMb.length < 2) return '';
  const [first, last] = [residentMb[0]!, residentMb.at(-1)!];
  return `; resident ${Math.round(first)} MB, at the end ${Math.round(last)} MB (${(last / first).toFixed(2)})`;
}

function fuzz(name: string, all: readonly FuzzFigures[]): string {
  const faults = all.flatMap((f) => f.faults);
  const slowest = [...all].sort((a, b) => b.slowestMs - a.slowestMs)[0]!;
  const inputs = sum(all.map((f) => f.inputs));
  return `${name}: ${inputs} inputs, faults ${faults.length}, slowest ${ms(slowest.slowestMs)} (${slowest.slowest})${growth(all.flatMap((f) => f.residentMb))}${told(faults)}`;
}

function plans(name: string, all: readonly PlanFigures[]): string {
  const faults = all.flatMap((f) => f.faults);
  const planned = sum(all.map((f) => f.planned));
  const slowest = Math.max(...all.map((f) => f.slowestMs));
  return `${name}: ${sum(all.map((f) => f.plans))} plans, ${planned} with times, faults ${faults.length}, slowest ${ms(slowest)}${growth(all.map((f) => f.residentMb))}${told(faults)}`;
}

function costs(name: string, [{ first, again }]: readonly [Costs]): string {
  const rows = again.map((cost, i) => {
    const before = first[i]!;
    return `  ${cost.page}: ${ms(cost.cpuMs)} of processor time, first ${ms(before.cpuMs)}, ${cost.kB} kB`;
  });
  return `${name}:\n${rows.join('\n')}`;
}

function loop(name: string, [f]: readonly [LoopFigures]): string {
  return `${name}: heavy plans of up to ${ms(f.heavyMs)}; a trivial route meanwhile ${ms(f.p50Ms)}, 99th percentile ${ms(f.p99Ms)}, worst ${ms(f.worstMs)} of ${f.pings}; the loop held at most ${ms(f.heldMs)}; after a cancel the next plan is there in ${ms(f.afterCancelMs)}`;
}

export function summaryOf(name: string, all: readonly Figures[]): string {
  const [one] = all;
  if (!one) return `${name}: nothing yet`;
  if ('kills' in one) return kills(name, all as KillFigures[]);
  if ('inputs' in one) return fuzz(name, all as FuzzFigures[]);
  if ('plans' in one) return plans(name, all as PlanFigures[]);
  return 'first' in one ? costs(name, [one]) : loop(name, [one as LoopFigures]);
}
