'use client';
/** The fields that a shape needs beyond length and width. */
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Part, Shape } from '@/model/job';
import { BOX_FACES, SHAPES } from '@/model/lists';
import { SHAPE_NAMES } from '@/words/names';
import { ListChoice } from '../parts/choice';
import { MeasureBox } from '../parts/measure-box';
import { NumberBox } from '../parts/number-box';
import { TracePanel } from './trace-panel';

/** A shape to start from, of about the size the part already has. */
function fresh(kind: (typeof SHAPES)[number], p: Part): Shape | undefined {
  switch (kind) {
    case 'flat':
      return undefined;
    case 'curved':
      return { kind, riseMm: Math.round(p.widthMm * 0.08) };
    case 'box':
      return { kind, heightMm: Math.round(p.widthMm / 2), faces: ['top', 'front', 'back', 'left', 'right'] };
    case 'tube':
      return { kind, diameterMm: Math.min(p.widthMm, p.lengthMm), ends: 0 };
    case 'frame':
      return { kind, tubes: [{ lengthMm: p.lengthMm, diameterMm: 32, count: 1 }] };
    case 'ellipsoid':
      return { kind, heightMm: Math.round(p.widthMm * 0.8), share: 0.5 };
    case 'cone':
      return {
        kind,
        topMm: p.widthMm,
        bottomMm: Math.round(p.widthMm * 0.7),
        heightMm: p.lengthMm,
        ends: 'none',
      };
    case 'polygon':
      return {
        kind,
        pointsMm: [
          [0, 0],
          [p.lengthMm, 0],
          [p.lengthMm, p.widthMm],
          [0, p.widthMm],
        ],
      };
    case 'known':
      return { kind, areaM2: Math.round((p.lengthMm * p.widthMm) / 1e4) / 100 || 0.1 };
  }
}

