'use client';
/** A frame: its tubes, one kind a line. */
import Button from '@mui/material/Button';
import { addTube, patchTube, removeTube } from '@/core/edits/shapes';
import { NumberBox } from '../parts/number-box';
import { LengthField, type FieldsProps } from './length-field';

const MOST_TUBES = 30;

export function FrameFields({ shape, path, onChange }: FieldsProps<'frame'>) {
  return (
    <div className="is-grid gap-8 wide-100">
      {shape.tubes.map((_t, i) => (
        <TubeRow key={i} at={i} shape={shape} path={path} onChange={onChange} />
      ))}
      <div>
        <Button
          size="small"
          variant="outlined"
          disabled={shape.tubes.length >= MOST_TUBES}
          onClick={() => onChange(addTube(shape))}
        >
          Another tube
        </Button>
      </div>
    </div>
  );
}

function TubeRow({ at, shape, path, onChange }: FieldsProps<'frame'> & { readonly at: number }) {
  const tube = shape.tubes[at]!;
  return (
    <div className="row">
      <span className="small muted wide-52">tube {at + 1}</span>
      <LengthField
        label="Long"
        value={tube.lengthMm}
        path={`${path}.tubes[${at}].lengthMm`}
        onChange={(lengthMm) => onChange(patchTube(shape, at, { lengthMm }))}
      />
      <LengthField
        label="Thick"
        value={tube.diameterMm}
        path={`${path}.tubes[${at}].diameterMm`}
        onChange={(diameterMm) => onChange(patchTube(shape, at, { diameterMm }))}
      />
      <NumberBox
        whole
        label="Pieces"
        value={tube.count}
        min={1}
        max={50}
        width={92}
        onChange={(count) => onChange(patchTube(shape, at, { count }))}
      />
      <Button
        size="small"
        disabled={shape.tubes.length === 1}
        aria-label={`Take tube ${at + 1} out`}
        onClick={() => onChange(removeTube(shape, at))}
      >
        Take out
      </Button>
    </div>
  );
}
