'use client';
/** Tests at the part: one that was made is a line with its answer, one that was not shows its answers. */
import Button from '@mui/material/Button';
import { FIELD_TESTS, answerOf, isGainsaid, type FieldTest } from '@/core/surface/field-tests';
import { forgetTest, learnPart } from '@/core/edits/parts';
import type { Part } from '@/model/job';
import { useDesk } from '../desk/job-desk';
import { GoSign, MindSign } from '../parts/icons';
import { EditorGroup } from './editor-group';

export function FindOut({ part, name }: { part: Part; name: string }) {
  const made = FIELD_TESTS.filter((t) => answerOf(part, t) !== null).length;
  const note = `${made} of ${FIELD_TESTS.length} made; an answer fills in the fields`;
  return (
    <EditorGroup name="Tests" note={note}>
      <ul className="tests" aria-label={`Tests on ${name}`}>
        {FIELD_TESTS.map((fieldTest) => (
          <Test key={fieldTest.id} part={part} fieldTest={fieldTest} />
        ))}
      </ul>
    </EditorGroup>
  );
}

interface TestProps {
  readonly part: Part;
  readonly fieldTest: FieldTest;
}

function Test({ part, fieldTest }: TestProps) {
  const answer = answerOf(part, fieldTest);
  return (
    <li>
      {answer ? (
        <Made part={part} fieldTest={fieldTest} answer={answer} />
      ) : (
        <Asked part={part} fieldTest={fieldTest} />
      )}
    </li>
  );
}

function Made({ part, fieldTest, answer }: TestProps & { answer: NonNullable<ReturnType<typeof answerOf>> }) {
  const desk = useDesk();
  const isOther = isGainsaid(part, answer);
  return (
    <>
      <b className="fw600">{fieldTest.name}</b>
      <p className="testmade">
        {isOther ? <MindSign size={20} /> : <GoSign />}
        <span>
          {answer.say}: {answer.means}
          {isOther && '; the fields say otherwise by now'}
        </span>
        <Button
          size="small"
          aria-label={`Make again: ${fieldTest.name}`}
          onClick={() => desk.edit((j) => forgetTest(j, part.id, fieldTest.id))}
        >
          Again
        </Button>
      </p>
    </>
  );
}

function Asked({ part, fieldTest }: TestProps) {
  const desk = useDesk();
  return (
    <>
      <b className="fw600">{fieldTest.ask}</b>
      <p className="small muted">
        {fieldTest.how}
        {fieldTest.dry ? '' : ' Gloves on, solvent away from flame.'}
      </p>
      <div className="row gap-6 mt-4">
        {fieldTest.answers.map((answer) => (
          <Button
            key={answer.id}
            size="small"
            variant="outlined"
            onClick={() => desk.edit((j) => learnPart(j, part.id, fieldTest.id, answer))}
            title={answer.means}
          >
            {answer.say}
          </Button>
        ))}
      </div>
    </>
  );
}
