'use client';
/** What this browser kept of a job unsaved, where the page that would save it cannot be shown: to keep as a file, or to let go. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { keepUnsaved, unsavedText } from './unsaved-shelf';

interface UnreadDraftProps {
  readonly id: string;
  /** The draft was let go. */
  readonly onGone: () => void;
}

export function UnreadDraft({ id, onGone }: UnreadDraftProps) {
  const [text, setText] = useState(() => (typeof window === 'undefined' ? null : unsavedText(id)));
  if (text === null) return null;
  const letGo = (): void => {
    keepUnsaved(id, null);
    setText(null);
    onGone();
  };
  return (
    <div className="mt-18">
      <p className="cap mb-8">
        This browser keeps a change to this job that is not saved yet. It may be what breaks the page.
      </p>
      <div className="row">
        <Button
          variant="outlined"
          href={`data:application/json;charset=utf-8,${encodeURIComponent(text)}`}
          download={`${id}-unsaved.json`}
        >
          Keep it as a file
        </Button>
        <Button color="error" onClick={letGo}>
          Let it go
        </Button>
      </div>
    </div>
  );
}
