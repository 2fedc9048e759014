/** From drafts to a dated chain: options per session, the search, alternatives, and why other hours do not do. */
import type { Job } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { Alternative, Material, Plan, PlanLayer, Seam, Session, Suit } from '@/model/plan';
import type { Product } from '@/model/product';
import type { AtPart } from '../air/at-part';
import { Clocks } from '../drying/clocks';
import { remember } from '../records/remember';
import { chanceOf } from '../numerics/stats';
import { civilDate, DAY, HOUR, isoOf, MINUTE, msOf, type Span } from '../time/instant';
import { freeSpans } from '../time/free-hours';
import { draftsOf, type Draft, type Drafts } from './drafts';
import { limitTable, type Cause, type LimitTable } from './limits';
import { isFree, judgeStart, type StartOption } from './options';
import { writeSession } from './run-sheet';
import { Runner } from './runner';
import { searchChains, type Chain, type Stakes } from './search';

export const HORIZON_DAYS = 7;
export const DEFAULT_HOUR_VALUE = 10;
export const DEFAULT_DELAY_PER_DAY = 4;
/** A failed session costs its hours again, and half of them to take the film off. From memory. */
const REDO = 1.5;
const HALF_HOUR = 30 * MINUTE;
const FIVE_MIN = 5 * MINUTE;
/** A start with fewer good futures than this is never proposed. */
const LEAST_SHARE = 0.2;

export interface Scheduled {
  readonly sessions: readonly Session[];
  readonly chance: number | null;
  readonly suits: readonly Suit[];
  readonly startOptions: Plan['startOptions'];
  readonly alternatives: readonly Alternative[];
  readonly blockers: readonly Notice[];
  readonly handsOnH: number;
}

/**
 * What was judged in this air: limit tables by product, starts by session and free hours. A start
 * that was tried once is not tried again while another is moved; it changes no result, and goes
 * with the air it belongs to.
 */
interface Memory {
  readonly clocks: Clocks;
  limitsOf(p: Product): LimitTable;
  judgeOf(
    session: string,
    judge: (startMs: number, always: boolean) => StartOption,
  ): (startMs: number, always: boolean) => StartOption;
}
const memories = new WeakMap<AtPart, Memory>();
const SESSIONS_KEPT = 24;

function memoryOf(air: AtPart): Memory {
  const known = memories.get(air);
  if (known) return known;
  const tables = new WeakMap<Product, LimitTable>();
  const sessions = new Map<string, Map<string, StartOption>>();
  const fresh: Memory = {
    clocks: new Clocks(air),
    limitsOf: (p) => {
      const was = tables.get(p) ?? limitTable(air, p);
      tables.set(p, was);
      return was;
    },
    judgeOf: (session, judge) => {
      const options = remember(sessions, session, SESSIONS_KEPT, () => new Map<string, StartOption>());
      return (startMs, always) => {
        const key = always ? `${startMs}!` : String(startMs);
        const was = options.get(key) ?? judge(startMs, always);
        options.set(key, was);
        return was;
      };
    },
  };
  memories.set(air, fresh);
  return fresh;
}

interface Live {
  readonly draft: Draft;
  readonly runner: Runner;
  readonly options: readonly StartOption[];
  readonly pinMs: number | null;
  readonly stakes: Stakes;
}

function stakesOf(job: Job, d: Draft, materials: readonly Material[]): Stakes {
  let money = 0;
  for (const s of d.steps) {
    const m = materials.find((x) => x.productId === s.product.id);
    const pack = s.product.packs[0]!;
    money += m ? (s.ml * pack.price) / pack.sizeMl : 0;
  }
  // What is activated is lost whole, used or not.
  for (const s of d.steps)
    if (s.activateCans > 0) {
      const used = d.steps.filter((x) => x.product.id === s.product.id).reduce((a, x) => a + x.ml, 0);
      const pack = s.product.packs[0]!;
      money += Math.max(0, s.activateCans * pack.price - (used * pack.price) / pack.sizeMl);
    }
  const hours = (REDO * (d.prepMin + d.steps.reduce((a, s) => a + s.minutes + s.product.flashMin, 0))) / 60;
  return { materials: money, hours, money: money + hours * (job.risk.hourValue ?? DEFAULT_HOUR_VALUE) };
}

