/** What is written from the cards, and where it lies. */
import { pairsDoc } from './pairs';
import { safetyDoc } from './safety';

export interface WrittenDocument {
  readonly path: string;
  readonly text: () => string;
}
export const DOCUMENTS: readonly WrittenDocument[] = [
  { path: 'docs/pairs.md', text: pairsDoc },
  { path: 'docs/safety.md', text: safetyDoc },
];
