/**
 * Every caution as a card: when it applies. How it is shown stands in shown.ts, its words in the
 * words room. Common practice, no source, unless a line says otherwise.
 */
import type { Caution, Session } from '@/model/plan';
import { PAINT_COLD_C } from '../air/paint-temperature';
import { CHEMISTRY_CARDS } from '../chemistry/cards';
import { meanFade } from '../coating/fade';
import type { FilmLine } from '../coating/film-budget';
import { groundText } from '@/model/ground';
import { judgeLadder } from '../prep/own-ladder';
import { COLOURED } from '../coating/tint';
import { schoolOf } from '../coating/schools';
import { totalAreaM2 } from '../surface/area';
import { coldTwoPart, hasLeadDust, hasOldPaint, isFlexed, lostToNight, type CautionContext } from './context';
import { fuseTrips, usesMains } from './mains';
import { poorlyHidden } from './primer-shade';
import { severityOf, type CautionCode } from './shown';

type Params = Caution['params'];

/** One caution for each set of params; none where it does not apply. */
interface JobCaution {
  readonly of: 'job';
  readonly when: (c: CautionContext) => readonly Params[];
}
interface SessionCaution {
  readonly of: 'session';
  readonly when: (s: Session) => readonly Params[];
}
type CautionCard = JobCaution | SessionCaution;

/** Over this a matte 1K outdoors streaks to be seen, m². From memory. */
const LARGE_MATTE_M2 = 0.5;
/** A future in ten that is spoiled by one cause is worth a word: this many of fifty. */
const RISKY_MEMBERS = 5;

/** Places out of which vapour does not find its way by itself. Common practice, no source. */
const GATHERS: ReadonlySet<string> = new Set(['tent', 'enclosure', 'shed', 'cellar']);

const once = (applies: boolean, params: Params = {}): readonly Params[] => (applies ? [params] : []);
/** Every product that holds it, by name. */
const isoNames = (c: CautionContext): Params[] => {
  const names = [...new Set(c.stack.filter((p) => p.isocyanate).map((p) => p.name))];
  return names.length > 0 ? [{ product: names.join(', ') }] : [];
};
/** One for each kind: what does without it is another for each. */
const isoKinds = (c: CautionContext): Params[] => {
  const held = c.stack.filter((p) => p.isocyanate);
  const kinds = [...new Set(held.map((p) => p.kind))];
  return kinds.map((kind) => ({ kind, product: held.find((p) => p.kind === kind)!.name }));
};

const job = (when: JobCaution['when']): JobCaution => ({ of: 'job', when });
const session = (when: SessionCaution['when']): SessionCaution => ({ of: 'session', when });

/** The top, where what it meets softens it in time. */
const attacked = ({ top, job: { purpose } }: CautionContext, by: 'brake-fluid' | 'oil'): readonly Params[] =>
  top && purpose.exposure.includes(by) && CHEMISTRY_CARDS[top.chemistry].attackedBy.includes(by)
    ? [{ product: top.name }]
    : [];

/** Films near an end of their budget; those past it stop the plan. */
const filmCares =
  (code: FilmLine['code']): JobCaution['when'] =>
  ({ films }) =>
    films.filter((l) => l.code === code && l.verdict === 'care').map((l) => l.params);

