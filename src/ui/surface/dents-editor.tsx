'use client';
/** Dents to fill on a part: long, wide, deep. */
import IconButton from '@mui/material/IconButton';
import { addDent, patchDent, removeDent } from '@/core/edits/parts';
import type { Part } from '@/model/job';
import { useDesk } from '../desk/job-desk';
import { CloseSign } from '../parts/icons';
import { MeasureBox } from '../parts/measure-box';
import type { PartProps } from './part-props';
import { dentsLine } from '../views/surface';
import { useTakeOut } from '../shell/use-take-out';
import { EditorGroup, GroupAdd } from './editor-group';

type Dent = NonNullable<Part['dents']>[number];
const MOST_DENTS = 30;

export function DentsEditor({ part, index }: PartProps) {
  const desk = useDesk();
  const dents = part.dents ?? [];
  return (
    <EditorGroup
      name="Dents to fill"
      note={dentsLine(part)}
      act={
        <GroupAdd
          name="Add a dent"
          isFull={dents.length >= MOST_DENTS}
          onAdd={() => desk.edit((j) => addDent(j, part.id))}
        />
      }
    >
      {dents.length > 0 && (
        <div className="is-grid gap-10">
          {dents.map((dent, at) => (
            <DentRow key={at} part={part} index={index} dent={dent} at={at} />
          ))}
        </div>
      )}
    </EditorGroup>
  );
}

interface DentRowProps extends PartProps {
  readonly dent: Dent;
  readonly at: number;
}

function DentRow({ part, index, dent, at }: DentRowProps) {
  const desk = useDesk();
  const takeOut = useTakeOut();
  const set = (patch: Partial<Dent>): void => desk.edit((j) => patchDent(j, part.id, at, patch));
  const faultAt = (field: string): string | null => desk.faultAt(`parts[${index}].dents[${at}].${field}`);
  const length = { width: 96 } as const;
  return (
    <div className="row">
      <MeasureBox
        {...length}
        kind="offset"
        label="Long"
        value={dent.lengthMm}
        min={1}
        max={10_000}
        onChange={(lengthMm) => set({ lengthMm })}
        fault={faultAt('lengthMm')}
      />
      <MeasureBox
        {...length}
        kind="offset"
        label="Wide"
        value={dent.widthMm}
        min={1}
        max={10_000}
        onChange={(widthMm) => set({ widthMm })}
        fault={faultAt('widthMm')}
      />
      <MeasureBox
        {...length}
        kind="depth"
        label="Deep"
        value={dent.depthMm}
        min={0.1}
        max={100}
        step={0.5}
        onChange={(depthMm) => set({ depthMm })}
        fault={faultAt('depthMm')}
      />
      <IconButton
        size="small"
        aria-label={`Take dent ${at + 1} out`}
        onClick={() => takeOut(`Dent ${at + 1}`, (j) => removeDent(j, part.id, at))}
      >
        <CloseSign />
      </IconButton>
    </div>
  );
}
