'use client';
/** The fields that a shape needs beyond length and width. */
import { freshShape, type ShapeKind } from '@/core/edits/shapes';
import type { Part, Shape } from '@/model/job';
import { SHAPES } from '@/model/lists';
import { SHAPE_NAMES } from '@/words/names';
import { ListChoice } from '../parts/list-choice';
import { BoxFields } from './box-fields';
import { FrameFields } from './frame-fields';
import { PolygonFields } from './polygon-fields';
import { AreaField, ConeFields, CurveFields, EllipsoidFields, TubeFields } from './round-fields';

interface ShapeFieldsProps {
  readonly part: Part;
  /** where the part lies in the job, by which its faults are named */
  readonly path: string;
  readonly onChange: (shape: Shape | undefined) => void;
}

export function ShapeFields({ part, path, onChange }: ShapeFieldsProps) {
  return (
    <>
      <ListChoice
        label="Shape"
        value={part.shape?.kind ?? 'flat'}
        options={SHAPES}
        names={SHAPE_NAMES}
        width={160}
        onChange={(kind: ShapeKind) => onChange(freshShape(kind, part))}
      />
      {part.shape && (
        <FieldsOf shape={part.shape} path={`${path}.shape`} widthMm={part.widthMm} onChange={onChange} />
      )}
    </>
  );
}

interface FieldsOfProps {
  readonly shape: Shape;
  readonly path: string;
  readonly widthMm: number;
  readonly onChange: (shape: Shape) => void;
}

function FieldsOf({ shape, path, widthMm, onChange }: FieldsOfProps) {
  const at = { path, onChange };
  switch (shape.kind) {
    case 'curved':
      return <CurveFields {...at} shape={shape} widthMm={widthMm} />;
    case 'box':
      return <BoxFields {...at} shape={shape} />;
    case 'tube':
      return <TubeFields {...at} shape={shape} />;
    case 'frame':
      return <FrameFields {...at} shape={shape} />;
    case 'ellipsoid':
      return <EllipsoidFields {...at} shape={shape} />;
    case 'cone':
      return <ConeFields {...at} shape={shape} />;
    case 'polygon':
      return <PolygonFields {...at} shape={shape} />;
    case 'known':
      return <AreaField {...at} shape={shape} />;
  }
}
