'use client';
/** The parts: measured, with what they are made of and what lies on them. */
import Button from '@mui/material/Button';
import { addPart, addPreset } from '@/core/edits/parts';
import { PART_PRESETS } from '@/core/surface/presets';
import { useDesk } from '../desk/job-desk';
import { ListChoice } from '../parts/choice';
import { ProvenanceMark } from '../parts/mark';
import { PartCard } from './part-card';

const PRESET_NAMES: Record<string, string> = Object.fromEntries(PART_PRESETS.map((x) => [x.id, x.name]));
const MOST_PARTS = 40;

interface PartsEditorProps {
  readonly selected: string | null;
  readonly onSelect: (id: string) => void;
}

export function PartsEditor({ selected, onSelect }: PartsEditorProps) {
  const desk = useDesk();
  const { parts } = desk.job;
  return (
    <div style={{ display: 'grid', gap: 12 }}>
      {parts.map((p, i) => (
        <PartCard key={p.id} part={p} index={i} selected={selected === p.id} onSelect={onSelect} />
      ))}
      <div className="row">
        <Button variant="outlined" disabled={parts.length >= MOST_PARTS} onClick={() => desk.edit(addPart)}>
          Add a part
        </Button>
        <ListChoice
          label="Add from the list"
          value=""
          options={PART_PRESETS.map((x) => x.id)}
          names={PRESET_NAMES}
          width={220}
          onChange={(id) => desk.edit((j) => addPreset(j, id))}
        />
        <span className="small muted">
          typical sizes, to be corrected with a tape
          <ProvenanceMark mark="M" />
        </span>
      </div>
    </div>
  );
}
