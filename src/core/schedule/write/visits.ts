/**
 * Visits: what is done with hands on other days or before a session. Preparation in free hours, tape off in
 * its window, each as tasks with what is left after it.
 */
import type { Task, Visit } from '@/model/plan';
import { isoOf, MINUTE, msOf, type Span } from '../../time/instant';
import { overlaps } from '../../time/spans';
import type { Attempt } from '../attempt';
import type { Shared } from '../shared';
import { MOVE_MIN } from '../judge/elsewhere';
import type { Live } from '../live';
import { moveStep } from './moving';
import type { Chain } from '../search/chains';
import { isLast, UNMASK_AFTER_MIN, UNMASK_MIN, type Draft, type PrepStep } from '../work/draft';
import { placeWork, type HandHours, type Piece } from '../work/hands';
import { bakeSteps } from '../work/bake';
import { unmaskStep } from '../work/unmask';
import { checksAfter } from './preparation';

export interface WrittenVisit {
  readonly visit: Visit;
  readonly handsOnMin: number;
}

/** Tape left longer than this comes off hard, minutes. Common practice: within the day. */
const UNMASK_LATEST_MIN = 24 * 60;
/** Looked for so long after it may be handled, minutes. */
const BAKE_LATEST_MIN = 14 * 24 * 60;
/** Work goes on in one visit over a pause as short as this, ms. */
const PAUSE_MS = MINUTE;

/** A task of another day. A piece of one that goes on later has an id of its own and says what is left. */
function taskOf({ step, startMs, endMs, leftMin }: Piece, nth: number, tz: string): Task {
  const { id, kind, detail, partIds } = step;
  return {
    id: leftMin > 0 || nth > 0 ? `${id}~${nth + 1}` : id,
    kind,
    layerId: null,
    coat: null,
    partIds: [...partIds],
    startsAt: isoOf(startMs, tz),
    endsAt: isoOf(endMs, tz),
    handsOn: true,
    detail,
    checks: leftMin > 0 ? [] : checksAfter(step),
    cautions: [],
    leftMin,
  };
}

/** Pieces that follow one another without a pause are one visit. */
function together(pieces: readonly Piece[]): Piece[][] {
  const groups: Piece[][] = [];
  for (const piece of pieces) {
    const last = groups.at(-1)?.at(-1);
    if (last && piece.startMs - last.endMs <= PAUSE_MS) groups.at(-1)!.push(piece);
    else groups.push([piece]);
  }
  return groups;
}

const minutesOf = (pieces: readonly Piece[]): number =>
  pieces.reduce((a, p) => a + (p.endMs - p.startMs) / MINUTE, 0);

/** @param purpose of all of them @param pieces in order */
export function visitsOf(
  sessionId: string,
  purpose: Visit['kind'],
  pieces: readonly Piece[],
  tz: string,
): WrittenVisit[] {
  const totalMin = minutesOf(pieces);
  const counts = new Map<string, number>();
  let doneMin = 0;
  return together(pieces).map((group, i): WrittenVisit => {
    const handsOnMin = minutesOf(group);
    doneMin += handsOnMin;
    const tasks = group.map((piece) => {
      const nth = counts.get(piece.step.id) ?? 0;
      counts.set(piece.step.id, nth + 1);
      return taskOf(piece, nth, tz);
    });
    const visit: Visit = {
      id: `v-${sessionId}-${purpose}${i === 0 ? '' : `-${i + 1}`}`,
      kind: purpose,
      sessionId,
      startsAt: isoOf(group[0]!.startMs, tz),
      endsAt: isoOf(group.at(-1)!.endMs, tz),
      leftMin: Math.round(totalMin - doneMin),
      tasks,
    };
    return { visit, handsOnMin };
  });
}

/** The first instant from which hands have so long, and none of what is busy; null where there is none in time. */
function firstHands(step: PrepStep, hours: HandHours, busy: readonly Span[], within: Span): number | null {
  for (let t = within.startMs; t <= within.endMs;) {
    const [piece] = placeWork([step], hours, t).pieces;
    if (!piece || piece.startMs > within.endMs) return null;
    const clash = busy.find((b) => overlaps(b, piece));
    if (!clash) return piece.startMs;
    t = clash.endMs;
  }
  return null;
}

