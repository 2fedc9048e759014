/** What a part is made of, as several rooms ask. */
import type { Part } from '@/model/job';

const PLASTICS: ReadonlySet<Part['substrate']> = new Set(['pp', 'abs', 'pe']);
export const isPlastic = (p: Pick<Part, 'substrate'>): boolean => PLASTICS.has(p.substrate);
