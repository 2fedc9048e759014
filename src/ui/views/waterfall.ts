/** Where the paint goes: steps up from the film that stays to what must be ready, each on top of the one before. */
import type { Material } from '@/model/plan';

export const CAUSE_NAMES: Readonly<Record<string, string>> = {
  film: 'stays as film',
  sanded: 'sanded off again',
  carrier: 'flies off (solvent, propellant)',
  overspray: 'misses the part',
  overrun: 'past the edges',
  habit: 'your own use against that',
  nozzle: 'test cards',
  nib: 'nibs and runs done again',
  purge: 'left in nozzle or gun',
  heel: 'left in the pack',
  margin: 'against running out',
  spare: 'spare can',
};

/** Less than this is no step, ml. */
const SHOWN_ML = 0.04;

export interface FallStep {
  readonly label: string;
  /** What it is a step of; null for a sum. */
  readonly cause: string | null;
  readonly fromMl: number;
  readonly toMl: number;
}

/** Steps in order, the expected use and what must be ready as sums between them. */
export function fallSteps(material: Material): FallStep[] {
  const steps: FallStep[] = [];
  let at = 0;
  for (const b of material.breakdown.filter((x) => Math.abs(x.ml) > SHOWN_ML)) {
    if (b.cause === 'heel') steps.push({ label: 'expected use', cause: null, fromMl: 0, toMl: at });
    steps.push({ label: CAUSE_NAMES[b.cause] ?? b.cause, cause: b.cause, fromMl: at, toMl: at + b.ml });
    at += b.ml;
  }
  return [...steps, { label: 'to have ready', cause: null, fromMl: 0, toMl: at }];
}

export const stepMl = (s: FallStep): number => Math.abs(s.toMl - s.fromMl);
export const isLess = (s: FallStep): boolean => s.toMl < s.fromMl;

export function fallInWords(steps: readonly FallStep[], text: (ml: number) => string): string {
  return steps.map((s) => `${s.label} ${isLess(s) ? 'less ' : ''}${text(stepMl(s))}`).join(', ');
}
