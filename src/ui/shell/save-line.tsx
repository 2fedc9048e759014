'use client';
/** Whether the job is saved, what can be taken back, and what to do where it could not be saved. */
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { stepName } from '@/words/fields';
import { useDesk } from '../desk/job-desk';
import { saveText } from '../views/save-line';
import { Said } from '@/ui/parts/said';

/** Saved or not, and the two arrows. */
export function SaveLine() {
  const { state, steps, step } = useDesk();
  const { text, bad } = saveText(state);
  const canUndo = steps.undo !== null || state.kind === 'refused' || state.kind === 'saving';
  return (
    <div className="saveline noprint">
      {!bad && (
        <span className="status" role="status">
          {text}
        </span>
      )}
      <IconButton
        aria-label="Undo"
        disabled={!canUndo}
        onClick={() => step('undo')}
        title={steps.undo === null ? 'Ctrl+Z' : `Take back ${stepName(steps.undo)} (Ctrl+Z)`}
      >
        <Arrow back />
      </IconButton>
      <IconButton
        aria-label="Redo"
        disabled={steps.redo === null}
        onClick={() => step('redo')}
        title={steps.redo === null ? 'Ctrl+Shift+Z' : `Do ${stepName(steps.redo)} again (Ctrl+Shift+Z)`}
      >
        <Arrow />
      </IconButton>
    </div>
  );
}

const Arrow = ({ back = false }: { back?: boolean }) => (
  <svg
    width="18"
    height="16"
    viewBox="0 0 18 16"
    aria-hidden="true"
    style={back ? undefined : { transform: 'scaleX(-1)' }}
  >
    <path
      d="M6 1L1.500 5.500 6 10M2 5.500h9a5 4.500 0 0 1 0 9H7"
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
    />
  </svg>
);

/** What stands in the way of saving, and the way out; nothing while all is well. */
export function SaveTrouble() {
  const { state, message, resolve } = useDesk();
  const { text, bad } = saveText(state);
  if (!bad && !message) return null;
  return (
    <div className="trouble noprint">
      {bad && (
        <span className="status" role="status" data-kind="bad">
          {text}
        </span>
      )}
      {state.kind === 'clash' && (
        <>
          <Button size="small" variant="contained" onClick={() => resolve('mine')}>
            Keep mine
          </Button>
          <Button size="small" variant="outlined" onClick={() => resolve('theirs')}>
            Take theirs
          </Button>
        </>
      )}
      <Said>{message}</Said>
    </div>
  );
}
