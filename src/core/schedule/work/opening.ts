/**
 * What a surface asks for before any paper touches it, as cards: fitted, washed, degreased; and what rust asks
 * for before its primer. Wax and silicone must not be sanded in. Common practice, no source; minutes from memory.
 */
import type { Part } from '@/model/job';
import type { TaskKind } from '@/model/plan';
import { isTimber } from '@/model/substrates';
import { totalAreaM2 } from '../../surface/area';
import type { PrepStep, WorkNeeds } from './draft';
import { inFives } from './minutes';

type Ground = Pick<Part, 'substrate' | 'condition'>;

const isBare = (p: Ground, substrate: Part['substrate']): boolean =>
  p.substrate === substrate && p.condition === 'bare';
/** Water raises its grain. */
export const isRawWood = (p: Ground): boolean => isTimber(p) && p.condition === 'bare';
/** Out of its mould: release wax on it. */
const isGelcoat = (p: Ground): boolean => isBare(p, 'fibreglass');
/** Never on the thing before, or shaped by hand and not just dented: it is not known to fit. */
const isUnfitted = (p: Part): boolean =>
  p.condition === 'e-coat' || isGelcoat(p) || (p.condition === 'filled' && !p.dents?.length);
const isRusty = (p: Ground): boolean => p.condition === 'rust';

interface GroundCard {
  readonly name: string;
  readonly code: string;
  readonly kind: TaskKind;
  readonly needs: WorkNeeds;
  readonly on: (p: Part) => boolean;
  /** Minutes to begin with and for each square metre. */
  readonly minutes: readonly [number, number];
}

const FIT: readonly GroundCard[] = [
  { name: 'fit', code: 'test-fit', kind: 'fit', needs: 'hands', on: isUnfitted, minutes: [10, 0] },
];

const BEFORE_PAPER: readonly GroundCard[] = [
  { name: 'vacuum', code: 'vacuum', kind: 'clean', needs: 'hands', on: isRawWood, minutes: [3, 4] },
  {
    name: 'wash',
    code: 'wash',
    kind: 'clean',
    needs: 'mild-dry',
    on: (p) => !isRawWood(p),
    minutes: [10, 10],
  },
  { name: 'dewax', code: 'release-wax', kind: 'clean', needs: 'hands', on: isGelcoat, minutes: [5, 16] },
  {
    name: 'degrease',
    code: 'degrease-first',
    kind: 'clean',
    needs: 'hands',
    on: (p) => !isRawWood(p) && !isGelcoat(p),
    minutes: [5, 8],
  },
];

/** After the last paper, before its primer the same day. */
const AFTER_RUST: readonly GroundCard[] = [
  { name: 'convert', code: 'rust-convert', kind: 'clean', needs: 'warm-dry', on: isRusty, minutes: [20, 5] },
  { name: 'rinse-acid', code: 'rust-rinse', kind: 'clean', needs: 'mild-dry', on: isRusty, minutes: [5, 5] },
  { name: 'dry-now', code: 'rust-dry', kind: 'clean', needs: 'hands', on: isRusty, minutes: [10, 5] },
];

function stepsOf(cards: readonly GroundCard[], id: string, parts: readonly Part[]): PrepStep[] {
  return cards.flatMap(({ name, code, kind, needs, on, minutes: [fixed, perM2] }): PrepStep[] => {
    const mine = parts.filter(on);
    if (mine.length === 0) return [];
    const areaM2 = totalAreaM2(mine);
    const feared = code === 'degrease-first' && mine.some((p) => p.silicone);
    const minutes = inFives((fixed + perM2 * areaM2) * (feared ? 2 : 1));
    const detail = { code: feared ? 'clean-twice' : code, params: { areaM2, parts: mine.length } };
    const partIds = mine.map((p) => p.id);
    return [{ id: `${id}.${name}`, kind, minutes, detail, partIds, needs, canSplit: true }];
  });
}

/**
 * What is new is fitted once, whole, before any of it is painted: with the first session, or with its own where it
 * comes later. @param all parts of the job @param now those whose own surface is worked on now
 */
export function fitting(
  id: string,
  isFirst: boolean,
  all: readonly Part[],
  now: readonly Part[],
): PrepStep[] {
  const isLater = (p: Part): boolean => p.readyFrom !== undefined;
  const due = isFirst ? all.filter((p) => !isLater(p) || now.includes(p)) : now.filter(isLater);
  return stepsOf(FIT, id, due).map((step) => ({ ...step, onlyBefore: `${id}.sand` }));
}

/** @param parts whose own surface is worked on now @param id of the session it is for */
export const beforePaper = (id: string, parts: readonly Part[]): PrepStep[] =>
  stepsOf(BEFORE_PAPER, id, parts).map((step) => ({ ...step, onlyBefore: `${id}.sand` }));

export const afterRust = (id: string, parts: readonly Part[]): PrepStep[] => stepsOf(AFTER_RUST, id, parts);

/** What damp and cold brought to the top of an epoxy is washed off, not sanded in. @param parts that have it */
export function washBloom(id: string, parts: readonly Part[]): PrepStep[] {
  if (parts.length === 0) return [];
  const areaM2 = totalAreaM2(parts);
  const detail = { code: 'wash-bloom', params: { areaM2 } };
  const common = { kind: 'clean', needs: 'mild-dry', canSplit: true, onlyBefore: `${id}.sand` } as const;
  const partIds = parts.map((p) => p.id);
  return [{ ...common, id: `${id}.bloom`, minutes: inFives(5 + 6 * areaM2), detail, partIds }];
}
