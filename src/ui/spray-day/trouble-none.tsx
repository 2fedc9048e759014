'use client';
/** None of the drawings: photograph it, stop where it is safe, write down what was seen. */
import { useState } from 'react';
import { TextBox } from '../parts/text-box';
import { NoteButton } from './note-button';
import { StepPhotos } from '../photos/step-photos';

interface NoneOfTheseProps {
  readonly onNote: (note: string) => void;
  readonly onClose: () => void;
}

const MOST_LETTERS = 300;

export function NoneOfThese({ onNote, onClose }: NoneOfTheseProps) {
  const [text, setText] = useState('');
  return (
    <section className="is-grid gap-12" aria-label="None of these">
      <ol className="donow">
        <li>Finish the pass and stop. Nothing more goes on until it is known.</li>
        <li>Leave the film alone; protection stays on while it is wet.</li>
        <li>Photograph it with a low lamp from one side.</li>
        <li>Write down what you see, and when.</li>
      </ol>
      <StepPhotos />
      <TextBox label="What you see" value={text} most={MOST_LETTERS} onChange={setText} />
      <NoteButton isReady={text.trim() !== ''} onNote={() => onNote(text)} onClose={onClose} />
    </section>
  );
}
