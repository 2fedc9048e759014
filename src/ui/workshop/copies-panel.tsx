'use client';
/** Copies of the whole workshop: out, in, and those it keeps of itself. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { FileButton } from '../parts/file-button';
import { useFormat } from '../theme/providers';
import { keptLine, sendingText, sentPct, type KeptCopy } from '../views/workshop';
import { SaidLine } from './said-line';
import { useCopies, type Step } from './use-copies';
import { Fold } from '@/ui/parts/fold';
import { later } from '../parts/later';

/** Not needed for the first look: fetched once the page stands. */
const HowDialog = later(null, () => import('./how-dialog').then((m) => m.HowDialog));
const GoBackDialog = later(null, () => import('./how-dialog').then((m) => m.GoBackDialog));

export function CopiesPanel({ kept }: { kept: readonly KeptCopy[] }) {
  const { step, said, choose, bringIn, goBack, letGo } = useCopies();
  const [asked, setAsked] = useState<KeptCopy | null>(null);
  const busy = step.kind !== 'idle';
  return (
    <section className="panel" aria-label="Copies">
      <div className="hd mb-4">Copies of the whole workshop</div>
      <p className="cap mb-12 maxw-720">
        One archive with everything: jobs and what can be taken back, shelf and its history, ticks,
        photographs. As text any program can read it; as a database it opens at once. Both come back on this
        page, into this or another Pellucid.
      </p>
      <div className="row">
        <Button variant="contained" href="/api/workshop/archive?as=tables" download>
          Save everything, as text
        </Button>
        <Button variant="outlined" href="/api/workshop/archive?as=database" download>
          Save everything, as a database
        </Button>
        <span className="push" />
        <FileButton
          label={busy ? 'Bringing it in' : 'Bring a copy back'}
          accept=".zip,.json,.sqlite,application/zip,application/json"
          busy={busy}
          onFiles={([f]) => {
            if (f) void choose(f);
          }}
        />
      </div>
      <Progress step={step} onLetGo={letGo} />
      <SaidLine said={said} />
      <KeptList kept={kept} busy={busy} onGoBack={setAsked} />
      <HowDialog step={step} onHow={(how) => void bringIn(how)} onLetGo={letGo} />
      <GoBackDialog
        copy={asked}
        onAnswer={(yes) => {
          if (asked && yes) void goBack(asked.name);
          setAsked(null);
        }}
      />
    </section>
  );
}

function Progress({ step, onLetGo }: { step: Step; onLetGo: () => void }) {
  if (step.kind === 'idle' || step.kind === 'asking') return null;
  const share = step.kind === 'sending' ? sentPct(step.sent, step.bytes) : null;
  const words =
    step.kind === 'sending'
      ? sendingText(step.sent, step.bytes, step.elapsedMs)
      : { reading: 'Looking at what is in it', bringing: 'Bringing it in' }[step.kind];
  return (
    <div className="mt-12" aria-live="polite">
      <div className="row">
        <span>
          {step.name}: {words}
        </span>
        <span className="push" />
        {step.kind !== 'bringing' && (
          <Button size="small" onClick={onLetGo}>
            Leave it
          </Button>
        )}
      </div>
      <LinearProgress
        sx={{ mt: 1 }}
        aria-label={words}
        {...(share === null ? {} : { variant: 'determinate', value: share })}
      />
    </div>
  );
}

interface KeptListProps {
  readonly kept: readonly KeptCopy[];
  readonly busy: boolean;
  readonly onGoBack: (copy: KeptCopy) => void;
}

function KeptList({ kept, busy, onGoBack }: KeptListProps) {
  const f = useFormat();
  if (kept.length === 0) return null;
  return (
    <Fold summary={<>Copies kept beside the data: {kept.length}</>} className="mt-12">
      <ul className="is-grid gap-4 mt-8">
        {kept.map((copy) => (
          <li key={copy.name} className="row">
            <span className="upto-420">{keptLine(copy, f)}</span>
            <Button size="small" variant="outlined" disabled={busy} onClick={() => onGoBack(copy)}>
              Go back to it
            </Button>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
