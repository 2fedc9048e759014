'use client';
/** The words of a label pasted in: what was understood is shown, to be confirmed before it becomes a sheet. */
import { useState } from 'react';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import type { LabelFind } from '@/formats/label/finds';
import { productFromLabel } from '@/formats/label/label-product';
import type { Product } from '@/model/product';
import { cutTo } from '@/words/cut';
import { LABEL_FIELDS } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { NumberBox } from '../parts/number-box';
import { ProductSelect } from '../parts/product-select';
import { useLabel } from './use-label';
import { freshSheetId, likeness, rangeSaid, saidOf } from '../views/sheets';
import { TextBox } from '../parts/text-box';
import { Said } from '@/ui/parts/said';

const MOST_LETTERS = 20_000;

interface LabelDialogProps {
  readonly taken: readonly string[];
  readonly onClose: () => void;
  readonly onAdd: (p: Product) => void;
}

export function LabelDialog({ taken, onClose, onAdd }: LabelDialogProps) {
  const { products } = useDesk();
  const [text, setText] = useState('');
  const [name, setName] = useState('');
  const [price, setPrice] = useState(12);
  const [likeId, setLike] = useState<string | null>(null);
  const { found, unread, isGivenUp } = useLabel(text);
  const like = products.find((p) => p.id === likeId) ?? likeness(found, products);
  const add = (): void =>
    onAdd(productFromLabel(like, found, { id: freshSheetId(name, taken), name: name.trim(), price }));
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="label-title">
      <DialogTitle id="label-title" sx={{ fontSize: 18, fontWeight: 650 }}>
        Read a label
      </DialogTitle>
      <DialogContent>
        <LabelText value={text} onChange={setText} />
        <div className="row mt-12 mb-12">
          <TextBox label="Name" value={name} most={80} onChange={setName} sx={{ width: 220 }} />
          <NumberBox
            label="Price of a pack"
            width={140}
            min={0}
            max={100000}
            value={price}
            onChange={setPrice}
          />
          <span className="row">
            <span className="small muted">what it leaves open, as in</span>
            <ProductSelect
              value={like.id}
              products={products}
              label="A product like it"
              onChange={(p) => setLike(p.id)}
            />
          </span>
        </div>
        {text.trim() !== '' && <Understood found={found} />}
        <Said>{isGivenUp && 'This text took too long to read. Paste the words of the label alone.'}</Said>
        {unread.length > 0 && <p className="cap mt-8">Not understood: {unread.slice(0, 4).join(' / ')}</p>}
      </DialogContent>
      <DialogActions sx={{ p: 2, gap: 1 }}>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={name.trim() === '' || found.length === 0} onClick={add}>
          Add this sheet
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function LabelText({ value, onChange }: { value: string; onChange: (text: string) => void }) {
  return (
    <>
      <p className="cap mb-10">
        Paste the words of the label or the data sheet. Of a range the careful end is taken: the longer least
        wait, the shorter longest.
      </p>
      <TextField
        multiline
        minRows={5}
        maxRows={10}
        fullWidth
        label="Text of the label"
        value={value}
        onChange={(e) => onChange(cutTo(e.target.value, MOST_LETTERS))}
      />
    </>
  );
}

function Understood({ found }: { found: readonly LabelFind[] }) {
  return (
    <div className="scroll-x" tabIndex={0} role="group" aria-label="What was understood">
      <Table className="tbl">
        <TableHead>
          <TableRow>
            <TableCell>Understood</TableCell>
            <TableCell>as</TableCell>
            <TableCell>from</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {found.map((x) => (
            <FindRow key={x.field} find={x} />
          ))}
          {found.length === 0 && (
            <TableRow>
              <TableCell colSpan={3}>Nothing yet that looks like a wait, a limit or a ratio.</TableCell>
            </TableRow>
          )}
        </TableBody>
      </Table>
    </div>
  );
}

function FindRow({ find }: { find: LabelFind }) {
  const range = rangeSaid(find);
  return (
    <TableRow>
      <TableCell>{LABEL_FIELDS[find.field] ?? find.field}</TableCell>
      <TableCell>
        <b>{saidOf(find)}</b>
        {range !== null && <span className="small muted"> of {range}</span>}
      </TableCell>
      <TableCell className="small muted">{find.from}</TableCell>
    </TableRow>
  );
}
