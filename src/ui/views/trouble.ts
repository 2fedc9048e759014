/** Something is wrong: the way from what one sees to what to do, and what is said there. */
import { actOn, onBase, onTop, type Act, type FilmSeen } from '@/core/faults/card';
import { faultCard } from '@/core/faults/cards';
import { filmsOf, mendingNow, type MendingNow, type OnJob } from '@/core/faults/at-hand';
import { askAbout, atMoment, looksFor, type Node } from '@/core/faults/finder';
import { causesIn, likelyFaults } from '@/core/faults/likely';
import { mendsFor } from '@/core/faults/mend';
import {
  DANGERS,
  FAULT_MOMENTS,
  isDanger,
  type FaultCode,
  type FaultMoment,
  type Look,
  type Sign,
} from '@/model/fault';
import { coatsOn, lastOf } from '@/core/time/coats-on';
import { DAY, HOUR, instantOf } from '@/core/time/instant';
import type { MendKind } from '@/model/mend';
import type { Plan, Task } from '@/model/plan';
import type { Format } from '@/words/format';
import {
  DANGER_SHORT,
  FAULT_MOMENT_NAMES,
  FAULT_WORDS,
  LOOK_NAMES,
  SIGN_QUESTIONS,
} from '@/words/sentences/faults/faults';
import { LOOK_FACES } from './fault-faces';
import { mendView, type MendView } from './mend-lines';

/** A choice that is drawn. */
export interface Tile<Id extends string> {
  readonly id: Id;
  readonly face: FaultCode;
  readonly name: string;
}

/** Where one is on the way; what was answered before stays for the way back. */
export type Place =
  | { readonly at: 'start' }
  | { readonly at: 'moment'; readonly moment: FaultMoment }
  | { readonly at: 'node'; readonly node: Node }
  | { readonly at: 'fault'; readonly code: FaultCode }
  | { readonly at: 'take'; readonly code: FaultCode; readonly kind: MendKind }
  | { readonly at: 'none' };

/** A node with one card left is that card. */
export const placeOf = (node: Node): Place =>
  node.kind === 'pick' && node.codes.length === 1
    ? { at: 'fault', code: node.codes[0]! }
    : { at: 'node', node };

export const faultTile = (code: FaultCode): Tile<FaultCode> => ({
  id: code,
  face: code,
  name: FAULT_WORDS[code].name,
});
const lookTile = (look: Look): Tile<Look> => ({ id: look, face: LOOK_FACES[look], name: LOOK_NAMES[look] });

export const dangerTiles = (): Tile<FaultCode>[] =>
  DANGERS.map((code) => ({ ...faultTile(code), name: DANGER_SHORT[code] }));
export const lookTiles = (on: OnJob): Tile<Look>[] => looksFor(filmsOf(on)).map(lookTile);
export const momentNames = (): { id: FaultMoment; name: string }[] =>
  FAULT_MOMENTS.map((id) => ({ id, name: FAULT_MOMENT_NAMES[id] }));
/** Groups in which something shows at a moment. */
export const looksAt = (moment: FaultMoment, on: OnJob): Tile<Look>[] =>
  [...atMoment(moment, filmsOf(on)).keys()].map(lookTile);

export const byLook = (look: Look, on: OnJob): Place => placeOf(askAbout(look, filmsOf(on)));
export function byMoment(moment: FaultMoment, look: Look, on: OnJob): Place {
  const codes = atMoment(moment, filmsOf(on)).get(look) ?? [];
  return placeOf({ kind: 'pick', codes });
}
export const questionOf = (sign: Sign): string => SIGN_QUESTIONS[sign];

const ACT_NAMES: Readonly<Record<Act, string>> = { go: 'Go on', wait: 'Wait', stop: 'Stop' };

export interface TroubleView {
  readonly code: FaultCode;
  readonly name: string;
  readonly act: Act;
  readonly actName: string;
  readonly look: string;
  /** Product it is seen on; null where none of that is sprayed yet: then there is nothing to mend either. */
  readonly film: string | null;
  readonly now: readonly string[];
  readonly not: string | null;
  readonly mends: readonly MendView[];
  readonly lookalike: { readonly code: FaultCode; readonly name: string } | null;
  readonly next: string;
}

type Where = 'primer' | 'base' | 'top';
function whereOf(film: FilmSeen): Where {
  if (onTop(film)) return 'top';
  return onBase(film) ? 'base' : 'primer';
}

