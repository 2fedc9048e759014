/** Flatting and polishing as tasks: what was found first, then one a grit over all parts that get it, edges by hand. */
import type { FinishTask } from '@/model/finish';
import type { PartFinish } from './budget';
import type { Branch } from './found';
import type { FinishStep } from './losses';

/** A sheet of wet paper lasts for so much, m² a pass. From memory. */
const SHEET_M2 = 0.5;
/** Laying out, rinsing and looking between two steps, min. From memory. */
const SETUP_MIN = 5;
/** Taping the edges of a part, and dressing them by two fingers, min. From memory. */
const TAPE_MIN = 2;
const EDGES_MIN = 4;
/** A place on which something was found, m². From memory. */
const PLACE_M2 = 0.01;

type Untimed = Omit<FinishTask, 'startsAt' | 'endsAt'>;

function idOf({ kind, gritP, tool }: FinishStep): string {
  const by = tool === 'machine' ? '-machine' : '';
  return `finish.${kind === 'flat' ? `sand-p${gritP}` : kind}${by}`;
}
/** Coarse first, then compound, then polish. */
const orderOf = ({ kind, gritP }: FinishStep): number =>
  kind === 'flat' ? gritP! : 10_000 + (kind === 'polish' ? 1 : 0);

/** One step over all the parts that get it. */
interface Round {
  readonly step: FinishStep;
  readonly on: readonly PartFinish[];
  /** Area times passes, m², and minutes of hands, over all of them. */
  readonly passM2: number;
  readonly workMin: number;
}

function roundsOf(parts: readonly PartFinish[]): [string, Round][] {
  const by = new Map<string, Round>();
  for (const part of parts)
    for (const step of part.bars[0]?.steps ?? []) {
      const was = by.get(idOf(step)) ?? { step, on: [], passM2: 0, workMin: 0 };
      const passes = Math.max(was.step.passes, step.passes);
      by.set(idOf(step), {
        step: { ...step, passes },
        on: [...was.on, part],
        passM2: was.passM2 + part.areaM2 * step.passes,
        workMin: was.workMin + part.areaM2 * step.minPerM2,
      });
    }
  return [...by.entries()].sort(([, a], [, b]) => orderOf(a.step) - orderOf(b.step));
}

const areaOf = (parts: readonly PartFinish[]): number => parts.reduce((a, p) => a + p.areaM2, 0);

function roundTask([id, { step, on, passM2, workMin }]: [string, Round]): Untimed {
  const { kind, gritP, pad, passes } = step;
  return {
    id,
    kind,
    gritP,
    pad,
    passes,
    partIds: on.map((p) => p.partId),
    found: null,
    areaM2: areaOf(on),
    minutes: Math.ceil(SETUP_MIN + workMin),
    sheets: kind === 'flat' ? Math.max(1, Math.ceil(passM2 / SHEET_M2)) : 0,
  };
}

/** Edges of the parts whose faces are worked: taped before the first paper, dressed by hand at the end. */
function edgeTask(kind: 'tape' | 'edges', parts: readonly PartFinish[], minEach: number): Untimed[] {
  if (parts.length === 0) return [];
  return [
    {
      id: `finish.${kind}`,
      kind,
      gritP: null,
      pad: kind === 'tape' ? 'tape' : 'cloth',
      passes: 1,
      partIds: parts.map((p) => p.partId),
      found: null,
      areaM2: 0,
      minutes: minEach * parts.length,
      sheets: 0,
    },
  ];
}

function foundTasks({ found, way, steps }: Branch): Untimed[] {
  if (way !== 'dress') return [];
  return steps.map(({ kind, gritP, pad, minutes }, i) => ({
    id: `finish.${found.id}.${kind}${i + 1}`,
    kind,
    gritP,
    pad,
    passes: 1,
    partIds: [found.partId],
    found: found.kind,
    areaM2: PLACE_M2,
    minutes,
    sheets: gritP === null ? 0 : 1,
  }));
}

/** Without their hours. */
export function finishSteps(parts: readonly PartFinish[], branches: readonly Branch[] = []): Untimed[] {
  const flatted = parts.filter((p) => p.bars[0]?.act === 'flat');
  const dressed = parts.filter(
    (p) => p.bars.some((b) => b.where === 'edges' && b.act === 'polish') && p.bars[0]!.steps.length > 0,
  );
  return [
    ...branches.flatMap(foundTasks),
    ...edgeTask('tape', flatted, TAPE_MIN),
    ...roundsOf(parts).map(roundTask),
    ...edgeTask('edges', dressed, EDGES_MIN),
  ];
}
