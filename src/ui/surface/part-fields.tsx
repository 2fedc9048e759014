'use client';
/** The fields of one part: name, measures, shape, posture, substrate, condition. */
import { usualWallMm } from '@/core/air/mass';
import { serviceC } from '@/core/coating/service-heat';
import { patchPart, patchParts, setFilm, setServiceC, setShape } from '@/core/edits/parts';
import type { Part } from '@/model/job';
import { CONDITIONS, FILMS, POSTURES, SUBSTRATES } from '@/model/lists';
import { isPainted } from '@/model/substrates';
import { CONDITION_NAMES, FILM_NAMES, POSTURE_NAMES, SUBSTRATE_NAMES } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/button-choice';
import { ListChoice } from '../parts/list-choice';
import { MeasureBox } from '../parts/measure-box';
import { ProvenanceMark } from '../parts/mark';
import { NumberBox } from '../parts/number-box';
import { TextBox } from '../parts/text-box';
import type { PartProps } from './part-props';
import { ShapeFields } from './shape-fields';

const SIDES = ['1', '2'] as const;
const NOT_KNOWN = 'not-known';
const FILM_CHOICES = [NOT_KNOWN, ...FILMS] as const;
const FILM_CHOICE_NAMES = { [NOT_KNOWN]: 'not known yet', ...FILM_NAMES } as const;
const SIDE_NAMES = { '1': 'one side', '2': 'both sides' } as const;

export function NameField({ part }: PartProps) {
  const desk = useDesk();
  return (
    <TextBox
      label="Name"
      value={part.name ?? ''}
      most={80}
      onChange={(name) => desk.edit((j) => patchPart(j, part.id, { name }))}
      sx={{ width: 180 }}
    />
  );
}

export function SizeFields({ part, index }: PartProps) {
  const desk = useDesk();
  const change = (patch: Partial<Part>): void => desk.edit((j) => patchPart(j, part.id, patch));
  const faultAt = (field: string): string | null => desk.faultAt(`parts[${index}].${field}`);
  const length = { kind: 'length', min: 1, max: 10_000, step: 10 } as const;
  return (
    <div className="row">
      <MeasureBox
        {...length}
        label="Length"
        value={part.lengthMm}
        onChange={(lengthMm) => change({ lengthMm })}
        fault={faultAt('lengthMm')}
      />
      <MeasureBox
        {...length}
        label="Width"
        value={part.widthMm}
        onChange={(widthMm) => change({ widthMm })}
        fault={faultAt('widthMm')}
      />
      <ShapeFields
        part={part}
        path={`parts[${index}]`}
        onChange={(shape) => desk.edit((j) => setShape(j, part.id, shape))}
      />
      <NumberBox
        whole
        label="Pieces"
        value={part.count ?? 1}
        min={1}
        max={50}
        width={92}
        onChange={(count) => change({ count })}
        fault={faultAt('count')}
      />
      <LieFields part={part} index={index} />
    </div>
  );
}

/** How many sides, how it lies, how much of it is edge. */
function LieFields({ part, index }: PartProps) {
  const desk = useDesk();
  const change = (patch: Partial<Part>): void => desk.edit((j) => patchPart(j, part.id, patch));
  return (
    <>
      <ButtonChoice
        label="Sides"
        value={part.sides === 1 ? '1' : '2'}
        options={SIDES}
        names={SIDE_NAMES}
        onChange={(v) => change({ sides: v === '1' ? 1 : 2 })}
      />
      <NumberBox
        label="Hidden edges"
        unit="%"
        value={part.hiddenEdgePct}
        min={0}
        max={100}
        width={112}
        onChange={(hiddenEdgePct) => change({ hiddenEdgePct })}
        fault={desk.faultAt(`parts[${index}].hiddenEdgePct`)}
      />
      <ButtonChoice
        label="Posture"
        value={part.posture}
        options={POSTURES}
        names={POSTURE_NAMES}
        onChange={(posture) => change({ posture })}
      />
    </>
  );
}

interface SurfaceFieldsProps extends PartProps {
  readonly ids: readonly string[];
}

export function SurfaceFields({ part, index, ids }: SurfaceFieldsProps) {
  const desk = useDesk();
  const change = (patch: Partial<Part>): void => desk.edit((j) => patchParts(j, ids, patch));
  return (
    <div className="row">
      <ListChoice
        label="Made of"
        value={part.substrate}
        options={SUBSTRATES}
        names={SUBSTRATE_NAMES}
        width={164}
        onChange={(substrate) => change({ substrate })}
      />
      <ListChoice
        label="What lies on it"
        value={part.condition}
        options={CONDITIONS}
        names={CONDITION_NAMES}
        width={168}
        onChange={(condition) => change({ condition })}
        fault={desk.faultAt(`parts[${index}].condition`)}
      />
      <FilmChoice part={part} />
      <WallField part={part} index={index} />
      <HeatField part={part} index={index} />
    </div>
  );
}

/** Asked only where there is an old paint to be named. */
function FilmChoice({ part }: Pick<PartProps, 'part'>) {
  const desk = useDesk();
  if (!isPainted(part) && part.condition !== 'e-coat') return null;
  return (
    <ListChoice
      label="What paint it is"
      value={part.film ?? NOT_KNOWN}
      options={FILM_CHOICES}
      names={FILM_CHOICE_NAMES}
      width={232}
      onChange={(v) => desk.edit((j) => setFilm(j, part.id, v === NOT_KNOWN ? null : v))}
    />
  );
}

/** How thick its material is: heavy parts follow the air late, and sweat when they come in cold. */
function WallField({ part, index }: PartProps) {
  const desk = useDesk();
  return (
    <span className="row gap-2 wrap-nowrap">
      <MeasureBox
        kind="depth"
        label="Thickness"
        value={part.wallMm ?? usualWallMm(part.substrate)}
        min={0.3}
        max={200}
        width={116}
        onChange={(wallMm) => desk.edit((j) => patchPart(j, part.id, { wallMm }))}
        fault={desk.faultAt(`parts[${index}].wallMm`)}
      />
      {part.wallMm === undefined && <ProvenanceMark mark="M" />}
    </span>
  );
}

/** Asked where something of the job gets hot: each part has a temperature of its own. */
function HeatField({ part, index }: PartProps) {
  const desk = useDesk();
  const isAsked = desk.job.purpose.exposure.includes('heat') || part.serviceC !== undefined;
  if (!isAsked) return null;
  return (
    <NumberBox
      label="Hottest in use"
      unit="°C"
      value={serviceC(desk.job, part)}
      min={-40}
      max={900}
      width={124}
      onChange={(c) => desk.edit((j) => setServiceC(j, part.id, c))}
      fault={desk.faultAt(`parts[${index}].serviceC`)}
    />
  );
}
