'use client';
/** Four tests at the part, as questions; the answer sets what it is made of and what lies on it. */
import Button from '@mui/material/Button';
import { FIELD_TESTS, type Answer } from '@/core/surface/field-tests';

export function FindOut({ name, onAnswer }: { name: string; onAnswer: (set: Answer['set']) => void }) {
  return (
    <details>
      <summary>Find out what it is</summary>
      <ul style={{ display: 'grid', gap: 10, padding: '4px 0' }} aria-label={`Tests on ${name}`}>
        {FIELD_TESTS.map((fieldTest) => (
          <li key={fieldTest.ask}>
            <p className="small">
              <b style={{ fontWeight: 600 }}>{fieldTest.ask}</b>{' '}
              <span className="muted">
                {fieldTest.how}
                {fieldTest.dry ? '' : ' Gloves on, solvent away from flame.'}
              </span>
            </p>
            <div className="row" style={{ gap: 8, marginTop: 4 }}>
              {fieldTest.answers.map((answer) => (
                <Button
                  key={answer.say}
                  size="small"
                  variant="outlined"
                  onClick={() => onAnswer(answer.set)}
                  title={answer.means}
                >
                  {answer.say}: {answer.means}
                </Button>
              ))}
            </div>
          </li>
        ))}
      </ul>
    </details>
  );
}
