'use client';
/** The fields of the shapes that need a few lengths: a curve, a tube, an ellipsoid, a cone, a known area. */
import Button from '@mui/material/Button';
import { otherCurve } from '@/core/edits/shapes';
import { CONE_ENDS } from '@/model/lists';
import { useDesk } from '../desk/job-desk';
import { ListChoice } from '../parts/list-choice';
import { MeasureBox } from '../parts/measure-box';
import { NumberBox } from '../parts/number-box';
import { LengthField, type FieldsProps } from './length-field';

interface CurveFieldsProps extends FieldsProps<'curved'> {
  readonly widthMm: number;
}

export function CurveFields({ shape, path, onChange, widthMm }: CurveFieldsProps) {
  const byRise = shape.girthMm === undefined;
  return (
    <>
      {byRise ? (
        <LengthField
          label="Rise of the arc"
          value={shape.riseMm ?? 0}
          path={`${path}.riseMm`}
          min={0}
          onChange={(riseMm) => onChange({ ...shape, riseMm })}
        />
      ) : (
        <LengthField
          label="Girth over it"
          value={shape.girthMm ?? widthMm}
          path={`${path}.girthMm`}
          onChange={(girthMm) => onChange({ ...shape, girthMm })}
        />
      )}
      <Button size="small" onClick={() => onChange(otherCurve(shape, widthMm))}>
        {byRise ? 'Measured over the curve instead' : 'By its rise instead'}
      </Button>
    </>
  );
}

export function TubeFields({ shape, path, onChange }: FieldsProps<'tube'>) {
  return (
    <>
      <LengthField
        label="Diameter"
        value={shape.diameterMm}
        path={`${path}.diameterMm`}
        onChange={(diameterMm) => onChange({ ...shape, diameterMm })}
      />
      <NumberBox
        whole
        label="Ends painted"
        value={shape.ends}
        min={0}
        max={2}
        width={112}
        onChange={(ends) => onChange({ ...shape, ends })}
      />
    </>
  );
}

export function EllipsoidFields({ shape, path, onChange }: FieldsProps<'ellipsoid'>) {
  return (
    <>
      <LengthField
        label="Height"
        value={shape.heightMm}
        path={`${path}.heightMm`}
        onChange={(heightMm) => onChange({ ...shape, heightMm })}
      />
      <NumberBox
        label="Share of the skin"
        unit="%"
        value={Math.round(shape.share * 100)}
        min={5}
        max={100}
        step={5}
        width={136}
        onChange={(v) => onChange({ ...shape, share: v / 100 })}
      />
    </>
  );
}

export function ConeFields({ shape, path, onChange }: FieldsProps<'cone'>) {
  return (
    <>
      <LengthField
        label="Top across"
        value={shape.topMm}
        path={`${path}.topMm`}
        min={0}
        onChange={(topMm) => onChange({ ...shape, topMm })}
      />
      <LengthField
        label="Bottom across"
        value={shape.bottomMm}
        path={`${path}.bottomMm`}
        onChange={(bottomMm) => onChange({ ...shape, bottomMm })}
      />
      <LengthField
        label="Height"
        value={shape.heightMm}
        path={`${path}.heightMm`}
        onChange={(heightMm) => onChange({ ...shape, heightMm })}
      />
      <ListChoice
        label="Ends"
        value={shape.ends}
        options={CONE_ENDS}
        names={{ none: 'none', bottom: 'bottom', both: 'both' }}
        width={108}
        onChange={(ends) => onChange({ ...shape, ends })}
      />
    </>
  );
}

export function AreaField({ shape, path, onChange }: FieldsProps<'known'>) {
  const desk = useDesk();
  return (
    <MeasureBox
      kind="area"
      label="Area"
      value={shape.areaM2}
      min={0.001}
      max={100}
      step={0.05}
      width={124}
      onChange={(areaM2) => onChange({ ...shape, areaM2 })}
      fault={desk.faultAt(`${path}.areaM2`)}
    />
  );
}
