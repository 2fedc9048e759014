'use client';
/** What it is and what to do: this minute, later, and what else it could be. */
import Button from '@mui/material/Button';
import type { FaultCode } from '@/model/fault';
import type { MendKind } from '@/model/mend';
import { FaultFace } from '../drawings/fault-face';
import type { MendView } from '../views/mend-lines';
import type { TroubleView } from '../views/trouble';
import { Lessons } from './lessons';
import { NoteButton } from './note-button';

interface TroubleVerdictProps {
  readonly view: TroubleView;
  readonly onNote: () => void;
  readonly onClose: () => void;
  readonly onLook: (code: FaultCode) => void;
  readonly onTake: (kind: MendKind) => void;
}

export function TroubleVerdict({ view, onNote, onClose, onLook, onTake }: TroubleVerdictProps) {
  const { act, actName, name, look, now, not, mends, lookalike, next, film } = view;
  return (
    <div className="is-grid gap-12">
      <section className="troublecard" data-act={act} aria-label="What to do now">
        <p className="act">{actName}</p>
        <h3>{name}</h3>
        <div className="is-flex gap-12">
          <FaultFace code={view.code} />
          <p className="small flex-1">
            {look}
            {film && <span className="muted"> On {film}.</span>}
          </p>
        </div>
        <ol className="donow">
          {now.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ol>
        {not && <p className="never">{not}</p>}
      </section>
      {mends.map((m, i) => (
        <MendCard key={m.kind} mend={m} isOther={i > 0} onTake={() => onTake(m.kind)} />
      ))}
      {lookalike && (
        <Button variant="outlined" onClick={() => onLook(lookalike.code)}>
          Or is it this: {lookalike.name.toLowerCase()}?
        </Button>
      )}
      <p>
        <b>Next time.</b> {next}
      </p>
      <Lessons code={view.code} />
      <NoteButton onNote={onNote} onClose={onClose} />
    </div>
  );
}

interface MendCardProps {
  readonly mend: MendView;
  readonly isOther: boolean;
  readonly onTake: () => void;
}

function MendCard({ mend, isOther, onTake }: MendCardProps) {
  return (
    <section className="panel" aria-label={mend.name}>
      <div className="hd">
        {isOther ? 'Or: ' : 'Later: '}
        {mend.name}
      </div>
      {mend.lines.length > 0 && (
        <ol className="donow">
          {mend.lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ol>
      )}
      <p className="small muted mt-6">{mend.adds}</p>
      {mend.lines.length > 0 && (
        <Button variant="outlined" className="mt-8" onClick={onTake}>
          Into the plan…
        </Button>
      )}
    </section>
  );
}
