'use client';
/** Data sheets of one's own: pasted from a label, brought in from a file, put right by hand. The sheet on the tin wins. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { productFromLabel } from '@/formats/label/label-product';
import { readLabel } from '@/formats/label/read-label';
import { type LabelFind } from '@/formats/label/finds';
import type { Product } from '@/model/product';
import { durationOf } from '@/words/format';
import { KIND_NAMES, LABEL_FIELDS } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { FileButton } from '../parts/file-button';
import { NumberBox } from '../parts/number-box';
import { ProductSelect } from './layer-row';

/** The figures of a sheet that can be put right by hand: field, unit, from, to. */
const FIGURES: readonly (readonly [keyof Product & string, string, number, number])[] = [
  ['filmUmPerCoat', 'µm', 0.1, 400],
  ['coats', '', 1, 8],
  ['solidsFrac', '0–1', 0.001, 1],
  ['flashMin', 'min', 0, 10080],
  ['nextMinMin', 'min', 0, 129600],
  ['nextBondMaxMin', 'min', 0, 129600],
  ['dustFreeMin', 'min', 0, 129600],
  ['touchDryMin', 'min', 0, 129600],
  ['handleMin', 'min', 0, 129600],
  ['sandMin', 'min', 0, 129600],
  ['potLifeMin', 'min', 0, 129600],
  ['tempMinC', '°C', -10, 40],
  ['tempMaxC', '°C', 5, 60],
  ['rhMaxFrac', '0–1', 0.05, 1],
  ['dewGapMinK', 'K', 0, 15],
  ['windMaxMs', 'm/s', 0.1, 10],
];

const said = (f: LabelFind): string => {
  const v = f.value;
  if (typeof v === 'boolean') return v ? 'yes' : 'no';
  if (typeof v === 'number')
    return /Min$/.test(f.field)
      ? durationOf(v)
      : /Frac$/.test(f.field)
        ? `${Math.round(v * 1000) / 10} %`
        : /C$/.test(f.field)
          ? `${v} °C`
          : String(v);
  if (typeof v === 'string') return v;
  if ('base' in v) return [v.base, v.hardener, v.reducer].filter((x, i) => i < 2 || x > 0).join(' : ');
  return /Min$/.test(f.field) ? `${durationOf(v[0])} to ${durationOf(v[1])}` : v.join('–');
};

