/** The ways to do it: what it is sprayed with, and what lies on top. */
import type { Job } from '@/model/job';

export const ROUTES = [
  'cans-1k',
  'cans-2k',
  'cans-enamel',
  'blend',
  'gun-1k',
  'gun-2k',
  'gun-single',
] as const;
export type Route = (typeof ROUTES)[number];

export interface RouteCard {
  readonly carrier: 'aerosol' | 'gun';
  readonly clear: '1k' | '2k' | 'none';
  readonly leveller: 'filler-primer' | 'surfacer';
  /** Base and clear, colour and gloss in one, an enamel, or a mended spot under a whole new clear. */
  readonly top: 'base-clear' | 'single-stage' | 'enamel' | 'blend';
}

export const ROUTE_CARDS: Readonly<Record<Route, RouteCard>> = {
  'cans-1k': { carrier: 'aerosol', clear: '1k', leveller: 'filler-primer', top: 'base-clear' },
  'cans-2k': { carrier: 'aerosol', clear: '2k', leveller: 'filler-primer', top: 'base-clear' },
  'cans-enamel': { carrier: 'aerosol', clear: 'none', leveller: 'filler-primer', top: 'enamel' },
  blend: { carrier: 'aerosol', clear: '2k', leveller: 'filler-primer', top: 'blend' },
  'gun-1k': { carrier: 'gun', clear: '1k', leveller: 'filler-primer', top: 'base-clear' },
  'gun-2k': { carrier: 'gun', clear: '2k', leveller: 'surfacer', top: 'base-clear' },
  'gun-single': { carrier: 'gun', clear: 'none', leveller: 'surfacer', top: 'single-stage' },
};

/** Which route comes first for whom: two-part only with air-fed protection at hand. */
const FIRST: Readonly<Record<'gun' | 'cans', Readonly<Record<'air' | 'none', readonly Route[]>>>> = {
  gun: {
    air: ['gun-2k', 'gun-single', 'gun-1k', 'blend', 'cans-2k', 'cans-1k', 'cans-enamel'],
    none: ['gun-1k', 'cans-1k', 'cans-enamel', 'blend', 'gun-2k', 'gun-single', 'cans-2k'],
  },
  cans: {
    air: ['cans-2k', 'cans-1k', 'blend', 'cans-enamel', 'gun-2k', 'gun-1k', 'gun-single'],
    none: ['cans-1k', 'cans-2k', 'blend', 'cans-enamel', 'gun-1k', 'gun-2k', 'gun-single'],
  },
};

export function routesFor(kit: Job['equipment']): readonly Route[] {
  return FIRST[kit.sprayer === 'aerosol' ? 'cans' : 'gun'][kit.suppliedAir ? 'air' : 'none'];
}
