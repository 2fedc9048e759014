'use client';
/** The parts: measured, with what they are made of and what lies on them. */
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { Job, Part } from '@/model/job';
import { CONDITIONS, POSTURES, SUBSTRATES } from '@/model/lists';
import { measured } from '@/core/surface/area';
import { PART_PRESETS } from '@/core/surface/presets';
import { CONDITION_NAMES, POSTURE_NAMES, SUBSTRATE_NAMES } from '@/words/names';
import type { Desk } from '../desk/job-desk';
import { ListChoice } from '../parts/choice';
import { MeasureBox } from '../parts/measure-box';
import { NumberBox } from '../parts/number-box';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { FindOut } from './find-out';
import { ShapeFields } from './shape-fields';

const PRESET_NAMES: Record<string, string> = Object.fromEntries(PART_PRESETS.map((x) => [x.id, x.name]));
const SIDES = ['1', '2'] as const;
const SIDE_NAMES = { '1': 'one side', '2': 'both sides' } as const;

export function freshPart(job: Job): Part {
  let n = job.parts.length + 1;
  while (job.parts.some((p) => p.id === `part-${n}`)) n++;
  const last = job.parts.at(-1)!;
  return { ...last, id: `part-${n}`, name: `Part ${n}` };
}

export function PartsEditor({
  desk,
  selected,
  onSelect,
}: {
  desk: Desk;
  selected: string | null;
  onSelect: (id: string) => void;
}) {
  const f = useFormat();
  const { job } = desk;
  const change = (id: string, patch: Partial<Part>): void =>
    desk.edit((j) => ({ ...j, parts: j.parts.map((p) => (p.id === id ? { ...p, ...patch } : p)) }));
  const remove = (id: string): void =>
    desk.edit((j) => ({
      ...j,
      parts: j.parts.filter((p) => p.id !== id),
      // A layer that went on this part alone keeps its place in the build-up and goes on all again.
      ...(j.system
        ? {
            system: {
              layers: j.system.layers.map(({ only, ...l }) => {
                const left = only?.filter((x) => x !== id) ?? [];
                return left.length > 0 ? { ...l, only: left } : l;
              }),
            },
          }
        : {}),
    }));
  const setShape = (id: string, shape: Part['shape']): void =>
    desk.edit((j) => ({
      ...j,
      parts: j.parts.map(({ shape: was, ...p }) =>
        p.id !== id ? { ...p, ...(was ? { shape: was } : {}) } : { ...p, ...(shape ? { shape } : {}) },
      ),
    }));
  const addPreset = (presetId: string): void =>
    desk.edit((j) => {
      const q = PART_PRESETS.find((x) => x.id === presetId)!;
      const { shape: _s, count: _c, ...last } = freshPart(j);
      return {
        ...j,
        parts: [
          ...j.parts,
          {
            ...last,
            ...q.part,
            name: q.name,
            condition:
              last.condition === 'e-coat' && q.part.substrate !== 'steel' && q.part.substrate !== 'aluminium'
                ? 'bare'
                : last.condition,
          },
        ],
      };
    });
  return (
    <div style={{ display: 'grid', gap: 12 }}>
      {job.parts.map((p, i) => {
        const m = measured(p);
        return (
          <fieldset
            key={p.id}
            onFocus={() => onSelect(p.id)}
            style={{
              border: `1px solid ${selected === p.id ? 'var(--lagoon)' : 'var(--line)'}`,
              borderRadius: 2,
              padding: '12px 12px 10px',
              margin: 0,
              minWidth: 0,
            }}
          >
            <legend className="small" style={{ padding: '0 6px', fontWeight: 600 }}>
              {p.name ?? p.id}
              {m
                ? `, ${f.area(m.areaM2)}; give or take ${f.area(m.sdM2)}; overrun × ${m.overrun.toFixed(2)}`
                : ', not measured yet'}
            </legend>
            <div className="row">
              <TextField
                size="small"
                label="Name"
                value={p.name ?? ''}
                onChange={(e) => change(p.id, { name: e.target.value.slice(0, 80) })}
                sx={{ width: 150 }}
              />
              <MeasureBox
                kind="length"
                label="Length"
                value={p.lengthMm}
                min={1}
                max={10000}
                step={10}
                onChange={(lengthMm) => change(p.id, { lengthMm })}
                fault={desk.faultAt(`parts[${i}].lengthMm`)}
              />
              <MeasureBox
                kind="length"
                label="Width"
                value={p.widthMm}
                min={1}
                max={10000}
                step={10}
                onChange={(widthMm) => change(p.id, { widthMm })}
                fault={desk.faultAt(`parts[${i}].widthMm`)}
              />
              <ShapeFields
                part={p}
                path={`parts[${i}]`}
                faultAt={desk.faultAt}
                onChange={(shape) => setShape(p.id, shape)}
              />
              <NumberBox
                label="Pieces"
                value={p.count ?? 1}
                min={1}
                max={50}
                width={92}
                onChange={(count) => change(p.id, { count })}
                fault={desk.faultAt(`parts[${i}].count`)}
              />
              <ListChoice
                label="Sides"
                value={String(p.sides) as '1' | '2'}
                options={SIDES}
                names={SIDE_NAMES}
                width={120}
                onChange={(v) => change(p.id, { sides: v === '1' ? 1 : 2 })}
              />
              <ListChoice
                label="Posture"
                value={p.posture}
                options={POSTURES}
                names={POSTURE_NAMES}
                width={124}
                onChange={(posture) => change(p.id, { posture })}
              />
              <NumberBox
                label="Hidden edges"
                unit="%"
                value={p.hiddenEdgePct}
                min={0}
                max={100}
                width={112}
                onChange={(hiddenEdgePct) => change(p.id, { hiddenEdgePct })}
                fault={desk.faultAt(`parts[${i}].hiddenEdgePct`)}
              />
              <ListChoice
                label="Made of"
                value={p.substrate}
                options={SUBSTRATES}
                names={SUBSTRATE_NAMES}
                width={164}
                onChange={(substrate) => change(p.id, { substrate })}
              />
              <ListChoice
                label="What lies on it"
                value={p.condition}
                options={CONDITIONS}
                names={CONDITION_NAMES}
                width={168}
                onChange={(condition) => change(p.id, { condition })}
                fault={desk.faultAt(`parts[${i}].condition`)}
              />
              <Button
                size="small"
                disabled={job.parts.length === 1}
                onClick={() => remove(p.id)}
                sx={{ color: 'var(--oxide-ink)' }}
                aria-label={`Take out ${p.name ?? p.id}`}
              >
                Take out
              </Button>
            </div>
            {p.silicone && (
              <p className="small" style={{ color: 'var(--amber-ink)', fontWeight: 600 }}>
                Wax or silicone feared: every wipe twice, fresh cloths.{' '}
                <Button size="small" onClick={() => change(p.id, { silicone: false })}>
                  Water sheets now
                </Button>
              </p>
            )}
            <FindOut
              name={p.name ?? p.id}
              onAnswer={(set) =>
                change(
                  p.id,
                  p.condition === 'e-coat' &&
                    set.substrate !== undefined &&
                    set.substrate !== 'steel' &&
                    set.substrate !== 'aluminium'
                    ? { ...set, condition: 'bare' }
                    : set,
                )
              }
            />
            <details>
              <summary>Zones of another condition{p.zones?.length ? ` (${p.zones.length})` : ''}</summary>
              <div style={{ display: 'grid', gap: 8, padding: '4px 0' }}>
                {(p.zones ?? []).map((z, k) => {
                  const set = (patch: Partial<typeof z>): void =>
                    change(p.id, { zones: p.zones!.map((x, n) => (n === k ? { ...x, ...patch } : x)) });
                  return (
                    <div key={k} className="row">
                      <TextField
                        size="small"
                        label="Where"
                        value={z.name ?? ''}
                        onChange={(e) => set({ name: e.target.value.slice(0, 60) })}
                        sx={{ width: 150 }}
                      />
                      <NumberBox
                        label="Share"
                        unit="%"
                        value={z.sharePct}
                        min={0.1}
                        max={100}
                        width={104}
                        onChange={(sharePct) => set({ sharePct })}
                        fault={desk.faultAt(`parts[${i}].zones[${k}].sharePct`)}
                      />
                      {m && (
                        <MeasureBox
                          kind="patch"
                          label="or its size"
                          value={z.sharePct * m.areaM2 * 100}
                          min={0.1}
                          max={1e6}
                          step={10}
                          width={128}
                          onChange={(cm2) => set({ sharePct: Math.min(100, cm2 / (m.areaM2 * 100)) })}
                        />
                      )}
                      <ListChoice
                        label="What lies there"
                        value={z.condition}
                        options={CONDITIONS}
                        names={CONDITION_NAMES}
                        width={170}
                        onChange={(condition) => set({ condition })}
                        fault={desk.faultAt(`parts[${i}].zones[${k}].condition`)}
                      />
                      <Button
                        size="small"
                        aria-label={`Take zone ${k + 1} out`}
                        onClick={() => change(p.id, { zones: p.zones!.filter((_x, n) => n !== k) })}
                      >
                        Take out
                      </Button>
                    </div>
                  );
                })}
                {desk.faultAt(`parts[${i}].zones`) !== null && (
                  <span className="small" style={{ color: 'var(--oxide-ink)' }}>
                    Expected {desk.faultAt(`parts[${i}].zones`)}.
                  </span>
                )}
                <div>
                  <Button
                    size="small"
                    variant="outlined"
                    disabled={(p.zones?.length ?? 0) >= 8}
                    onClick={() =>
                      change(p.id, {
                        zones: [
                          ...(p.zones ?? []),
                          { sharePct: 10, condition: p.condition === 'rust' ? 'filled' : 'rust' },
                        ],
                      })
                    }
                  >
                    Add a zone
                  </Button>
                </div>
              </div>
            </details>
            <details>
              <summary>Dents to fill{p.dents?.length ? ` (${p.dents.length})` : ''}</summary>
              <div style={{ display: 'grid', gap: 8, padding: '4px 0' }}>
                {(p.dents ?? []).map((d, k) => {
                  const set = (patch: Partial<typeof d>): void =>
                    change(p.id, { dents: p.dents!.map((x, n) => (n === k ? { ...x, ...patch } : x)) });
                  return (
                    <div key={k} className="row">
                      <span className="small muted" style={{ width: 56 }}>
                        dent {k + 1}
                      </span>
                      <MeasureBox
                        kind="length"
                        label="Long"
                        value={d.lengthMm}
                        min={1}
                        max={10000}
                        width={116}
                        onChange={(lengthMm) => set({ lengthMm })}
                        fault={desk.faultAt(`parts[${i}].dents[${k}].lengthMm`)}
                      />
                      <MeasureBox
                        kind="length"
                        label="Wide"
                        value={d.widthMm}
                        min={1}
                        max={10000}
                        width={116}
                        onChange={(widthMm) => set({ widthMm })}
                        fault={desk.faultAt(`parts[${i}].dents[${k}].widthMm`)}
                      />
                      <MeasureBox
                        kind="length"
                        label="Deep"
                        value={d.depthMm}
                        min={0.1}
                        max={100}
                        step={0.5}
                        width={116}
                        onChange={(depthMm) => set({ depthMm })}
                        fault={desk.faultAt(`parts[${i}].dents[${k}].depthMm`)}
                      />
                      <Button
                        size="small"
                        aria-label={`Take dent ${k + 1} out`}
                        onClick={() => change(p.id, { dents: p.dents!.filter((_x, n) => n !== k) })}
                      >
                        Take out
                      </Button>
                    </div>
                  );
                })}
                <div>
                  <Button
                    size="small"
                    variant="outlined"
                    disabled={(p.dents?.length ?? 0) >= 30}
                    onClick={() =>
                      change(p.id, { dents: [...(p.dents ?? []), { lengthMm: 80, widthMm: 60, depthMm: 2 }] })
                    }
                  >
                    Add a dent
                  </Button>
                </div>
              </div>
            </details>
            {m && m.faces.length > 1 && (
              <details>
                <summary>Face by face</summary>
                <div className="scroll-x" tabIndex={0} role="group" aria-label={`Faces of ${p.name ?? p.id}`}>
                  <table className="tbl">
                    <thead>
                      <tr>
                        <th>Face</th>
                        <th>posture</th>
                        <th className="num">laid flat</th>
                        <th className="num">area</th>
                        <th className="num">give or take</th>
                      </tr>
                    </thead>
                    <tbody>
                      {m.faces.map((q, k) => (
                        <tr key={k}>
                          <td>{q.name}</td>
                          <td>{POSTURE_NAMES[q.posture]}</td>
                          <td className="num">
                            {f.length(q.lengthMm)} ×{' '}
                            {f.length(q.rounds > 1 ? (q.areaM2 * 1e6) / q.lengthMm : q.widthMm)}
                          </td>
                          <td className="num">{f.area(q.areaM2)}</td>
                          <td className="num">{f.area(q.areaM2 * q.sdFrac)}</td>
                        </tr>
                      ))}
                      <tr>
                        <td colSpan={3}>
                          hidden edges {p.hiddenEdgePct} %{(p.count ?? 1) > 1 ? `, ${p.count} pieces` : ''}
                        </td>
                        <td className="num">
                          <b>{f.area(m.areaM2)}</b>
                        </td>
                        <td className="num">{f.area(m.sdM2)}</td>
                      </tr>
                    </tbody>
                  </table>
                </div>
              </details>
            )}
          </fieldset>
        );
      })}
      <div className="row">
        <Button
          variant="outlined"
          disabled={job.parts.length >= 40}
          onClick={() => desk.edit((j) => ({ ...j, parts: [...j.parts, freshPart(j)] }))}
        >
          Add a part
        </Button>
        <ListChoice
          label="Add from the list"
          value=""
          options={PART_PRESETS.map((x) => x.id)}
          names={PRESET_NAMES}
          width={220}
          onChange={addPreset}
        />
        <span className="small muted">
          typical sizes, to be corrected with a tape
          <ProvenanceMark mark="M" />
        </span>
      </div>
    </div>
  );
}