export function SheetsPanel() {
  const desk = useDesk();
  const own = desk.job.products ?? [];
  const [open, setOpen] = useState(false);
  const [editing, setEditing] = useState<string | null>(null);
  const [message, setMessage] = useState<{ bad: boolean; lines: string[] } | null>(null);
  const put = (list: readonly Product[]): void =>
    desk.edit((j) => {
      const ids = new Set(list.map((p) => p.id));
      return { ...j, products: [...(j.products ?? []).filter((p) => !ids.has(p.id)), ...list] };
    });
  const change = (id: string, patch: Partial<Product>): void =>
    desk.edit((j) => ({
      ...j,
      products: (j.products ?? []).map((p) =>
        p.id === id
          ? {
              ...p,
              ...patch,
              provenance: {
                ...p.provenance,
                byField: {
                  ...p.provenance.byField,
                  ...Object.fromEntries(Object.keys(patch).map((k) => [k, 'own' as const])),
                },
              },
            }
          : p,
      ),
    }));
  const remove = (id: string): void =>
    desk.edit(({ products, ...j }) => {
      const left = (products ?? []).filter((p) => p.id !== id);
      return left.length > 0 ? { ...j, products: left } : j;
    });
  const bring = async (f: File): Promise<void> => {
    if (f.size > 1024 * 1024) {
      setMessage({ bad: true, lines: [`${f.name} is larger than 1 MB.`] });
      return;
    }
    try {
      const r = await fetch('/api/sheets', {
        method: 'POST',
        headers: { 'content-type': /\.csv$/i.test(f.name) ? 'text/csv' : 'application/json' },
        body: await f.text(),
      });
      const a = (await r.json()) as {
        products?: Product[];
        bad?: { row: number; name: string; faults: { path: string; expected: string }[] }[];
        error?: string;
        faults?: { path: string; expected: string }[];
      };
      if (!r.ok || !a.products) {
        setMessage({
          bad: true,
          lines: [
            a.error ?? 'Not read.',
            ...(a.faults ?? []).map((x) => `${x.path}: expected ${x.expected}`),
          ],
        });
        return;
      }
      if (a.products.length > 0) put(a.products);
      setMessage({
        bad: (a.bad ?? []).length > 0,
        lines: [
          `Brought in: ${a.products.length}.${a.bad?.length ? ` Left out: ${a.bad.length}.` : ''}`,
          ...(a.bad ?? []).slice(0, 6).map(
            (b) =>
              `Row ${b.row}${b.name ? `, ${b.name}` : ''}: ${b.faults
                .slice(0, 2)
                .map((x) => `${x.path}: expected ${x.expected}`)
                .join('; ')}`,
          ),
        ],
      });
    } catch {
      setMessage({
        bad: true,
        lines: ['The server does not answer. Nothing was brought in; try again in a moment.'],
      });
    }
  };
  const now = own.find((p) => p.id === editing);
  const at = own.findIndex((p) => p.id === editing);
  return (
    <section className="panel" aria-label="Your own data sheets">
      <div className="hd">
        Your own data sheets <small>they come before the built-in ones; the sheet on the tin wins</small>
        <span className="r row">
          <Button size="small" variant="outlined" onClick={() => setOpen(true)}>
            Paste a label
          </Button>
          <FileButton
            size="small"
            label="Bring sheets in"
            accept=".json,.csv,application/json,text/csv"
            onFiles={([f]) => {
              if (f) void bring(f);
            }}
          />
        </span>
      </div>
      {message && (
        <div className="status" role="status" data-kind={message.bad ? 'bad' : 'ok'}>
          {message.lines.map((l) => (
            <p key={l}>{l}</p>
          ))}
        </div>
      )}
      {own.length === 0 && (
        <p className="cap" style={{ marginTop: 8 }}>
          None yet. Paste the text of a label or sheet, and its waits, limits and ratio are read from it for
          you to confirm.
        </p>
      )}
      <ul>
        {own.map((p) => (
          <li
            key={p.id}
            className="row"
            style={{ borderTop: '1px solid var(--line-2)', padding: '8px 0', marginTop: 6 }}
          >
            <b style={{ fontWeight: 600, flex: '1 1 200px' }}>{p.name}</b>
            <span className="small muted">
              {KIND_NAMES[p.kind]}, {p.carrier}
            </span>
            <Button
              size="small"
              variant="outlined"
              aria-expanded={editing === p.id}
              onClick={() => setEditing(editing === p.id ? null : p.id)}
            >
              {editing === p.id ? 'Close' : 'Put right'}
            </Button>
            <Button
              size="small"
              sx={{ color: 'var(--oxide-ink)' }}
              aria-label={`Take ${p.name} out`}
              onClick={() => remove(p.id)}
            >
              Take out
            </Button>
          </li>
        ))}
      </ul>
      {now && (
        <div className="row" style={{ gap: 12, marginTop: 8 }}>
          <TextField
            size="small"
            label="Name"
            value={now.name}
            onChange={(e) => change(now.id, { name: e.target.value.slice(0, 80) || now.name })}
            sx={{ width: 200 }}
          />
          {FIGURES.filter(([k]) => now[k] !== undefined).map(([k, unit, min, max]) => (
            <NumberBox
              key={k}
              label={LABEL_FIELDS[k] ?? k}
              unit={unit}
              width={156}
              min={min}
              max={max}
              step={unit === '0–1' ? 0.01 : 1}
              value={now[k] as number}
              onChange={(v) => change(now.id, { [k]: v })}
              fault={desk.faultAt(`products[${at}].${k}`)}
            />
          ))}
          <NumberBox
            label="Price of a pack"
            unit={desk.job.budget.currency}
            width={150}
            min={0}
            max={100000}
            value={now.packs[0]!.price}
            onChange={(price) =>
              change(now.id, { packs: now.packs.map((x, i) => (i === 0 ? { ...x, price } : x)) })
            }
          />
        </div>
      )}
      {open && (
        <LabelDialog
          taken={own.map((p) => p.id)}
          onClose={() => setOpen(false)}
          onAdd={(p) => {
            put([p]);
            setOpen(false);
            setMessage({ bad: false, lines: [`${p.name} is among the products now. Choose it in a layer.`] });
          }}
        />
      )}
    </section>
  );
}

