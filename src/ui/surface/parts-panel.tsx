'use client';
/** The parts: one drawing to scale and one row each, in which a part is picked; one editor for what is picked. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import { addPart, addPreset } from '@/core/edits/parts';
import { measuredInAll } from '@/core/surface/area';
import { PART_PRESETS } from '@/core/surface/presets';
import type { Part } from '@/model/job';
import { useDesk } from '../desk/job-desk';
import { PartSheet } from '../drawings/part-sheet';
import { PickRow } from '../parts/pick-row';
import { ListChoice } from '../parts/list-choice';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { partRow } from '../views/surface';
import { PartEditor } from './part-editor';

const PRESET_NAMES: Record<string, string> = Object.fromEntries(PART_PRESETS.map((x) => [x.id, x.name]));
const MOST_PARTS = 40;

export function PartsPanel() {
  const f = useFormat();
  const { job } = useDesk();
  const [asked, setAsked] = useState<string | null>(null);
  const [also, setAlso] = useState<ReadonlySet<string> | null>(null);
  const { areaM2, complete } = measuredInAll(job.parts);
  const index = Math.max(
    0,
    job.parts.findIndex((p) => p.id === asked),
  );
  const part = job.parts[index]!;
  const ids = job.parts.map((p) => p.id).filter((id) => id === part.id || also?.has(id));
  return (
    <section className="panel" aria-label="Parts">
      <div className="hd">
        Parts, laid flat to one scale <small>{f.area(areaM2)} in all; pick one to change it</small>
        <AddParts onAdded={setAsked} />
      </div>
      <div className="partgrid">
        {complete ? (
          <PartSheet parts={job.parts} f={f} selected={part.id} onSelect={setAsked} />
        ) : (
          <p className="cap">Give every part its measures, and it is drawn here.</p>
        )}
        <div>
          <ul className="partrows">
            {job.parts.map((p) => (
              <Row
                key={p.id}
                part={p}
                isPicked={p.id === part.id}
                also={also && p.id !== part.id ? also.has(p.id) : null}
                onPick={() => setAsked(p.id)}
                onAlso={(on) =>
                  setAlso(new Set([...(also ?? [])].filter((x) => x !== p.id).concat(on ? p.id : [])))
                }
              />
            ))}
          </ul>
          {job.parts.length > 1 && (
            <Button
              size="small"
              aria-pressed={also !== null}
              onClick={() => setAlso(also ? null : new Set())}
            >
              {also ? 'Change one at a time' : 'Change several at once'}
            </Button>
          )}
        </div>
      </div>
      <PartEditor key={part.id} part={part} index={index} ids={ids} />
    </section>
  );
}

interface RowProps {
  readonly part: Part;
  readonly isPicked: boolean;
  /** Changed with the one that is picked; null where that is not asked. */
  readonly also: boolean | null;
  readonly onPick: () => void;
  readonly onAlso: (on: boolean) => void;
}

function Row({ part, isPicked, also, onPick, onAlso }: RowProps) {
  const f = useFormat();
  const { name, area, size, lies } = partRow(part, f);
  return (
    <PickRow
      name={name}
      figure={area}
      isPicked={isPicked}
      onPick={onPick}
      before={
        also !== null && (
          <Checkbox
            size="small"
            checked={also}
            onChange={(_e, on) => onAlso(on)}
            slotProps={{ input: { 'aria-label': `Change ${name} too` } }}
          />
        )
      }
    >
      <span>{size}</span>
      <span>{lies}</span>
    </PickRow>
  );
}

/** @param onAdded with its id: it is picked at once */
function AddParts({ onAdded }: { onAdded: (id: string) => void }) {
  const desk = useDesk();
  const add = (more: typeof addPart): void => {
    desk.edit(more);
    onAdded(more(desk.job).parts.at(-1)!.id);
  };
  return (
    <span className="r row noprint">
      <Button
        size="small"
        variant="outlined"
        disabled={desk.job.parts.length >= MOST_PARTS}
        onClick={() => add(addPart)}
      >
        Add a part
      </Button>
      <ListChoice
        label="Add from the list"
        value=""
        options={PART_PRESETS.map((x) => x.id)}
        names={PRESET_NAMES}
        width={168}
        onChange={(id) => add((j) => addPreset(j, id))}
      />
      <ProvenanceMark mark="M" />
    </span>
  );
}
