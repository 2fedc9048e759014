'use client';
/** An outline: traced on a picture, or corner by corner. */
import Button from '@mui/material/Button';
import { addCorner, moveCorner, removeLastCorner } from '@/core/edits/shapes';
import { useDesk } from '../desk/job-desk';
import { LengthField, type FieldsProps } from './length-field';
import { later } from '../parts/later';

const TracePanel = later(null, () => import('./trace-panel').then((m) => m.TracePanel));

const MOST_CORNERS = 60;
const LEAST_CORNERS = 3;

export function PolygonFields({ shape, path, onChange }: FieldsProps<'polygon'>) {
  const desk = useDesk();
  const fault = desk.faultAt(`${path}.pointsMm`);
  return (
    <div className="is-grid gap-8 wide-100">
      <TracePanel onUse={(pointsMm) => onChange({ ...shape, pointsMm })} />
      <p className="small muted">Corners in order, measured from one corner: along, then across.</p>
      <div className="row">
        {shape.pointsMm.map((_q, i) => (
          <Corner key={i} at={i} shape={shape} path={path} onChange={onChange} />
        ))}
      </div>
      <div className="row">
        <Button
          size="small"
          variant="outlined"
          disabled={shape.pointsMm.length >= MOST_CORNERS}
          onClick={() => onChange(addCorner(shape))}
        >
          Another corner
        </Button>
        <Button
          size="small"
          disabled={shape.pointsMm.length <= LEAST_CORNERS}
          onClick={() => onChange(removeLastCorner(shape))}
        >
          Take the last out
        </Button>
        {fault !== null && <span className="small ink-oxide-ink">{fault}</span>}
      </div>
    </div>
  );
}

function Corner({ at, shape, path, onChange }: FieldsProps<'polygon'> & { readonly at: number }) {
  const [along, across] = shape.pointsMm[at]!;
  return (
    <span className="row gap-4" role="group" aria-label={`Corner ${at + 1}`}>
      <LengthField
        label={`${at + 1} along`}
        value={along}
        path={`${path}.pointsMm[${at}][0]`}
        min={-10_000}
        onChange={(v) => onChange(moveCorner(shape, at, [v, across]))}
      />
      <LengthField
        label={`${at + 1} across`}
        value={across}
        path={`${path}.pointsMm[${at}][1]`}
        min={-10_000}
        onChange={(v) => onChange(moveCorner(shape, at, [along, v]))}
      />
    </span>
  );
}
