/**
 * Visits: what is done with hands on other days or before a session. Preparation in free hours, tape off in
 * its window, each as tasks with what is left after it.
 */
import type { Notice } from '@/model/marks';
import type { Task, Visit } from '@/model/plan';
import { isoOf, MINUTE } from '../../time/instant';
import type { Attempt, Shared } from '../attempt';
import type { Chain } from '../search/chains';
import { UNMASK_AFTER_MIN, UNMASK_MIN, type Draft, type PrepStep } from '../work/draft';
import { placeWork, type Piece } from '../work/hands';
import { prepCard } from './preparation';
import { notice } from './sheet';

export interface WrittenVisit {
  readonly visit: Visit;
  readonly handsOnMin: number;
}

/** Tape left longer than this comes off hard, minutes. Common practice: within the day. */
const UNMASK_LATEST_MIN = 24 * 60;
/** Pulled within the hour after that it comes off clean, ms. */
const SOON_MS = 60 * MINUTE;
/** Work goes on in one visit over a pause as short as this, ms. */
const PAUSE_MS = MINUTE;

/** A task of another day. A piece of one that goes on later has an id of its own and says what is left. */
function taskOf({ step, startMs, endMs, leftMin }: Piece, nth: number, tz: string): Task {
  const { id, kind, detail, partIds } = step;
  const { checks, cautions } = prepCard(step);
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
    checks: leftMin > 0 ? [] : checks,
    cautions,
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
function visitsOf(
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

function unmaskStep(draft: Draft, detail: Notice): PrepStep {
  const partIds = [...new Set(draft.steps.flatMap((s) => s.partIds))];
  return {
    id: `${draft.id}.unmask`,
    kind: 'unmask',
    minutes: UNMASK_MIN,
    detail,
    partIds,
    needs: 'hands',
    canSplit: false,
  };
}

/** Tape off, in the first free minutes of its window; where there are none, at its beginning all the same. */
function unmasking({ hours, request }: Shared, draft: Draft, lastMs: number): WrittenVisit[] {
  const fromMs = lastMs + UNMASK_AFTER_MIN * MINUTE;
  const soon = unmaskStep(draft, notice('unmask', { minutes: UNMASK_AFTER_MIN }));
  const [piece] = placeWork([soon], hours, fromMs).pieces;
  const startMs = piece && piece.startMs <= lastMs + UNMASK_LATEST_MIN * MINUTE ? piece.startMs : fromMs;
  const step = piece && piece.startMs <= fromMs + SOON_MS ? soon : unmaskStep(draft, notice('unmask-cut'));
  const at: Piece = { step, startMs, endMs: startMs + UNMASK_MIN * MINUTE, leftMin: 0 };
  return visitsOf(draft.id, 'unmask', [at], request.job.place.tz);
}

export function writeVisits({ shared, live, beginsMs }: Attempt, best: Chain): WrittenVisit[] {
  const { tz } = shared.request.job.place;
  return live.flatMap(({ draft }, k) => {
    const { pieces } = placeWork(draft.visits, shared.hours, beginsMs(k, best.picks[k - 1] ?? null));
    const shop = pieces.filter((p) => p.step.kind === 'shop');
    const work = pieces.filter((p) => p.step.kind !== 'shop');
    return [
      ...visitsOf(draft.id, 'shop', shop, tz),
      ...visitsOf(draft.id, 'prepare', work, tz),
      ...(draft.rest === null || draft.rest.why === 'apart'
        ? unmasking(shared, draft, best.picks[k]!.lastCoatMs)
        : []),
    ];
  });
}
