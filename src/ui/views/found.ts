/** What was found on the film, in words: how it is dressed, what stays around it, or why it is coated again. */
import { finishPlan } from '@/core/finish/budget';
import { branchesOf, type Branch, type FoundWhy } from '@/core/finish/found';
import { freshMendId, noteFault } from '@/core/edits/faults';
import { USUAL_WISH, withoutFound } from '@/core/edits/finish';
import { mendingNow } from '@/core/faults/at-hand';
import { coatAgain } from '@/core/found-mend';
import { NOTED_AS } from '@/core/went-wrong';
import { takeMend } from '@/core/faults/take';
import { systemOfPlan } from '@/core/seams/seam';
import { coatsOn, isOnPart } from '@/core/time/coats-on';
import { MINUTE } from '@/core/time/instant';
import type { Found, FoundKind, RunHeight } from '@/model/finish';
import type { Job } from '@/model/job';
import { counted, type Format } from '@/words/format';
import { FOUND_NAMES, padName } from '@/words/sentences/finish-tasks';
import type { FinishOf } from './finish';
import { partName } from './part-name';

export const HEIGHT_NAMES: Readonly<Record<RunHeight, string>> = {
  low: 'Seen, hardly felt',
  middle: 'A nail catches',
  high: 'Stands proud',
};

const WHYS: Readonly<Record<FoundWhy, string>> = {
  enough: 'Enough stays around it.',
  thin: 'The film is too thin to be dressed here: level it, then clear again over the whole face.',
  deep: 'It went through the film: level it, then clear again over the whole face.',
  many: 'More than 20 on a square metre are no places any more: flat all of it.',
  wished: 'Within its time to coat again no paper is needed; after that it is dulled once it is hard.',
  'as-laid': 'This film stays as it was laid: the whole face is coated again, or it is left.',
  edge: 'Polished into the old clear, away from the edge.',
  'edge-can': 'Not with two-part clear from cans: it cannot be thinned outwards. Take it to a crease.',
  'edge-level': 'Not on what lies level: it shows there from every side. Take it to a crease.',
  'edge-candy': 'Not on candy: its edge is a stripe. Take it to a crease.',
  'edge-colour': 'Only clear ends inside a face; colour is taken to a crease.',
};
/** An edge inside a face is never as strong as what it ends on. From memory. */
const EDGE_WEAK =
  'Only where the last coat ran out thinned over 20 to 40 mm, with its maker’s fade reducer. Weak after one to three years: say so to whoever gets it.';

function kindName({ kind, height, count, isDeep }: Found): string {
  if (kind === 'run') return `Run, ${HEIGHT_NAMES[height ?? 'middle'].toLowerCase()}`;
  if (kind === 'nib') return counted(count ?? 1, 'nib');
  return kind === 'insect' && isDeep ? 'Insect, deep' : FOUND_NAMES[kind];
}

function stepSaid({ kind, gritP, pad }: Branch['steps'][number]): string {
  if (kind === 'frame') return 'frame of tape, 1 to 2 mm off';
  if (kind === 'compound') return 'compound';
  if (kind === 'polish') return 'polish';
  const what = gritP === null ? 'level' : `P${gritP}`;
  return `${what} ${padName(pad)}`;
}

function budgetSaid({ takesUm, leftUm, floorUm, way }: Branch, f: Format): string {
  if (leftUm === null || way === 'never' || takesUm[1] === 0) return '';
  const stays = `${f.film(Math.floor(Math.max(0, leftUm)))} stay at the thin end, ${f.film(floorUm)} must`;
  return `It takes up to ${f.film(takesUm[1])} of the film around it: ${stays}.`;
}

function waitSaid({ waits, way, why }: Branch): string {
  // What is wished once more has a window of its own, and says it.
  if (way === 'never' || way === 'flat-all' || why === 'wished') return '';
  if (waits === null) return 'Once it is cured through.';
  return waits === 1 ? 'Once it may be sanded.' : `From ${waits} times its wait before sanding.`;
}

export interface FoundRow {
  readonly id: string;
  readonly name: string;
  readonly how: string;
  readonly why: string;
  readonly isCoatedAgain: boolean;
}

function howOf(branch: Branch, f: Format): string {
  const steps = branch.steps.map(stepSaid).join(', ');
  const weak = branch.found.kind === 'fade-edge' && branch.way === 'dress' ? EDGE_WEAK : '';
  const then = steps === '' ? '' : `${steps[0]!.toUpperCase()}${steps.slice(1)}.`;
  return [waitSaid(branch), then, budgetSaid(branch, f), weak].filter(Boolean).join(' ');
}

export interface FoundView {
  readonly rows: readonly FoundRow[];
  /** Parts on which something is, to be chosen from. */
  readonly parts: readonly { readonly id: string; readonly name: string }[];
}

export function foundView({ job, plan, products }: FinishOf, f: Format): FoundView {
  const parts = finishPlan(job, systemOfPlan(plan, products), job.finish ?? USUAL_WISH);
  return {
    rows: branchesOf(job, parts).map((branch) => ({
      id: branch.found.id,
      name: `${kindName(branch.found)}, ${partName(job, branch.found.partId)}`,
      how: howOf(branch, f),
      why: WHYS[branch.why],
      isCoatedAgain: branch.way === 'coat-again',
    })),
    parts: parts.map(({ partId }) => ({ id: partId, name: partName(job, partId) })),
  };
}

/** The job with what was found levelled and coated again; null where no more may go on it. */
export function coatedAgain(
  { job, plan, products }: FinishOf,
  id: string,
  atMs: number,
): ((job: Job) => Job) | null {
  const found = job.finish?.found?.find((x) => x.id === id);
  const byId = new Map(products.map((p) => [p.id, p]));
  const on = { job, layers: plan.layers, products: byId, spraying: null, only: found ? [found.partId] : [] };
  const m = found && mendingNow(on, atMs);
  const endsMs = found ? coatsOn(job).flatMap((c) => (isOnPart(c, found.partId) ? [c.endedMs] : [])) : [];
  const steps = m && coatAgain(found, m, (atMs - Math.max(...endsMs)) / MINUTE);
  if (!found || !m || !steps) return null;
  const { layerId, areaM2 } = m;
  return (j) => {
    const at = { id: freshMendId(j), layerId, partIds: [found.partId], areaM2 };
    const mend = takeMend({ kind: 'flow-coat', steps }, at);
    const note = found.kind === 'flow-coat' ? FOUND_NAMES['flow-coat'] : '';
    return noteFault(withoutFound(j, id), { code: NOTED_AS[found.kind], atMs, layerId, note, mend });
  };
}

type Typed = { readonly [K in Exclude<keyof Found, 'id'>]-?: NonNullable<Found[K]> };
/** Without what is not asked of its kind. */
export function foundOf(typed: Typed): Omit<Found, 'id'> {
  const { kind, partId, height, count, isDeep } = typed;
  const asks = asksOf(kind);
  return {
    kind,
    partId,
    ...(asks === 'height' && { height }),
    ...(asks === 'count' && { count }),
    ...(asks === 'deep' && isDeep && { isDeep }),
  };
}

/** What is asked of a kind beside its part. */
export const asksOf = (kind: FoundKind): 'height' | 'count' | 'deep' | null =>
  (({ run: 'height', nib: 'count', insect: 'deep', 'fade-edge': null, 'flow-coat': null }) as const)[kind];
