'use client';
/** The shelf: what is there, how long it is good, who could use it up, and every change to it. */
import { useState } from 'react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { CAN_G_PER_ML } from '@/core/material/used';
import { COLOURED } from '@/core/coating/tint';
import { ingredientId } from '@/core/material/ingredients';
import { EMPTY_CAN_G } from '@/core/material/shelf';
import { isoOf } from '@/core/time/instant';
import { STOCK_PARTS, type StockDraft, type StockItem } from '@/model/stock';
import type { ShelfRow, ShelfView } from '@/usecases/shelf';
import { GoSign, MindSign, StopSign } from '../parts/icons';
import { ButtonChoice, ListChoice } from '../parts/choice';
import { MeasureBox } from '../parts/measure-box';
import { NumberBox } from '../parts/number-box';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';

const PART_NAMES = {
  base: 'paint',
  hardener: 'hardener',
  reducer: 'reducer',
  cleaner: 'cleaner',
  other: 'something else',
} as const;
const PARTS = ['base', 'hardener', 'reducer'] as const;
const MOVE_NAMES = {
  added: 'put on the shelf',
  weighed: 'weighed',
  estimated: 'estimated',
  used: 'used',
  edited: 'changed',
  removed: 'taken off',
  restored: 'put back',
} as const;
const STATE_WORDS = {
  expired: 'past its time',
  dying: 'activated, dying',
  soon: 'use up',
  good: 'good',
  empty: 'empty',
} as const;
type Faults = readonly { path: string; expected: string }[];
interface Weight {
  grossG: number;
  tareG: number;
  gPerMl: number;
}

async function send(
  url: string,
  method: string,
  body?: unknown,
): Promise<{ ok: boolean; error: string; faults: Faults }> {
  const r = await fetch(url, {
    method,
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  }).catch(() => null);
  if (!r)
    return {
      ok: false,
      error: 'The server does not answer. Nothing was changed; try again in a moment.',
      faults: [],
    };
  const a = (await r.json().catch(() => ({}))) as { error?: string; faults?: Faults };
  return { ok: r.ok, error: a.error ?? 'Not kept. Try again.', faults: a.faults ?? [] };
}

