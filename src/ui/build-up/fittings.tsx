'use client';
/** What comes off the object first, each into its lettered bag; it goes back in the other order. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { addFitting, canAddFitting, removeFitting, toggleFittingNew } from '@/core/edits/choices';
import { useDesk } from '../desk/job-desk';
import { bagLetter, refitOrder } from '../views/preparation';
import { useTakeOut } from '../shell/use-take-out';

export function Fittings() {
  const { job, edit } = useDesk();
  const list = job.fittings ?? [];
  const [text, setText] = useState('');
  const add = (): void => {
    if (!canAddFitting(job, text)) return;
    edit((j) => addFitting(j, text));
    setText('');
  };
  return (
    <div className="mt-10">
      <h3 className="text-14 fw650 mb-4">Comes off first, into lettered bags</h3>
      <ol className="row gap-8" aria-label="What comes off">
        {list.map((name, i) => (
          <Fitting key={`${i}${name}`} name={name} nth={i} />
        ))}
      </ol>
      <form
        className="row mt-6"
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <TextField
          size="small"
          label="Badge, lamp, hinge …"
          value={text}
          onChange={(e) => setText(e.target.value)}
          sx={{ width: 230 }}
        />
        <Button type="submit" size="small" variant="outlined" disabled={!canAddFitting(job, text)}>
          Add to the list
        </Button>
        {(job.fittingsNew?.length ?? 0) > 0 && (
          <span className="small muted">New clips or gaskets are on the shopping list.</span>
        )}
        {list.length > 1 && <span className="small muted">Refit {refitOrder(list.length)}.</span>}
      </form>
    </div>
  );
}

interface FittingProps {
  readonly name: string;
  /** Its place on the list, from 0. */
  readonly nth: number;
}

function Fitting({ name, nth }: FittingProps) {
  const { job, edit } = useDesk();
  const takeOut = useTakeOut();
  const isNew = job.fittingsNew?.includes(name) ?? false;
  return (
    <li className="row gap-6 b-1px-solid-line p-2px-4px-2px-8px">
      <b className="fw650">{bagLetter(nth)}</b>
      {name}
      <Button
        size="small"
        variant={isNew ? 'contained' : 'text'}
        aria-pressed={isNew}
        aria-label={`New clips or gasket for ${name}`}
        onClick={() => edit((j) => toggleFittingNew(j, name))}
      >
        New clips
      </Button>
      <Button
        size="small"
        sx={{ minWidth: 30, px: 0.5 }}
        aria-label={`Take ${name} off the list`}
        onClick={() => takeOut(name, (j) => removeFitting(j, nth))}
      >
        ×
      </Button>
    </li>
  );
}
