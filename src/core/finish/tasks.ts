/** Flatting and polishing as tasks: one a grit over all parts that get it, with minutes and sheets. */
import type { FinishTask } from '@/model/finish';
import type { PartFinish } from './budget';
import type { FinishStep } from './losses';

/** A sheet of wet paper lasts for so much, m² a pass. From memory. */
const SHEET_M2 = 0.5;
/** Laying out, rinsing and looking between two steps, min. From memory. */
const SETUP_MIN = 5;

type Untimed = Omit<FinishTask, 'startsAt' | 'endsAt'>;

const idOf = ({ kind, gritP }: FinishStep): string => `finish.${kind === 'flat' ? `sand-p${gritP}` : kind}`;
/** Coarse first, then compound, then polish. */
const orderOf = ({ kind, gritP }: FinishStep): number =>
  kind === 'flat' ? gritP! : 10_000 + (kind === 'polish' ? 1 : 0);

/** Without their hours. */
export function finishSteps(parts: readonly PartFinish[]): Untimed[] {
  const by = new Map<string, { step: FinishStep; on: PartFinish[]; passM2: number }>();
  for (const part of parts)
    for (const step of part.bars[0]?.steps ?? []) {
      const was = by.get(idOf(step)) ?? { step, on: [], passM2: 0 };
      const passes = Math.max(was.step.passes, step.passes);
      by.set(idOf(step), {
        step: { ...was.step, passes },
        on: [...was.on, part],
        passM2: was.passM2 + part.areaM2 * step.passes,
      });
    }
  const minPerPass = (s: FinishStep): number => s.minPerM2 / s.passes;
  return [...by.entries()]
    .sort(([, a], [, b]) => orderOf(a.step) - orderOf(b.step))
    .map(([id, { step, on, passM2 }]) => ({
      id,
      kind: step.kind,
      gritP: step.gritP,
      passes: step.passes,
      partIds: on.map((p) => p.partId),
      areaM2: on.reduce((a, p) => a + p.areaM2, 0),
      minutes: Math.ceil(SETUP_MIN + passM2 * minPerPass(by.get(id)!.step)),
      sheets: step.kind === 'flat' ? Math.max(1, Math.ceil(passM2 / SHEET_M2)) : 0,
    }));
}
