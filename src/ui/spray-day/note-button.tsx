'use client';
/** Notes it in the job; pressed again it closes, so that the hand stays where it is. */
import { useState } from 'react';
import Button from '@mui/material/Button';

interface NoteButtonProps {
  readonly isReady?: boolean;
  readonly onNote: () => void;
  readonly onClose: () => void;
}

export function NoteButton({ isReady = true, onNote, onClose }: NoteButtonProps) {
  const [isNoted, setNoted] = useState(false);
  const note = (): void => {
    onNote();
    setNoted(true);
  };
  return (
    <Button variant="contained" className="big" disabled={!isReady} onClick={isNoted ? onClose : note}>
      {isNoted ? 'Noted in the job: close' : 'Note it in the job'}
    </Button>
  );
}