/** Tape off, in the first free minutes of its window; where there are none, at its beginning all the same. */
function unmasking(
  { hours, request }: Shared,
  draft: Draft,
  lastMs: number,
  busy: readonly Span[],
): WrittenVisit[] {
  const within = { startMs: lastMs + UNMASK_AFTER_MIN * MINUTE, endMs: lastMs + UNMASK_LATEST_MIN * MINUTE };
  const startMs = firstHands(unmaskStep(draft, UNMASK_AFTER_MIN), hours, busy, within) ?? within.startMs;
  const step = unmaskStep(draft, (startMs - lastMs) / MINUTE);
  const piece = { step, startMs, endMs: startMs + UNMASK_MIN * MINUTE, leftMin: 0 };
  return visitsOf(draft.id, 'unmask', [piece], request.job.place.tz);
}

/** Baked in free hours once it may be handled; what does not fit before the forecast ends is left out. */
function baking(
  { hours, request }: Shared,
  draft: Draft,
  handleMs: number,
  busy: readonly Span[],
): WrittenVisit[] {
  const within = { startMs: handleMs, endMs: handleMs + BAKE_LATEST_MIN * MINUTE };
  const pieces: Piece[] = [];
  let fromMs = within.startMs;
  for (const step of bakeSteps(draft)) {
    const startMs = firstHands(step, hours, busy, { ...within, startMs: fromMs });
    if (startMs === null) break;
    fromMs = startMs + step.minutes * MINUTE;
    pieces.push({ step, startMs, endMs: fromMs, leftMin: 0 });
  }
  return pieces.length > 0 ? visitsOf(draft.id, 'bake', pieces, request.job.place.tz) : [];
}

/** Carried over, or shut in and heated, when the plan of the session has it. */
function moving({ request }: Shared, { draft, runner }: Live, startMs: number): WrittenVisit[] {
  const { elsewhere } = runner;
  if (!elsewhere) return [];
  const { movedMs } = runner.run(request.air.rows - 1, startMs);
  if (!Number.isFinite(movedMs)) return [];
  const fromMs = movedMs - MOVE_MIN * MINUTE;
  const piece = { step: moveStep(draft, elsewhere), startMs: fromMs, endMs: movedMs, leftMin: 0 };
  return visitsOf(draft.id, 'move', [piece], request.job.place.tz);
}

export function writeVisits({ shared, live, beginsMs }: Attempt, best: Chain): WrittenVisit[] {
  const { tz } = shared.request.job.place;
  const placed = live.map(
    ({ draft }, k) => placeWork(draft.visits, shared.hours, beginsMs(k, best.picks[k - 1] ?? null)).pieces,
  );
  const sprayed = best.picks.map((p) => ({ startMs: p.startMs, endMs: p.handsOffMs }));
  const busy: Span[] = [...sprayed, ...placed.flat()];
  /** What is written takes its hands: nothing after it is put into the same minutes. */
  const taking = (visits: WrittenVisit[]): WrittenVisit[] => {
    busy.push(
      ...visits.map(({ visit }) => ({ startMs: msOf(visit.startsAt, tz), endMs: msOf(visit.endsAt, tz) })),
    );
    return visits;
  };
  return live.flatMap((l, k) => {
    const { draft } = l;
    const shop = placed[k]!.filter((p) => p.step.kind === 'shop');
    const work = placed[k]!.filter((p) => p.step.kind !== 'shop');
    const { lastCoatMs, handleMs } = best.picks[k]!;
    return [
      ...visitsOf(draft.id, 'shop', shop, tz),
      ...visitsOf(draft.id, 'prepare', work, tz),
      ...taking(moving(shared, l, best.picks[k]!.startMs)),
      ...(isLast(draft) ? taking(unmasking(shared, draft, lastCoatMs, busy)) : []),
      ...taking(baking(shared, draft, handleMs, busy)),
    ];
  });
}
