'use client';
/** What has changed since the owner last went on with the plan, why, and the two ways from here. */
import Button from '@mui/material/Button';
import type { ChangedView } from '../views/changed';

interface ChangedCardProps {
  readonly view: ChangedView;
  readonly onTake: () => void;
  readonly onKeep: ((kept: NonNullable<ChangedView['keep']>) => void) | null;
}

export function ChangedCard({ view, onTake, onKeep }: ChangedCardProps) {
  const { keep } = view;
  return (
    <section className="panel bc-lagoon noprint" aria-label="What has changed" aria-live="polite">
      <h2 className="text-18 fw650">{view.head}</h2>
      <ul className="is-grid gap-4 mt-6">
        {view.changes.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
      <p className="small muted mt-6">Why: {view.why}</p>
      <p className="row gap-10 mt-8">
        <Button variant="contained" onClick={onTake}>
          Go on with this plan
        </Button>
        {keep && onKeep && (
          <Button variant="outlined" onClick={() => onKeep(keep)}>
            Keep the old start
          </Button>
        )}
      </p>
    </section>
  );
}
