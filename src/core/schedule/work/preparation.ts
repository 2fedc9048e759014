/**
 * What is done before the first coat of a session. Strip-down, filler, sanding, degreasing and masking keep:
 * they are done in free hours, on other days if need be. The last wipe and the tack cloth belong to the
 * session, and so does the last paper on bare metal, which does not keep.
 */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { fillerPlan } from '../../prep/filler';
import { isSanded, type Seam } from '../../seams/seam';
import { totalAreaM2 } from '../../surface/area';
import { TACK_MIN, type PrepStep, type Rest } from './draft';
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
  /** How the work rested before it; null where nothing lies below yet. */
  readonly rested: Rest['why'] | null;
}

/** In order, what keeps and what belongs to the session. */
export interface Preparation {
  readonly visits: readonly PrepStep[];
  readonly prep: readonly PrepStep[];
}

const byHand = { needs: 'hands', canSplit: true } as const;

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
      ...byHand,
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
      // What is mixed is spread and hardens: it is not broken off.
      needs: 'warm-dry',
      canSplit: false,
    };
  });
}

/** Bare metal does not keep. Common practice, no source. */
const keepsBadly = (g: Pick<Part, 'substrate' | 'condition'>): boolean =>
  (g.substrate === 'steel' || g.substrate === 'aluminium') &&
  (g.condition === 'bare' || g.condition === 'rust');

/** The papers of every sanded seam in order; of bare metal the last one apart. */
function sanding(
  stretch: Stretch,
  parts: ReadonlyMap<string, Part>,
): { keeps: PrepStep[]; last: PrepStep[] } {
  const onWhat = new Map(stretch.layers.map((l) => [l.id, new Set(l.partIds)]));
  const seams = stretch.seams.filter(isSanded).flatMap((seam) => {
    const partIds = seam.partIds.filter((id) => onWhat.get(seam.above)?.has(id));
    return partIds.length > 0 ? [{ ...seam, partIds }] : [];
  });
  const all = seams.map((seam, i) => {
    const of = seam.partIds.map((id) => parts.get(id)!);
    const steps = sandingOf(`${stretch.id}.sand${i === 0 ? '' : i + 1}`, seam, of);
    return { steps, bare: seam.below.kind === 'surface' && keepsBadly(seam.below) };
  });
  return {
    keeps: all.flatMap(({ steps, bare }) => (bare ? steps.slice(0, -1) : steps)),
    last: all.flatMap(({ steps, bare }) => (bare ? steps.slice(-1) : [])),
  };
}

/** What a stretch sprays. */
interface Sprayed {
  readonly partIds: readonly string[];
  readonly areaM2: number;
  /** Wax or silicone on some of it. */
  readonly feared: boolean;
}

function sprayedBy({ layers }: Stretch, parts: ReadonlyMap<string, Part>): Sprayed {
  const partIds = [...new Set(layers.flatMap((l) => l.partIds))];
  const of = partIds.map((id) => parts.get(id)!);
  return { partIds, areaM2: totalAreaM2(of), feared: of.some((p) => p.silicone) };
}

type Wipe = 'clean' | 'wipe' | 'mask' | 'tack';
const KINDS = { clean: 'clean', wipe: 'clean', mask: 'mask', tack: 'tack' } as const;

/** Wiping, tape and tack cloth, done on everything that is sprayed. */
function wiping(stretch: Stretch, { partIds, areaM2, feared }: Sprayed): Readonly<Record<Wipe, PrepStep>> {
  const step = (what: Wipe, minutes: number, code: string, params = {}): PrepStep => ({
    id: `${stretch.id}.${what}`,
    kind: KINDS[what],
    minutes,
    partIds,
    detail: { code, params },
    ...byHand,
  });
  const wipeMin = inFives(5 + 8 * areaM2);
  return {
    clean: step('clean', feared ? 2 * wipeMin : wipeMin, feared ? 'clean-twice' : 'clean', { areaM2 }),
    wipe: step('wipe', inFives(2 + 4 * areaM2), 'clean-last', { areaM2 }),
    mask: step('mask', stretch.first ? 15 : 10, stretch.first ? 'mask' : 'mask-again'),
    tack: step('tack', TACK_MIN + 2, 'tack-and-warm'),
  };
}

/** Minutes to scuff a square metre that lost its bond. From memory. */
const SCUFF_MIN_PER_M2 = 12;

function scuffing({ id, rested }: Stretch, { partIds, areaM2 }: Sprayed): PrepStep[] {
  if (rested !== 'scuffed') return [];
  const detail = { code: 'scuff-late', params: { areaM2 } };
  const minutes = inFives(SCUFF_MIN_PER_M2 * areaM2);
  return [{ id: `${id}.scuff`, kind: 'sand', minutes, partIds, detail, ...byHand }];
}

/** Everything in order, with the minutes the owner set where he knows better. */
export function preparationOf(job: Job, s: Stretch): Preparation {
  const parts = new Map(job.parts.map((p) => [p.id, p]));
  const own = (list: readonly PrepStep[]): PrepStep[] =>
    list.map((p) => ({ ...p, minutes: job.minutes?.[p.id] ?? p.minutes }));
  const sprayed = sprayedBy(s, parts);
  const { clean, wipe, mask, tack } = wiping(s, sprayed);
  // A film that still bonds is only blown off and tacked: solvent would drag it. Common practice.
  if (s.rested === 'bond')
    return { visits: [], prep: own([{ ...tack, detail: { code: 'tack-fresh', params: {} } }]) };
  if (s.rested === 'again') return { visits: [], prep: own([wipe, tack]) };
  const opening = s.first ? [...stripDown(job, s.id), ...filling(job, s.id)] : [];
  const { keeps, last } = sanding(s, parts);
  const rungs = [...keeps, ...scuffing(s, sprayed)];
  if (last.length === 0) return { visits: own([...opening, ...rungs, clean, mask]), prep: own([wipe, tack]) };
  return { visits: own([...opening, ...rungs, mask]), prep: own([...last, clean, tack]) };
}
