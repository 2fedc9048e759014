'use client';
/** A box: its height, and the faces that are painted. */
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { withFace } from '@/core/edits/shapes';
import { BOX_FACES } from '@/model/lists';
import { LengthField, type FieldsProps } from './length-field';

export function BoxFields({ shape, path, onChange }: FieldsProps<'box'>) {
  const isLast = (face: (typeof BOX_FACES)[number]): boolean =>
    shape.faces.length === 1 && shape.faces[0] === face;
  return (
    <>
      <LengthField
        label="Height"
        value={shape.heightMm}
        path={`${path}.heightMm`}
        onChange={(heightMm) => onChange({ ...shape, heightMm })}
      />
      <span role="group" aria-label="Faces painted">
        {BOX_FACES.map((face) => (
          <FormControlLabel
            key={face}
            label={face}
            sx={{ mr: 0.5 }}
            control={
              <Checkbox
                size="small"
                checked={shape.faces.includes(face)}
                disabled={isLast(face)}
                onChange={(_e, on) => onChange(withFace(shape, face, on))}
              />
            }
          />
        ))}
      </span>
    </>
  );
}
