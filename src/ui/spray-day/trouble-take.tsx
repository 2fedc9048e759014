'use client';
/** A mend before it goes into the plan: on which parts, and what it changes; taken or left. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { mendJobOf } from '@/core/edits/mend-job';
import type { OnJob } from '@/core/faults/at-hand';
import type { FaultCode } from '@/model/fault';
import { isClosed } from '@/model/job';
import type { MendKind } from '@/model/mend';
import { MEND_NAMES } from '@/words/sentences/faults/mends';
import { useDesk } from '../desk/job-desk';
import { partsAsked, takenChange, withCoatOn, type ShowsOn, type Taking } from '../views/take-mend';
import { sprayingNow } from '../views/trouble';
import { MendChanges } from '../mending/mend-changes';
import { useMendJob } from '../mending/use-mend-job';

interface TroubleTakeProps {
  readonly code: FaultCode;
  readonly kind: MendKind;
  readonly on: OnJob;
  readonly onClose: () => void;
}

export function TroubleTake({ code, kind, on, onClose }: TroubleTakeProps) {
  const { job, plan, nowMs, clock, edit } = useDesk();
  const begin = useMendJob();
  const [atMs] = useState(clock);
  const parts = partsAsked(code, on, nowMs);
  const [chosen, setChosen] = useState<readonly string[]>(parts.length === 1 ? [parts[0]!.id] : []);
  const taking: Taking = {
    code,
    kind,
    on,
    partIds: chosen,
    atMs,
    spraying: on.spraying === null ? null : sprayingNow(plan, nowMs),
  };
  const change = takenChange(taking);
  const isDone = isClosed(job);
  const take = (): void => {
    if (!change) return;
    if (isDone) {
      void begin.start(mendJobOf(change(job)));
      return;
    }
    edit(change);
    onClose();
  };
  return (
    <div className="is-grid gap-12">
      <h3 className="stephead">{MEND_NAMES[kind]}</h3>
      {parts.length > 1 && <PartChoice parts={parts} chosen={chosen} onChoose={setChosen} />}
      {chosen.length > 0 && !change && (
        <p role="alert">Not on these parts together as it is: choose them one by one, or another mend.</p>
      )}
      {change && !isDone && (
        <MendChanges key={chosen.join(' ')} before={(j) => withCoatOn(j, taking)} change={change} />
      )}
      {isDone && <p>This job is closed: the mend becomes a job of its own, with all that lies on it.</p>}
      {begin.message && <p role="alert">{begin.message}</p>}
      <Button variant="contained" className="big" disabled={!change || begin.isBusy} onClick={take}>
        {isDone ? 'Start a job to mend it' : 'Take it into the plan'}
      </Button>
    </div>
  );
}

interface PartChoiceProps {
  readonly parts: readonly ShowsOn[];
  readonly chosen: readonly string[];
  readonly onChoose: (ids: readonly string[]) => void;
}

function PartChoice({ parts, chosen, onChoose }: PartChoiceProps) {
  const toggle = (id: string): void =>
    onChoose(chosen.includes(id) ? chosen.filter((x) => x !== id) : [...chosen, id]);
  return (
    <fieldset className="partchoice">
      <legend>On which parts?</legend>
      {parts.map((p) => (
        <Button
          key={p.id}
          variant={chosen.includes(p.id) ? 'contained' : 'outlined'}
          aria-pressed={chosen.includes(p.id)}
          onClick={() => toggle(p.id)}
        >
          {p.name}
        </Button>
      ))}
      <Button variant="text" onClick={() => onChoose(parts.map((p) => p.id))}>
        All of them
      </Button>
    </fieldset>
  );
}
