'use client';
/** The fields of the shapes that need a few lengths: a curve, a tube, an ellipsoid, a cone, a known area. */
import Button from '@mui/material/Button';
import { otherCurve } from '@/core/edits/shapes';
import { CONE_ENDS } from '@/model/lists';
import { useDesk } from '../desk/job-desk';
import { ListChoice } from '../parts/choice';
import { MeasureBox } from '../parts/measure-box';
import { NumberBox } from '../parts/number-box';
import { LengthField, type FieldsProps } from './length-field';

interface CurveFieldsProps extends FieldsProps<'curved'> {
  readonly widthMm: number;
}

export function CurveFields({ shape: s, path, onChange, widthMm }: CurveFieldsProps) {
  const byRise = s.girthMm === undefined;
  return (
    <>
      {byRise ? (
        <LengthField
          label="Rise of the arc"
          value={s.riseMm ?? 0}
          path={`${path}.riseMm`}
          min={0}
          onChange={(riseMm) => onChange({ ...s, riseMm })}
        />
      ) : (
        <LengthField
          label="Girth over it"
          value={s.girthMm ?? widthMm}
          path={`${path}.girthMm`}
          onChange={(girthMm) => onChange({ ...s, girthMm })}
        />
      )}
      <Button size="small" onClick={() => onChange(otherCurve(s, widthMm))}>
        {byRise ? 'Measured over the curve instead' : 'By its rise instead'}
      </Button>
    </>
  );
}

export function TubeFields({ shape: s, path, onChange }: FieldsProps<'tube'>) {
  return (
    <>
      <LengthField
        label="Diameter"
        value={s.diameterMm}
        path={`${path}.diameterMm`}
        onChange={(diameterMm) => onChange({ ...s, diameterMm })}
      />
      <NumberBox
        label="Ends painted"
        value={s.ends}
        min={0}
        max={2}
        width={112}
        onChange={(ends) => onChange({ ...s, ends })}
      />
    </>
  );
}

export function EllipsoidFields({ shape: s, path, onChange }: FieldsProps<'ellipsoid'>) {
  return (
    <>
      <LengthField
        label="Height"
        value={s.heightMm}
        path={`${path}.heightMm`}
        onChange={(heightMm) => onChange({ ...s, heightMm })}
      />
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
  );
}

export function ConeFields({ shape: s, path, onChange }: FieldsProps<'cone'>) {
  return (
    <>
      <LengthField
        label="Top across"
        value={s.topMm}
        path={`${path}.topMm`}
        min={0}
        onChange={(topMm) => onChange({ ...s, topMm })}
      />
      <LengthField
        label="Bottom across"
        value={s.bottomMm}
        path={`${path}.bottomMm`}
        onChange={(bottomMm) => onChange({ ...s, bottomMm })}
      />
      <LengthField
        label="Height"
        value={s.heightMm}
        path={`${path}.heightMm`}
        onChange={(heightMm) => onChange({ ...s, heightMm })}
      />
      <ListChoice
        label="Ends"
        value={s.ends}
        options={CONE_ENDS}
        names={{ none: 'none', bottom: 'bottom', both: 'both' }}
        width={108}
        onChange={(ends) => onChange({ ...s, ends })}
      />
    </>
  );
}

export function AreaField({ shape: s, path, onChange }: FieldsProps<'known'>) {
  const desk = useDesk();
  return (
    <MeasureBox
      kind="area"
      label="Area"
      value={s.areaM2}
      min={0.001}
      max={100}
      step={0.05}
      width={124}
      onChange={(areaM2) => onChange({ ...s, areaM2 })}
      fault={desk.faultAt(`${path}.areaM2`)}
    />
  );
}
