/**
 * What is done before the first coat of a session. Strip-down, filler, sanding, degreasing and masking keep:
 * they are done in free hours, on other days if need be. The last wipe and the tack cloth belong to the
 * session, and so does the last paper on bare metal, which does not keep.
 */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { isCutMetal } from '@/model/substrates';
import type { Held } from '../../prep/ladder';
import { isWorked } from '../../mends/taken';
import { isSanded, liesOnSurface, type Seam } from '../../seams/seam';
import { totalAreaM2 } from '../../surface/area';
import { TACK_MIN, type PrepStep, type Rest } from './draft';
import { dentedNow, feathering, filling } from './filling';
import { inFives } from './minutes';
import { afterRust, beforePaper, fitting, isRawWood, washBloom } from './opening';
import { mendPreparation } from './mending';
import { inOwnTime } from './own-hands';
import { sandingOf } from './sanding';

/** Minutes to take one fitting off and bag it. From memory. */
const FITTING_MIN = 5;

export interface Stretch {
  readonly id: string;
  readonly layers: readonly PlanLayer[];
  readonly seams: readonly Seam[];
  /** The first session of the job: what comes off comes off here, and hollows are filled. */
  readonly first: boolean;
  /** How the work rested before it; null where nothing lies below yet. */
  readonly rested: Rest['why'] | null;
  /** Layers that begin in it, with the parts they begin on: what lies below is worked on for these. */
  readonly begins: ReadonlyMap<string, ReadonlySet<string>>;
  /** It begins on clear that is still fresh: that is never tacked. */
  readonly isOnFreshClear: boolean;
  /** Epoxy layers of the whole build-up, by id. */
  readonly epoxies: ReadonlySet<string>;
  /** Something of it comes out of cans. */
  readonly hasCans: boolean;
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
  const renewed = (job.fittingsNew ?? []).length;
  const detail = { code: 'strip-down', params: { count, ...(renewed > 0 && { renewed }) } };
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

/** Bare metal does not keep. Common practice, no source. */
const keepsBadly = (g: Pick<Part, 'substrate' | 'condition'>): boolean =>
  isCutMetal(g) && (g.condition === 'bare' || g.condition === 'rust');

/** The seams under what begins in the stretch, on the parts it begins on. */
function seamsIn({ seams, begins }: Stretch): Seam[] {
  return seams.flatMap((seam) => {
    const partIds = seam.partIds.filter((id) => begins.get(seam.above)?.has(id));
    return partIds.length > 0 ? [{ ...seam, partIds }] : [];
  });
}

/** The papers of every sanded seam in order; of bare metal the last one apart. */
function sanding(
  id: string,
  seams: readonly Seam[],
  parts: Parts,
  held: Held,
): { keeps: PrepStep[]; last: PrepStep[] } {
  const all = seams.filter(isSanded).map((seam, i) => {
    const of = seam.partIds.map((partId) => parts.get(partId)!);
    const steps = sandingOf(`${id}.sand${i === 0 ? '' : i + 1}`, seam, of, held);
    return { steps, bare: seam.below.kind === 'surface' && keepsBadly(seam.below) };
  });
  return {
    keeps: all.flatMap(({ steps, bare }) => (bare ? steps.slice(0, -1) : steps)),
    last: all.flatMap(({ steps, bare }) => (bare ? steps.slice(-1) : [])),
  };
}

type Parts = ReadonlyMap<string, Part>;

/** What a stretch sprays. */
interface Sprayed {
  readonly partIds: readonly string[];
  readonly areaM2: number;
  /** Wax or silicone on some of it. */
  readonly feared: boolean;
}

function sprayedBy({ layers }: Stretch, parts: Parts): Sprayed {
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
    tack: step('tack', TACK_MIN + 2, stretch.hasCans ? 'tack-and-warm' : 'tack-and-card'),
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

/** Parts whose own surface is worked on, in the order of the job. */
function surfacesOf(seams: readonly Seam[], parts: Parts): Part[] {
  const ids = new Set(seams.filter(liesOnSurface).flatMap((s) => s.partIds));
  return [...parts.values()].filter((p) => ids.has(p.id));
}

/** A film that still bonds is only blown off and tacked: solvent would drag it; clear is not even tacked. */
function fresh(tack: PrepStep, { isOnFreshClear }: Stretch): PrepStep {
  return { ...tack, detail: { code: isOnFreshClear ? 'blow-only' : 'tack-fresh', params: {} } };
}

/** Raw wood is never wiped wet: its dust is vacuumed off. */
function dustOff(clean: PrepStep, areaM2: number, own: readonly Part[]): PrepStep {
  const isDry = own.length > 0 && own.every(isRawWood);
  return isDry ? { ...clean, detail: { code: 'vacuum', params: { areaM2 } } } : clean;
}

/** Parts whose epoxy had its night and is sanded now. */
function partsOnEpoxy(seams: readonly Seam[], { epoxies }: Stretch, parts: Parts): Part[] {
  const isOn = ({ below }: Seam): boolean => below.kind === 'layer' && epoxies.has(below.layerId);
  const ids = new Set(seams.filter((s) => isSanded(s) && isOn(s)).flatMap((s) => s.partIds));
  return [...parts.values()].filter((p) => ids.has(p.id));
}

/** A mend begins in it, with papers and cloths of its own. */
const isReworkedFirst = ({ layers, begins }: Stretch): boolean => {
  const [first] = layers;
  return first?.mend !== undefined && begins.has(first.id) && isWorked(first.mend);
};

/** Everything in order, with the minutes the owner set where he knows better. */
export function preparationOf(job: Job, s: Stretch): Preparation {
  const parts: Parts = new Map(job.parts.map((p) => [p.id, p]));
  const own = (list: readonly PrepStep[]): PrepStep[] => inOwnTime(job, list);
  const sprayed = sprayedBy(s, parts);
  const { clean, wipe, mask, tack } = wiping(s, sprayed);
  const [first] = s.layers;
  if (first?.mend && isReworkedFirst(s)) {
    const mended = mendPreparation(s.id, { ...first, mend: first.mend }, mask);
    return { visits: own(mended.visits), prep: own(mended.prep) };
  }
  if (s.rested === 'bond') return { visits: [], prep: own([fresh(tack, s)]) };
  if (s.rested === 'again') return { visits: [], prep: own([wipe, tack]) };
  const seams = seamsIn(s);
  const surfaces = surfacesOf(seams, parts);
  const opening = s.first ? stripDown(job, s.id) : [];
  const filled = filling(s.id, dentedNow(seams, parts));
  const { keeps, last } = sanding(s.id, seams, parts, job.equipment);
  const before = [
    ...opening,
    ...fitting(s.id, s.first, job.parts, surfaces),
    ...beforePaper(s.id, surfaces),
    ...filled,
    ...washBloom(s.id, partsOnEpoxy(seams, s, parts)),
    ...keeps,
    ...feathering(s.id, filled),
    ...scuffing(s, sprayed),
  ];
  const dusted = dustOff(clean, sprayed.areaM2, surfaces);
  const lastWipe = surfaces.some(isRawWood) ? [] : [wipe];
  if (last.length === 0) return { visits: own([...before, dusted, mask]), prep: own([...lastWipe, tack]) };
  const rusty = afterRust(s.id, surfaces);
  return { visits: own([...before, mask]), prep: own([...last, ...rusty, clean, tack]) };
}