export function schedule(
  job: Job,
  layers: readonly PlanLayer[],
  seams: readonly Seam[],
  products: ReadonlyMap<string, Product>,
  materials: readonly Material[],
  air: AtPart,
  nowMs: number,
): Scheduled {
  const tz = job.place.tz;
  const drafts = draftsOf(job, layers, seams, products);
  const none: Scheduled = {
    sessions: [],
    chance: null,
    suits: [],
    startOptions: [],
    alternatives: [],
    blockers: [],
    handsOnH: 0,
  };
  if (drafts.sessions.length === 0) return none;
  if (drafts.sessions.length > 3)
    return {
      ...none,
      blockers: [{ code: 'too-many-sessions', params: { sessions: drafts.sessions.length, most: 3 } }],
    };

  const memory = memoryOf(air);
  const { clocks } = memory;
  const used = new Map(
    drafts.sessions.flatMap((d) => d.steps.map((s) => [s.product.id, s.product] as const)),
  );
  const limits = new Map([...used].map(([id, p]) => [id, memory.limitsOf(p)]));
  const gridEnd = air.startMs + (air.nodes - 1) * air.stepMs;
  const free = freeSpans(job.freeHours, tz, nowMs, Math.min(gridEnd, nowMs + (HORIZON_DAYS + 1) * DAY));
  const before = groundReady(drafts, clocks, air);

  const live: Live[] = drafts.sessions.map((draft) => {
    const runner = new Runner(air, clocks, job.place, limits, draft);
    const pin = job.starts?.find((s) => s.sessionId === draft.id);
    const pinMs = pin ? msOf(pin.at, tz) : null;
    const starts = startsOf(nowMs, gridEnd, pinMs, free);
    const judge = memory.judgeOf(
      JSON.stringify([job.place.lamp === true, free, { ...draft, activatedMs: [...draft.activatedMs] }]),
      (s, always) => judgeStart(air, runner, s, free, always),
    );
    return {
      draft,
      runner,
      pinMs,
      options: starts.map((s) => judge(s, s === pinMs)),
      stakes: stakesOf(job, draft, materials),
    };
  });

  const candidates = live.map((l) =>
    l.options.filter((o) =>
      l.pinMs !== null ? o.startMs === l.pinMs : o.free && o.centralOk && o.good >= LEAST_SHARE * o.of,
    ),
  );
  const rushSafe = job.risk.rushSafe;
  const delayPerDay = job.risk.delayPerDay ?? DEFAULT_DELAY_PER_DAY;
  const input = {
    nowMs,
    candidates,
    pinned: live.map((l) => l.pinMs !== null),
    stakes: live.map((l) => l.stakes),
    before,
    rushSafe,
    delayPerDay,
  };
  const chains = searchChains(input, 4000);
  const suits = live.map((l) => suitOf(l, tz));
  const startOptions = live.map((l) => ({
    sessionId: l.draft.id,
    options: l.options
      .filter((o) => o.free || o.startMs === l.pinMs)
      .filter((o) => o.verdict !== 'no' || o.startMs === l.pinMs)
      .map((o) => ({
        at: isoOf(o.startMs, tz),
        chance: chanceOf(o.good, o.of),
        free: o.free,
        verdict: o.verdict,
      })),
  }));
  const best = chains[0];
  if (!best)
    return { ...none, suits, startOptions, blockers: whyNone(live, before?.centralMs ?? -Infinity, tz) };

  const written = live.map((l, k) =>
    writeSession(
      air,
      l.runner,
      best.picks[k]!,
      l.stakes,
      best.joint[k]!,
      chanceOf(best.joint[k]!, best.picks[k]!.of),
      tz,
      k < live.length - 1,
    ),
  );
  // Alternatives are free of what was set by hand, so that the way back is always on offer.
  const others = live.some((l) => l.pinMs !== null)
    ? searchChains(
        {
          ...input,
          candidates: live.map((l) =>
            l.options.filter((o) => o.free && o.centralOk && o.good >= LEAST_SHARE * o.of),
          ),
          pinned: live.map(() => false),
        },
        4000,
      )
    : chains;
  const handsOnH = written.reduce((a, w) => a + w.handsOnMin, 0) / 60;
  return {
    sessions: written.map((w) => w.session),
    chance: chanceOf(best.joint.at(-1)!, best.picks[0]!.of),
    suits,
    startOptions,
    alternatives: alternativesOf(best, others, live, tz),
    blockers: [],
    handsOnH,
  };
}

function groundReady(
  drafts: Drafts,
  clocks: Clocks,
  air: AtPart,
): { sandMs: Float64Array; centralMs: number } | null {
  const b = drafts.before;
  const first = drafts.sessions[0];
  if (!b || !first || first.started) return null;
  const at = (row: number): number => clocks.of(b.product).stageAt('sand', row, b.endedMs);
  return {
    sandMs: Float64Array.from({ length: air.rows - 1 }, (_, m) => at(m)),
    centralMs: at(air.rows - 1),
  };
}

/** Now, every half hour that is free and every full hour besides for seven days, and a start set by hand. */
function startsOf(nowMs: number, gridEnd: number, pinMs: number | null, free: readonly Span[]): number[] {
  const list = new Set<number>();
  const first = Math.ceil(nowMs / FIVE_MIN) * FIVE_MIN;
  list.add(first);
  const end = Math.min(nowMs + HORIZON_DAYS * DAY, gridEnd);
  for (let t = Math.ceil(nowMs / HALF_HOUR) * HALF_HOUR; t < end; t += HALF_HOUR)
    if (t % HOUR === 0 || isFree(free, t, t)) list.add(t);
  if (pinMs !== null) list.add(pinMs);
  return [...list].sort((a, b) => a - b);
}

