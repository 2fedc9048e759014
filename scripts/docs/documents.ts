/** What is written from the cards, and where it lies. */
import { pairsDoc } from './pairs';

export interface WrittenDocument {
  readonly path: string;
  readonly text: () => string;
}
export const DOCUMENTS: readonly WrittenDocument[] = [{ path: 'docs/pairs.md', text: pairsDoc }];
