'use client';
/** The start: when, how sure, what is at stake, and the air that is expected at the first coat. */
import type { ReactNode } from 'react';
import type { Session } from '@/model/plan';
import { sayCheck } from '@/words/sentences/checks';
import { useDesk } from '../desk/job-desk';
import { GoSign, MindSign } from '../parts/icons';
import { useFormat } from '../theme/providers';
import { brokenSaid, spoilers, startLine, valuedChecks } from '../views/window';

/** @param children the controls that move it */
export function Decision({ session, children }: { session: Session; children: ReactNode }) {
  return (
    <section className="panel b-2px-solid-lagoon" aria-label="The start">
      <div className="is-grid cols-repeat-auto-fit-minmax-220px-1fr gap-18">
        <Odds session={session} />
        <ul className="is-grid gap-6 ac-start">
          <Expected session={session} />
        </ul>
      </div>
      <div className="row mt-12">{children}</div>
    </section>
  );
}

function Odds({ session }: { session: Session }) {
  const f = useFormat();
  const { plan, products } = useDesk();
  const spoiled = spoilers(session);
  const [good, of] = session.oksOf;
  return (
    <div>
      <p className="big text-20">
        {f.day(session.startsAt)}, start {f.time(session.startsAt)}
      </p>
      <p className={`fw650 ${session.feasible ? 'ink-moss-ink' : 'ink-oxide-ink'}`}>
        {session.feasible ? `${good} of ${of} futures end well` : brokenSaid(session)}
      </p>
      <p className="cap mt-6">
        {startLine(session, products, f)} At stake: {f.money(session.stakes.materials, plan.cost.currency)} of
        paint and {f.hours(session.stakes.hours)}.
      </p>
      {spoiled !== '' && <p className="cap mt-4">What can spoil it: {spoiled}.</p>}
    </div>
  );
}

function Expected({ session }: { session: Session }) {
  const f = useFormat();
  return valuedChecks(session).map(({ check, ok }) => (
    <li key={check.code} className="row small wrap-nowrap gap-8">
      {ok ? <GoSign /> : <MindSign size={20} />}
      <span>{sayCheck(check, f)}</span>
    </li>
  ));
}
