import { LinkButton } from '@/ui/parts/link-button';

export default function NotFound() {
  return (
    <main id="main" className="body">
      <section className="panel maxw-560 m-40px-auto">
        <h1 className="text-20">This is not here</h1>
        <p className="cap mt-8 mb-14">
          The job may have been taken off the bench in another tab, or the address was mistyped.
        </p>
        <LinkButton variant="contained" href="/">
          Back to the bench
        </LinkButton>
      </section>
    </main>
  );
}