/** An item as a form: new, or one that is there. */
function ItemForm({
  view,
  item,
  today,
  onDone,
}: {
  view: ShelfView;
  item: StockItem | null;
  today: string;
  onDone: (said: string | null) => void;
}) {
  const [d, setD] = useState<StockDraft>(() => {
    if (item) {
      const { id: _id, ...draft } = item;
      return draft;
    }
    const p = view.products[0]!;
    return {
      productId: p.id,
      part: 'base',
      name: p.name,
      sizeMl: p.packs[0]!.sizeMl,
      remainingMl: p.packs[0]!.sizeMl,
      boughtOn: today,
    };
  });
  const [how, setHow] = useState<'feel' | 'weight'>('feel');
  const [w, setW] = useState<Weight>({ grossG: 300, tareG: EMPTY_CAN_G, gPerMl: CAN_G_PER_ML });
  const [faults, setFaults] = useState<Faults>([]);
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<string | null>(null);
  const f = useFormat();
  const at = (path: string): string | null => faults.find((x) => x.path === path)?.expected ?? null;
  const said = (path: string): string | null => {
    const e = at(path);
    return e ? `Expected ${e}.` : null;
  };
  const set = (patch: Partial<StockDraft>): void => {
    setFaults([]);
    setD((x) => {
      const n = { ...x, ...patch };
      for (const k of ['openedOn', 'boughtOn', 'expiresOn', 'batch', 'note', 'colour'] as const)
        if (n[k] === '') delete n[k];
      return n;
    });
  };
  const product = view.products.find((p) => PARTS.some((part) => ingredientId(p, part) === d.productId));
  const base = product?.id ?? '';
  const pick = (id: string, part: StockDraft['part']): void => {
    const p = view.products.find((x) => x.id === id)!;
    set({
      productId: part === 'hardener' || part === 'reducer' ? ingredientId(p, part) : id,
      part,
      name: part === 'base' ? p.name : `${p.name} ${PART_NAMES[part]}`,
      sizeMl: part === 'base' ? p.packs[0]!.sizeMl : 500,
      remainingMl: Math.min(d.remainingMl, part === 'base' ? p.packs[0]!.sizeMl : 500),
    });
  };
  const weighed = w.grossG >= w.tareG && w.gPerMl > 0 ? (w.grossG - w.tareG) / w.gPerMl : null;
  const keep = async (): Promise<void> => {
    setBusy(true);
    setError(null);
    const r = await send(item ? `/api/stock/${item.id}` : '/api/stock', item ? 'PUT' : 'POST', {
      item: how === 'weight' ? { ...d, remainingMl: Math.min(d.sizeMl, d.remainingMl) } : d,
      ...(how === 'weight' ? { weight: w } : {}),
      ...(item && how === 'feel' && d.remainingMl !== item.remainingMl ? { kind: 'estimated' } : {}),
    });
    setBusy(false);
    if (r.ok) onDone(item ? `${d.name}: kept.` : `${d.name} is on the shelf.`);
    else {
      setFaults(r.faults);
      setError(r.error);
    }
  };
  const date = (label: string, key: 'boughtOn' | 'openedOn' | 'expiresOn') => (
    <TextField
      size="small"
      type="date"
      label={label}
      value={d[key] ?? ''}
      error={at(key) !== null}
      helperText={said(key) ?? undefined}
      onChange={(e) => set({ [key]: e.target.value })}
      sx={{ width: 160 }}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
  return (
    <form
      aria-label={item ? `Change ${item.name}` : 'Put something on the shelf'}
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        void keep();
      }}
      style={{ display: 'grid', gap: 12, padding: '10px 0' }}
    >
      {!item && (
        <div className="row">
          <ListChoice
            label="Product"
            value={base}
            options={view.products.map((p) => p.id)}
            names={Object.fromEntries(view.products.map((p) => [p.id, p.name]))}
            width={250}
            onChange={(id) => pick(id, d.part)}
          />
          <ListChoice
            label="It is"
            value={d.part}
            options={STOCK_PARTS}
            names={PART_NAMES}
            width={170}
            onChange={(part) => (product ? pick(base, part) : set({ part }))}
          />
        </div>
      )}
      <div className="row">
        <TextField
          size="small"
          label="Name"
          value={d.name}
          error={at('name') !== null}
          helperText={said('name') ?? undefined}
          onChange={(e) => set({ name: e.target.value.slice(0, 80) })}
          sx={{ width: 250 }}
        />
        {product && COLOURED.has(product.kind) && d.part === 'base' && (
          <TextField
            size="small"
            label="Colour, by name"
            value={d.colour ?? ''}
            onChange={(e) => set({ colour: e.target.value.slice(0, 60) })}
            helperText="as on the job, or it is not used"
            sx={{ width: 200 }}
          />
        )}
        <TextField
          size="small"
          label="Batch"
          value={d.batch ?? ''}
          onChange={(e) => set({ batch: e.target.value.slice(0, 40) })}
          sx={{ width: 120 }}
        />
        <MeasureBox
          kind="volume"
          label="Full pack"
          value={d.sizeMl}
          min={1}
          max={20000}
          step={50}
          width={132}
          onChange={(sizeMl) => set({ sizeMl })}
          fault={said('sizeMl')}
        />
      </div>
      <div className="row">
        <ButtonChoice
          label="How it is known"
          value={how}
          options={['feel', 'weight'] as const}
          names={{ feel: 'by feel', weight: 'by weight' }}
          onChange={setHow}
        />
        {how === 'feel' ? (
          <MeasureBox
            kind="volume"
            label="Left in it"
            value={d.remainingMl}
            min={0}
            max={20000}
            step={10}
            width={132}
            onChange={(remainingMl) => set({ remainingMl })}
            fault={said('remainingMl')}
          />
        ) : (
          <>
            <NumberBox
              label="Whole"
              unit="g"
              value={w.grossG}
              min={0}
              max={50000}
              width={112}
              onChange={(grossG) => {
                setFaults([]);
                setW({ ...w, grossG });
              }}
              fault={said('weight.grossG')}
            />
            <NumberBox
              label="Empty pack"
              unit="g"
              value={w.tareG}
              min={0}
              max={50000}
              width={126}
              onChange={(tareG) => {
                setFaults([]);
                setW({ ...w, tareG });
              }}
              fault={w.tareG > w.grossG ? `At most ${w.grossG} g.` : said('weight.tareG')}
            />
            <NumberBox
              label="Weight of a ml"
              unit="g"
              value={w.gPerMl}
              min={0.3}
              max={3}
              step={0.01}
              width={132}
              onChange={(gPerMl) => setW({ ...w, gPerMl })}
              fault={said('weight.gPerMl')}
            />
            <span className="small">
              {weighed === null ? (
                ''
              ) : (
                <>
                  makes <b>{f.volume(weighed)}</b>
                </>
              )}
              <ProvenanceMark mark="M" />
            </span>
          </>
        )}
      </div>
      <div className="row">
        {date('Bought', 'boughtOn')}
        {date('Opened', 'openedOn')}
        {date('Printed end', 'expiresOn')}
        {product?.potLifeMin !== undefined &&
          d.part === 'base' &&
          (d.activatedAt === undefined ? (
            <Button size="small" onClick={() => set({ activatedAt: new Date().toISOString() })}>
              Activated just now
            </Button>
          ) : (
            <Button size="small" onClick={() => setD(({ activatedAt: _a, ...x }) => x)}>
              Not activated after all
            </Button>
          ))}
        <TextField
          size="small"
          label="Note"
          value={d.note ?? ''}
          onChange={(e) => set({ note: e.target.value.slice(0, 200) })}
          sx={{ width: 220 }}
        />
      </div>
      <div className="row">
        <Button type="submit" variant="contained" disabled={busy || d.name.trim() === ''}>
          {item ? 'Keep it' : 'Put it on the shelf'}
        </Button>
        <Button onClick={() => onDone(null)}>Leave it</Button>
        {error && (
          <span className="status" data-kind="bad" role="alert">
            {error}
          </span>
        )}
      </div>
    </form>
  );
}

