'use client';
/** Go, wait or leave it: the answer of now, with its sign, its odds and what the other choice would bring. */
import type { ActView } from '../views/act';
import { GoSign, MindSign, StopSign } from './icons';

const SIGNS = {
  go: <GoSign size={34} />,
  wait: <MindSign size={38} />,
  stop: <StopSign size={34} text="" />,
} as const;
const EDGES = { go: 'bc-moss', wait: 'bc-amber', stop: 'bc-oxide' } as const;

export function ActCard({ view }: { view: ActView }) {
  return (
    <section
      className={`panel act-card noprint ${EDGES[view.act]}`}
      aria-label="What to do now"
      aria-live="polite"
    >
      <span className="flex-none" aria-hidden>
        {SIGNS[view.act]}
      </span>
      <div>
        <p className="big text-20">{view.head}</p>
        <p className="mt-4">
          {view.why} <span className="muted">{view.notes.join(' ')}</span>
        </p>
      </div>
    </section>
  );
}
