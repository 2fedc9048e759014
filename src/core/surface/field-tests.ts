/** Four tests at the part, as questions; the answer says what it is made of and what lies on it. */
import type { Part } from '@/model/job';

export interface Answer {
  readonly say: string;
  readonly means: string;
  readonly set: Partial<Pick<Part, 'substrate' | 'condition' | 'film' | 'silicone'>>;
}
export interface FieldTest {
  readonly ask: string;
  readonly how: string;
  readonly dry?: boolean;
  readonly answers: readonly Answer[];
}
/** Tests with water, thinner, a magnet and a knife. Common practice, no source. */
export const FIELD_TESTS: readonly FieldTest[] = [
  {
    ask: 'Degreased: does water sheet?',
    how: 'Wet a hand’s breadth, watch 30 s.',
    dry: true,
    answers: [
      { say: 'sheets', means: 'clean', set: { silicone: false } },
      { say: 'beads', means: 'wax or silicone: every wipe twice', set: { silicone: true } },
    ],
  },
  {
    ask: 'Old paint: what does thinner do?',
    how: 'A cloth with thinner on a hidden spot, 30 s.',
    answers: [
      { say: 'nothing', means: 'two-part or baked: sound', set: { condition: 'sound-paint', film: 'baked' } },
      {
        say: 'softens or wrinkles',
        means: 'enamel, not hard: strip it, or a test patch under epoxy',
        set: { condition: 'unknown-paint', film: 'soft' },
      },
      {
        say: 'dissolves',
        means: 'lacquer: two-part paint only after days, thin',
        set: { condition: 'unknown-paint', film: 'lacquer' },
      },
      {
        say: 'black comes off an unpainted new panel',
        means: 'shipping paint, not electro-coat: take it off to bare',
        set: { condition: 'bare' },
      },
    ],
  },
  {
    ask: 'Metal: does a magnet hold?',
    how: 'Draw it along the part.',
    answers: [
      { say: 'yes, everywhere', means: 'steel', set: { substrate: 'steel' } },
      {
        say: 'weak in places',
        means: 'steel with filler there',
        set: { substrate: 'steel', condition: 'filled' },
      },
      { say: 'no', means: 'aluminium', set: { substrate: 'aluminium' } },
    ],
  },
  {
    ask: 'Plastic: a sliver in water?',
    how: 'Cut one from the inside.',
    answers: [
      { say: 'floats', means: 'PP or TPO: promoter', set: { substrate: 'pp', condition: 'bare' } },
      { say: 'sinks', means: 'ABS or alike', set: { substrate: 'abs', condition: 'bare' } },
      {
        say: 'floats, waxy, soft',
        means: 'PE: paint does not hold',
        set: { substrate: 'pe', condition: 'bare' },
      },
    ],
  },
];
