'use client';
/** What stands out of the film: told by part and kind, then dressed by itself or coated again. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { addFound, withoutFound } from '@/core/edits/finish';
import { mendJobOf } from '@/core/edits/mend-job';
import { isClosed } from '@/model/job';
import { FOUNDS, RUN_HEIGHTS, type FoundKind, type RunHeight } from '@/model/finish';
import { FOUND_NAMES } from '@/words/sentences/finish-tasks';
import { useDesk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/button-choice';
import { ListChoice } from '../parts/list-choice';
import { NumberBox } from '../parts/number-box';
import { Tick } from '../parts/tick';
import { MendChanges } from '../mending/mend-changes';
import { useMendJob } from '../mending/use-mend-job';
import { useFormat } from '../theme/providers';
import {
  asksOf,
  coatedAgain,
  foundOf,
  foundView,
  HEIGHT_NAMES,
  type FoundRow,
  type FoundView,
} from '../views/found';

export function FoundPanel() {
  const f = useFormat();
  const { job, plan, products } = useDesk();
  const { rows, parts } = foundView({ job, plan, products }, f);
  return (
    <section className="is-grid gap-8" aria-label="What stands out of it">
      <b>
        What stands out of it <small className="muted">lamp low, hand flat; before the first paper</small>
      </b>
      {rows.length > 0 && (
        <ul className="loglist">
          {rows.map((row) => (
            <FoundItem key={row.id} row={row} />
          ))}
        </ul>
      )}
      <FoundForm parts={parts} />
    </section>
  );
}

function FoundItem({ row }: { row: FoundRow }) {
  const { edit } = useDesk();
  const [isAsking, setAsking] = useState(false);
  return (
    <li className="is-grid gap-4">
      <div className="row">
        <b className="flex-1">{row.name}</b>
        <Button
          size="small"
          aria-label={`Take off: ${row.name}`}
          onClick={() => edit((j) => withoutFound(j, row.id))}
        >
          Take off
        </Button>
      </div>
      <p className="small">{row.how}</p>
      <p className="small muted">{row.why}</p>
      {row.isCoatedAgain && !isAsking && (
        <div className="row mt-6">
          <Button variant="outlined" onClick={() => setAsking(true)}>
            Clear again over the face
          </Button>
        </div>
      )}
      {row.isCoatedAgain && isAsking && <CoatAgain id={row.id} />}
    </li>
  );
}

/** What it changes first; then it goes into the plan, or becomes a job of its own. */
function CoatAgain({ id }: { id: string }) {
  const { job, plan, products, edit, clock } = useDesk();
  const begin = useMendJob();
  const [atMs] = useState(clock);
  const change = coatedAgain({ job, plan, products }, id, atMs);
  if (!change)
    return <p role="alert">No more may go on this film: it would grow too thick. Leave it, or strip it.</p>;
  const isDone = isClosed(job);
  const take = (): void => {
    if (isDone) void begin.start(mendJobOf(change(job)));
    else edit(change);
  };
  return (
    <div className="is-grid gap-8">
      {!isDone && <MendChanges before={(j) => j} change={change} />}
      {begin.message && <p role="alert">{begin.message}</p>}
      <Button variant="contained" disabled={begin.isBusy} onClick={take}>
        {isDone ? 'Start a job to mend it' : 'Take it into the plan'}
      </Button>
    </div>
  );
}

const MOST_NIBS = 500;

/** A find before it is noted. */
interface Draft {
  readonly kind: FoundKind;
  readonly partId: string;
  readonly height: RunHeight;
  readonly count: number;
  readonly isDeep: boolean;
}
const DRAFT: Draft = { kind: 'run', partId: '', height: 'middle', count: 1, isDeep: false };

function FoundForm({ parts }: Pick<FoundView, 'parts'>) {
  const { edit } = useDesk();
  const [typed, setTyped] = useState(DRAFT);
  const partId = parts.some((p) => p.id === typed.partId) ? typed.partId : parts[0]!.id;
  const draft = { ...typed, partId };
  const set = (patch: Partial<Draft>): void => setTyped({ ...draft, ...patch });
  return (
    <div className="row gap-12 noprint">
      <ListChoice
        label="Found"
        value={draft.kind}
        options={FOUNDS}
        names={FOUND_NAMES}
        width="min(100%, 230px)"
        onChange={(kind: FoundKind) => set({ kind })}
      />
      {parts.length > 1 && (
        <ListChoice
          label="On"
          value={partId}
          options={parts.map((p) => p.id)}
          names={Object.fromEntries(parts.map((p) => [p.id, p.name]))}
          onChange={(to) => set({ partId: to })}
        />
      )}
      <KindFields draft={draft} onChange={set} />
      <Button variant="outlined" onClick={() => edit((j) => addFound(j, foundOf(draft)))}>
        Note it
      </Button>
    </div>
  );
}

interface KindFieldsProps {
  readonly draft: Draft;
  readonly onChange: (patch: Partial<Draft>) => void;
}

/** What is asked of its kind. */
function KindFields({ draft, onChange }: KindFieldsProps) {
  switch (asksOf(draft.kind)) {
    case 'height':
      return (
        <ButtonChoice
          label="How high"
          value={draft.height}
          options={RUN_HEIGHTS}
          names={HEIGHT_NAMES}
          onChange={(height: RunHeight) => onChange({ height })}
        />
      );
    case 'count':
      return (
        <NumberBox
          label="How many"
          value={draft.count}
          onChange={(count) => onChange({ count })}
          min={1}
          max={MOST_NIBS}
          whole
        />
      );
    case 'deep':
      return (
        <Tick isOn={draft.isDeep} onChange={(isDeep) => onChange({ isDeep })}>
          through the film
        </Tick>
      );
    default:
      return null;
  }
}
