'use client';
/** The job tag: the next window with its odds, what to buy, hours of work, and the cautions of the moment. */
import type { Plan, Session } from '@/model/plan';
import { ProvenanceMark } from '../parts/mark';
import { CautionList } from '../parts/caution';
import { useFormat } from '../theme/providers';
import {
  chainText,
  futuresOf,
  moneyLine,
  oddsPct,
  packsCount,
  packsToBuy,
  packsWord,
  sessionsLine,
  blockersSaid,
  BLOCKERS_SHOWN,
  stageCautions,
  standingOf,
} from '../views/verdict';
import { BudgetBar, OddsMarks } from './odds-and-budget';
import { TagPlate } from './tag-plate';
import { Fold } from '@/ui/parts/fold';
import { Moved } from '@/ui/parts/moved';

export interface VerdictProps {
  readonly plan: Plan;
  readonly session: Session | undefined;
  readonly stage: string;
}

export function Verdict({ plan, session, stage }: VerdictProps) {
  const cautions = stageCautions(plan, stage);
  return (
    <TagPlate bar={<BarText plan={plan} session={session} />}>
      <Next plan={plan} session={session} />
      <ToBuy plan={plan} />
      <HandsOn plan={plan} />
      {cautions.length > 0 && (
        <div className="vsec cauts">
          <CautionList cautions={cautions} atOnce={2} />
        </div>
      )}
    </TagPlate>
  );
}

type Shown = Omit<VerdictProps, 'stage'>;

function BarText({ plan, session }: Shown) {
  const f = useFormat();
  const total = f.money(plan.cost.total, plan.cost.currency);
  const standing = standingOf(plan);
  if (standing === 'blocked') return <b>Blocked</b>;
  if (standing === 'done') return <b>All coats are on</b>;
  if (!session) return <b>{total}</b>;
  return (
    <>
      <b>{oddsPct(plan)} %</b> {f.day(session.startsAt)}, {f.time(session.startsAt)}; {total}
    </>
  );
}

function Next({ plan, session }: Shown) {
  const standing = standingOf(plan);
  if (standing === 'blocked') return <Blocked plan={plan} />;
  if (standing === 'done')
    return (
      <div className="vsec">
        <p className="mid">All coats are on</p>
        <p className="sub">Nothing left to spray.</p>
      </div>
    );
  return session ? <NextWindow plan={plan} session={session} /> : null;
}

function Blocked({ plan }: { plan: Plan }) {
  const f = useFormat();
  return (
    <div className="vsec">
      <h3>Blocked</h3>
      <ul className="is-grid gap-8 mt-4">
        {blockersSaid(plan, f)
          .slice(0, BLOCKERS_SHOWN)
          .map((said) => (
            <li key={said} className="small ink-oxide-ink fw600">
              {said}
            </li>
          ))}
      </ul>
    </div>
  );
}

function NextWindow({ plan, session }: { plan: Plan; session: Session }) {
  const f = useFormat();
  const [good, of] = futuresOf(plan);
  return (
    <div className="vsec">
      <h3>Next good window</h3>
      <p className="mid">
        <Moved>{`${f.day(session.startsAt)}, ${f.time(session.startsAt)}–${f.time(session.handsOffAt)}`}</Moved>
      </p>
      <p className="sub">{sessionsLine(plan, f)}</p>
      <OddsPair plan={plan} />
      <OddsMarks good={good} of={of} />
      <Fold summary="How this was computed">
        <p className="sub">
          {chainText(plan)}
          <ProvenanceMark mark="ID" /> The futures: the forecast with errors that grow with its lead time
          <ProvenanceMark mark="M" />.
        </p>
      </Fold>
    </div>
  );
}

/** The odds large, and what they are of. */
export function OddsPair({ plan }: { plan: Pick<Plan, 'chance' | 'sessions'> }) {
  const [good, of] = futuresOf(plan);
  return (
    <div className="pair mt-8 mb-6">
      <span className="big">
        <Moved>{`${oddsPct(plan)} %`}</Moved>
      </span>
      <span className="sub ta-right">
        {good} of {of} futures
        <br />
        tried end well
      </span>
    </div>
  );
}

function ToBuy({ plan }: { plan: Plan }) {
  const f = useFormat();
  const { total, budget, currency } = plan.cost;
  const packs = packsToBuy(plan);
  return (
    <div className="vsec">
      <h3>
        <span>{packsWord(packs)}</span>
        <span>of {f.money(budget, currency)}</span>
      </h3>
      <div className="pair">
        <span className="big">
          <Moved>{String(packsCount(packs))}</Moved>
        </span>
        <span className="mid">
          <Moved>{f.money(total, currency)}</Moved>
        </span>
      </div>
      <BudgetBar total={total} budget={budget} />
      <p className="sub">{moneyLine(plan, f)}</p>
    </div>
  );
}

function HandsOn({ plan }: { plan: Plan }) {
  const f = useFormat();
  if (plan.handsOnH <= 0) return null;
  return (
    <div className="vsec">
      <h3>Hands-on</h3>
      <div className="pair">
        <span className="big">
          <Moved>{f.hours(plan.handsOnH)}</Moved>
        </span>
        <span className="sub ta-right">
          {plan.sessions.map((s) => (
            <span key={s.id} className="is-block">
              {f.day(s.startsAt)}
            </span>
          ))}
        </span>
      </div>
    </div>
  );
}
