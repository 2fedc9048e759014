/**
 * What the jobs before this one in turn take of the week: the painter's hands, the still air that wet paint wants,
 * and the hours in which they raise dust. One painter, and in one place one of the two: dust or wet paint.
 */
import type { Job } from '@/model/job';
import type { Plan, Session, Visit } from '@/model/plan';
import { instantOf, MINUTE, type Span } from '../time/instant';
import { joinedSpans, overlaps } from '../time/spans';
import type { StartOption } from './judge/start-option';
import type { LeftCan } from './work/draft';

export interface Around {
  /** Hands are on another job, wherever that is. */
  readonly hands: readonly Span[];
  /** Wet paint of another job in the same place: nothing is sanded or sprayed beside it. */
  readonly wet: readonly Span[];
  /** Another job is sanded in the same place: nothing may be wet there. */
  readonly dust: readonly Span[];
  /** Trips to the shops that another makes anyway, in order: what this one needs is bought on the first. */
  readonly trips: readonly Span[];
  /** What stands in the same place to dry, sprayed until handle-dry or carried out. */
  readonly standing: readonly Standing[];
  /** Cans that another activates and does not empty. */
  readonly cans: readonly LeftCan[];
}
export const NOTHING_AROUND: Around = { hands: [], wet: [], dust: [], trips: [], standing: [], cans: [] };

/** Painted area on the rack for a while. */
export interface Standing extends Span {
  readonly areaM2: number;
}
/** What a session puts on the rack, and what that holds; null where nobody measured it. */
export interface OnRack {
  readonly areaM2: number;
  readonly rackM2: number | null;
}

/** Sanding dust hangs in the air so long, minutes. From memory; an open place clears sooner. */
const DUST_SETTLES_MIN = 30;

/** Both are sprayed in one place, by its card or, where that is their own, by where and what it is. */
export function isOnePlace(a: Job, b: Job): boolean {
  if (a.placeId !== undefined && b.placeId !== undefined) return a.placeId === b.placeId;
  const { place: p } = a;
  const { place: q } = b;
  return p.lat === q.lat && p.lon === q.lon && p.shelter === q.shelter;
}

const spanOf = (startsAt: string, endsAt: string): Span => ({
  startMs: instantOf(startsAt),
  endMs: instantOf(endsAt),
});

/** What takes hands. */
interface Hands {
  readonly sessions: readonly Session[];
  readonly visits: readonly Visit[];
}

/** When hands are on a job, ISO from and to: sessions from their start until hands are off, and every visit. */
export function handsOnAt({ sessions, visits }: Hands): [string, string][] {
  return [
    ...sessions.map((s): [string, string] => [s.startsAt, s.handsOffAt]),
    ...visits.map((v): [string, string] => [v.startsAt, v.endsAt]),
  ];
}

/** The same as spans. */
export const handsOf = (plan: Hands): Span[] => handsOnAt(plan).map(([from, to]) => spanOf(from, to));

/** From its first coat until its last is dust-free. */
const wetOf = ({ sessions }: Pick<Plan, 'sessions'>): Span[] =>
  sessions.map((s) => spanOf(s.sprayAt, s.endsAt));

/** Sanding, and until its dust has settled. */
function dustOf({ sessions, visits }: Pick<Plan, 'sessions' | 'visits'>): Span[] {
  const sanded = [...sessions, ...visits].flatMap((w) => w.tasks.filter((t) => t.kind === 'sand'));
  return sanded.map((t) => {
    const { startMs, endMs } = spanOf(t.startsAt, t.endsAt);
    return { startMs, endMs: endMs + DUST_SETTLES_MIN * MINUTE };
  });
}

const areasOf = ({ parts }: Pick<Plan, 'parts'>): ReadonlyMap<string, number> =>
  new Map(parts.map((p) => [p.id, p.areaM2]));

/** Each session's parts, from the first coat until they may be handled or were carried to another place. */
function standingOf({ sessions, ...plan }: Pick<Plan, 'sessions' | 'parts'>): Standing[] {
  const areaOf = areasOf(plan);
  return sessions.map((s) => ({
    ...spanOf(s.sprayAt, s.moved?.move === 'at-once' ? s.moved.at : s.handleAt),
    areaM2: s.partIds.reduce((a, id) => a + (areaOf.get(id) ?? 0), 0),
  }));
}

/** What was sprayed already and dries where it was sprayed: it cannot give way, whoever's turn it is. */
function dryingHere({ job, plan }: Drying): Drying['plan']['drying'] {
  const isCarriedWet = job.dryIn?.kind === 'elsewhere' && job.dryIn.carry === 'at-once';
  return isCarriedWet ? [] : plan.drying;
}

const wetNow = (d: Drying): Span[] =>
  dryingHere(d)
    .map(({ dustFreeAt }) => spanOf(d.plan.now, dustFreeAt))
    .filter((s) => s.endMs > s.startMs);

