/** What is done before the first coat of a session: strip-down, filler, sanding, degreasing, masking, tacking off. */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { fillerPlan } from '../../prep/filler';
import { isSanded, type Seam } from '../../seams/seam';
import { totalAreaM2 } from '../../surface/area';
import { TACK_MIN, type PrepStep } from './draft';
import { inFives } from './minutes';
import { sandingOf } from './sanding';

/**
 * Minutes to take one fitting off and bag it; to mix and spread one round of body filler, and until it can be
 * blocked at 20 °C. From memory.
 */
const FITTING_MIN = 5;
const SPREAD_MIN = 10;
const FILLER_HARD_MIN = 20;

export interface Stretch {
  readonly id: string;
  readonly layers: readonly PlanLayer[];
  readonly seams: readonly Seam[];
  /** The first session of the job: what comes off comes off here, and hollows are filled. */
  readonly first: boolean;
}

function stripDown(job: Job, id: string): PrepStep[] {
  const count = job.fittings?.length ?? 0;
  if (count === 0) return [];
  const detail = { code: 'strip-down', params: { count } };
  return [
    {
      id: `${id}.strip-down`,
      kind: 'strip-down',
      minutes: inFives(FITTING_MIN * count),
      partIds: [],
      detail,
    },
  ];
}

function filling(job: Job, id: string): PrepStep[] {
  const dented = job.parts.filter((p) => p.dents?.length);
  const filler = fillerPlan(
    dented.flatMap((p) => p.dents ?? []),
    20,
  );
  if (!filler) return [];
  const rounds = filler.layers;
  return Array.from({ length: rounds }, (_, i): PrepStep => {
    const pasteG = Math.round(filler.pasteG / rounds);
    const params = { round: i + 1, rounds, pasteG, hardMin: FILLER_HARD_MIN };
    return {
      id: `${id}.fill${i === 0 ? '' : i + 1}`,
      kind: 'fill',
      minutes: SPREAD_MIN + FILLER_HARD_MIN,
      partIds: dented.map((p) => p.id),
      detail: { code: 'fill', params },
    };
  });
}

function sanding(stretch: Stretch, parts: ReadonlyMap<string, Part>): PrepStep[] {
  const inside = new Set(stretch.layers.map((l) => l.id));
  const seams = stretch.seams.filter((x) => inside.has(x.above) && isSanded(x));
  return seams.flatMap((seam, i) => {
    const of = seam.partIds.map((id) => parts.get(id)!);
    return sandingOf(`${stretch.id}.sand${i === 0 ? '' : i + 1}`, seam, of);
  });
}

/** Wiping, tape and tack cloth: the same before every session, done on everything it sprays. */
function lastPreparation(stretch: Stretch, parts: ReadonlyMap<string, Part>): PrepStep[] {
  const partIds = [...new Set(stretch.layers.flatMap((l) => l.partIds))];
  const of = partIds.map((id) => parts.get(id)!);
  const areaM2 = totalAreaM2(of);
  const feared = of.some((p) => p.silicone);
  const step = (kind: 'clean' | 'mask' | 'tack', minutes: number, code: string, params = {}): PrepStep => ({
    id: `${stretch.id}.${kind}`,
    kind,
    minutes,
    partIds,
    detail: { code, params },
  });
  const wipeMin = inFives(5 + 8 * areaM2);
  return [
    step('clean', feared ? 2 * wipeMin : wipeMin, feared ? 'clean-twice' : 'clean', { areaM2 }),
    step('mask', stretch.first ? 15 : 10, stretch.first ? 'mask' : 'mask-again'),
    step('tack', TACK_MIN + 2, 'tack-and-warm'),
  ];
}

/** Everything in order, with the minutes the owner set where he knows better. */
export function preparationOf(job: Job, s: Stretch): PrepStep[] {
  const parts = new Map(job.parts.map((p) => [p.id, p]));
  const opening = s.first ? [...stripDown(job, s.id), ...filling(job, s.id)] : [];
  const all = [...opening, ...sanding(s, parts), ...lastPreparation(s, parts)];
  return all.map((p) => ({ ...p, minutes: job.minutes?.[p.id] ?? p.minutes }));
}
