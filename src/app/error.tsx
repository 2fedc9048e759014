'use client';
import Button from '@mui/material/Button';
import { LinkButton } from '@/ui/parts/link-button';

export default function ErrorPage({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset: () => void;
}) {
  return (
    <main id="main" className="body">
      <section className="panel" style={{ maxWidth: 560, margin: '40px auto' }}>
        <h1 style={{ fontSize: 20 }}>Something broke on this page</h1>
        <p className="cap" style={{ margin: '8px 0 14px' }}>
          What you saved is safe. Try once more; if it stays, go back to the bench.
          {error.digest ? ` Mark: ${error.digest}.` : ''}
        </p>
        <div className="row">
          <Button variant="contained" onClick={reset}>
            Try again
          </Button>
          <LinkButton variant="outlined" href="/">
            Back to the bench
          </LinkButton>
        </div>
      </section>
    </main>
  );
}
