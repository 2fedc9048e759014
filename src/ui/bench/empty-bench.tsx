'use client';
/** A first start: three ways in. */
import Button from '@mui/material/Button';
import type { BenchActions } from './use-bench-actions';

/** Invented jobs that can be begun from, each of another kind. */
const EXAMPLES = [
  ['tractor-bonnet', 'Bonnet and mudguards', 'failing clear on steel, cans'],
  ['stand-mixer', 'Stand-mixer shell', 'a small thing with many curves'],
  ['cargo-bike', 'Cargo-bike box', 'bare aluminium, cans'],
  ['locker-lids', 'Locker lids', 'bare ABS plastic, cans'],
] as const;

export function EmptyBench({ actions }: { actions: BenchActions }) {
  return (
    <section className="panel p-24" aria-label="Begin">
      <h2 className="text-18">Nothing on the bench yet</h2>
      <p className="cap mt-8 mb-18 maxw-620">
        A job is one thing to repaint: a bonnet, a set of covers, a box. Measure it, say what lies on it, and
        you get the layers, the cans, the best start of the week and the run sheet for the day.
      </p>
      <div className="waysin">
        <div>
          <h3>Describe my part</h3>
          <p className="cap">
            A plain panel to start from; size, stuff and what lies on it are yours to say.
          </p>
          <Button variant="contained" disabled={actions.busy} onClick={() => void actions.create()}>
            New job
          </Button>
        </div>
        <div>
          <h3>Start from an example</h3>
          <ul>
            {EXAMPLES.map(([id, name, what]) => (
              <li key={id}>
                <Button
                  size="small"
                  variant="outlined"
                  disabled={actions.busy}
                  onClick={() => void actions.create(id)}
                >
                  {name}
                </Button>{' '}
                <span className="small muted">{what}</span>
              </li>
            ))}
          </ul>
        </div>
        <div>
          <h3>Look at the demo</h3>
          <p className="cap">All of these examples on the bench at once; take off what you do not want.</p>
          <Button
            variant="outlined"
            disabled={actions.busy}
            onClick={() => void actions.bringAll(EXAMPLES.map(([id]) => id))}
          >
            Bring the demo in
          </Button>
        </div>
      </div>
    </section>
  );
}
