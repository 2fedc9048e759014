'use client';
/** How the whole came out, the tape test, and looks at it later. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { logOf, setLook, setRubric, setTapeTest, withoutLook } from '@/core/edits/log';
import { civilDate } from '@/core/time/instant';
import { ASPECTS } from '@/model/rubric';
import { LOG_MARKS } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { CrossCut } from '../drawings/cross-cut';
import { DateBox } from '../parts/date-box';
import { useFormat } from '../theme/providers';
import { ASPECT_NAMES, cutsMm, RUBRIC_WORDS } from '../views/logbook';
import { MarkBlocks } from './mark-blocks';

const CLASSES = [0, 1, 2, 3, 4, 5] as const;

export function RubricPanel() {
  const { job, edit, plan } = useDesk();
  const { rubric = {} } = logOf(job);
  const isEarly = plan.sessions.length > 0;
  return (
    <section className="panel" aria-label="How the whole came out">
      {isEarly && (
        <p className="cap">Coats are still to come: what is marked now is of what stands there today.</p>
      )}
      <ul className="loglist">
        {ASPECTS.map((a) => (
          <li key={a} className="row">
            <b className="fw600 minw-108">{ASPECT_NAMES[a]}</b>
            <MarkBlocks
              label={`${ASPECT_NAMES[a]}, how it came out`}
              value={rubric[a] ?? null}
              words={RUBRIC_WORDS[a]}
              onChange={(mark) => edit((j) => setRubric(j, { [a]: mark }))}
            />
            <span className="small muted">
              {rubric[a] === undefined ? 'not said yet' : RUBRIC_WORDS[a][rubric[a]]}
            </span>
          </li>
        ))}
      </ul>
      <Tape />
      <Looks />
    </section>
  );
}

function useToday(): string {
  const { job, nowMs } = useDesk();
  return civilDate(nowMs, job.place.tz);
}

function Tape() {
  const { job, edit, plan } = useDesk();
  const today = useToday();
  const { tape } = logOf(job);
  const mm = cutsMm(job, plan);
  return (
    <section className="mt-14" aria-label="Cross-cut and tape">
      <h3 className="text-14 fw650">Cross-cut and tape, on a test piece</h3>
      <p className="cap">
        {mm === null
          ? 'The film is too thick for this test.'
          : `Six cuts each way, ${mm} mm apart, down to the ground; tape on, pull it off. Which is it like?`}
      </p>
      <div className="row mt-6" role="group" aria-label="Class of the tape test">
        {CLASSES.map((k) => (
          <Button
            key={k}
            variant={tape?.class === k ? 'contained' : 'outlined'}
            aria-pressed={tape?.class === k}
            onClick={() => edit((j) => setTapeTest(j, tape?.class === k ? null : { on: today, class: k }))}
          >
            <CrossCut cls={k} />
            {k}
          </Button>
        ))}
      </div>
    </section>
  );
}

function Looks() {
  const f = useFormat();
  const { job, edit } = useDesk();
  const today = useToday();
  const { looks = [] } = logOf(job);
  const [on, setOn] = useState(today);
  const isAhead = on > today;
  return (
    <section className="mt-14" aria-label="Looked at again">
      <h3 className="text-14 fw650">Looked at again</h3>
      <ul className="loglist">
        {looks.map((l) => (
          <li key={l.on} className="row">
            <b className="minw-108">{f.date(l.on)}</b>
            <span className="flex-1">{LOG_MARKS[l.mark]}</span>
            <Button size="small" onClick={() => edit((j) => withoutLook(j, l.on))}>
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <div className="row mt-6 noprint">
        <DateBox
          label="Day"
          value={on}
          isNeeded
          onChange={setOn}
          fault={isAhead ? `A look is of a day that was: ${f.date(today)} at the latest.` : null}
        />
        <MarkBlocks
          label="How it stands"
          value={null}
          words={LOG_MARKS}
          onChange={(mark) => {
            if (!isAhead) edit((j) => setLook(j, { on, mark }));
          }}
        />
      </div>
    </section>
  );
}
