/** How an item of the shelf stands, as a sign; the words stand beside it. */
import type { ShelfRow } from '@/usecases/shelf';
import { GoSign, MindSign, StopSign } from '../parts/icons';

export function StateSign({ state }: { state: ShelfRow['expiry']['state'] }) {
  if (state === 'expired') return <StopSign size={16} />;
  return state === 'good' ? <GoSign size={16} /> : <MindSign size={18} />;
}
