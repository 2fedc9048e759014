/** A chosen session written out: every task with its clock time, what to do, what to check before going on. */
import type { Session, Task } from '@/model/plan';
import type { AtPart } from '../../air/at-part';
import { quantile } from '../../numerics/stats';
import { pooledChance, type Pool } from '../decide/odds';
import { paintC } from '../../air/paint-temperature';
import { MINUTE, minutesBetween, type Span } from '../../time/instant';
import { lastNodeMs } from '../../air/grid';
import { isTaken, type Around, type OnRack } from '../around';
import { packsFor, productsOf, sprayedMl } from '../work/coats';
import type { StartOption } from '../judge/start-option';
import type { Live } from '../live';
import { settleActivations } from './activation';
import { writeAfter } from './after';
import { writeCoats } from './coats';
import { coldCureOf } from './cold-cure';
import { writePreparation } from './preparation';
import { rhythmOf } from './rhythm';
import { movedOf, sweatsH } from './moving';
import { round1 } from '../../numerics/round';
import { newSheet, type Sheet } from './sheet';

export interface Written {
  readonly session: Session;
  readonly handsOnMin: number;
}

/** The start that was taken, and how many futures end well up to and with it. */
export interface Taken {
  readonly pick: StartOption;
  readonly joint: number;
  /** Of the sessions up to and with this one. */
  readonly pool: Pool;
  /** Its ground is ready and its preparation done by then, on the central line. */
  readonly isReady: boolean;
  /** The free hours. */
  readonly free: readonly Span[];
  /** What other jobs take. */
  readonly around: Around;
  readonly rack: OnRack;
}

/** What a start breaks: the ground below, a limit of the air, the painter's own hours. */
/** What keeps it out of the owner's hours; nothing where it is in them. */
function outsideOf({ pick, free, around, rack }: Taken): Session['breaks'] {
  if (pick.free) return [];
  if (isTaken(pick, around, rack)) return [{ why: 'other-job' }];
  const span = free.find((s) => s.startMs <= pick.startMs && pick.startMs < s.endMs);
  if (!span) return [{ why: 'outside-hours' }];
  return [{ why: 'too-late', min: Math.max(1, Math.ceil((pick.handsOffMs - span.endMs) / MINUTE)) }];
}

function breaksOf(taken: Taken): Session['breaks'] {
  const { pick, isReady } = taken;
  return [
    ...(isReady ? [] : [{ why: 'not-ready' }]),
    ...(pick.centralCause === null ? [] : [{ why: pick.centralCause }]),
    ...outsideOf(taken),
  ];
}

const byStart = (a: Task, b: Task): number => {
  if (a.startsAt === b.startsAt) return 0;
  return a.startsAt < b.startsAt ? -1 : 1;
};

function handsOnMinutes(tasks: readonly Task[]): number {
  return tasks.filter((t) => t.handsOn).reduce((sum, t) => sum + minutesBetween(t.startsAt, t.endsAt), 0);
}

function failuresOf({ pick, isReady }: Taken): Session['failures'] {
  const list = [...pick.causes].map(([cause, members]) => ({ cause: String(cause), members }));
  const early = isReady ? [] : [{ cause: 'not-ready', members: pick.of }];
  return [...early, ...list].sort((a, b) => b.members - a.members);
}

function roundsOf({ run, draft, iso }: Sheet): Session['rounds'] {
  return draft.steps.map((step, k) => {
    const faces = run.trace!.parts.filter((p) => p.step === k);
    const parts = [...new Set(faces.map((f) => f.part))].map((part) => {
      const mine = faces.filter((f) => f.part === part);
      return {
        partId: draft.partIds[part]!,
        startsAt: iso(mine[0]!.startMs),
        endsAt: iso(mine.at(-1)!.endMs),
      };
    });
    return { taskId: step.id, parts };
  });
}

