'use client';
/** What every stage shares: whether it is saved, what can be taken back, and the columns. */
import type { ReactNode } from 'react';
import Button from '@mui/material/Button';
import { stepName } from '@/words/fields';
import { useDesk } from '../desk/job-desk';
import { saveText } from '../views/save-line';

export function SaveLine() {
  const { state, steps, message, step, resolve } = useDesk();
  const { text, bad } = saveText(state);
  return (
    <div className="row noprint" style={{ minHeight: 34 }}>
      <span className="status" role="status" data-kind={bad ? 'bad' : 'ok'}>
        {text}
      </span>
      {state.kind === 'clash' && (
        <>
          <Button size="small" variant="contained" onClick={() => resolve('mine')}>
            Keep mine
          </Button>
          <Button size="small" variant="outlined" onClick={() => resolve('theirs')}>
            Take theirs
          </Button>
        </>
      )}
      {message && (
        <span className="status" data-kind="bad" role="alert">
          {message}
        </span>
      )}
      <span className="push" />
      <Button
        size="small"
        variant="outlined"
        disabled={steps.undo === null && state.kind !== 'refused' && state.kind !== 'saving'}
        onClick={() => step('undo')}
        title={steps.undo === null ? 'Ctrl+Z' : `Take back ${stepName(steps.undo)} (Ctrl+Z)`}
      >
        Undo
      </Button>
      <Button
        size="small"
        variant="outlined"
        disabled={steps.redo === null}
        onClick={() => step('redo')}
        title={steps.redo === null ? 'Ctrl+Shift+Z' : `Do ${stepName(steps.redo)} again (Ctrl+Shift+Z)`}
      >
        Redo
      </Button>
    </div>
  );
}

export function Columns({
  kind,
  children,
}: {
  kind: 'cols-3' | 'cols-build' | 'cols-2';
  children: ReactNode;
}) {
  return (
    <main id="main" className={`body ${kind}`}>
      {children}
    </main>
  );
}
