/** What a fault teaches, as a change that can be kept: each a card with its faults, its state and what it sets. */
import type { FaultCode } from '@/model/fault';
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { RISK_OF_SHORT } from '../material/spread';

export const LESSONS = [
  'less-wind',
  'more-gap',
  'cans-indoors',
  'dusty-floor',
  'insects',
  'wait-longer',
  'light-first',
  'light-last',
  'more-spare',
] as const;
export type LessonCode = (typeof LESSONS)[number];

/** What it is learned on: the job, and the paints it is sprayed with. */
export interface LearnedOn {
  readonly job: Job;
  readonly products: readonly Product[];
}

export interface Lesson {
  readonly code: LessonCode;
  /** What it is now and what it would be, as the sentence says them. */
  readonly from: number | null;
  readonly to: number | null;
  apply(job: Job): Job;
}

interface LessonCard {
  readonly code: LessonCode;
  readonly faults: readonly FaultCode[];
  /** null where it is kept already, or cannot be. */
  readonly learn: (on: LearnedOn) => Omit<Lesson, 'code'> | null;
}

const STEP_MS = 0.5;
const LEAST_WIND_MS = 0.5;
const STEP_K = 1;
const MOST_GAP_K = 8;

const least = (list: readonly number[]): number => Math.min(...list);
const most = (list: readonly number[]): number => Math.max(...list);
const inPlace = (job: Job, patch: Partial<Job['place']>): Job => ({
  ...job,
  place: { ...job.place, ...patch },
});
const withSchools = (job: Job, patch: Partial<NonNullable<Job['schools']>>): Job => ({
  ...job,
  schools: { ...job.schools, ...patch },
});

function lessWind({ job, products }: LearnedOn): Omit<Lesson, 'code'> | null {
  if (products.length === 0) return null;
  const from = Math.min(job.place.windMaxMs ?? Infinity, least(products.map((p) => p.windMaxMs)));
  const to = Math.max(LEAST_WIND_MS, Math.round((from - STEP_MS) * 10) / 10);
  return to < from ? { from, to, apply: (j) => inPlace(j, { windMaxMs: to }) } : null;
}

function moreGap({ job, products }: LearnedOn): Omit<Lesson, 'code'> | null {
  if (products.length === 0) return null;
  const from = Math.max(job.place.gapMinK ?? 0, most(products.map((p) => p.dewGapMinK)));
  const to = Math.min(MOST_GAP_K, from + STEP_K);
  return to > from ? { from, to, apply: (j) => inPlace(j, { gapMinK: to }) } : null;
}

/** Something that is so or not. */
const once = (isKept: boolean, apply: Lesson['apply']): Omit<Lesson, 'code'> | null =>
  isKept ? null : { from: null, to: null, apply };

/** Minutes of the schools of waiting, with which the next is found. */
const WAITS = ['sheet', '30', '60', '180'] as const;
function waitLonger({ job, products }: LearnedOn): Omit<Lesson, 'code'> | null {
  if (!products.some((p) => p.kind === 'basecoat' || p.kind === 'mid-coat')) return null;
  const now = WAITS.indexOf(job.schools?.baseToClear ?? 'sheet');
  const next = WAITS[now + 1];
  if (!next || next === 'sheet') return null;
  const from = now === 0 ? null : Number(WAITS[now]);
  return { from, to: Number(next), apply: (j) => withSchools(j, { baseToClear: next }) };
}

const LEAST_SHORT = 0.01;
function moreSpare({ job }: LearnedOn): Omit<Lesson, 'code'> | null {
  const from = job.risk.runOut ?? RISK_OF_SHORT;
  const to = Math.max(LEAST_SHORT, Math.round((from / 2) * 100) / 100);
  return to < from ? { from, to, apply: (j) => ({ ...j, risk: { ...j.risk, runOut: to } }) } : null;
}

const CARDS: readonly LessonCard[] = [
  { code: 'less-wind', faults: ['wind-grit', 'dry-spray', 'overspray'], learn: lessWind },
  { code: 'more-gap', faults: ['blush', 'water-marks', 'die-back'], learn: moreGap },
  {
    code: 'cans-indoors',
    faults: ['can-cold', 'can-spits', 'orange-peel'],
    learn: ({ job, products }) =>
      products.some((p) => p.carrier === 'aerosol')
        ? once(job.place.paintHere !== true, (j) => inPlace(j, { paintHere: false }))
        : null,
  },
  {
    code: 'dusty-floor',
    faults: ['dust-nibs', 'hair', 'wind-grit'],
    learn: ({ job }) => once(job.place.dusty === true, (j) => inPlace(j, { dusty: true })),
  },
  {
    code: 'insects',
    faults: ['insect'],
    learn: ({ job }) => once(job.place.insects === true, (j) => inPlace(j, { insects: true })),
  },
  { code: 'wait-longer', faults: ['solvent-pop', 'die-back', 'mottle', 'lifting'], learn: waitLonger },
  {
    code: 'light-first',
    faults: ['runs', 'fish-eyes'],
    learn: ({ job, products }) =>
      products.some((p) => p.kind === 'clear')
        ? once(job.schools?.firstClear !== 'medium', (j) => withSchools(j, { firstClear: 'tack' }))
        : null,
  },
  {
    code: 'light-last',
    faults: ['tiger-stripes', 'mottle', 'flake-clumps'],
    learn: ({ job, products }) =>
      products.some((p) => p.effect === 'metallic' || p.effect === 'pearl')
        ? once(job.schools?.lastEffect !== 'wet', (j) => withSchools(j, { lastEffect: 'drop' }))
        : null,
  },
  { code: 'more-spare', faults: ['ran-out', 'poor-hiding'], learn: moreSpare },
];

/** What may be kept of a fault, the nearest first; none where all of it is kept already. */
export const lessonsOf = (fault: FaultCode, on: LearnedOn): Lesson[] =>
  CARDS.filter((c) => c.faults.includes(fault)).flatMap(({ code, learn }) => {
    const learned = learn(on);
    return learned ? [{ code, ...learned }] : [];
  });
