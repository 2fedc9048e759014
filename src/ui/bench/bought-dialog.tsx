'use client';
/** Something bought shows a fault: what it is and what lies on it, then the finder. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { BOUGHT_AGES, BOUGHT_TOPS, type Bought } from '@/model/bought';
import { SUBSTRATES } from '@/model/lists';
import { SUBSTRATE_NAMES } from '@/words/names';
import { wantFinder } from '../parts/finder-wanted';
import { ListChoice } from '../parts/list-choice';
import { makeJob } from '../parts/make-job';
import { MeasureBox } from '../parts/measure-box';
import { Said } from '../parts/said';
import { TextBox } from '../parts/text-box';

const TOPS: Readonly<Record<Bought['top'], string>> = {
  'two-part-clear': 'Two-part clear over colour',
  'one-part-clear': 'One-part clear over colour',
  'two-part-colour': 'Two-part colour alone',
  'one-part-colour': 'One-part colour alone',
};
const AGES: Readonly<Record<Bought['age'], string>> = { weeks: 'Weeks', months: 'Months', years: 'Years' };
const FIRST: Bought = {
  name: '',
  top: 'two-part-clear',
  age: 'years',
  lengthMm: 600,
  widthMm: 400,
  substrate: 'steel',
};

export function BoughtDialog({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const [bought, setBought] = useState(FIRST);
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const set = (patch: Partial<Bought>): void => setBought((was) => ({ ...was, ...patch }));
  const make = async (): Promise<void> => {
    if (bought.name.trim() === '') {
      setSaid('Give it a name first: the lid, the far door.');
      return;
    }
    setBusy(true);
    const made = await makeJob('/api/jobs/bought', bought);
    if (made && 'id' in made) {
      wantFinder();
      router.push(`/jobs/${made.id}/spray-day`);
      return;
    }
    setSaid(made?.error ?? 'The server does not answer. Start it again, then press once more.');
    setBusy(false);
  };
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="bought-title">
      <DialogTitle id="bought-title">Mend something that was bought</DialogTitle>
      <DialogContent>
        <BoughtFields bought={bought} set={set} />
        <p className="cap mt-12">
          Not sure what lies on it? Rub a hidden place with a cloth and thinner: a one-part paint softens or
          comes off on the cloth, a two-part one does not. One coat is counted on, no more: nobody measured
          it.
        </p>
        <Said>{said}</Said>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={busy} onClick={() => void make()}>
          {busy ? 'One moment' : 'Find the fault'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface BoughtFieldsProps {
  readonly bought: Bought;
  readonly set: (patch: Partial<Bought>) => void;
}

function BoughtFields({ bought, set }: BoughtFieldsProps) {
  const size = { min: 1, max: 10_000, width: 130 };
  return (
    <div className="row gap-12 pt-10">
      <TextBox label="What it is" value={bought.name} most={120} onChange={(name) => set({ name })} />
      <MeasureBox
        {...size}
        kind="length"
        label="Length"
        value={bought.lengthMm}
        onChange={(lengthMm) => set({ lengthMm })}
      />
      <MeasureBox
        {...size}
        kind="length"
        label="Width"
        value={bought.widthMm}
        onChange={(widthMm) => set({ widthMm })}
      />
      <ListChoice
        label="Made of"
        value={bought.substrate}
        options={SUBSTRATES}
        names={SUBSTRATE_NAMES}
        onChange={(substrate) => set({ substrate })}
      />
      <ListChoice
        label="What lies on top"
        value={bought.top}
        options={BOUGHT_TOPS}
        names={TOPS}
        width={250}
        onChange={(top) => set({ top })}
      />
      <ListChoice
        label="Painted at least"
        value={bought.age}
        options={BOUGHT_AGES}
        names={AGES}
        onChange={(age) => set({ age })}
      />
    </div>
  );
}
