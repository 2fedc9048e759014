'use client';
/** The tag at the right of a desk; on a phone a bar at the bottom that opens. `bar` is what the closed bar says. */
import { useId, useRef, useState, type ReactNode } from 'react';
import ButtonBase from '@mui/material/ButtonBase';
import { useFit } from './use-fit';

export function TagPlate({ bar, children }: { bar: ReactNode; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  const plate = useRef<HTMLElement>(null);
  useFit(plate);
  return (
    <aside className="verdict" aria-label="Verdict" data-open={open} ref={plate}>
      <TagShape />
      <ButtonBase className="bar" aria-expanded={open} aria-controls={id} onClick={() => setOpen(!open)}>
        <span>{bar}</span>
        <svg width="18" height="12" viewBox="0 0 18 12" aria-hidden="true">
          <path
            d={open ? 'M2 3l7 7 7-7' : 'M2 9l7-7 7 7'}
            fill="none"
            stroke="currentColor"
            strokeWidth="2.500"
          />
        </svg>
      </ButtonBase>
      <div className="in" id={id}>
        {children}
      </div>
    </aside>
  );
}

/** A luggage tag: cut corners, a hole, a string. */
function TagShape() {
  return (
    <>
      <svg className="tagback" aria-hidden="true" preserveAspectRatio="none">
        <rect
          x="0.5"
          y="24"
          width="calc(100% - 1px)"
          height="calc(100% - 25px)"
          fill="var(--panel)"
          stroke="var(--tag-line)"
        />
      </svg>
      <svg
        className="tagtop pos-absolute left-0 top-0"
        aria-hidden="true"
        width="100%"
        height="26"
        viewBox="0 0 250 26"
        preserveAspectRatio="none"
      >
        <path
          d="M.5 26V24.500L24.500 .5H225.500L249.500 24.500V26"
          fill="var(--panel)"
          stroke="var(--tag-line)"
        />
      </svg>
      <svg
        className="tagtop"
        aria-hidden="true"
        width="40"
        height="44"
        viewBox="0 0 40 44"
        style={{ position: 'absolute', left: '50%', top: -18, marginLeft: -20 }}
      >
        <circle cx="20" cy="37" r="6" fill="var(--ground)" stroke="var(--tag-line)" />
        <path d="M20 37C16 25 25 18 20 2" fill="none" stroke="var(--string)" strokeWidth="2" />
      </svg>
    </>
  );
}
