'use client';
import Button from '@mui/material/Button';
import { usePathname } from 'next/navigation';
import { LinkButton } from '@/ui/parts/link-button';
import { later } from '@/ui/parts/later';

/** Fetched only where a page broke. */
const UnreadDraft = later(null, () => import('@/ui/desk/unread-draft').then((m) => m.UnreadDraft));

interface ErrorPageProps {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}

export default function ErrorPage({ error, reset }: ErrorPageProps) {
  const [, jobId] = /^\/jobs\/([^/]+)/.exec(usePathname()) ?? [];
  return (
    <main id="main" className="body">
      <section className="panel maxw-560 m-40px-auto">
        <h1 className="text-20">Something broke on this page</h1>
        <p className="cap mt-8 mb-14">
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
