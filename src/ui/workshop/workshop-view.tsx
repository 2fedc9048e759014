'use client';
/** The workshop itself: how it looks, copies of all that is in it, and the keys. */
import { useState } from 'react';
import dynamic from 'next/dynamic';
import Button from '@mui/material/Button';
import { FileButton } from '../parts/file-button';
import { ThemeSwitch, UnitSwitch } from '../shell/switches';
import { useBring, type Said } from './use-bring';

/** Not needed for the first look: fetched once the page stands. */
const HowDialog = dynamic(() => import('./how-dialog').then((m) => m.HowDialog), { ssr: false });

const KEYS: readonly [string, string][] = [
  ['Tab, Shift + Tab', 'forward and back through everything that can be used'],
  ['Ctrl + Z', 'take the last change of a job back'],
  ['Ctrl + Shift + Z, Ctrl + Y', 'do it again'],
  ['Left, Right on the week', 'start half an hour earlier, later'],
  ['Up, Down in a number', 'a step more, a step less'],
  ['Enter, then Enter', 'confirm what otherwise wants a long press'],
  ['Escape', 'close a list or a question'],
];

interface JobName {
  readonly id: string;
  readonly name: string;
}

export function WorkshopView({ jobs }: { jobs: readonly JobName[] }) {
  const { busy, said, bringJob, bringBack } = useBring();
  const [asked, setAsked] = useState<File | null>(null);
  const answer = (how: 'add' | 'replace' | null): void => {
    if (asked && how) void bringBack(asked, how);
    setAsked(null);
  };
  return (
    <main id="main" className="body" style={{ maxWidth: 980 }}>
      <h1 className="sr-phone" style={{ fontSize: 20, fontWeight: 650 }}>
        Workshop
      </h1>
      <LookPanel />
      <CopiesPanel busy={busy} onFile={setAsked} />
      <JobsPanel jobs={jobs} busy={busy} onFile={(file) => void bringJob(file)} />
      <SaidLine said={said} />
      <KeysPanel />
      <HowDialog file={asked} onAnswer={answer} />
    </main>
  );
}

function SaidLine({ said }: { said: Said | null }) {
  return (
    <p className="status" role="status" data-kind={said?.bad ? 'bad' : 'ok'}>
      {said?.text}
      {said?.more && <span style={{ display: 'block', fontWeight: 400 }}>{said.more}</span>}
    </p>
  );
}

function LookPanel() {
  return (
    <section className="panel" aria-label="Look">
      <div className="hd" style={{ marginBottom: 10 }}>
        Look <small>kept in this browser</small>
      </div>
      <div className="row" style={{ gap: 24 }}>
        <span className="row">
          <span className="muted">Units</span>
          <UnitSwitch />
        </span>
        <span className="row">
          <span className="muted">Theme</span>
          <ThemeSwitch />
        </span>
      </div>
    </section>
  );
}

interface CopiesPanelProps {
  readonly busy: 'job' | 'restore' | null;
  readonly onFile: (file: File | null) => void;
}

function CopiesPanel({ busy, onFile }: CopiesPanelProps) {
  return (
    <section className="panel" aria-label="Copies">
      <div className="hd" style={{ marginBottom: 4 }}>
        Copies of the whole workshop
      </div>
      <p className="cap" style={{ marginBottom: 12, maxWidth: 720 }}>
        The bundle is text that any program can read, photographs in it. The database copy holds what can be
        taken back, and no photographs. Both come back on this page, into this or another Pellucid.
      </p>
      <div className="row">
        <Button variant="contained" href="/api/workshop/bundle" download>
          Save as a bundle (JSON)
        </Button>
        <Button variant="outlined" href="/api/workshop/copy" download>
          Save the database (SQLite)
        </Button>
        <span className="push" />
        <FileButton
          label={busy === 'restore' ? 'Bringing it in' : 'Bring a copy back'}
          accept=".json,.sqlite,application/json"
          busy={busy !== null}
          onFiles={([f]) => onFile(f ?? null)}
        />
      </div>
    </section>
  );
}

interface JobsPanelProps {
  readonly jobs: readonly JobName[];
  readonly busy: 'job' | 'restore' | null;
  readonly onFile: (file: File) => void;
}

function JobsPanel({ jobs, busy, onFile }: JobsPanelProps) {
  return (
    <section className="panel" aria-label="Single jobs">
      <div className="hd" style={{ marginBottom: 4 }}>
        Single jobs
      </div>
      <p className="cap" style={{ marginBottom: 12, maxWidth: 720 }}>
        A job as a file: to keep, to send on, or to plan on the command line.
      </p>
      <ul style={{ display: 'grid', gap: 4 }}>
        {jobs.map((j) => (
          <li key={j.id} className="row">
            <span style={{ flex: '0 1 340px' }}>{j.name}</span>
            <Button
              size="small"
              variant="outlined"
              href={`/api/jobs/${j.id}/file`}
              download
              aria-label={`Save ${j.name} as a file`}
            >
              Save as a file
            </Button>
          </li>
        ))}
      </ul>
      {jobs.length === 0 && <p className="cap">No jobs yet. Bring one in, or start one on the bench.</p>}
      <div className="row" style={{ marginTop: 12 }}>
        <FileButton
          label={busy === 'job' ? 'Bringing it in' : 'Bring a job in'}
          accept=".json,application/json"
          busy={busy !== null}
          onFiles={([f]) => {
            if (f) onFile(f);
          }}
        />
      </div>
    </section>
  );
}

function KeysPanel() {
  return (
    <section className="panel" aria-label="Keys">
      <div className="hd" style={{ marginBottom: 8 }}>
        Keys
      </div>
      <dl className="keys">
        {KEYS.map(([k, what]) => (
          <div key={k}>
            <dt>{k}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
