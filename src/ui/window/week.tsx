'use client';
/** The weeks: the ribbon of one session, its close-up beneath, and the same as a table. */
import type { KeyboardEvent } from 'react';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import ButtonGroup from '@mui/material/ButtonGroup';
import type { Suit } from '@/model/starts';
import { useDesk } from '../desk/job-desk';
import { CloseUp } from '../drawings/close-up';
import { Join, Ribbon } from '../drawings/ribbon';
import { paperOf } from '../drawings/ribbon-frame';
import { useWidth } from '../drawings/use-width';
import { useFormat } from '../theme/providers';
import { sessionName, sessionOf } from '../views/session-name';
import { ribbonKey } from '../views/ribbon';
import { causeName, type WindowView } from '../views/window';
import { useStretch, type RibbonStretch } from './use-stretch';
import { Fold } from '@/ui/parts/fold';

/** Until the page is measured, px. */
const USUAL_W = 736;

export interface WeekProps {
  readonly view: WindowView;
  readonly onSession: (id: string) => void;
  readonly onShift: (halfHours: number) => void;
}

export function Week({ view, onSession, onShift }: WeekProps) {
  const { air, nowMs } = useDesk();
  const [box, width] = useWidth(USUAL_W);
  const stretch = useStretch(air, nowMs, paperOf(width).inner);
  const { session, suit } = view;
  const onKey = (event: KeyboardEvent): void => {
    if (event.target !== event.currentTarget || stretch.onKey(event) || !session) return;
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
    event.preventDefault();
    onShift(event.key === 'ArrowLeft' ? -1 : 1);
  };
  return (
    <section className="panel desk-only" aria-label="The weeks" onKeyDown={onKey} tabIndex={0}>
      <div className="row mb-8">
        <SessionPicks view={view} onSession={onSession} />
        <span className="push" />
        <StretchButtons stretch={stretch} />
      </div>
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Ribbon and close-up">
        <div className="wide" ref={box}>
          <div {...stretch.pan} className="panned">
            <WeekRibbon view={view} stretch={stretch} width={width} />
          </div>
          <SessionCloseUp view={view} stretch={stretch} width={width} onShift={onShift} />
        </div>
      </div>
      <RibbonKey />
      {suit && <HoursTable suit={suit} />}
    </section>
  );
}

function StretchButtons({ stretch: { can, leaf, zoom } }: { stretch: RibbonStretch }) {
  return (
    <ButtonGroup size="small" variant="outlined" aria-label="What the ribbon shows">
      <Button disabled={!can.earlier} onClick={() => leaf(-1)}>
        Earlier days
      </Button>
      <Button disabled={!can.later} onClick={() => leaf(1)}>
        Later days
      </Button>
      <Button disabled={!can.closer} onClick={() => zoom(-1)}>
        Closer
      </Button>
      <Button disabled={!can.wider} onClick={() => zoom(1)}>
        Wider
      </Button>
    </ButtonGroup>
  );
}

/** What is on the ribbon beside the air and the coats. */
function RibbonKey() {
  const { known } = useDesk();
  const said = ribbonKey(known);
  return said === '' ? null : <p className="small muted mt-6">{said}</p>;
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
  readonly stretch: Pick<RibbonStretch, 'fromMs' | 'hours'>;
  /** CSS px there are; a drawing wider than its panel scrolls. */
  readonly width: number;
}

function WeekRibbon({ view, stretch, width }: WideProps) {
  const f = useFormat();
  const { air, plan, products, job, nowMs, known } = useDesk();
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
      fromMs={stretch.fromMs}
      hours={stretch.hours}
      known={known}
      tz={job.place.tz}
      f={f}
      limits={view.limits}
      width={width}
    />
  );
}

function SessionCloseUp({ view, stretch, width, onShift }: WideProps & Pick<WeekProps, 'onShift'>) {
  const f = useFormat();
  const { plan, products, job } = useDesk();
  const { session } = view;
  if (!session) return null;
  return (
    <>
      <Join session={session} fromMs={stretch.fromMs} hours={stretch.hours} width={width} />
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
