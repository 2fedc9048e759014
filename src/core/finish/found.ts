/**
 * What stands out of the film, each as a branch of its own: how long it must go hard, what levels it, what that takes of
 * the film around, and whether enough is left; else it is levelled and coated again. Heights, waits and times from
 * memory; the films' own budget decides.
 */
import type { Found, FinishPad, FoundKind } from '@/model/finish';
import type { Job, Part } from '@/model/job';
import { isTwoPart } from '../chemistry/cards';
import { facesOf } from '../surface/shape';
import { partAreaM2 } from '../surface/area';
import type { PartFinish } from './budget';
import { glossSteps, NIB_UM, passOf, takenBy, type Range } from './losses';

/** What becomes of it: dressed; too thin for that, or through: coated again; so many that all of it is flatted; never. */
export const FOUND_WAYS = ['dress', 'coat-again', 'flat-all', 'never'] as const;
export type FoundWay = (typeof FOUND_WAYS)[number];
export const FOUND_WHYS = [
  'enough',
  'thin',
  'deep',
  'many',
  'wished',
  'as-laid',
  'edge',
  'edge-can',
  'edge-level',
  'edge-candy',
  'edge-colour',
] as const;
export type FoundWhy = (typeof FOUND_WHYS)[number];

export interface FoundStep {
  readonly kind: 'frame' | 'level' | 'flat' | 'compound' | 'polish';
  readonly pad: FinishPad;
  readonly gritP: number | null;
  readonly minutes: number;
  /** Of the film around it, µm: what levels takes of what stands out alone. */
  readonly takesUm: Range;
}

export interface Branch {
  readonly found: Found;
  readonly way: FoundWay;
  readonly why: FoundWhy;
  /** So many times its wait before sanding; null: once it is cured through. */
  readonly waits: number | null;
  readonly steps: readonly FoundStep[];
  readonly takesUm: Range;
  /** Low end of what stays around it; null where an edge runs out anyway. */
  readonly leftUm: number | null;
  readonly floorUm: number;
}

const NONE: Range = [0, 0];
type Kind = FoundStep['kind'];
type Made = readonly [pad: FinishPad, minutes: number, gritP?: number];

const step = (kind: Kind, [pad, minutes, gritP]: Made, takesUm = NONE): FoundStep => ({
  kind,
  pad,
  gritP: gritP ?? null,
  minutes,
  takesUm,
});
const flat = (gritP: number, pad: FinishPad, minutes: number): FoundStep =>
  step('flat', [pad, minutes, gritP], passOf(gritP));
const FRAME = step('frame', ['tape', 3]);
const BLADE = step('level', ['blade', 6]);
/** By hand, a place at a time. */
const [COMPOUND, POLISH] = glossSteps('hand');
const compound = (minutes: number): FoundStep => step('compound', ['cloth', minutes], COMPOUND.takesUm);
const polish = (minutes: number): FoundStep => step('polish', ['cloth', minutes], POLISH.takesUm);

/** Minutes of a nib. */
const NIB_MIN = 2;
/** More nibs than this a square metre are no places any more. */
const MANY_PER_M2 = 20;
/** So few are dressed one by one on the smallest part. */
const FEW = 5;

/** A tube is dressed along its length with a strip, never round and round. */
const levellerOf = (part: Part): FinishPad =>
  facesOf(part).some((face) => face.rounds > 1) ? 'strip' : 'small-block';

/** Papers that bring it down to the film where it is coated again, coarse first. FEPA P */
export function levelGrits({ kind, height, isDeep }: Found): readonly number[] {
  if (kind === 'run') return height === 'high' ? [400, 1000] : [1000];
  return kind === 'insect' && isDeep ? [1000] : [];
}
const LEVEL_MIN: Readonly<Record<number, number>> = { 400: 6, 1000: 8 };

/** Until it is level with the film, and no further; what stands proud is pulled down first, and the last is framed. */
function levelling(found: Found, pad: FinishPad): readonly FoundStep[] {
  const isRun = found.kind === 'run';
  const papers = levelGrits(found).map((p) => step('level', [pad, LEVEL_MIN[p]!, p]));
  const blade = isRun && found.height === 'high' ? [BLADE] : [];
  return [...blade, ...papers.slice(0, -1), ...(isRun ? [FRAME] : []), ...papers.slice(-1)];
}

