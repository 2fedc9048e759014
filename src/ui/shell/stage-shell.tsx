'use client';
/** What every stage shares: save state with undo, and the three columns. */
import type { ReactNode } from 'react';
import Button from '@mui/material/Button';
import type { JobEditor } from '../hooks/use-job-editor';

export function SaveLine({ editor }: { editor: JobEditor }) {
  const s = editor.state;
  const text = s.kind === 'saved' ? 'Saved' : s.kind === 'saving' ? 'Saving' : s.kind === 'offline' ? 'Not saved yet: the server does not answer. Trying again; leave this page open.' : s.message;
  return (
    <div className="row noprint" style={{ minHeight: 34 }}>
      <span className="status" role="status" data-kind={s.kind === 'saved' || s.kind === 'saving' ? 'ok' : 'bad'}>{text}{s.kind === 'refused' && s.faults[0] ? ` ${s.faults[0].path}: ${s.faults[0].expected}` : ''}</span>
      {s.kind === 'stale' && <Button size="small" variant="outlined" onClick={() => window.location.reload()}>Reload</Button>}
      <span className="push" />
      <Button size="small" variant="outlined" disabled={!editor.undo} onClick={() => editor.undo?.()}>Undo</Button>
    </div>
  );
}

export function Columns({ kind, children }: { kind: 'cols-3' | 'cols-build' | 'cols-2'; children: ReactNode }) {
  return <main id="main" className={`body ${kind}`}>{children}</main>;
}
