'use client';
/** How a copy comes back: beside what is here, or in its place. */
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';

interface HowDialogProps {
  /** null while nothing is asked */
  readonly file: File | null;
  readonly onAnswer: (how: 'add' | 'replace' | null) => void;
}

export function HowDialog({ file, onAnswer }: HowDialogProps) {
  return (
    <Dialog open={file !== null} onClose={() => onAnswer(null)} aria-labelledby="how-title">
      <DialogTitle id="how-title" sx={{ fontSize: 18, fontWeight: 650 }}>
        Bring {file?.name} in
      </DialogTitle>
      <DialogContent>
        <p className="cap">
          Add it: its jobs come beside what is here; jobs that are here already and the same are left out.
        </p>
        <p className="cap" style={{ marginTop: 8 }}>
          Replace: what is on the bench now is taken off first. It stays under “Taken off the bench” and can
          be put back.
        </p>
      </DialogContent>
      <DialogActions sx={{ p: 2, gap: 1 }}>
        <Button onClick={() => onAnswer(null)}>Leave it</Button>
        <Button variant="outlined" onClick={() => onAnswer('replace')}>
          Replace
        </Button>
        <Button variant="contained" onClick={() => onAnswer('add')}>
          Add it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
