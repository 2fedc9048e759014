'use client';
/** The workshop's shelf, for a page of a job; null until it answers or when it does not. */
import type { ShelfRow } from '@/usecases/shelf';
import { useFetched } from './use-fetched';

export function useShelf(): readonly ShelfRow[] | null {
  return useFetched<{ rows: ShelfRow[] }>('/api/stock')?.rows ?? null;
}