/** In the order a plan names them. */
const CAUTION_CARDS: Readonly<Record<CautionCode, CautionCard>> = {
  isocyanate: job((c) => (c.job.equipment.suppliedAir ? isoNames(c) : [])),
  'isocyanate-no-air': job((c) => (c.job.equipment.suppliedAir ? [] : isoKinds(c))),
  'old-paint-lead': job((c) => once(hasLeadDust(c.job))),
  'rub-test': job((c) => once(hasOldPaint(c.job))),
  'skin-sensitiser': job((c) =>
    once(c.stack.some((p) => CHEMISTRY_CARDS[p.chemistry].hazards.includes('skin-sensitiser'))),
  ),
  'etch-acid': job((c) => once(c.stack.some((p) => p.kind === 'etch-primer'))),
  'solvent-vapour': job(() => once(true)),
  'close-place': job((c) => once(GATHERS.has(c.job.place.shelter), { shelter: c.job.place.shelter })),
  'heater-off': job(({ job: { place, dryIn } }) =>
    once(dryIn?.kind === 'heated' && place.heater !== undefined),
  ),
  fuse: job((c) => fuseTrips(c.job)),
  'dusty-place': job((c) => once(c.job.place.dusty === true, { hasLeads: Number(usesMains(c.job)) })),
  ignition: job(() => once(true)),
  'test-card': job(({ makers }) => once(makers.length > 1, { makers: makers.join(', ') })),
  'finish-differs': job(({ top, job: { purpose } }) => {
    if (!top?.gloss) return [];
    return once(top.gloss !== purpose.finish, {
      product: top.name,
      gloss: top.gloss,
      finish: purpose.finish,
    });
  }),
  'base-without-clear': job(({ top }) =>
    top ? once(top.kind === 'basecoat' || top.kind === 'mid-coat', { product: top.name }) : [],
  ),
  'effect-differs': job(({ stack, job: { purpose } }) => {
    const colours = stack.filter((p) => COLOURED.has(p.kind));
    const { kind } = purpose.colour;
    return once(colours.length > 0 && !colours.some((p) => (p.effect ?? 'solid') === kind), { kind });
  }),
  'seam-overridden': job((c) =>
    c.system.seams
      .filter((s) => s.reason.code === 'seam-overridden')
      .map((s) => ({ below: String(s.reason.params.below), above: String(s.reason.params.above) })),
  ),
  'seam-decided': job((c) =>
    c.system.seams
      .filter((s) => s.reason.code === 'seam-decided')
      .map((s) => ({ above: String(s.reason.params.above), why: String(s.reason.params.why) })),
  ),
  'own-ladder': job(({ system }) =>
    system.seams.flatMap((s) =>
      judgeLadder(s).map(({ code, params }) => ({
        ...params,
        fault: code,
        below: groundText(s.below),
        above: s.above,
      })),
    ),
  ),
  silicone: job((c) => once(c.job.parts.some((p) => p.silicone === true))),
  'filler-peroxide': job((c) => once(c.job.parts.some((p) => (p.dents?.length ?? 0) > 0))),
  'matte-not-polished': job(({ job: j }) =>
    once(j.purpose.finish !== 'gloss' && schoolOf(j, 'flatting') === 'flatted', { finish: j.purpose.finish }),
  ),
  'film-too-thin': job(filmCares('film-too-thin')),
  'film-too-thick': job(filmCares('film-too-thick')),
  'film-in-a-session': job(filmCares('film-in-a-session')),
  'primer-shade': job((c) => poorlyHidden(c.job, c.system)),
  'over-budget': job(({ total, job: { budget } }) =>
    once(total > budget.amount, { total, budget: budget.amount, currency: budget.currency }),
  ),
  'past-deadline': job(({ sessions, job: { purpose } }) => {
    const at = sessions.at(-1)?.handleAt;
    const { deadline, deadlineHour = '24:00' } = purpose;
    if (at === undefined || deadline === undefined) return [];
    // An ISO time sorts as a text: by its day, then by its hour.
    return once(at.slice(0, 16) > `${deadline}T${deadlineHour}`, { at, deadline });
  }),
  'matte-outdoors': job(({ top, onePackTop, job: j }) => {
    if (!top || top.gloss !== 'matte') return [];
    const outside = j.purpose.exposure.includes('sun') && totalAreaM2(j.parts) > LARGE_MATTE_M2;
    return once(onePackTop && outside, { product: top.name });
  }),
  'brake-fluid': job((c) => attacked(c, 'brake-fluid')),
  'hot-oil': job((c) => attacked(c, 'oil')),
  'blend-limits': job(({ job: j, system }) => {
    const times = system.layers.flatMap((l) => meanFade(j, l) ?? []);
    return once(times.length > 0, { kind: j.purpose.colour.kind, times: Math.max(...times) });
  }),
  flexing: job((c) => once(isFlexed(c.job))),
  'chips-one-pack': job(({ top, onePackTop, job: { purpose } }) => {
    if (!top || top.kind !== 'clear') return [];
    return once(onePackTop && purpose.exposure.includes('stone-chips'), { product: top.name });
  }),
  'session-risk': session((s) => {
    const risk = s.failures[0];
    if (!risk) return [];
    const { cause, members } = risk;
    return once(members >= RISKY_MEMBERS, { session: s.id, cause, members, of: s.oksOf[1] });
  }),
  'start-outside': session((s) =>
    once(!s.feasible, { session: s.id, why: s.breaks[0]?.why ?? 'not-ready', min: s.breaks[0]?.min ?? 0 }),
  ),
  'night-after': session((s) => once(lostToNight(s), { session: s.id, at: s.handleAt })),
  'cold-paint': session((s) =>
    once(s.paintC !== null && s.paintC < PAINT_COLD_C, { session: s.id, paintC: s.paintC ?? 0 }),
  ),
  sweats: session((s) => once(s.sweatsH !== null, { session: s.id, hours: s.sweatsH ?? 0 })),
  'cold-cure': session((s) =>
    s.coldCure ? once(true, { session: s.id, hours: s.coldCure.hours, lostMin: s.coldCure.lostMin }) : [],
  ),
  'two-part-cold': job(coldTwoPart),
  'soft-until-baked': job(({ stack }) => {
    const baked = stack.find((p) => p.bake);
    return baked ? [{ product: baked.name, hottestC: Math.max(...baked.bake!.map((b) => b.tempC)) }] : [];
  }),
  'stock-not-counted': job((c) => c.notCounted.map((x) => ({ ...x }))),
};

const ALL = Object.entries(CAUTION_CARDS) as readonly [CautionCode, CautionCard][];

/** Everything this plan has to be careful of: what holds for the job, then session by session. */
export function cautionsOf(context: CautionContext): Caution[] {
  const ofJob = ALL.flatMap(([code, card]) => {
    if (card.of !== 'job') return [];
    return card.when(context).map((params) => ({ code, severity: severityOf(code), params }));
  });
  const ofSessions = context.sessions.flatMap((s) =>
    ALL.flatMap(([code, card]) => {
      if (card.of !== 'session') return [];
      return card.when(s).map((params) => ({ code, severity: severityOf(code), params }));
    }),
  );
  return [...ofJob, ...ofSessions];
}
