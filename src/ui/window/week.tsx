'use client';
/** The week: the ribbon of one session, its close-up beneath, and the same as a table. */
import { useState, type KeyboardEvent } from 'react';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { HOUR } from '@/core/time/instant';
import type { Suit } from '@/model/starts';
import { useDesk } from '../desk/job-desk';
import { CloseUp } from '../drawings/close-up';
import { Join, Ribbon } from '../drawings/ribbon';
import { useWidth } from '../drawings/use-width';
import { useFormat } from '../theme/providers';
import { sessionName, sessionOf } from '../views/session-name';
import { causeName, type WindowView } from '../views/window';
import { Fold } from '@/ui/parts/fold';

/** Hours on the ribbon, hours before now where it begins, and how far it can be leafed. */
const SHOWN_H = 84;
const PAST_H = 5;
const MOST_H = 96;
/** Until the page is measured, px. */
const USUAL_W = 736;

export interface WeekProps {
  readonly view: WindowView;
  readonly onSession: (id: string) => void;
  readonly onShift: (halfHours: number) => void;
}

export function Week({ view, onSession, onShift }: WeekProps) {
  const { nowMs } = useDesk();
  const [fromH, setFromH] = useState(0);
  const [box, width] = useWidth(USUAL_W);
  const { session, suit } = view;
  const fromMs = nowMs + (fromH - PAST_H) * HOUR;
  const onKey = (event: KeyboardEvent): void => {
    if (!session || event.target !== event.currentTarget) return;
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
    event.preventDefault();
    onShift(event.key === 'ArrowLeft' ? -1 : 1);
  };
  return (
    <section className="panel desk-only" aria-label="The week" onKeyDown={onKey} tabIndex={0}>
      <div className="row mb-8">
        <SessionPicks view={view} onSession={onSession} />
        <span className="push" />
        <Button
          size="small"
          variant="outlined"
          disabled={fromH <= 0}
          onClick={() => setFromH(Math.max(0, fromH - 24))}
        >
          Earlier days
        </Button>
        <Button
          size="small"
          variant="outlined"
          disabled={fromH >= MOST_H}
          onClick={() => setFromH(Math.min(MOST_H, fromH + 24))}
        >
          Later days
        </Button>
      </div>
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Ribbon and close-up">
        <div className="wide" ref={box}>
          <WeekRibbon view={view} fromMs={fromMs} width={width} />
          <SessionCloseUp view={view} fromMs={fromMs} width={width} onShift={onShift} />
        </div>
      </div>
      {suit && <HoursTable suit={suit} />}
    </section>
  );
}

function SessionPicks({ view, onSession }: Omit<WeekProps, 'onShift'>) {
  const f = useFormat();
  const { plan } = useDesk();
  return view.ids.map((id) => {
    const session = plan.sessions.find((s) => s.id === id);
    const isShown = id === view.id;
    return (
      <Button
        key={id}
        size="small"
        variant={isShown ? 'contained' : 'outlined'}
        aria-pressed={isShown}
        onClick={() => onSession(id)}
      >
        {sessionName(plan, sessionOf(plan, id))}
        {session ? `, ${f.day(session.startsAt)}` : ''}
      </Button>
    );
  });
}

interface WideProps {
  readonly view: WindowView;
  readonly fromMs: number;
  /** CSS px there are; a drawing wider than its panel scrolls. */
  readonly width: number;
}

function WeekRibbon({ view, fromMs, width }: WideProps) {
  const f = useFormat();
  const { air, plan, products, job, nowMs } = useDesk();
  if (view.id === null)
    return <p className="cap">The ribbon appears once the build-up holds and there is something to spray.</p>;
  return (
    <Ribbon
      air={air}
      plan={plan}
      sessionId={view.id}
      products={products}
      jobHex={job.purpose.colour.hex}
      nowMs={nowMs}
      fromMs={fromMs}
      hours={SHOWN_H}
      tz={job.place.tz}
      f={f}
      limits={view.limits}
      width={width}
    />
  );
}

function SessionCloseUp({ view, fromMs, width, onShift }: WideProps & Pick<WeekProps, 'onShift'>) {
  const f = useFormat();
  const { plan, products, job } = useDesk();
  const { session } = view;
  if (!session) return null;
  return (
    <>
      <Join session={session} fromMs={fromMs} hours={SHOWN_H} width={width} />
      <CloseUp
        plan={plan}
        session={session}
        products={products}
        jobHex={job.purpose.colour.hex}
        f={f}
        onShift={onShift}
        width={width}
      />
    </>
  );
}

function HoursTable({ suit }: { suit: Suit }) {
  const f = useFormat();
  return (
    <Fold summary="The same as a table">
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Hours as a table">
        <Table className="tbl">
          <TableHead>
            <TableRow>
              <TableCell>First coat from</TableCell>
              <TableCell>to</TableCell>
              <TableCell>verdict</TableCell>
              <TableCell>in the way</TableCell>
              <TableCell className="num">futures that end well</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {suit.spans.map((span) => (
              <TableRow key={span.startsAt}>
                <TableCell>{f.dayTime(span.startsAt)}</TableCell>
                <TableCell>{f.dayTime(span.endsAt)}</TableCell>
                <TableCell>{span.verdict === 'inside' ? 'just inside' : span.verdict}</TableCell>
                <TableCell>{span.reasons.map(causeName).join('; ')}</TableCell>
                <TableCell className="num">{span.share === null ? '–' : f.pct(span.share)}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </div>
    </Fold>
  );
}
