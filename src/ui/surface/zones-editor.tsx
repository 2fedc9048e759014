'use client';
/** Zones of another condition on a part: a share of it, or a size, and what lies there. */
import IconButton from '@mui/material/IconButton';
import { addZone, patchZone, removeZone, zoneCm2, zonePct } from '@/core/edits/parts';
import type { Part } from '@/model/job';
import { CONDITIONS } from '@/model/lists';
import { CONDITION_NAMES } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { ListChoice } from '../parts/list-choice';
import { CloseSign } from '../parts/icons';
import { MeasureBox } from '../parts/measure-box';
import { NumberBox } from '../parts/number-box';
import { TextBox } from '../parts/text-box';
import type { PartProps } from './part-props';
import { Said } from '../parts/said';
import { useTakeOut } from '../shell/use-take-out';
import { EditorGroup, GroupAdd } from './editor-group';
import { ZonesBar } from './zones-bar';

type Zone = NonNullable<Part['zones']>[number];
const MOST_ZONES = 8;

interface ZonesEditorProps extends PartProps {
  /** null while the part is not measured */
  readonly areaM2: number | null;
}

export function ZonesEditor({ part, index, areaM2 }: ZonesEditorProps) {
  const desk = useDesk();
  const zones = part.zones ?? [];
  const fault = desk.faultAt(`parts[${index}].zones`);
  return (
    <EditorGroup
      name="Zones of another condition"
      note={zones.length === 0 ? 'none' : undefined}
      act={
        <GroupAdd
          name="Add a zone"
          isFull={zones.length >= MOST_ZONES}
          onAdd={() => desk.edit((j) => addZone(j, part.id))}
        />
      }
    >
      {zones.length > 0 && (
        <div className="is-grid gap-10">
          <ZonesBar part={part} />
          {zones.map((zone, at) => (
            <ZoneRow key={at} part={part} index={index} areaM2={areaM2} zone={zone} at={at} />
          ))}
          <Said>{fault !== null && `Expected ${fault}.`}</Said>
        </div>
      )}
    </EditorGroup>
  );
}

interface ZoneRowProps extends ZonesEditorProps {
  readonly zone: Zone;
  readonly at: number;
}

function ZoneRow({ part, index, areaM2, zone, at }: ZoneRowProps) {
  const desk = useDesk();
  const takeOut = useTakeOut();
  const set = (patch: Partial<Zone>): void => desk.edit((j) => patchZone(j, part.id, at, patch));
  const path = `parts[${index}].zones[${at}]`;
  return (
    <div className="row">
      <ListChoice
        label="What lies there"
        value={zone.condition}
        options={CONDITIONS}
        names={CONDITION_NAMES}
        width={150}
        onChange={(condition) => set({ condition })}
        fault={desk.faultAt(`${path}.condition`)}
      />
      <TextBox
        label="Where"
        value={zone.name ?? ''}
        most={60}
        onChange={(name) => set({ name })}
        sx={{ width: 118 }}
      />
      <NumberBox
        label="Share"
        unit="%"
        value={zone.sharePct}
        min={0.1}
        max={100}
        width={88}
        onChange={(sharePct) => set({ sharePct })}
        fault={desk.faultAt(`${path}.sharePct`)}
      />
      {areaM2 !== null && (
        <MeasureBox
          kind="patch"
          label="or size"
          value={zoneCm2(zone.sharePct, areaM2)}
          min={0.1}
          max={1e6}
          step={10}
          width={108}
          onChange={(cm2) => set({ sharePct: zonePct(cm2, areaM2) })}
        />
      )}
      <IconButton
        size="small"
        aria-label={`Take zone ${at + 1} out`}
        onClick={() => takeOut(zone.name ?? `Zone ${at + 1}`, (j) => removeZone(j, part.id, at))}
      >
        <CloseSign />
      </IconButton>
    </div>
  );
}
