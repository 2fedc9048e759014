/**
 * Every caution as a card: how severe it is, at which moments it is shown and how near the top, and
 * when it applies. The words for a code are in the words room. Common practice, no source, unless a
 * line says otherwise.
 */
import type { Caution, Session } from '@/model/plan';
import { CHEMISTRY_CARDS } from '../chemistry/cards';
import { COLOURED } from '../coating/tint';
import { schoolOf } from '../coating/schools';
import { totalAreaM2 } from '../surface/area';
import { hasOldPaint, isFlexed, lostToNight, type CautionContext } from './context';
import { poorlyHidden } from './primer-shade';

export const MOMENTS = ['surface', 'build-up', 'materials', 'window', 'spray-day'] as const;
export type Moment = (typeof MOMENTS)[number];
type Params = Caution['params'];

interface Shown {
  readonly severity: Caution['severity'];
  /** Where it is shown, by rank: 1 stands at the top. */
  readonly at: Partial<Record<Moment, number>>;
}
/** One caution for each set of params; none where it does not apply. */
export interface JobCaution extends Shown {
  readonly of: 'job';
  readonly when: (c: CautionContext) => readonly Params[];
}
export interface SessionCaution extends Shown {
  readonly of: 'session';
  readonly when: (s: Session) => readonly Params[];
}
/** Belongs to single tasks; the run sheet names it there. */
export interface TaskCaution extends Shown {
  readonly of: 'task';
}
export type CautionCard = JobCaution | SessionCaution | TaskCaution;

/** Over this a matte 1K outdoors streaks to be seen, m². From memory. */
const LARGE_MATTE_M2 = 0.5;
/** A future in ten that is spoiled by one cause is worth a word: this many of fifty. */
const RISKY_MEMBERS = 5;

const once = (applies: boolean, params: Params = {}): readonly Params[] => (applies ? [params] : []);
const isoOf = (c: CautionContext): Params[] =>
  c.stack
    .filter((p) => p.isocyanate)
    .map((p) => ({ product: p.name }))
    .slice(0, 1);

const job = (severity: Caution['severity'], at: Shown['at'], when: JobCaution['when']): JobCaution => ({
  of: 'job',
  severity,
  at,
  when,
});
const session = (
  severity: Caution['severity'],
  at: Shown['at'],
  when: SessionCaution['when'],
): SessionCaution => ({ of: 'session', severity, at, when });