/** The week as stretches of one verdict and one set of reasons, by the time of the first coat. */
function suitOf(l: Live, tz: string): Suit {
  const spans: (Omit<Suit['spans'][number], 'startsAt' | 'endsAt'> & { from: number; to: number })[] = [];
  const grid = l.options.filter((o) => o.startMs % HALF_HOUR === 0);
  for (const [i, o] of grid.entries()) {
    // A stretch lasts until the next start that was tried, at most an hour.
    const to = grid[i + 1]?.sprayMs ?? o.sprayMs + HALF_HOUR;
    const reasons = o.verdict === 'good' ? [] : reasonsOf(o);
    const share = o.counted ? o.good / o.of : null;
    const last = spans.at(-1);
    if (last && last.verdict === o.verdict && (o.verdict !== 'no' || last.reasons[0] === reasons[0])) {
      last.to = to;
      last.share = share === null ? last.share : Math.max(last.share ?? 0, share);
      for (const r of reasons) if (!last.reasons.includes(r)) last.reasons.push(r);
    } else spans.push({ from: o.sprayMs, to, verdict: o.verdict, reasons: [...reasons], share });
  }
  return {
    sessionId: l.draft.id,
    spans: spans.map(({ from, to, ...s }) => ({
      startsAt: isoOf(from, tz),
      endsAt: isoOf(to, tz),
      ...s,
      reasons: s.reasons.slice(0, 3),
    })),
  };
}

/** Causes that break at least a tenth of the futures, most first. */
function reasonsOf(o: StartOption): Cause[] {
  const list = [...o.causes.entries()]
    .sort((a, b) => b[1] - a[1])
    .filter(([, n], i) => i === 0 || n * 10 >= o.of)
    .map(([c]) => c);
  if (list.length === 0 && o.centralCause) return [o.centralCause];
  return list;
}

/** The next best chains on other days, or failing that at other hours. */
function alternativesOf(
  best: Chain,
  chains: readonly Chain[],
  live: readonly Live[],
  tz: string,
): Alternative[] {
  const out: Chain[] = [];
  const day = (c: Chain, k: number): string => civilDate(c.picks[k]!.startMs, tz);
  const last = live.length - 1;
  const far = (a: Chain, b: Chain): boolean => day(a, last) !== day(b, last);
  const apart = (a: Chain, b: Chain): boolean =>
    a.picks.some((p, k) => Math.abs(p.startMs - b.picks[k]!.startMs) >= 2 * HALF_HOUR);
  for (const differs of [far, apart]) {
    for (const c of chains) {
      if (out.length >= 2) break;
      if (differs(c, best) && out.every((o) => differs(c, o))) out.push(c);
    }
  }
  return out.map((c) => ({
    starts: c.picks.map((p, k) => ({ sessionId: live[k]!.draft.id, at: isoOf(p.startMs, tz) })),
    chance: chanceOf(c.joint.at(-1)!, c.picks[0]!.of),
    finishesAt: isoOf(c.picks.at(-1)!.handleMs, tz),
    expectedLoss: c.expectedLoss,
    why: {
      code:
        c.joint.at(-1)! > best.joint.at(-1)!
          ? 'alternative-safer'
          : c.picks.at(-1)!.handleMs < best.picks.at(-1)!.handleMs
            ? 'alternative-sooner'
            : far(c, best)
              ? 'alternative-other-day'
              : 'alternative-later',
      params: {},
    },
  }));
}

/** Which limit is in the way of each session, and the nearest hour that would do but is not free. */
function whyNone(live: readonly Live[], groundMs: number, tz: string): Notice[] {
  const out: Notice[] = [];
  live.forEach((l) => {
    const usable = (o: StartOption): boolean =>
      o.centralOk && o.good >= LEAST_SHARE * o.of && o.startMs >= groundMs;
    if (l.options.some((o) => o.free && usable(o))) return;
    const tally = new Map<Cause, number>();
    const pool = l.options.some((o) => o.free) ? l.options.filter((o) => o.free) : l.options;
    for (const o of pool) for (const [c, n] of o.causes) tally.set(c, (tally.get(c) ?? 0) + n);
    const top = [...tally.entries()].sort((a, b) => b[1] - a[1])[0];
    const outside = l.options.find((o) => !o.free && usable(o));
    if (!l.options.some((o) => o.free))
      out.push({ code: 'no-free-stretch', params: { session: l.draft.id } });
    else if (top)
      out.push({
        code: 'no-window',
        params: {
          session: l.draft.id,
          cause: top[0],
          share: Math.round((100 * top[1]) / pool.reduce((a, o) => a + o.of, 0)),
        },
      });
    else out.push({ code: 'no-window-ready', params: { session: l.draft.id } });
    if (outside)
      out.push({
        code: 'window-outside-free-hours',
        params: {
          session: l.draft.id,
          at: isoOf(outside.startMs, tz),
          chance: chanceOf(outside.good, outside.of),
        },
      });
  });
  if (out.length === 0)
    out.push({ code: live.some((l) => l.pinMs !== null) ? 'starts-do-not-chain' : 'no-chain', params: {} });
  return out;
}
