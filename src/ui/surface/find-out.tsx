'use client';
/** Four tests at the part, as questions; the answer sets what it is made of and what lies on it. */
import Button from '@mui/material/Button';
import { FIELD_TESTS, type Answer } from '@/core/surface/field-tests';

export function FindOut({ name, onAnswer }: { name: string; onAnswer: (set: Answer['set']) => void }) {
  return (
    <details>
      <summary>Find out what it is</summary>
      <ul style={{ display: 'grid', gap: 10, padding: '4px 0' }} aria-label={`Tests on ${name}`}>
        {FIELD_TESTS.map((t) => (
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
