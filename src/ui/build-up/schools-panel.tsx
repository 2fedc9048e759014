'use client';
/** Where practitioners differ: choices that change the plan. */
import { chooseSchool } from '@/core/edits/choices';
import { schoolOf, SCHOOLS, type SchoolCard } from '@/core/coating/schools';
import { SCHOOL_WORDS } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/button-choice';
import { ProvenanceMark } from '../parts/mark';

export function SchoolsPanel() {
  return (
    <section className="panel" aria-label="Schools">
      <div className="hd">
        <small>
          the first is the usual one; a choice changes the plan, and the next new job starts with it
        </small>
      </div>
      <ul className="loglist">
        {SCHOOLS.map((s) => (
          <School key={s.id} school={s} />
        ))}
      </ul>
    </section>
  );
}

function School({ school }: { school: SchoolCard }) {
  const { job, edit } = useDesk();
  const words = SCHOOL_WORDS[school.id]!;
  return (
    <li className="row">
      <span className="grow-180">
        <b className="fw600">{words.ask}</b>
      </span>
      <ButtonChoice
        label={words.ask}
        value={schoolOf(job, school.id)}
        options={school.options}
        names={words.options}
        onChange={(v) => edit((j) => chooseSchool(j, school.id, v))}
      />
      <span className="small muted flex-1-1-100">
        {words.why}
        <ProvenanceMark mark="CP" />
      </span>
    </li>
  );
}