/** Until it may be handled, or one of these sessions takes it over. */
function standingNow(d: Drying, sessions: Plan['sessions']): Standing[] {
  const areaOf = areasOf(d.plan);
  return dryingHere(d).map(({ partId, handleAt }) => {
    const next = sessions.find((s) => s.partIds.includes(partId))?.sprayAt;
    const until = next && instantOf(next) < instantOf(handleAt) ? next : handleAt;
    return { ...spanOf(d.plan.now, until), areaM2: areaOf.get(partId) ?? 0 };
  });
}

/** The most that stands there at a time within a span, m²: it changes only where something comes. */
function mostStanding(standing: readonly Standing[], span: Span): number {
  const near = standing.filter((s) => overlaps(s, span));
  const at = (ms: number): number =>
    near.reduce((a, s) => a + (s.startMs <= ms && ms < s.endMs ? s.areaM2 : 0), 0);
  return Math.max(0, ...near.map((s) => at(Math.max(s.startMs, span.startMs))));
}

/** Others leave it no room to dry. What is larger than the whole rack is nobody else's doing. */
function isCrowded({ areaM2, rackM2 }: OnRack, span: Span, { standing }: Around): boolean {
  if (rackM2 === null) return false;
  const others = mostStanding(standing, span);
  return others > 0 && others + areaM2 > rackM2;
}

const tripsOf = ({ visits }: Pick<Plan, 'visits'>): Span[] =>
  visits.filter((v) => v.kind === 'shop').map((v) => spanOf(v.startsAt, v.endsAt));

const cansOf = ({ sessions }: Pick<Plan, 'sessions'>): LeftCan[] =>
  sessions.flatMap((s) =>
    s.left.map(({ productId, at, ml }) => ({
      productId,
      atMs: instantOf(at),
      fromMs: instantOf(s.handsOffAt),
      ml,
    })),
  );

/** A job of which only what is on already counts. */
export interface Drying {
  readonly job: Job;
  readonly plan: Pick<Plan, 'drying' | 'now' | 'parts'>;
}
/** A job and the plan that holds for it. */
export interface PlannedJob extends Drying {
  readonly plan: Pick<Plan, 'sessions' | 'visits' | 'drying' | 'now' | 'parts'>;
}

/** What others leave to a job. @param later those after it in turn: only what they have sprayed already is in the way */
export function aroundOf(job: Job, others: readonly PlannedJob[], later: readonly Drying[] = []): Around {
  const isHere = (o: Drying): boolean => isOnePlace(job, o.job);
  const here = others.filter(isHere);
  const behind = later.filter((d) => isHere(d) && !others.some((o) => o.job === d.job));
  return {
    hands: joinedSpans(others.flatMap((o) => handsOf(o.plan))),
    wet: joinedSpans([...here.flatMap((o) => wetOf(o.plan)), ...[...here, ...behind].flatMap(wetNow)]),
    dust: joinedSpans(here.flatMap((o) => dustOf(o.plan))),
    standing: [
      ...here.flatMap((o) => [...standingOf(o.plan), ...standingNow(o, o.plan.sessions)]),
      // When a later one goes on is not settled yet.
      ...behind.flatMap((d) => standingNow(d, [])),
    ],
    trips: joinedSpans(others.flatMap((o) => tripsOf(o.plan))),
    cans: others.flatMap((o) => cansOf(o.plan)),
  };
}

const meet = (a: readonly Span[], b: readonly Span[]): boolean =>
  a.some((x) => b.some((y) => overlaps(x, y)));

/** A plan wants nothing of what others have taken. */
export function standsClear({ job, plan }: PlannedJob, around: Around): boolean {
  const rackM2 = job.place.rackM2 ?? null;
  return (
    !standingOf(plan).some((s) => isCrowded({ areaM2: s.areaM2, rackM2 }, s, around)) &&
    !meet(handsOf(plan), around.hands) &&
    !meet(wetOf(plan), around.dust) &&
    !meet(dustOf(plan), around.wet) &&
    !meet(wetOf(plan), around.wet)
  );
}

/** Hands, the air of the place or its rack are taken by another job while it lasts. */
export const isTaken = (
  { startMs, handsOffMs, firstCoatMs, endMs, handleMs }: StartOption,
  around: Around,
  rack: OnRack,
): boolean =>
  meet([{ startMs, endMs: handsOffMs }], around.hands) ||
  meet([{ startMs, endMs }], around.wet) ||
  meet([{ startMs: firstCoatMs, endMs }], around.dust) ||
  isCrowded(rack, { startMs: firstCoatMs, endMs: handleMs }, around);

/**
 * A start whose paint would be wet while another job raises dust or is sprayed, or that finds the rack full, is none:
 * those hours are taken.
 */
export const beside = (option: StartOption, around: Around, rack: OnRack): StartOption =>
  option.free && isTaken(option, around, rack) ? { ...option, free: false } : option;
