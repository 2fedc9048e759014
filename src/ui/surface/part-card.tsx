'use client';
/** One part: its measures, its shape, what it is made of and what lies on it, its zones and dents. */
import Button from '@mui/material/Button';
import { learnPart, patchPart } from '@/core/edits/parts';
import { measured } from '@/core/surface/area';
import { withBoards } from '@/core/surface/board';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { DentsEditor } from './dents-editor';
import { FacesTable } from './faces-table';
import { FindOut } from './find-out';
import { PartDates } from './part-dates';
import { PartFields } from './part-fields';
import type { PartProps } from './part-props';
import { ZonesEditor } from './zones-editor';

interface PartCardProps extends PartProps {
  readonly selected: boolean;
  readonly onSelect: (id: string) => void;
}

export function PartCard({ part, index, selected, onSelect }: PartCardProps) {
  const f = useFormat();
  const desk = useDesk();
  const m = measured(withBoards(desk.job)[index] ?? part);
  const name = part.name ?? part.id;
  const figures = m
    ? `, ${f.area(m.areaM2)}; give or take ${f.area(m.sdM2)}; overrun × ${m.overrun.toFixed(2)}`
    : ', not measured yet';
  return (
    <fieldset
      onFocus={() => onSelect(part.id)}
      style={{
        border: `1px solid ${selected ? 'var(--lagoon)' : 'var(--line)'}`,
        borderRadius: 2,
        padding: '12px 12px 10px',
        margin: 0,
        minWidth: 0,
      }}
    >
      <legend className="small" style={{ padding: '0 6px', fontWeight: 600 }}>
        {name}
        {figures}
      </legend>
      <PartFields part={part} index={index} />
      {part.silicone && (
        <p className="small" style={{ color: 'var(--amber-ink)', fontWeight: 600 }}>
          Wax or silicone feared: every wipe twice, fresh cloths.{' '}
          <Button size="small" onClick={() => desk.edit((j) => patchPart(j, part.id, { silicone: false }))}>
            Water sheets now
          </Button>
        </p>
      )}
      <FindOut name={name} onAnswer={(found) => desk.edit((j) => learnPart(j, part.id, found))} />
      <ZonesEditor part={part} index={index} areaM2={m?.areaM2 ?? null} />
      <DentsEditor part={part} index={index} />
      <PartDates part={part} />
      {m && m.faces.length > 1 && <FacesTable part={part} measured={m} />}
    </fieldset>
  );
}