function LabelDialog({
  taken,
  onClose,
  onAdd,
}: {
  taken: readonly string[];
  onClose: () => void;
  onAdd: (p: Product) => void;
}) {
  const { products } = useDesk();
  const [text, setText] = useState('');
  const [name, setName] = useState('');
  const [price, setPrice] = useState(12);
  const reading = readLabel(text);
  const kind = reading.found.find((f) => f.field === 'kind')?.value;
  const iso = reading.found.find((f) => f.field === 'isocyanate')?.value;
  const [templateId, setTemplate] = useState<string | null>(null);
  // A product of the kind the label names, with isocyanate if it says so, to fill what the label leaves open.
  const guess =
    products.find((p) => p.kind === kind && (iso === undefined || p.isocyanate === iso)) ??
    products.find((p) => p.kind === kind) ??
    products.find((p) => p.kind === 'basecoat')!;
  const template = products.find((p) => p.id === templateId) ?? guess;
  const add = (): void => {
    const stem =
      name
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-+|-+$/g, '')
        .slice(0, 40) || 'own';
    let id = `own-${stem}`;
    let n = 2;
    while (taken.includes(id)) id = `own-${stem}-${n++}`;
    onAdd(productFromLabel(template, reading.found, { id, name: name.trim(), price }));
  };
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="label-title">
      <DialogTitle id="label-title" sx={{ fontSize: 18, fontWeight: 650 }}>
        Read a label
      </DialogTitle>
      <DialogContent>
        <p className="cap" style={{ marginBottom: 10 }}>
          Paste the words of the label or the data sheet. Of a range the careful end is taken: the longer
          least wait, the shorter longest.
        </p>
        <TextField
          multiline
          minRows={5}
          maxRows={10}
          fullWidth
          label="Text of the label"
          value={text}
          onChange={(e) => setText(e.target.value.slice(0, 20000))}
        />
        <div className="row" style={{ margin: '12px 0' }}>
          <TextField
            size="small"
            label="Name"
            value={name}
            onChange={(e) => setName(e.target.value.slice(0, 80))}
            sx={{ width: 220 }}
          />
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
              value={template.id}
              products={products}
              label="A product like it"
              onChange={(p) => setTemplate(p.id)}
            />
          </span>
        </div>
        {text.trim() !== '' && (
          <div className="scroll-x" tabIndex={0} role="group" aria-label="What was understood">
            <table className="tbl">
              <thead>
                <tr>
                  <th>Understood</th>
                  <th>as</th>
                  <th>from</th>
                </tr>
              </thead>
              <tbody>
                {reading.found.map((f) => (
                  <tr key={f.field}>
                    <td>{LABEL_FIELDS[f.field] ?? f.field}</td>
                    <td>
                      <b>{said(f)}</b>
                      {f.range && (
                        <span className="small muted">
                          {' '}
                          of{' '}
                          {f.range
                            .map((x) => (/Min$/.test(f.field) ? durationOf(x) : Math.round(x * 100) / 100))
                            .join(' to ')}
                        </span>
                      )}
                    </td>
                    <td className="small muted">{f.from}</td>
                  </tr>
                ))}
                {reading.found.length === 0 && (
                  <tr>
                    <td colSpan={3}>Nothing yet that looks like a wait, a limit or a ratio.</td>
                  </tr>
                )}
              </tbody>
            </table>
          </div>
        )}
        {reading.unread.length > 0 && (
          <p className="cap" style={{ marginTop: 8 }}>
            Not understood: {reading.unread.slice(0, 4).join(' / ')}
          </p>
        )}
      </DialogContent>
      <DialogActions sx={{ p: 2, gap: 1 }}>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" disabled={name.trim() === '' || reading.found.length === 0} onClick={add}>
          Add this sheet
        </Button>
      </DialogActions>
    </Dialog>
  );
}