/** A film this long on and hard asks for nothing at once, ms. */
const LONG_MS = 2 * DAY;
const HARD = 'The film is hard: nothing has to be done at once. Choose the hour.';

const isLongHard = ({ job }: OnJob, { reached }: MendingNow, nowMs: number): boolean =>
  reached === 'hard' && nowMs - (lastOf(coatsOn(job))?.endedMs ?? nowMs) > LONG_MS;

/** What is to be done now; of a film that is long hard nothing is. */
function atOnce(
  code: FaultCode,
  film: FilmSeen | undefined,
  isOld: boolean,
): Pick<TroubleView, 'act' | 'actName' | 'now' | 'not'> {
  if (isOld) return { act: 'wait', actName: 'No hurry', now: [HARD], not: null };
  const { now, nowOn, not = null } = FAULT_WORDS[code];
  const act = film ? actOn(faultCard(code), film) : 'stop';
  return { act, actName: ACT_NAMES[act], now: (film && nowOn?.[whereOf(film)]) ?? now, not };
}

/** @param nowMs of the press */
export function troubleView(
  code: FaultCode,
  on: OnJob,
  { nowMs, f }: { nowMs: number; f: Format },
): TroubleView {
  const card = faultCard(code);
  const { name, look, next } = FAULT_WORDS[code];
  const m = isDanger(code) ? null : mendingNow(on, nowMs, card.on);
  // Before any of it is on the fault is one of a film that is going to be.
  const film = m?.under ?? m?.film ?? filmsOf(on).find(card.on);
  const { currency } = on.job.budget;
  const { lookalike } = card;
  return {
    code,
    name,
    look,
    film: m ? (m.under ?? m.film).product.name : null,
    ...atOnce(code, film, m !== null && isLongHard(on, m, nowMs)),
    mends: m ? mendsFor(card, m).map((x) => mendView(x, m, { currency, f })) : [],
    lookalike: lookalike && { code: lookalike, name: FAULT_WORDS[lookalike].name },
    next,
  };
}

/** Faults named at the foot of the printed day. */
const MOST_LIKELY = 5;

export interface LikelyRow {
  readonly code: FaultCode;
  readonly name: string;
  readonly actName: string;
  /** What to do first. */
  readonly first: string;
}

/** The first thing to do that the act itself does not say. */
function firstBeside(lines: readonly string[], actName: string): string {
  const said = lines.map((l) => (l.startsWith(`${actName}.`) ? l.slice(actName.length + 1).trim() : l));
  return said.find((l) => l !== '') ?? lines[0]!;
}

/** What is likeliest to go wrong in the next session; none where nothing is left to spray. */
export function likelyRows(on: OnJob, { sessions }: Pick<Plan, 'sessions'>): LikelyRow[] {
  const [session] = sessions;
  if (!session) return [];
  const layers = on.layers.filter((l) => session.layerIds.includes(l.id));
  const films = filmsOf({ ...on, layers });
  return likelyFaults(films, causesIn(session, on.job.parts), {
    most: MOST_LIKELY,
    own: on.job.faultsOwn,
  }).map((code) => {
    const top = films.filter((x) => faultCard(code).on(x)).at(-1)!;
    const { name, now, nowOn } = FAULT_WORDS[code];
    const lines = nowOn?.[whereOf(top)] ?? now;
    const actName = ACT_NAMES[actOn(faultCard(code), top)];
    return { code, name, actName, first: firstBeside(lines, actName) };
  });
}

/** So long before its hour a coat is taken as going on where nothing else is left before it, ms. */
const EARLY_MS = HOUR;

/** The coat that is going on, or just went on: due and not ticked, or next with all before it ticked early. */
export function sprayingNow(
  { sessions }: Pick<Plan, 'sessions'>,
  nowMs: number,
  begunId?: string,
): Task | null {
  const tasks = sessions[0]?.tasks ?? [];
  const begun = tasks.find((t) => t.kind === 'coat' && t.id === begunId);
  if (begun) return begun;
  const coat = tasks.find((t) => t.kind === 'coat');
  if (!coat) return null;
  const isNext = tasks[0] === coat && instantOf(coat.startsAt) - nowMs <= EARLY_MS;
  return isNext || instantOf(coat.startsAt) <= nowMs ? coat : null;
}
