'use client';
/** None of the drawings: photograph it, stop where it is safe, write down what was seen. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { LinkButton } from '../parts/link-button';
import { TextBox } from '../parts/text-box';

interface NoneOfTheseProps {
  readonly jobId: string;
  readonly onNote: (note: string) => void;
}

const MOST_LETTERS = 300;

export function NoneOfThese({ jobId, onNote }: NoneOfTheseProps) {
  const [text, setText] = useState('');
  const [isNoted, setNoted] = useState(false);
  return (
    <section className="is-grid gap-12" aria-label="None of these">
      <ol className="donow">
        <li>Finish the pass and stop. Nothing more goes on until it is known.</li>
        <li>Leave the film alone; protection stays on while it is wet.</li>
        <li>Photograph it with a low lamp from one side.</li>
        <li>Write down what you see, and when.</li>
      </ol>
      <LinkButton variant="outlined" href={`/jobs/${jobId}/log`}>
        Photographs are on Log
      </LinkButton>
      <TextBox label="What you see" value={text} most={MOST_LETTERS} onChange={setText} />
      <Button
        variant="contained"
        className="big"
        disabled={isNoted || text.trim() === ''}
        onClick={() => {
          onNote(text);
          setNoted(true);
        }}
      >
        {isNoted ? 'Noted in the job' : 'Note it in the job'}
      </Button>
    </section>
  );
}