export function ShapeFields({
  part: p,
  path,
  faultAt,
  onChange,
}: {
  part: Part;
  path: string;
  faultAt: (path: string) => string | null;
  onChange: (shape: Shape | undefined) => void;
}) {
  const s = p.shape;
  const mm = (label: string, value: number, field: string, set: (v: number) => void, min = 1) => (
    <MeasureBox
      kind="length"
      label={label}
      value={value}
      min={min}
      max={10000}
      step={5}
      width={124}
      onChange={set}
      fault={faultAt(`${path}.shape.${field}`)}
    />
  );
  return (
    <>
      <ListChoice
        label="Shape"
        value={s?.kind ?? 'flat'}
        options={SHAPES}
        names={SHAPE_NAMES}
        width={160}
        onChange={(kind) => onChange(fresh(kind, p))}
      />
      {s?.kind === 'curved' && (
        <>
          {s.girthMm === undefined
            ? mm('Rise of the arc', s.riseMm ?? 0, 'riseMm', (riseMm) => onChange({ ...s, riseMm }), 0)
            : mm('Girth over it', s.girthMm, 'girthMm', (girthMm) => onChange({ ...s, girthMm }))}
          <Button
            size="small"
            onClick={() =>
              onChange(
                s.girthMm === undefined
                  ? { ...s, girthMm: p.widthMm }
                  : { kind: 'curved', riseMm: s.riseMm ?? 0 },
              )
            }
          >
            {s.girthMm === undefined ? 'Measured over the curve instead' : 'By its rise instead'}
          </Button>
        </>
      )}
      {s?.kind === 'box' && (
        <>
          {mm('Height', s.heightMm, 'heightMm', (heightMm) => onChange({ ...s, heightMm }))}
          <span role="group" aria-label="Faces painted">
            {BOX_FACES.map((face) => (
              <FormControlLabel
                key={face}
                label={face}
                sx={{ mr: 0.5 }}
                control={
                  <Checkbox
                    size="small"
                    checked={s.faces.includes(face)}
                    disabled={s.faces.length === 1 && s.faces[0] === face}
                    onChange={(_e, on) =>
                      onChange({
                        ...s,
                        faces: BOX_FACES.filter((x) => (x === face ? on : s.faces.includes(x))),
                      })
                    }
                  />
                }
              />
            ))}
          </span>
        </>
      )}
      {s?.kind === 'tube' && (
        <>
          {mm('Diameter', s.diameterMm, 'diameterMm', (diameterMm) => onChange({ ...s, diameterMm }))}
          <NumberBox
            label="Ends painted"
            value={s.ends}
            min={0}
            max={2}
            width={112}
            onChange={(ends) => onChange({ ...s, ends })}
          />
        </>
      )}
      {s?.kind === 'ellipsoid' && (
        <>
          {mm('Height', s.heightMm, 'heightMm', (heightMm) => onChange({ ...s, heightMm }))}
          <NumberBox
            label="Share of the skin"
            unit="%"
            value={Math.round(s.share * 100)}
            min={5}
            max={100}
            step={5}
            width={136}
            onChange={(v) => onChange({ ...s, share: v / 100 })}
          />
        </>
      )}
      {s?.kind === 'cone' && (
        <>
          {mm('Top across', s.topMm, 'topMm', (topMm) => onChange({ ...s, topMm }), 0)}
          {mm('Bottom across', s.bottomMm, 'bottomMm', (bottomMm) => onChange({ ...s, bottomMm }))}
          {mm('Height', s.heightMm, 'heightMm', (heightMm) => onChange({ ...s, heightMm }))}
          <ListChoice
            label="Ends"
            value={s.ends}
            options={['none', 'bottom', 'both'] as const}
            names={{ none: 'none', bottom: 'bottom', both: 'both' }}
            width={108}
            onChange={(ends) => onChange({ ...s, ends })}
          />
        </>
      )}
      {s?.kind === 'known' && (
        <MeasureBox
          kind="area"
          label="Area"
          value={s.areaM2}
          min={0.001}
          max={100}
          step={0.05}
          width={124}
          onChange={(areaM2) => onChange({ ...s, areaM2 })}
          fault={faultAt(`${path}.shape.areaM2`)}
        />
      )}
      {s?.kind === 'frame' && (
        <div style={{ display: 'grid', gap: 8, width: '100%' }}>
          {s.tubes.map((t, i) => {
            const set = (patch: Partial<typeof t>): void =>
              onChange({ ...s, tubes: s.tubes.map((x, k) => (k === i ? { ...x, ...patch } : x)) });
            return (
              <div key={i} className="row">
                <span className="small muted" style={{ width: 52 }}>
                  tube {i + 1}
                </span>
                {mm('Long', t.lengthMm, `tubes[${i}].lengthMm`, (lengthMm) => set({ lengthMm }))}
                {mm('Thick', t.diameterMm, `tubes[${i}].diameterMm`, (diameterMm) => set({ diameterMm }))}
                <NumberBox
                  label="Pieces"
                  value={t.count}
                  min={1}
                  max={50}
                  width={92}
                  onChange={(count) => set({ count })}
                />
                <Button
                  size="small"
                  disabled={s.tubes.length === 1}
                  aria-label={`Take tube ${i + 1} out`}
                  onClick={() => onChange({ ...s, tubes: s.tubes.filter((_x, k) => k !== i) })}
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
              disabled={s.tubes.length >= 30}
              onClick={() => onChange({ ...s, tubes: [...s.tubes, s.tubes.at(-1)!] })}
            >
              Another tube
            </Button>
          </div>
        </div>
      )}
      {s?.kind === 'polygon' && (
        <div style={{ display: 'grid', gap: 8, width: '100%' }}>
          <TracePanel onUse={(pointsMm) => onChange({ ...s, pointsMm })} />
          <p className="small muted">Corners in order, measured from one corner: along, then across.</p>
          <div className="row">
            {s.pointsMm.map((q, i) => {
              const set = (k: 0 | 1, v: number): void =>
                onChange({
                  ...s,
                  pointsMm: s.pointsMm.map((x, n) => (n === i ? (k === 0 ? [v, x[1]] : [x[0], v]) : x)),
                });
              return (
                <span key={i} className="row" style={{ gap: 4 }} role="group" aria-label={`Corner ${i + 1}`}>
                  {mm(`${i + 1} along`, q[0], `pointsMm[${i}][0]`, (v) => set(0, v), -10000)}
                  {mm(`${i + 1} across`, q[1], `pointsMm[${i}][1]`, (v) => set(1, v), -10000)}
                </span>
              );
            })}
          </div>
          <div className="row">
            <Button
              size="small"
              variant="outlined"
              disabled={s.pointsMm.length >= 60}
              onClick={() =>
                onChange({
                  ...s,
                  pointsMm: [...s.pointsMm, [s.pointsMm.at(-1)![0], s.pointsMm.at(-1)![1] + 50]],
                })
              }
            >
              Another corner
            </Button>
            <Button
              size="small"
              disabled={s.pointsMm.length <= 3}
              onClick={() => onChange({ ...s, pointsMm: s.pointsMm.slice(0, -1) })}
            >
              Take the last out
            </Button>
            {faultAt(`${path}.shape.pointsMm`) !== null && (
              <span className="small" style={{ color: 'var(--oxide-ink)' }}>
                {faultAt(`${path}.shape.pointsMm`)}
              </span>
            )}
          </div>
        </div>
      )}
    </>
  );
}