/** What comes out of another job's can. */
function sharesOf({ draft, run, iso }: Sheet): Session['shares'] {
  const pots = run.trace!.pots;
  return productsOf(draft.steps).flatMap((product) => {
    const open = draft.open.get(product.id);
    if (!open || open.fromMs === undefined) return [];
    const own = pots.filter((p) => p.productId === product.id);
    const all = sprayedMl(draft.steps, product);
    const ml = all - own.reduce((a, p) => a + p.ml, 0);
    const saved = packsFor(product, all, draft.cupMl) - own.length;
    const inHandMl = round1(open.ml);
    return ml > 0 && saved > 0
      ? [{ productId: product.id, at: iso(open.atMs), ml: round1(ml), inHandMl, saved }]
      : [];
  });
}

/** What comes after the forecast is said to come at its end. */
const within = (air: AtPart, ms: number): number => (Number.isFinite(ms) ? ms : lastNodeMs(air));

function restOf({ air, run, draft, iso }: Sheet): Session['rest'] {
  const why = draft.rest?.why ?? 'apart';
  if (why === 'apart') return null;
  const until = why === 'bond' && Number.isFinite(run.latestMs) ? iso(run.latestMs) : null;
  return { why, from: iso(within(air, run.readyMs)), until };
}

/** Between which eight of ten futures that end well lie. @param atMs by member; what is not finite is lost */
function rangeOf(atMs: Float64Array, iso: (ms: number) => string): [string, string] | null {
  const known = [...atMs].filter(Number.isFinite);
  if (known.length === 0) return null;
  return [iso(quantile(known, 0.1)), iso(quantile(known, 0.9))];
}

/** A sheet has no endless hours. */
const hoursOrEver = (h: number | null): number | null => (h === Infinity ? -1 : h && round1(h));

/** The session is run once more on the central line. */
export function writeSession(air: AtPart, live: Live, taken: Taken, tz: string): Written {
  const { draft, runner, stakes } = live;
  const { elsewhere } = runner;
  const { pick, joint, pool } = taken;
  const run = runner.run(air.rows - 1, pick.startMs);
  const sheet = newSheet(air, draft, run, { startMs: pick.startMs, tz, areaM2: live.areaM2 });
  const { iso, tasks, activations, mixes } = sheet;
  const at = (ms: number): string => iso(within(air, ms));
  const dustFreeMs = within(air, run.dustFreeMs);
  writeCoats(sheet, writePreparation(sheet));
  const endMs = writeAfter(sheet, dustFreeMs);
  tasks.sort(byStart);
  settleActivations(sheet, endMs);
  const rest = restOf(sheet);
  const session: Session = {
    id: draft.id,
    layerIds: draft.layers.map((l) => l.id),
    partIds: draft.partIds.filter((id) => draft.steps.some((s) => s.partIds.includes(id))),
    startsAt: iso(pick.startMs),
    endsAt: iso(endMs),
    sprayAt: iso(run.coats[0]!.startMs),
    handsOffAt: iso(run.handsOffMs),
    dustFreeAt: iso(dustFreeMs),
    touchDryAt: at(run.touchDryMs),
    handleAt: at(run.handleMs),
    readyAt: rest?.from ?? null,
    ranges: { handle: rangeOf(pick.handlesMs, iso), ready: rest && rangeOf(pick.readyMs, iso) },
    holdUntil: rest?.until ?? null,
    chance: pooledChance(joint, pick.of, pool),
    pool: { mean: pool.mean, futures: pool.pull },
    oksOf: [joint, pick.of],
    stakes: { ...stakes },
    failures: failuresOf(taken),
    feasible: pick.centralOk && pick.free && taken.isReady,
    breaks: breaksOf(taken),
    tasks,
    activations,
    mixes,
    left: run.trace!.left.map(({ productId, atMs, ml }) => ({ productId, at: iso(atMs), ml: round1(ml) })),
    shares: sharesOf(sheet),
    rounds: roundsOf(sheet),
    rhythm: rhythmOf(sheet),
    rest,
    moved: movedOf(elsewhere, run, iso),
    paintC: runner.keepsPaint ? round1(paintC(air, run.coats[0]!.startMs)) : null,
    sweatsH: hoursOrEver(sweatsH(air, elsewhere, pick.startMs)),
    coldCure: coldCureOf(elsewhere?.air ?? air, runner.clocks, draft.steps.at(-1)!.product, run.handleMs),
  };
  return { session, handsOnMin: handsOnMinutes(tasks) };
}
