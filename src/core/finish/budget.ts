/**
 * Clear as a budget, face by face and edge by edge: what was built, what goes, what must stay. The thin end of the film
 * and the high end of the loss decide.
 */
import type { Finish, FinishWish as Wish } from '@/model/finish';
import type { Job, Part } from '@/model/job';
import { filmLimits } from '../coating/film-budget';
import type { System } from '../seams/seam';
import { partAreaM2 } from '../surface/area';
import { allowedOn, type Allowed } from './allowed';
import { filmsBuilt, type BuiltFilm } from './built';
import {
  EDGE_FILM,
  EDGE_LOSS,
  FIRST_GRITS,
  flatSteps,
  glossSteps,
  NIB_UM,
  takenBy,
  type FinishStep,
  type Range,
} from './losses';

export type FinishAct = 'leave' | 'nibs' | 'polish' | 'flat';

/** One bar: the faces of a part, or its edges. */
export interface FinishBar {
  readonly partId: string;
  readonly where: 'faces' | 'edges';
  readonly act: FinishAct;
  /** First paper; null where none is used. */
  readonly firstGritP: number | null;
  readonly steps: readonly FinishStep[];
  readonly builtUm: Range;
  readonly meanUm: number;
  readonly takesUm: Range;
  /** What stays, low end. */
  readonly leftUm: number;
  readonly floorUm: number;
  /** What the wished first grit would take, where that may not be. */
  readonly tooMuchUm: Range | null;
}

export interface PartFinish {
  readonly partId: string;
  readonly areaM2: number;
  readonly film: BuiltFilm;
  readonly allowed: Allowed;
  readonly bars: readonly FinishBar[];
}

/** Nothing stays clear of harm by a figure of its own: what covers is asked for at least. From memory, µm. */
const NO_FLOOR_UM = 0;

interface Place {
  readonly partId: string;
  readonly where: FinishBar['where'];
  readonly film: BuiltFilm;
  readonly allowed: Allowed;
  readonly floorUm: number;
}

const times = ([a, b]: Range, [c, d]: Range): Range => [a * c, b * d];
const lossOn = ({ where }: Place, taken: Range): Range =>
  where === 'edges' ? times(taken, EDGE_LOSS) : taken;
const filmOf = ({ where, film }: Place): Range =>
  where === 'edges' ? [film.um[0] * EDGE_FILM, film.um[1] * EDGE_FILM] : film.um;

/** Low end of what stays. */
const leftOf = (place: Place, taken: Range): number => filmOf(place)[0] - lossOn(place, taken)[1];

/** First grits that the film may see at all, the usual one for its peel first. */
function gritsFor({ allowed, where }: Place, { peel }: Wish): readonly number[] {
  const { way, coarsestP } = allowed;
  if (way !== 'flat' || coarsestP === null || where === 'edges') return [];
  return FIRST_GRITS[peel].filter((p) => p >= coarsestP);
}

interface Chosen {
  readonly act: FinishAct;
  readonly firstGritP: number | null;
  readonly steps: readonly FinishStep[];
  readonly taken: Range;
}
const NOTHING: Chosen = { act: 'leave', firstGritP: null, steps: [], taken: [0, 0] };

/** The usual first grit where its whole ladder leaves enough, else a finer one; else polish; else nibs; else nothing. */
function chosenOn(place: Place, wish: Wish): Chosen {
  const { allowed, floorUm } = place;
  const leaves = (taken: Range): boolean => leftOf(place, taken) >= floorUm;
  if (allowed.way === 'never' || wish.scope === 'places') return NOTHING;
  const tool = allowed.way === 'hand-polish' ? 'hand' : wish.tool;
  for (const firstGritP of gritsFor(place, wish)) {
    const steps = flatSteps(firstGritP, wish.peel, tool);
    const taken = takenBy(steps);
    if (leaves(taken)) return { act: 'flat', firstGritP, steps, taken };
  }
  const gloss = glossSteps(place.where === 'edges' ? 'hand' : tool);
  if (leaves(takenBy(gloss))) return { act: 'polish', firstGritP: null, steps: gloss, taken: takenBy(gloss) };
  return place.where === 'faces' && leaves(NIB_UM) ? { ...NOTHING, act: 'nibs', taken: NIB_UM } : NOTHING;
}

function barOf(place: Place, wish: Wish): FinishBar {
  const { act, firstGritP, steps, taken } = chosenOn(place, wish);
  const [wished] = gritsFor(place, wish);
  const tooMuch =
    wished === undefined || wished === firstGritP ? null : takenBy(flatSteps(wished, wish.peel, wish.tool));
  const { partId, where, floorUm, film } = place;
  return {
    partId,
    where,
    act,
    firstGritP,
    steps,
    builtUm: filmOf(place),
    meanUm: film.meanUm * (where === 'edges' ? EDGE_FILM : 1),
    takesUm: lossOn(place, taken),
    leftUm: leftOf(place, taken),
    floorUm,
    tooMuchUm: tooMuch,
  };
}

function finishOf(film: BuiltFilm, part: Part, wish: Wish): PartFinish {
  const allowed = allowedOn(film);
  const floorUm = filmLimits(film.product).leastUm ?? NO_FLOOR_UM;
  const place = { partId: part.id, film, allowed, floorUm };
  return {
    partId: part.id,
    areaM2: partAreaM2(part),
    film,
    allowed,
    bars: (['faces', 'edges'] as const).map((where) => barOf({ ...place, where }, wish)),
  };
}

/** How a part is finished: as it is wished for it, or for all. */
export function wishOf({ own = [], found: _found, ...all }: Finish, partId: string): Wish {
  const mine = own.find((o) => o.partId === partId);
  if (!mine) return all;
  const { partId: _id, ...wish } = mine;
  return wish;
}

/** Of every part that is sprayed, as far as something is on it. */
export function finishPlan(job: Job, system: System, finish: Finish): PartFinish[] {
  const filmOn = filmsBuilt(job, system);
  return job.parts.flatMap((part) => {
    const film = filmOn(part.id);
    return film ? [finishOf(film, part, wishOf(finish, part.id))] : [];
  });
}