/** In the order a plan names them. */
export const CAUTION_CARDS = {
  isocyanate: job('stop', { 'build-up': 1, materials: 2, window: 3, 'spray-day': 1 }, (c) =>
    c.job.equipment.suppliedAir ? isoOf(c) : [],
  ),
  'isocyanate-no-air': job(
    'stop',
    { surface: 3, 'build-up': 2, materials: 3, window: 4, 'spray-day': 2 },
    (c) => (c.job.equipment.suppliedAir ? [] : isoOf(c)),
  ),
  'old-paint-lead': job('stop', { surface: 1, 'spray-day': 3 }, (c) => once(hasOldPaint(c.job))),
  'rub-test': job('mind', { surface: 2, 'build-up': 3 }, (c) => once(hasOldPaint(c.job))),
  'skin-sensitiser': job('mind', {}, (c) =>
    once(c.stack.some((p) => CHEMISTRY_CARDS[p.chemistry].hazards.includes('skin-sensitiser'))),
  ),
  'etch-acid': job('mind', { 'build-up': 12 }, (c) => once(c.stack.some((p) => p.kind === 'etch-primer'))),
  'solvent-vapour': job('mind', { window: 7, 'spray-day': 4 }, () => once(true)),
  ignition: job('stop', { materials: 4, window: 8, 'spray-day': 5 }, () => once(true)),
  'test-card': job('mind', { 'build-up': 4, 'spray-day': 6 }, ({ makers }) =>
    once(makers.length > 1, { makers: makers.join(', ') }),
  ),
  'finish-differs': job('mind', { 'build-up': 6 }, ({ top, job: { purpose } }) => {
    if (!top?.gloss) return [];
    return once(top.gloss !== purpose.finish, {
      product: top.name,
      gloss: top.gloss,
      finish: purpose.finish,
    });
  }),
  'base-without-clear': job('mind', { 'build-up': 11 }, ({ top }) =>
    top ? once(top.kind === 'basecoat' || top.kind === 'mid-coat', { product: top.name }) : [],
  ),
  'effect-differs': job('mind', { 'build-up': 7 }, ({ stack, job: { purpose } }) => {
    const colours = stack.filter((p) => COLOURED.has(p.kind));
    const { kind } = purpose.colour;
    return once(colours.length > 0 && !colours.some((p) => (p.effect ?? 'solid') === kind), { kind });
  }),
  'seam-overridden': job('mind', { 'build-up': 5 }, (c) =>
    c.system.seams
      .filter((s) => s.reason.code === 'seam-overridden')
      .map((s) => ({ below: String(s.reason.params.below), above: String(s.reason.params.above) })),
  ),
  silicone: job('mind', {}, (c) => once(c.job.parts.some((p) => p.silicone === true))),
  'filler-peroxide': job('mind', {}, (c) => once(c.job.parts.some((p) => (p.dents?.length ?? 0) > 0))),
  'matte-not-polished': job('mind', {}, ({ job: j }) =>
    once(j.purpose.finish !== 'gloss' && schoolOf(j, 'flatting') === 'flatted', { finish: j.purpose.finish }),
  ),
  'primer-shade': job('mind', {}, (c) => poorlyHidden(c.job, c.system)),
  'over-budget': job('mind', { materials: 1 }, ({ total, job: { budget } }) =>
    once(total > budget.amount, { total, budget: budget.amount, currency: budget.currency }),
  ),
  'past-deadline': job('mind', { window: 2 }, ({ sessions, job: { purpose } }) => {
    const at = sessions.at(-1)?.handleAt;
    const { deadline } = purpose;
    if (at === undefined || deadline === undefined) return [];
    return once(at.slice(0, 10) > deadline, { at, deadline });
  }),
  'matte-outdoors': job('mind', { 'build-up': 8 }, ({ top, onePackTop, job: j }) => {
    if (!top || top.gloss !== 'matte') return [];
    const outside = j.purpose.exposure.includes('sun') && totalAreaM2(j.parts) > LARGE_MATTE_M2;
    return once(onePackTop && outside, { product: top.name });
  }),
  flexing: job('mind', { 'build-up': 9 }, (c) => once(isFlexed(c.job))),
  'chips-one-pack': job('mind', { 'build-up': 10 }, ({ top, onePackTop, job: { purpose } }) => {
    if (!top || top.kind !== 'clear') return [];
    return once(onePackTop && purpose.exposure.includes('stone-chips'), { product: top.name });
  }),
  'session-risk': session('mind', { window: 6 }, (s) => {
    const risk = s.failures[0];
    if (!risk) return [];
    const { cause, members } = risk;
    return once(members >= RISKY_MEMBERS, { session: s.id, cause, members, of: s.oksOf[1] });
  }),
  'start-outside': session('stop', { window: 1, 'spray-day': 7 }, (s) =>
    once(!s.feasible, { session: s.id }),
  ),
  'night-after': session('mind', { window: 5, 'spray-day': 8 }, (s) =>
    once(lostToNight(s), { session: s.id, at: s.handleAt }),
  ),
  'can-pressure': { of: 'task', severity: 'mind', at: {} },
  'sanding-dust': { of: 'task', severity: 'mind', at: {} },
} as const satisfies Readonly<Record<string, CautionCard>>;

export type CautionCode = keyof typeof CAUTION_CARDS;
const ALL = Object.entries(CAUTION_CARDS) as readonly [CautionCode, CautionCard][];

/** Everything this plan has to be careful of: what holds for the job, then session by session. */
export function cautionsOf(c: CautionContext): Caution[] {
  const ofJob = ALL.flatMap(([code, card]) => {
    if (card.of !== 'job') return [];
    return card.when(c).map((params) => ({ code, severity: card.severity, params }));
  });
  const ofSessions = c.sessions.flatMap((s) =>
    ALL.flatMap(([code, card]) => {
      if (card.of !== 'session') return [];
      return card.when(s).map((params) => ({ code, severity: card.severity, params }));
    }),
  );
  return [...ofJob, ...ofSessions];
}

/** Cautions of a plan that are shown at a moment, the weightiest first. */
export function cautionsAt(moment: Moment, cautions: readonly Caution[]): Caution[] {
  const rank = (code: string): number => CAUTION_CARDS[code as CautionCode]?.at[moment as never] ?? Infinity;
  return cautions.filter((c) => Number.isFinite(rank(c.code))).sort((a, b) => rank(a.code) - rank(b.code));
}

/** How severe the caution of a code is; a code of a later version is no less than a word. */
export function severityOf(code: string): Caution['severity'] {
  return CAUTION_CARDS[code as CautionCode]?.severity ?? 'mind';
}
