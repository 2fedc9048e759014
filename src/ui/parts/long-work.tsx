'use client';
/**
 * Work that takes longer than a glance: that it runs, and the way to stop it. Lies over the page, so that nothing
 * jumps. Never fetched late: it is wanted just when the server may be away, and a page that misses a part is lost.
 */
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';

interface LongWorkProps {
  /** What is being worked out. */
  readonly said: string;
  readonly onCancel: () => void;
}

export function LongWork({ said, onCancel }: LongWorkProps) {
  return (
    <div className="longwork noprint">
      <LinearProgress aria-label={said} />
      <p className="row" role="status">
        {said}
        <Button size="small" variant="outlined" onClick={onCancel}>
          Cancel
        </Button>
      </p>
    </div>
  );
}
