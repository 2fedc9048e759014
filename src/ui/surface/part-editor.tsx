'use client';
/** The one editor of the parts: size and shape, what it is made of, what lies on it, its tests, zones, dents and dates. */
import Button from '@mui/material/Button';
import { copyPart, patchPart, removePart } from '@/core/edits/parts';
import { measured } from '@/core/surface/area';
import { withBoards } from '@/core/surface/board';
import type { Part } from '@/model/job';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { useTakeOut } from '../shell/use-take-out';
import { DentsEditor } from './dents-editor';
import { EditorGroup } from './editor-group';
import { FacesTable } from './faces-table';
import { FindOut } from './find-out';
import { PartDates } from './part-dates';
import { NameField, SizeFields, SurfaceFields } from './part-fields';
import { ZonesEditor } from './zones-editor';

interface PartEditorProps {
  readonly part: Part;
  readonly index: number;
  /** What it is made of and what lies on it is changed on all of these. */
  readonly ids: readonly string[];
}

export function PartEditor({ part, index, ids }: PartEditorProps) {
  const f = useFormat();
  const desk = useDesk();
  const m = measured(withBoards(desk.job)[index] ?? part);
  const name = part.name ?? part.id;
  return (
    <fieldset className="parteditor">
      <legend className="sr">{name}</legend>
      <div className="row">
        <NameField part={part} index={index} />
        <span>
          {m ? (
            <>
              <b>{f.area(m.areaM2)}</b>{' '}
              <span className="small muted">
                give or take {f.area(m.sdM2)}; overrun × {m.overrun.toFixed(2)}
              </span>
            </>
          ) : (
            <span className="small muted">not measured yet</span>
          )}
        </span>
        <PartActions part={part} name={name} />
      </div>
      <div className="editorcols">
        <div>
          <EditorGroup name="Size and shape" opens>
            <SizeFields part={part} index={index} />
            {m && m.faces.length > 1 && <FacesTable part={part} measured={m} />}
          </EditorGroup>
        </div>
        <div>
          <EditorGroup
            name="Made of, and what lies on it"
            note={ids.length > 1 ? `on ${ids.length} parts at once` : undefined}
          >
            <SurfaceFields part={part} index={index} ids={ids} />
            <Silicone part={part} />
          </EditorGroup>
          <ZonesEditor part={part} index={index} areaM2={m?.areaM2 ?? null} />
          <DentsEditor part={part} index={index} />
        </div>
      </div>
      <FindOut part={part} name={name} />
      <PartDates part={part} />
    </fieldset>
  );
}

function PartActions({ part, name }: { part: Part; name: string }) {
  const desk = useDesk();
  const takeOut = useTakeOut();
  return (
    <span className="row push noprint">
      <Button
        size="small"
        variant="outlined"
        aria-label={`Copy ${name}`}
        onClick={() => desk.edit((j) => copyPart(j, part.id))}
      >
        Copy
      </Button>
      <Button
        size="small"
        variant="outlined"
        disabled={desk.job.parts.length === 1}
        onClick={() => takeOut(name, (j) => removePart(j, part.id))}
        sx={{ color: 'var(--oxide-ink)' }}
        aria-label={`Take out ${name}`}
      >
        Take out
      </Button>
    </span>
  );
}

function Silicone({ part }: { part: Part }) {
  const desk = useDesk();
  if (!part.silicone) return null;
  return (
    <p className="small ink-amber-ink fw600">
      Wax or silicone feared: every wipe twice, fresh cloths.{' '}
      <Button size="small" onClick={() => desk.edit((j) => patchPart(j, part.id, { silicone: false }))}>
        Water sheets now
      </Button>
    </p>
  );
}
