/** Four tests at the part, as questions; the answer says what it is made of and what lies on it. */
import type { Part } from '@/model/job';

type Tests = NonNullable<Part['tests']>;
export type TestId = keyof Tests;

export interface Answer<I extends TestId = TestId> {
  readonly id: NonNullable<Tests[I]>;
  readonly say: string;
  readonly means: string;
  readonly set: Partial<Pick<Part, 'substrate' | 'condition' | 'film' | 'silicone'>>;
}
interface TestOf<I extends TestId> {
  readonly id: I;
  /** Its name, for a heading. */
  readonly name: string;
  readonly ask: string;
  readonly how: string;
  /** No solvent in it. */
  readonly dry?: boolean;
  readonly answers: readonly Answer<I>[];
}
export type FieldTest = { [I in TestId]: TestOf<I> }[TestId];

/** Tests with water, thinner, a magnet and a knife. Common practice, no source. */
export const FIELD_TESTS: readonly FieldTest[] = [
  {
    id: 'water',
    name: 'Water',
    ask: 'Degreased: does water sheet?',
    how: 'Wet a hand’s breadth, watch 30 s.',
    dry: true,
    answers: [
      { id: 'sheets', say: 'sheets', means: 'clean', set: { silicone: false } },
      { id: 'beads', say: 'beads', means: 'wax or silicone: every wipe twice', set: { silicone: true } },
    ],
  },
  {
    id: 'thinner',
    name: 'Thinner',
    ask: 'Old paint: what does thinner do?',
    how: 'A cloth with thinner on a hidden spot, 30 s.',
    answers: [
      {
        id: 'nothing',
        say: 'nothing',
        means: 'two-part or baked: sound',
        set: { condition: 'sound-paint', film: 'baked' },
      },
      {
        id: 'softens',
        say: 'softens or wrinkles',
        means: 'enamel, not hard: strip it, or a test patch under epoxy',
        set: { condition: 'unknown-paint', film: 'soft' },
      },
      {
        id: 'dissolves',
        say: 'dissolves',
        means: 'lacquer: two-part paint only after days, thin',
        set: { condition: 'unknown-paint', film: 'lacquer' },
      },
      {
        id: 'black',
        say: 'black comes off',
        means: 'on a new panel: shipping paint, not electro-coat; take it off to bare',
        set: { condition: 'bare' },
      },
    ],
  },
  {
    id: 'magnet',
    name: 'Magnet',
    ask: 'Metal: does a magnet hold?',
    how: 'Draw it along the part.',
    dry: true,
    answers: [
      { id: 'holds', say: 'yes, everywhere', means: 'steel', set: { substrate: 'steel' } },
      {
        id: 'weak',
        say: 'weak in places',
        means: 'steel with filler there',
        set: { substrate: 'steel', condition: 'filled' },
      },
      { id: 'none', say: 'no', means: 'aluminium', set: { substrate: 'aluminium' } },
    ],
  },
  {
    id: 'sliver',
    name: 'Sliver in water',
    ask: 'Plastic: a sliver in water?',
    how: 'Cut one from the inside.',
    dry: true,
    answers: [
      {
        id: 'floats',
        say: 'floats',
        means: 'PP or TPO: promoter',
        set: { substrate: 'pp', condition: 'bare' },
      },
      { id: 'sinks', say: 'sinks', means: 'ABS or alike', set: { substrate: 'abs', condition: 'bare' } },
      {
        id: 'waxy',
        say: 'floats, waxy, soft',
        means: 'PE: paint does not hold',
        set: { substrate: 'pe', condition: 'bare' },
      },
    ],
  },
];

/** What a test at the part came to; null where it was not made. */
export const answerOf = (part: Part, fieldTest: FieldTest): Answer | null =>
  fieldTest.answers.find((a) => a.id === part.tests?.[fieldTest.id]) ?? null;

/** The part says something else by now: it was changed by hand after the test. */
export const isGainsaid = (part: Part, { set }: Answer): boolean =>
  (Object.keys(set) as (keyof Answer['set'])[]).some((k) => (part[k] ?? false) !== set[k]);