function Pack({ row }: { row: ShelfRow }) {
  const full = Math.min(1, row.item.remainingMl / row.item.sizeMl);
  const dead = row.expiry.state === 'expired';
  return (
    <svg width="34" height="54" viewBox="0 0 34 54" aria-hidden="true">
      <rect x="11" y="1" width="12" height="5" fill="var(--ink)" />
      <rect
        x="4"
        y={12 + 38 * (1 - full)}
        width="26"
        height={38 * full}
        fill={dead ? 'var(--panel-2)' : 'var(--lagoon-mid)'}
      />
      {dead && <rect x="4" y={12 + 38 * (1 - full)} width="26" height={38 * full} fill="url(#p-heel)" />}
      <path
        d="M11 6V8C8 11 4 10 4 14V50H30V14C30 10 26 11 23 8V6Z"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.500"
      />
    </svg>
  );
}

export function ShelfPage({ view, today, tz }: { view: ShelfView; today: string; tz: string }) {
  const f = useFormat();
  const router = useRouter();
  const [open, setOpen] = useState<string | 'new' | null>(null);
  const [said, setSaid] = useState<{ bad: boolean; text: string; undo?: string } | null>(null);
  const done = (text: string | null): void => {
    setOpen(null);
    setSaid(text ? { bad: false, text } : null);
    router.refresh();
  };
  const remove = async (i: StockItem): Promise<void> => {
    const r = await send(`/api/stock/${i.id}`, 'DELETE');
    setSaid(
      r.ok ? { bad: false, text: `${i.name} is off the shelf.`, undo: i.id } : { bad: true, text: r.error },
    );
    router.refresh();
  };
  const back = async (id: string): Promise<void> => {
    const r = await send(`/api/stock/${id}?do=restore`, 'POST');
    setSaid(r.ok ? null : { bad: true, text: r.error });
    router.refresh();
  };
  const nameOf = (id: string): string =>
    view.rows.find((r) => r.item.id === id)?.item.name ?? 'one that is off the shelf';
  const worry = view.rows.filter((r) => ['expired', 'dying', 'soon'].includes(r.expiry.state));
  return (
    <main id="main" className="body" style={{ maxWidth: 980 }}>
      <h1 className="sr-phone" style={{ fontSize: 20, fontWeight: 650 }}>
        Shelf
      </h1>
      {worry.length > 0 && (
        <section className="panel" aria-label="Look at these" style={{ borderColor: 'var(--amber-ink)' }}>
          <div className="hd">
            <MindSign />
            Look at these first
          </div>
          <ul className="cap" style={{ display: 'grid', gap: 4, marginTop: 6 }}>
            {worry.map((r) => (
              <li key={r.item.id}>
                <b style={{ fontWeight: 600 }}>{r.item.name}</b>: {STATE_WORDS[r.expiry.state]}
                {r.expiry.until
                  ? ` ${r.expiry.state === 'expired' ? 'since' : 'by'} ${f.day(`${r.expiry.until.slice(0, 10)}T00:00`)} ${r.expiry.until.slice(0, 4)}`
                  : ''}
                .{' '}
                {r.expiry.state === 'expired'
                  ? r.item.part === 'hardener'
                    ? 'Cloudy, skinned or swollen: to the hazardous waste.'
                    : 'A test card decides; never on the part first.'
                  : r.wantedBy.length > 0
                    ? `${r.wantedBy.map((x) => x.name).join(', ')} could use it up.`
                    : 'No open job wants it.'}
              </li>
            ))}
          </ul>
        </section>
      )}
      <section className="panel" aria-label="On the shelf">
        <div className="hd">
          On the shelf{' '}
          <small>
            dry, shut tight, 5–25 °C; months from memory until a sheet says otherwise
            <ProvenanceMark mark="M" />
          </small>
          <span className="r">
            <Button
              size="small"
              variant="contained"
              onClick={() => {
                setOpen('new');
                setSaid(null);
              }}
            >
              Add
            </Button>
          </span>
        </div>
        <p className="status" role="status" data-kind={said?.bad ? 'bad' : 'ok'}>
          {said?.text}
          {said?.undo && (
            <Button size="small" onClick={() => void back(said.undo!)}>
              Put it back
            </Button>
          )}
        </p>
        {open === 'new' && <ItemForm view={view} item={null} today={today} onDone={done} />}
        {view.rows.length === 0 && open !== 'new' && (
          <p className="cap">Nothing yet. Put half cans and tins here: jobs then use them first.</p>
        )}
        <ul className="loglist">
          {view.rows.map((r) => (
            <li key={r.item.id} style={{ display: 'block' }}>
              <div className="shelfrow">
                <Pack row={r} />
                <div>
                  <p>
                    <b style={{ fontWeight: 600 }}>{r.item.name}</b>
                    {r.item.colour ? <span className="small">, {r.item.colour}</span> : null}
                    {r.item.batch ? <span className="small muted">, batch {r.item.batch}</span> : null}
                  </p>
                  <p className="small">
                    <b>{f.volume(r.item.remainingMl)}</b> of {f.volume(r.item.sizeMl)}
                    {r.item.openedOn
                      ? `, opened ${f.day(`${r.item.openedOn}T00:00`)} ${r.item.openedOn.slice(0, 4)}`
                      : ''}
                    {r.item.note ? `; ${r.item.note}` : ''}
                  </p>
                  <p className="small row" style={{ gap: 6 }}>
                    {r.expiry.state === 'expired' ? (
                      <StopSign size={16} />
                    ) : r.expiry.state === 'good' ? (
                      <GoSign size={16} />
                    ) : (
                      <MindSign size={18} />
                    )}
                    {STATE_WORDS[r.expiry.state]}
                    {r.expiry.until
                      ? `${r.expiry.state === 'expired' ? ' since' : r.expiry.state === 'soon' ? ' by' : ' until'} ${f.day(`${r.expiry.until.slice(0, 10)}T00:00`)} ${r.expiry.until.slice(0, 4)}${r.expiry.why === 'activated' ? `, ${r.expiry.until.slice(11, 16)} UTC` : ''}`
                      : ', no date known'}
                  </p>
                  {r.setAside.map((s) => (
                    <p key={s.jobId} className="small muted">
                      {f.volume(s.ml)} set aside for <Link href={`/jobs/${s.jobId}/materials`}>{s.name}</Link>
                    </p>
                  ))}
                  {r.setAside.reduce((a, s) => a + s.ml, 0) > r.item.remainingMl + 0.5 && (
                    <p className="small" style={{ color: 'var(--oxide-ink)', fontWeight: 600 }}>
                      More is set aside than is in it. Put some back on Materials.
                    </p>
                  )}
                </div>
                <span className="row acts">
                  <Button
                    size="small"
                    variant="outlined"
                    onClick={() => setOpen(open === r.item.id ? null : r.item.id)}
                    aria-label={`Weigh or change ${r.item.name}`}
                  >
                    Weigh, change
                  </Button>
                  <Button
                    size="small"
                    onClick={() => void remove(r.item)}
                    aria-label={`Take ${r.item.name} off the shelf`}
                  >
                    Take off
                  </Button>
                </span>
              </div>
              {open === r.item.id && <ItemForm view={view} item={r.item} today={today} onDone={done} />}
            </li>
          ))}
        </ul>
      </section>
      {view.moves.length > 0 && (
        <section className="panel" aria-label="Every change">
          <div className="hd">
            Every change <small>newest first</small>
          </div>
          <div className="scroll-x" tabIndex={0} role="group" aria-label="Changes to the shelf">
            <table className="tbl cards">
              <tbody>
                {view.moves.slice(0, 30).map((m) => (
                  <tr key={m.seq}>
                    <td style={{ whiteSpace: 'nowrap' }}>
                      {f.day(isoOf(m.atMs, tz))} {isoOf(m.atMs, tz).slice(0, 4)}, {f.time(isoOf(m.atMs, tz))}
                    </td>
                    <td>{nameOf(m.itemId)}</td>
                    <td>
                      {MOVE_NAMES[m.kind]}
                      {m.note ? `: ${m.note}` : ''}
                    </td>
                    <td className="num" data-label="before">
                      {f.volume(m.beforeMl)}
                    </td>
                    <td className="num" data-label="after">
                      {f.volume(m.afterMl)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </section>
      )}
    </main>
  );
}
