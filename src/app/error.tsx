'use client';
import Button from '@mui/material/Button';
import { usePathname } from 'next/navigation';
import { LinkButton } from '@/ui/parts/link-button';
import { UnreadDraft } from '@/ui/desk/unread-draft';

interface ErrorPageProps {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}

export default function ErrorPage({ error, reset }: ErrorPageProps) {
  const [, jobId] = /^\/jobs\/([^/]+)/.exec(usePathname()) ?? [];
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
        {jobId !== undefined && <UnreadDraft id={jobId} onGone={reset} />}
      </section>
    </main>
  );
}
