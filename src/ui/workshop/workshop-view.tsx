'use client';
/** The workshop itself: how it looks, copies of all that is in it, and the keys. */
import { useState, type ReactNode } from 'react';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { FileButton } from '../parts/file-button';
import { ThemeSwitch, UnitSwitch } from '../shell/switches';

const MOST_BYTES = 64 * 1024 * 1024;
const KEYS: readonly [string, string][] = [
  ['Tab, Shift + Tab', 'forward and back through everything that can be used'],
  ['Ctrl + Z', 'take the last change of a job back'],
  ['Ctrl + Shift + Z, Ctrl + Y', 'do it again'],
  ['Left, Right on the week', 'start half an hour earlier, later'],
  ['Up, Down in a number', 'a step more, a step less'],
  ['Enter, then Enter', 'confirm what otherwise wants a long press'],
  ['Escape', 'close a list or a question'],
];

interface Answer {
  readonly id?: string;
  readonly added?: number;
  readonly same?: number;
  readonly putAside?: number;
  readonly photos?: number;
  readonly error?: string;
  readonly faults?: readonly { path: string; expected: string }[];
}

export function WorkshopView({ jobs }: { jobs: readonly { id: string; name: string }[] }) {
  const router = useRouter();
  const [busy, setBusy] = useState<string | null>(null);
  const [said, setSaid] = useState<{ bad: boolean; text: ReactNode } | null>(null);
  const [asked, setAsked] = useState<File | null>(null);
  const post = async (
    what: string,
    url: string,
    file: File,
    type: string | null,
    told: (a: Answer) => ReactNode,
  ): Promise<void> => {
    if (file.size > MOST_BYTES) {
      setSaid({ bad: true, text: `${file.name} is larger than 64 MB. Choose a copy saved by this page.` });
      return;
    }
    setBusy(what);
    setSaid(null);
    try {
      const r = await fetch(url, {
        method: 'POST',
        headers: { 'content-type': type ?? 'application/octet-stream' },
        body: await file.arrayBuffer(),
      });
      const a = (await r.json()) as Answer;
      setSaid(
        r.ok
          ? { bad: false, text: told(a) }
          : {
              bad: true,
              text: (
                <>
                  {a.error}
                  {a.faults && a.faults.length > 0 && (
                    <span style={{ display: 'block', fontWeight: 400 }}>
                      {a.faults
                        .slice(0, 4)
                        .map((f) => `${f.path}: expected ${f.expected}`)
                        .join('. ')}
                    </span>
                  )}
                </>
              ),
            },
      );
      if (r.ok) router.refresh();
    } catch {
      setSaid({ bad: true, text: 'The server does not answer. Nothing was changed; try again in a moment.' });
    }
    setBusy(null);
  };
  const restore = (file: File, how: 'add' | 'replace'): void => {
    setAsked(null);
    void post(
      'restore',
      `/api/workshop/restore?how=${how}`,
      file,
      null,
      (a) =>
        `Brought in: ${a.added ?? 0}. Here already, the same: ${a.same ?? 0}.${a.photos ? ` Photographs: ${a.photos}.` : ''}${a.putAside ? ` Taken off the bench, to be put back there: ${a.putAside}.` : ''}`,
    );
  };
  return (
    <main id="main" className="body" style={{ maxWidth: 980 }}>
      <h1 className="sr-phone" style={{ fontSize: 20, fontWeight: 650 }}>
        Workshop
      </h1>
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
            onFiles={([f]) => setAsked(f ?? null)}
          />
        </div>
      </section>
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
              if (f) void post('job', '/api/jobs', f, 'application/json', () => `${f.name} is on the bench.`);
            }}
          />
        </div>
      </section>
      <p className="status" role="status" data-kind={said?.bad ? 'bad' : 'ok'}>
        {said?.text}
      </p>
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
      <Dialog open={asked !== null} onClose={() => setAsked(null)} aria-labelledby="how-title">
        <DialogTitle id="how-title" sx={{ fontSize: 18, fontWeight: 650 }}>
          Bring {asked?.name} in
        </DialogTitle>
        <DialogContent>
          <p className="cap">
            Add it: its jobs come beside what is here; jobs that are here already and the same are left out.
          </p>
          <p className="cap" style={{ marginTop: 8 }}>
            Replace: what is on the bench now is taken off first. It stays under “Taken off the bench” and can
            be put back.
          </p>
        </DialogContent>
        <DialogActions sx={{ p: 2, gap: 1 }}>
          <Button onClick={() => setAsked(null)}>Leave it</Button>
          <Button variant="outlined" onClick={() => asked && restore(asked, 'replace')}>
            Replace
          </Button>
          <Button variant="contained" onClick={() => asked && restore(asked, 'add')}>
            Add it
          </Button>
        </DialogActions>
      </Dialog>
    </main>
  );
}
