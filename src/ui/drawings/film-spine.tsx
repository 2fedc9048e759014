'use client';
/** The cross-section with its names and gauge, as it stands beside what is told of it. */
import { gaugeFor, type Stack } from '../views/stack';
import { FilmSection } from './film-section';

interface FilmSpineProps {
  readonly stack: Stack;
  /** Height of its gauge at most, px. */
  readonly mostPx?: number;
}

export function FilmSpine({ stack, mostPx = 400 }: FilmSpineProps) {
  const max = gaugeFor(stack.totalUm);
  return (
    <FilmSection
      stack={stack}
      pxPerUm={Math.min(2.5, mostPx / max)}
      width={204}
      gaugeMax={max}
      size="spine"
    />
  );
}
