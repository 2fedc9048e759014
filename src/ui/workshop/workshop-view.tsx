'use client';
/** The workshop itself: how it looks, copies of all that is in it, and the keys. */
import Button from '@mui/material/Button';
import { FileButton } from '../parts/file-button';
import { TermList } from '../parts/term-list';
import { useMore } from '../parts/use-more';
import { ThemeSwitch, UnitSwitch } from '../shell/switches';
import type { KeptCopy } from '../views/workshop';
import { CopiesPanel } from './copies-panel';
import { FeedPanel, type FeedNow } from './feed-panel';
import { SaidLine } from './said-line';
import { useBring } from './use-bring';

const KEYS: readonly [string, string][] = [
  ['Tab, Shift + Tab', 'forward and back through everything that can be used'],
  ['Ctrl + Z', 'take the last change of a job back'],
  ['Ctrl + Shift + Z, Ctrl + Y', 'do it again'],
  ['/', 'find a job, a part, a product, a word'],
  ['1 to 9 on a stage', 'to that section, opened'],
  ['Left, Right on the week', 'start half an hour earlier, later'],
  ['Up, Down in a number', 'a step more, a step less'],
  ['Enter, then Enter', 'confirm what otherwise wants a long press'],
  ['Escape', 'close a list or a question'],
];

/** Jobs named before one asks for more. */
const AT_A_TIME = 20;

interface JobName {
  readonly id: string;
  readonly name: string;
}

interface WorkshopViewProps {
  readonly jobs: readonly JobName[];
  readonly kept: readonly KeptCopy[];
  readonly feed: FeedNow;
  readonly tz: string;
}

export function WorkshopView({ jobs, kept, feed, tz }: WorkshopViewProps) {
  return (
    <main id="main" className="body workpage">
      <h1 className="sr">Workshop</h1>
      <LookPanel />
      <CopiesPanel kept={kept} />
      <FeedPanel feed={feed} tz={tz} />
      <JobsPanel jobs={jobs} />
      <KeysPanel />
    </main>
  );
}

function LookPanel() {
  return (
    <section className="panel" aria-label="Look">
      <div className="hd mb-10">
        Look <small>kept in this browser</small>
      </div>
      <div className="row gap-24">
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

function JobsPanel({ jobs }: { jobs: readonly JobName[] }) {
  const { busy, said, bringJob } = useBring();
  const [shown, moreButton] = useMore(jobs, AT_A_TIME);
  return (
    <section className="panel" aria-label="Single jobs">
      <div className="hd mb-4">Single jobs</div>
      <p className="cap mb-12 maxw-720">
        A job as a file: to keep, to send on, or to plan on the command line.
      </p>
      <ul className="is-grid gap-4">
        {shown.map((j) => (
          <li key={j.id} className="row">
            <span className="upto-340">{j.name}</span>
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
      {moreButton}
      {jobs.length === 0 && <p className="cap">No jobs yet. Bring one in, or start one on the bench.</p>}
      <div className="row mt-12">
        <FileButton
          label={busy ? 'Bringing it in' : 'Bring a job in'}
          accept=".json,application/json"
          busy={busy}
          onFiles={([f]) => {
            if (f) void bringJob(f);
          }}
        />
      </div>
      <SaidLine said={said} />
    </section>
  );
}

function KeysPanel() {
  return (
    <section className="panel" aria-label="Keys">
      <div className="hd mb-8">Keys</div>
      <TermList lines={KEYS} />
    </section>
  );
}
