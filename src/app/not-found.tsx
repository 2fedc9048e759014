import { LinkButton } from '@/ui/parts/link-button';

export default function NotFound() {
  return (
    <main id="main" className="body">
      <section className="panel" style={{ maxWidth: 560, margin: '40px auto' }}>
        <h1 style={{ fontSize: 20 }}>This is not here</h1>
        <p className="cap" style={{ margin: '8px 0 14px' }}>
          The job may have been taken off the bench in another tab, or the address was mistyped.
        </p>
        <LinkButton variant="contained" href="/">
          Back to the bench
        </LinkButton>
      </section>
    </main>
  );
}
