'use client';
/** The build-up beside every stage, to the same scale for one job. */
import type { ReactNode } from 'react';
import { useDesk } from '../desk/job-desk';
import { FilmSpine } from '../drawings/film-spine';
import { FilmStrip } from '../drawings/film-strip';
import { stackOf } from '../views/stack';
import { useFormat } from '../theme/providers';

interface SpineProps {
  readonly title?: string;
  readonly children?: ReactNode;
}

export function Spine({ title = 'Build-up', children }: SpineProps) {
  const { job, plan, products } = useDesk();
  const f = useFormat();
  const stack = stackOf(job, plan, products);
  return (
    <>
      <div className="strip">
        <FilmStrip stack={stack} />
      </div>
      <section className="hide-narrow" aria-label={title}>
        <div className="hd">
          {title}
          <span className="r">{f.film(stack.totalUm)}</span>
        </div>
        <div className="mt-6 mb-10">
          <FilmSpine stack={stack} />
        </div>
        <div className="cap">{children}</div>
      </section>
    </>
  );
}
