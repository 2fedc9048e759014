'use client';
/** One pair of hands: hours that several jobs want, and the order in which they give way to one another. */
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import LinearProgress from '@mui/material/LinearProgress';
import type { BenchJob } from '@/usecases/bench';
import type { Together } from '@/usecases/together';
import { MindSign, UpSign } from '../parts/icons';
import { useFetched } from '../parts/use-fetched';
import { useFormat } from '../theme/providers';
import { clashesOf, clashHours } from '../views/bench';
import { inAList } from '../views/session-name';
import { idsInTurn, orderSaid, swapped, turnLines, type TurnLine } from '../views/turns';
import { useTurns, type TurnsAtWork } from './use-turns';

/** Hours named at most; the others are no news. */
const MOST_HOURS = 3;

export function TurnsPanel({ jobs }: { jobs: readonly BenchJob[] }) {
  const ids = idsInTurn(jobs);
  const turns = useTurns(ids);
  const hours = clashHours(clashesOf(jobs));
  // One that is left over gives way to nobody.
  if (hours.length === 0 && ids.length < 2) return null;
  return (
    <section className="panel" aria-label="One pair of hands">
      <div className="hd">
        One pair of hands{' '}
        {ids.length > 0 && (
          <small>planned together: each around those above it, dust away from wet paint</small>
        )}
      </div>
      {hours.length > 0 && <Wanted hours={hours.slice(0, MOST_HOURS)} />}
      {ids.length > 0 && <Order key={ids.join(' ')} ids={ids} turns={turns} />}
      <Ways ids={ids} isOpen={hours.length > 0} turns={turns} />
    </section>
  );
}

function Wanted({ hours }: { hours: ReturnType<typeof clashHours> }) {
  const f = useFormat();
  return (
    <div className="caut mind mt-8" role="note">
      <MindSign />
      <div>
        {hours.map(({ at, names }) => (
          <p key={at}>
            {f.dayTime(at)} is wanted by {inAList(names)}.
          </p>
        ))}
      </div>
    </div>
  );
}

interface OrderProps {
  readonly ids: readonly string[];
  readonly turns: TurnsAtWork;
}

/** What was just found is shown as it is; else it is worked out once more. */
function Order({ ids, turns }: OrderProps) {
  const { found } = turns;
  const isFound = found !== null && found.rows.map((r) => r.id).join() === ids.join();
  return isFound ? <OrderTold told={found} turns={turns} /> : <OrderAsked ids={ids} turns={turns} />;
}

function OrderAsked({ ids, turns }: OrderProps) {
  const told = useFetched<Together>(`/api/bench/turns?order=${ids.join(',')}`);
  if (!told) return <LinearProgress className="mt-8" aria-label="Working out what each gives up" />;
  return <OrderTold told={told} turns={turns} />;
}

function OrderTold({ told, turns }: { told: Together; turns: TurnsAtWork }) {
  const f = useFormat();
  const lines = turnLines(told, f);
  // More may stand in turn than this page of the bench shows.
  const all = told.rows.map((r) => r.id);
  return (
    <>
      <ol className="turns">
        {lines.map((line, i) => (
          <TurnRow
            key={line.id}
            line={line}
            nth={i + 1}
            isLast={i === lines.length - 1}
            move={(by) => void turns.set(swapped(all, line.id, by))}
          />
        ))}
      </ol>
      <p className="small muted mt-6">{orderSaid(told)}</p>
    </>
  );
}

interface TurnRowProps {
  readonly line: TurnLine;
  /** from 1 */
  readonly nth: number;
  readonly isLast: boolean;
  readonly move: (by: -1 | 1) => void;
}

function TurnRow({ line, nth, isLast, move }: TurnRowProps) {
  return (
    <li>
      <b className="fw650">{nth}</b>
      <span>
        <b className="fw650">{line.name}</b>
        <span>, {line.when}</span>
        {line.gives !== null && <span className="small muted is-block">{line.gives}</span>}
        {line.along !== null && <span className="small is-block">{line.along}</span>}
      </span>
      <IconButton
        size="small"
        aria-label={`${line.name} before`}
        disabled={nth === 1}
        onClick={() => move(-1)}
      >
        <UpSign />
      </IconButton>
      <IconButton size="small" aria-label={`${line.name} after`} disabled={isLast} onClick={() => move(1)}>
        <UpSign isDown />
      </IconButton>
    </li>
  );
}

interface WaysProps extends OrderProps {
  /** Some hour is wanted by several still. */
  readonly isOpen: boolean;
}

function Ways({ ids, isOpen, turns }: WaysProps) {
  const { busy, seek, cancel, set } = turns;
  if (busy === 'seeks')
    return (
      <div className="mt-8">
        <LinearProgress aria-label="Trying the orders" />
        <p className="row mt-6" role="status">
          Trying the orders of the jobs
          <Button size="small" variant="outlined" onClick={cancel}>
            Cancel
          </Button>
        </p>
      </div>
    );
  return (
    <p className="row gap-10 mt-8">
      <Button
        size="small"
        variant={isOpen ? 'contained' : 'outlined'}
        disabled={busy !== null}
        onClick={() => void seek()}
      >
        {ids.length > 0 && !isOpen ? 'Seek the best order' : 'Plan them together'}
      </Button>
      {ids.length > 0 && (
        <Button
          size="small"
          disabled={busy !== null}
          onClick={() => void set([], 'Each job is planned for itself.')}
        >
          Each for itself
        </Button>
      )}
      <span className="status" data-kind={turns.error ? 'bad' : 'ok'} role="status">
        {turns.error}
      </span>
    </p>
  );
}
