'use client';
/** How a copy comes back: beside what is here, or in its place; what that means is said first. */
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useFormat } from '../theme/providers';
import { keptLine, lookedText, type KeptCopy } from '../views/workshop';
import type { Step } from './use-copies';

interface HowDialogProps {
  readonly step: Step;
  readonly onHow: (how: 'add' | 'replace') => void;
  readonly onLetGo: () => void;
}

export function HowDialog({ step, onHow, onLetGo }: HowDialogProps) {
  const f = useFormat();
  if (step.kind !== 'asking') return null;
  const { copy, add, replace } = lookedText(step.looked, f);
  return (
    <Dialog open onClose={onLetGo} aria-labelledby="how-title">
      <DialogTitle id="how-title" sx={{ fontSize: 18, fontWeight: 650, overflowWrap: 'anywhere' }}>
        Bring {step.name} in
      </DialogTitle>
      <DialogContent>
        {[copy, add, replace].map((text) => (
          <p key={text} className="cap mt-8">
            {text}
          </p>
        ))}
      </DialogContent>
      <DialogActions sx={{ p: 2, gap: 1 }}>
        <Button onClick={onLetGo}>Cancel</Button>
        <Button variant="outlined" onClick={() => onHow('replace')}>
          Replace
        </Button>
        <Button variant="contained" onClick={() => onHow('add')}>
          Add it
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface GoBackDialogProps {
  /** null while nothing is asked */
  readonly copy: KeptCopy | null;
  readonly onAnswer: (yes: boolean) => void;
}

export function GoBackDialog({ copy, onAnswer }: GoBackDialogProps) {
  const f = useFormat();
  if (!copy) return null;
  return (
    <Dialog open onClose={() => onAnswer(false)} aria-labelledby="back-title">
      <DialogTitle id="back-title" sx={{ fontSize: 18, fontWeight: 650 }}>
        Go back to {keptLine(copy, f)}
      </DialogTitle>
      <DialogContent>
        <p className="cap">
          Everything is then as it was: jobs, shelf, photographs. What is here now is kept as a copy first, so
          this can be taken back the same way.
        </p>
      </DialogContent>
      <DialogActions sx={{ p: 2, gap: 1 }}>
        <Button onClick={() => onAnswer(false)}>Cancel</Button>
        <Button variant="contained" onClick={() => onAnswer(true)}>
          Go back to it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
