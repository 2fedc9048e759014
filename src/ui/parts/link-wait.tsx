'use client';
/** Inside a link: says that its page is on the way, once that takes longer than a third of a second. */
import { useLinkStatus } from 'next/link';

export function LinkWait() {
  const { pending } = useLinkStatus();
  return pending ? (
    <span className="linkwait" role="status">
      <span className="sr">opening</span>
    </span>
  ) : null;
}
