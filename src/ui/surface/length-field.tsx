'use client';
/** One length of a shape, with its fault. */
import type { ShapeOf } from '@/core/edits/shapes';
import type { Shape } from '@/model/job';
import { useDesk } from '../desk/job-desk';
import { MeasureBox } from '../parts/measure-box';

/** What the fields of one kind of shape are given. */
export interface FieldsProps<K extends Shape['kind']> {
  readonly shape: ShapeOf<K>;
  /** where the shape lies in the job, by which its faults are named */
  readonly path: string;
  readonly onChange: (shape: Shape) => void;
}

interface LengthFieldProps {
  readonly label: string;
  readonly value: number;
  readonly path: string;
  readonly min?: number;
  readonly onChange: (mm: number) => void;
}

export function LengthField({ label, value, path, min = 1, onChange }: LengthFieldProps) {
  const desk = useDesk();
  return (
    <MeasureBox
      kind={min < 1 ? 'offset' : 'length'}
      label={label}
      value={value}
      min={min}
      max={10_000}
      step={5}
      width={124}
      onChange={onChange}
      fault={desk.faultAt(path)}
    />
  );
}