function stepsOf(found: Found, part: Part): readonly FoundStep[] {
  const { kind, count = 1 } = found;
  const pad = levellerOf(part);
  switch (kind) {
    case 'run':
    case 'insect': {
      // What is hardly felt goes with the fine paper.
      const level = found.height === 'low' ? [] : levelling(found, pad);
      return [...level, flat(1500, pad, 4), flat(2000, 'soft-pad', 4), compound(3), polish(3)];
    }
    case 'nib': {
      const cut = { ...flat(2000, 'stick', NIB_MIN * count), takesUm: NIB_UM };
      return [cut, flat(3000, 'foam-pad', count), compound(Math.max(2, count)), polish(Math.max(2, count))];
    }
    case 'fade-edge':
      return [flat(3000, 'foam-pad', 4), polish(6)];
    case 'flow-coat':
      return [];
  }
}

const WAITS: Readonly<Record<FoundKind, number>> = {
  run: 2,
  nib: 1,
  insect: 2,
  'fade-edge': 2,
  'flow-coat': 1,
};
/** A run that stands so proud is soft in its middle. */
const HIGH_RUN_WAITS = 4;

/** So many times its wait before sanding. */
export const waitsOf = ({ kind, height }: Found): number =>
  kind === 'run' && height === 'high' ? HIGH_RUN_WAITS : WAITS[kind];

/** An edge of new clear that ends inside a face is polished into the old one; not where it would show or lift. */
function edgeWhy(job: Job, part: Part, { film }: PartFinish): FoundWhy | null {
  if (film.product.kind !== 'clear') return 'edge-colour';
  if (isTwoPart(film.product) && film.product.carrier === 'aerosol') return 'edge-can';
  if (part.posture === 'flat') return 'edge-level';
  return job.purpose.colour.kind === 'candy' ? 'edge-candy' : null;
}

type Judged = Pick<Branch, 'way' | 'why' | 'leftUm'>;

function judged(job: Job, part: Part, finish: PartFinish, found: Found): Judged {
  const { kind, count = 1, isDeep = false } = found;
  const { allowed, film, bars } = finish;
  if (kind === 'flow-coat') return { way: 'coat-again', why: 'wished', leftUm: film.um[0] };
  if (allowed.way === 'never') return { way: 'never', why: 'as-laid', leftUm: null };
  if (kind === 'fade-edge') {
    const why = edgeWhy(job, part, finish);
    return { way: why ? 'never' : 'dress', why: why ?? 'edge', leftUm: null };
  }
  const leftUm = film.um[0] - takenBy(stepsOf(found, part))[1];
  if (isDeep) return { way: 'coat-again', why: 'deep', leftUm };
  if (kind === 'nib' && count > Math.max(FEW, MANY_PER_M2 * partAreaM2(part)))
    return { way: 'flat-all', why: 'many', leftUm };
  return leftUm < bars[0]!.floorUm
    ? { way: 'coat-again', why: 'thin', leftUm }
    : { way: 'dress', why: 'enough', leftUm };
}

/** Of one that was found; what is coated again is levelled alone. */
function branchOf(job: Job, part: Part, finish: PartFinish, found: Found): Branch {
  const judgement = judged(job, part, finish, found);
  const all = stepsOf(found, part);
  const level = levelling(found, levellerOf(part));
  const steps = { dress: all, 'coat-again': level, 'flat-all': [], never: [] }[judgement.way];
  const waits = finish.allowed.waits === null ? null : waitsOf(found);
  return { found, ...judgement, waits, steps, takesUm: takenBy(all), floorUm: finish.bars[0]!.floorUm };
}

/** Of everything that was found on a part on which something is. */
export const branchesOf = (job: Job, parts: readonly PartFinish[]): Branch[] =>
  (job.finish?.found ?? []).flatMap((found) => {
    const part = job.parts.find((p) => p.id === found.partId);
    const finish = parts.find((p) => p.partId === found.partId);
    return part && finish ? [branchOf(job, part, finish, found)] : [];
  });
