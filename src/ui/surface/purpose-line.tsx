/** A line of what the job is for: what is asked, the answer, and what follows from it. */
import type { ReactNode } from 'react';

interface LineProps {
  readonly label: string;
  readonly follows: string;
  readonly children: ReactNode;
}

export function Line({ label, follows, children }: LineProps) {
  return (
    <div className="is-grid cols-86px-minmax-0-1fr row-2 colgap-8 ai-center">
      <span className="small muted">{label}</span>
      <div className="row">{children}</div>
      <span />
      <span className="small muted">{follows}</span>
    </div>
  );
}
