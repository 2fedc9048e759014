'use client';
/** Four tests at the part, as questions; the answer sets what it is made of and what lies on it. */
import Button from '@mui/material/Button';
import type { Part } from '@/model/job';

interface Answer {
  readonly say: string;
  readonly means: string;
  readonly set: Partial<Pick<Part, 'substrate' | 'condition' | 'silicone'>>;
}
const TESTS: readonly {
  readonly ask: string;
  readonly how: string;
  readonly dry?: boolean;
  readonly answers: readonly Answer[];
}[] = [
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
      { say: 'nothing', means: 'two-part or baked: sound', set: { condition: 'sound-paint' } },
      {
        say: 'softens or wrinkles',
        means: 'enamel, not cured: isolate',
        set: { condition: 'unknown-paint' },
      },
      { say: 'dissolves', means: 'lacquer: isolate', set: { condition: 'unknown-paint' } },
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

export function FindOut({ name, onAnswer }: { name: string; onAnswer: (set: Answer['set']) => void }) {
  return (
    <details>
      <summary>Find out what it is</summary>
      <ul style={{ display: 'grid', gap: 10, padding: '4px 0' }} aria-label={`Tests on ${name}`}>
        {TESTS.map((t) => (
          <li key={t.ask}>
            <p className="small">
              <b style={{ fontWeight: 600 }}>{t.ask}</b>{' '}
              <span className="muted">
                {t.how}
                {t.dry ? '' : ' Gloves on, solvent away from flame.'}
              </span>
            </p>
            <div className="row" style={{ gap: 8, marginTop: 4 }}>
              {t.answers.map((a) => (
                <Button
                  key={a.say}
                  size="small"
                  variant="outlined"
                  onClick={() => onAnswer(a.set)}
                  title={a.means}
                >
                  {a.say}: {a.means}
                </Button>
              ))}
            </div>
          </li>
        ))}
      </ul>
    </details>
  );
}
