/** What to do now, in words: go, wait or leave it; how sure, what is at stake, what the other choice would bring. */
import type { Plan } from '@/model/plan';
import type { PlanDecision } from '@/model/starts';
import { LEVEL_SHARE } from '@/core/schedule/decide/decision';
import { civilDate, instantOf } from '@/core/time/instant';
import { percentOf, type Format } from '@/words/format';

export interface ActView {
  readonly act: PlanDecision['act'];
  readonly head: string;
  /** The reason in one line, and what else is worth knowing. */
  readonly why: string;
  readonly notes: readonly string[];
}

interface Here {
  readonly nowMs: number;
  readonly tz: string;
  readonly currency: string;
  /** That are left to spray. */
  readonly sessions: number;
}

/** “today, 10:00”, “Sun 17 May, 09:00”. */
function whenSaid(iso: string, { nowMs, tz }: Here, f: Format): string {
  const isToday = civilDate(instantOf(iso), tz) === civilDate(nowMs, tz);
  return isToday ? `today, ${f.time(iso)}` : f.dayTime(iso);
}

const pctSaid = (p: number): string => `${percentOf(p)} %`;
const isLevel = (sum: number, d: PlanDecision): boolean => Math.abs(sum) <= LEVEL_SHARE * d.stake;

function lookAgain(d: PlanDecision, here: Here, f: Format): string[] {
  return d.nextLookAt === null ? [] : [`Look again ${whenSaid(d.nextLookAt, here, f)}.`];
}

function likelySaid(d: PlanDecision, here: Here, f: Format): string[] {
  if (!d.likely) return [];
  const begun = d.begun < 0.95 ? ` In ${pctSaid(d.begun)} of cases a start comes up at all.` : '';
  return [
    `Likeliest start: ${whenSaid(d.likely.at, here, f)}, at ${pctSaid(d.likely.chance)} as seen now.${begun}`,
  ];
}

function goView(d: PlanDecision, here: Here, f: Format): ActView {
  const { at, chance, cost } = d.now!;
  const saves = d.waiting - cost;
  const others = isLevel(saves, d)
    ? 'Waiting for the next look would cost about the same.'
    : `Waiting for the next look would cost about ${f.money(saves, here.currency)} more.`;
  return {
    act: 'go',
    head: `Go: start ${whenSaid(at, here, f)}`,
    why: `${pctSaid(chance)} that it goes well. At stake: ${f.money(d.stake, here.currency)}, hours counted.`,
    notes: [others],
  };
}

/** With more sessions to come the first may be as good as sure and still be dear for what must follow it. */
function startSaid(when: string, chance: number, { sessions }: Here): string {
  return sessions > 1
    ? `The first session goes well in ${pctSaid(chance)} ${when}; counting what has to follow it`
    : `A start ${when} goes well in ${pctSaid(chance)};`;
}

function gainSaid(d: PlanDecision, here: Here, f: Format): string {
  if (!d.now) return 'No start in your free hours before the next look does.';
  const { at, chance, cost } = d.now;
  const when = whenSaid(at, here, f);
  if (chance < d.least)
    return `The best before then, ${when}, goes well in ${pctSaid(chance)}: under your limit of ${pctSaid(d.least)}.`;
  const gain = f.money(cost - d.waiting, here.currency);
  return `${startSaid(when, chance, here)} waiting is expected to save ${gain}.`;
}

function waitView(d: PlanDecision, here: Here, f: Format): ActView {
  return {
    act: 'wait',
    head: 'Wait with the paint',
    why: gainSaid(d, here, f),
    notes: [...lookAgain(d, here, f), ...likelySaid(d, here, f)],
  };
}

function stopView(d: PlanDecision, here: Here, f: Format): ActView {
  const never = `Leaving it undone costs ${f.money(d.never, here.currency)} as you count it.`;
  const why = d.isLimited
    ? `No start in the days the forecast knows reaches your limit of ${pctSaid(d.least)}.`
    : 'No start in the days the forecast knows is worth its risk.';
  return { act: 'stop', head: 'Leave it for now', why, notes: [never, ...lookAgain(d, here, f)] };
}

const VIEWS: Readonly<Record<PlanDecision['act'], (d: PlanDecision, here: Here, f: Format) => ActView>> = {
  go: goView,
  wait: waitView,
  stop: stopView,
};

/** null where nothing may be started. */
export function actView(
  plan: Pick<Plan, 'decision' | 'cost' | 'sessions'>,
  now: Pick<Here, 'nowMs' | 'tz'>,
  f: Format,
): ActView | null {
  const { decision } = plan;
  if (!decision) return null;
  return VIEWS[decision.act](
    decision,
    { ...now, currency: plan.cost.currency, sessions: plan.sessions.length },
    f,
  );
}

/** The act in a few words, where there is room for no more; null where it is to go, or nothing may be started. */
export function actShort({ decision }: Pick<Plan, 'decision'>, f: Format): string | null {
  if (!decision || decision.act === 'go') return null;
  const head = decision.act === 'wait' ? 'Wait' : 'Leave it for now';
  return decision.nextLookAt === null ? head : `${head}, look again ${f.dayTime(decision.nextLookAt)}`;
}
