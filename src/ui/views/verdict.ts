/** What the job tag says: how the plan stands, how many cans, how sure, and the cautions of the moment. */
import { packsIn } from '@/core/material/packs';
import { cautionsAt, MOMENTS } from '@/core/cautions/shown';
import type { Job } from '@/model/job';
import type { Caution, Plan, Session } from '@/model/plan';
import { counted, percentOf, type Format } from '@/words/format';
import { CONDITION_NAMES, substrateInSentence } from '@/words/names';
import { sayBlocker } from '@/words/sentences/blockers';
import { sessionName, sessionOf } from './session-name';

const SURFACES_SHOWN = 2;
/** In the tag; the stage tells all of them. */
export const BLOCKERS_SHOWN = 3;

export type Standing = 'blocked' | 'done' | 'to-do';
export function standingOf(plan: Plan): Standing {
  if (plan.kind === 'blocked') return 'blocked';
  return plan.sessions.length === 0 ? 'done' : 'to-do';
}

export const oddsPct = (plan: Pick<Plan, 'chance'>): number => percentOf(plan.chance ?? 0);

/** What is in the way: of several sessions by the name of each, and nothing twice. */
export function blockersSaid(plan: Plan, f: Format): string[] {
  const said = plan.blockers.map((b) => {
    const { session } = b.params;
    const isNamed = typeof session === 'string' && plan.suits.length > 1;
    const whose = isNamed ? `${sessionName(plan, sessionOf(plan, session))}: ` : '';
    return `${whose}${sayBlocker(b, f)}`;
  });
  return [...new Set(said)];
}

/** What the job lies on: steel, rust; the first two kinds of surface. */
export function surfacesLine({ parts }: Job): string {
  const said = parts.map((p) => `${substrateInSentence(p.substrate)}, ${CONDITION_NAMES[p.condition]}`);
  return [...new Set(said)].slice(0, SURFACES_SHOWN).join('; ');
}

/** What is painted, all parts, m². */
export const planAreaM2 = (plan: Pick<Plan, 'parts'>): number => plan.parts.reduce((a, p) => a + p.areaM2, 0);

export interface PacksToBuy {
  readonly cans: number;
  readonly tins: number;
}

/** Packs to buy over all materials, hardener and reducer with them: one figure, wherever it stands. */
export function packsToBuy(plan: Pick<Plan, 'materials'>): PacksToBuy {
  const packs = plan.materials.flatMap((m) => m.ingredients.flatMap((g) => g.packs));
  const of = (unit: 'can' | 'tin'): number => packsIn(packs.filter((p) => p.unit === unit));
  return { cans: of('can'), tins: of('tin') };
}

export const packsCount = ({ cans, tins }: PacksToBuy): number => cans + tins;

/** “4 cans”, “1 can, 3 tins”; empty where nothing is to buy. */
export const packsSaid = ({ cans, tins }: PacksToBuy): string =>
  [...(cans > 0 ? [counted(cans, 'can')] : []), ...(tins > 0 ? [counted(tins, 'tin')] : [])].join(', ');

/** “Cans to buy”, “Tins to buy”, or both. */
export function packsWord({ cans, tins }: PacksToBuy): string {
  if (tins === 0) return 'Cans to buy';
  return cans === 0 ? 'Tins to buy' : 'Cans and tins to buy';
}

/** Futures of the weather that keep every limit to the end, and of how many; none of none without a session. */
export function futuresOf({ sessions }: Pick<Plan, 'sessions'>): Session['oksOf'] {
  return sessions.at(-1)?.oksOf ?? [0, 0];
}

/** Good futures drawn towards the mean of the week, said with their own figures. */
export function chainText(plan: Plan): string {
  const [good, of] = futuresOf(plan);
  const { mean, futures } = plan.sessions.at(-1)?.pool ?? { mean: 0, futures: 0 };
  const what = plan.sessions.length > 1 ? 'all sessions' : 'the session';
  return `${good} of ${of} futures of the weather keep every limit of ${what} until handle-dry. Chosen as the best of many it looks better than it is: drawn towards the mean of this week’s starts, ${percentOf(mean)} %, which counts for ${Math.round(futures)} futures more, that is ${oddsPct(plan)} %.`;
}

/** How the sessions go on: the last of several, or the hours of the one. */
export function sessionsLine(plan: Plan, f: Format): string {
  const first = plan.sessions[0]!;
  if (plan.sessions.length > 1)
    return `${plan.sessions.length} sessions, last on ${f.day(plan.sessions.at(-1)!.startsAt)}`;
  return `first coat ${f.time(first.sprayAt)}, handle-dry ${f.time(first.handleAt)}`;
}

/** How the money divides. */
export function moneyLine({ cost }: Plan, f: Format): string {
  const rest = cost.prep + cost.tax;
  if (rest <= 0) return 'paint; the rest is in hand';
  return `paint ${f.money(cost.paint, cost.currency)}, the rest ${f.money(rest, cost.currency)}`;
}

/** Cautions of a stage, the weightiest first; the spray day has a panel of its own. */
export function stageCautions(plan: Plan, stage: string): Caution[] {
  const moment = MOMENTS.find((m) => m === stage);
  if (!moment || moment === 'spray-day') return [];
  return cautionsAt(moment, plan.cautions);
}

/** Where the budget ends and what it comes to, as shares of the width of the bar, 0…1. */
export function budgetShares(
  total: number,
  budget: number,
): { total: number; budget: number; over: boolean } {
  const max = Math.max(total, budget, 1) * 1.08;
  return { total: total / max, budget: budget / max, over: total > budget };
}
