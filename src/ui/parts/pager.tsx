/** Which of many are shown, and the way to the others; nothing where all are. */
import type { Paged } from '@/usecases/bench';
import { LinkButton } from './link-button';

interface PagerProps {
  readonly paged: Paged;
  readonly what: string;
  readonly href: (page: number) => string;
}

export function Pager({ paged: { page, pages, total }, what, href }: PagerProps) {
  if (pages <= 1) return null;
  return (
    <nav className="row mt-8 mb-8" aria-label={`${what}, pages`}>
      {page > 1 && (
        <LinkButton size="small" variant="outlined" href={href(page - 1)}>
          Newer
        </LinkButton>
      )}
      <span className="small muted">
        page {page} of {pages}, {total} in all
      </span>
      {page < pages && (
        <LinkButton size="small" variant="outlined" href={href(page + 1)}>
          Older
        </LinkButton>
      )}
    </nav>
  );
}
