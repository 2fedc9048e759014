'use client';
/** The build-up beside every stage, to the same scale for one job. */
import type { ReactNode } from 'react';
import { useDesk } from '../desk/job-desk';
import { FilmSection } from '../drawings/film-section';
import { FilmStrip } from '../drawings/film-strip';
import { gaugeFor, stackOf } from '../views/stack';
import { useFormat } from '../theme/providers';

interface SpineProps {
  readonly title?: string;
  readonly children?: ReactNode;
}

export function Spine({ title = 'Build-up', children }: SpineProps) {
  const { job, plan, products } = useDesk();
  const f = useFormat();
  const stack = stackOf(job, plan, products);
  const max = gaugeFor(stack.totalUm);
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
          <FilmSection
            stack={stack}
            pxPerUm={Math.min(2.5, 400 / max)}
            width={204}
            gaugeMax={max}
            size="spine"
          />
        </div>
        <div className="cap">{children}</div>
      </section>
    </>
  );
}
