'use client';
/** The parts: measured, with what they are made of and what lies on them. */
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { Job, Part } from '@/model/job';
import { CONDITIONS, POSTURES, SUBSTRATES } from '@/model/lists';
import { partAreaM2, overrunFactor } from '@/core/surface/area';
import { CONDITION_NAMES, POSTURE_NAMES, SUBSTRATE_NAMES } from '@/words/names';
import type { Desk } from '../desk/job-desk';
import { ListChoice } from '../parts/choice';
import { MeasureBox } from '../parts/measure-box';
import { NumberBox } from '../parts/number-box';
import { useFormat } from '../theme/providers';

const SIDES = ['1', '2'] as const, SIDE_NAMES = { '1': 'one side', '2': 'both sides' } as const;

export function freshPart(job: Job): Part {
  let n = job.parts.length + 1;
  while (job.parts.some((p) => p.id === `part-${n}`)) n++;
  const last = job.parts.at(-1)!;
  return { ...last, id: `part-${n}`, name: `Part ${n}` };
}

export function PartsEditor({ desk, selected, onSelect }: { desk: Desk; selected: string | null; onSelect: (id: string) => void }) {
  const f = useFormat();
  const { job } = desk;
  const change = (id: string, patch: Partial<Part>): void => desk.edit((j) => ({ ...j, parts: j.parts.map((p) => (p.id === id ? { ...p, ...patch } : p)) }));
  const remove = (id: string): void => desk.edit((j) => ({
    ...j, parts: j.parts.filter((p) => p.id !== id),
    // A layer that went on this part alone keeps its place in the build-up and goes on all again.
    ...(j.system ? { system: { layers: j.system.layers.map(({ only, ...l }) => { const left = only?.filter((x) => x !== id) ?? []; return left.length > 0 ? { ...l, only: left } : l; }) } } : {}),
  }));
  return (
    <div style={{ display: 'grid', gap: 12 }}>
      {job.parts.map((p, i) => (
        <fieldset key={p.id} onFocus={() => onSelect(p.id)} style={{ border: `1px solid ${selected === p.id ? 'var(--lagoon)' : 'var(--line)'}`, borderRadius: 2, padding: '12px 12px 10px', margin: 0, minWidth: 0 }}>
          <legend className="small" style={{ padding: '0 6px', fontWeight: 600 }}>{p.name ?? p.id}, {f.area(partAreaM2(p))}; overrun × {overrunFactor(Math.max(1, p.lengthMm), Math.max(1, p.widthMm)).toFixed(2)}</legend>
          <div className="row">
            <TextField size="small" label="Name" value={p.name ?? ''} onChange={(e) => change(p.id, { name: e.target.value.slice(0, 80) })} sx={{ width: 150 }} />
            <MeasureBox kind="length" label="Length" value={p.lengthMm} min={1} max={10000} step={10} onChange={(lengthMm) => change(p.id, { lengthMm })} fault={desk.faultAt(`parts[${i}].lengthMm`)} />
            <MeasureBox kind="length" label="Width" value={p.widthMm} min={1} max={10000} step={10} onChange={(widthMm) => change(p.id, { widthMm })} fault={desk.faultAt(`parts[${i}].widthMm`)} />
            <ListChoice label="Sides" value={String(p.sides) as '1' | '2'} options={SIDES} names={SIDE_NAMES} width={120} onChange={(v) => change(p.id, { sides: v === '1' ? 1 : 2 })} />
            <ListChoice label="Posture" value={p.posture} options={POSTURES} names={POSTURE_NAMES} width={124} onChange={(posture) => change(p.id, { posture })} />
            <NumberBox label="Hidden edges" unit="%" value={p.hiddenEdgePct} min={0} max={100} width={112} onChange={(hiddenEdgePct) => change(p.id, { hiddenEdgePct })} fault={desk.faultAt(`parts[${i}].hiddenEdgePct`)} />
            <ListChoice label="Made of" value={p.substrate} options={SUBSTRATES} names={SUBSTRATE_NAMES} width={164} onChange={(substrate) => change(p.id, { substrate })} />
            <ListChoice label="What lies on it" value={p.condition} options={CONDITIONS} names={CONDITION_NAMES} width={168} onChange={(condition) => change(p.id, { condition })} fault={desk.faultAt(`parts[${i}].condition`)} />
            <Button size="small" disabled={job.parts.length === 1} onClick={() => remove(p.id)} sx={{ color: 'var(--oxide-ink)' }} aria-label={`Take out ${p.name ?? p.id}`}>Take out</Button>
          </div>
        </fieldset>
      ))}
      <div><Button variant="outlined" disabled={job.parts.length >= 40} onClick={() => desk.edit((j) => ({ ...j, parts: [...j.parts, freshPart(j)] }))}>Add a part</Button></div>
    </div>
  );
}
