'use client';
/**
 * Data sheets of one's own: pasted from a label, brought in from a file, put right by hand. The sheet on the
 * tin wins.
 */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { sheetDoubts } from '@/core/coating/sheet-doubts';
import { putSheets, removeSheet, sureOf } from '@/core/edits/choices';
import type { Product } from '@/model/product';
import { KIND_NAMES } from '@/words/names';
import { sayDoubt } from '@/words/sentences/sheet-doubts';
import { useDesk } from '../desk/job-desk';
import { FileButton } from '../parts/file-button';
import { sendFile } from '../parts/send';
import { useFormat } from '../theme/providers';
import { broughtIn, type Message, type SheetsAnswer } from '../views/sheets';
import { SheetEditor } from './sheet-editor';
import { useTakeOut } from '../shell/use-take-out';
import { later } from '../parts/later';

/** Fetched when a label is to be read: most days none is. */
const LabelDialog = later(null, () => import('./label-dialog').then((m) => m.LabelDialog));

const MOST_BYTES = 1024 * 1024;
const SILENT = 'The server does not answer. Nothing was brought in; try again in a moment.';

async function readSheets(file: File): Promise<SheetsAnswer> {
  if (file.size > MOST_BYTES) return { error: `${file.name} is larger than 1 MB.` };
  const type = /\.csv$/i.test(file.name) ? 'text/csv' : 'application/json';
  const r = await sendFile<SheetsAnswer>('/api/sheets', await file.text(), type);
  if (r.ok) return r.answer;
  return { error: r.answered ? r.error : SILENT, faults: r.faults };
}

export function SheetsPanel() {
  const desk = useDesk();
  const own = desk.job.products ?? [];
  const [reading, setReading] = useState(false);
  const [editing, setEditing] = useState<string | null>(null);
  const [message, setMessage] = useState<Message | null>(null);
  const put = (sheets: readonly Product[]): void => desk.edit((j) => putSheets(j, sheets));
  const bring = async (file: File): Promise<void> => {
    const answer = await readSheets(file);
    if (answer.products && answer.products.length > 0) put(answer.products);
    setMessage(broughtIn(answer));
  };
  const add = (sheet: Product): void => {
    put([sheet]);
    setReading(false);
    setMessage({ bad: false, lines: [`${sheet.name} is among the products now. Choose it in a layer.`] });
  };
  const at = own.findIndex((p) => p.id === editing);
  return (
    <section className="panel" aria-label="Your own data sheets">
      <Head onRead={() => setReading(true)} onBring={(file) => void bring(file)} />
      {message && (
        <div className="status" role="status" data-kind={message.bad ? 'bad' : 'ok'}>
          {message.lines.map((l) => (
            <p key={l}>{l}</p>
          ))}
        </div>
      )}
      {own.length === 0 && (
        <p className="cap mt-8">
          None yet. Paste the text of a label or sheet, and its waits, limits and ratio are read from it for
          you to confirm.
        </p>
      )}
      <ul>
        {own.map((p) => (
          <SheetRow key={p.id} sheet={p} open={editing === p.id} onOpen={setEditing} />
        ))}
      </ul>
      {at >= 0 && <SheetEditor sheet={own[at]!} index={at} />}
      {reading && <LabelDialog taken={own.map((p) => p.id)} onClose={() => setReading(false)} onAdd={add} />}
    </section>
  );
}

function Head({ onRead, onBring }: { onRead: () => void; onBring: (file: File) => void }) {
  return (
    <div className="hd">
      <small>they come before the built-in ones; the sheet on the tin wins</small>
      <span className="r row">
        <Button size="small" variant="outlined" onClick={onRead}>
          Paste a label
        </Button>
        <FileButton
          size="small"
          label="Bring sheets in"
          accept=".json,.csv,application/json,text/csv"
          onFiles={([f]) => {
            if (f) onBring(f);
          }}
        />
      </span>
    </div>
  );
}

interface SheetRowProps {
  readonly sheet: Product;
  readonly open: boolean;
  readonly onOpen: (id: string | null) => void;
}

function SheetRow({ sheet, open, onOpen }: SheetRowProps) {
  const takeOut = useTakeOut();
  return (
    <li className="row bt-1px-solid-line-2 pt-8 pb-8 mt-6 wrap-wrap">
      <b className="fw600 grow-200">{sheet.name}</b>
      <span className="small muted">
        {KIND_NAMES[sheet.kind]}, {sheet.carrier}
      </span>
      <Button
        size="small"
        variant="outlined"
        aria-expanded={open}
        onClick={() => onOpen(open ? null : sheet.id)}
      >
        {open ? 'Close' : 'Put right'}
      </Button>
      <Button
        size="small"
        sx={{ color: 'var(--oxide-ink)' }}
        aria-label={`Take ${sheet.name} out`}
        onClick={() => takeOut(sheet.name, (j) => removeSheet(j, sheet.id))}
      >
        Take out
      </Button>
      <Doubts sheet={sheet} />
    </li>
  );
}

/** What the sheet is asked about, each with an answer. */
function Doubts({ sheet }: { sheet: Product }) {
  const desk = useDesk();
  const f = useFormat();
  return sheetDoubts(sheet).map((d) => (
    <p key={d.code} className="small row basis-100 ink-amber-ink gap-8">
      <span className="grow-240">It says {sayDoubt(d, f)}</span>
      <Button size="small" variant="outlined" onClick={() => desk.edit((j) => sureOf(j, sheet.id, d.field))}>
        It is so
      </Button>
    </p>
  ));
}
