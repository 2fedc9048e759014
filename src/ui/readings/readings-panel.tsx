'use client';
/** What was measured in a place: typed in, by sensors or from a log, beside what was expected there. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import type { Place } from '@/model/place';
import type { Measured, SpotId } from '@/model/reading';
import { FileButton } from '../parts/file-button';
import { Fold } from '../parts/fold';
import { NumberBox } from '../parts/number-box';
import { TempBox, WindBox } from '../parts/weather-box';
import { useFormat } from '../theme/providers';
import { ReadingList } from './reading-list';
import { useReadings } from './use-readings';

interface ReadingsPanelProps {
  readonly spot: SpotId;
  readonly place: Place;
  readonly onChanged: () => void;
  /** Takes the usual day of a log as the place's own air; left out where it cannot. */
  readonly onCourse?: (measured: NonNullable<Place['measured']>) => void;
}

export function ReadingsPanel({ spot, place, onChanged, onCourse }: ReadingsPanelProps) {
  const { view, said, course, keep, sense, takeOut, bring } = useReadings(spot, place, onChanged);
  const sensors = view?.sensors ?? [];
  return (
    <div className="is-grid gap-12 pt-10">
      <TypedReading onKeep={keep} />
      <div className="row gap-8 noprint">
        {sensors.length > 0 && (
          <Button variant="outlined" onClick={() => void sense()}>
            Read the sensors
          </Button>
        )}
        <FileButton
          label="Bring a log in"
          accept=".csv,.txt,.tsv,text/csv"
          onFiles={([file]) => {
            if (file) void bring(file);
          }}
        />
        {sensors.length > 0 && <span className="cap">simulated: {sensors.join(', ')}</span>}
      </div>
      <div className="status" role="status" data-kind={said?.bad ? 'bad' : 'ok'}>
        {said?.text}
        {said?.faults.map((x) => (
          <p key={`${x.path} ${x.expected}`}>
            {x.path}: expected {x.expected}
          </p>
        ))}
        {course && onCourse && (
          <Button size="small" onClick={() => onCourse({ ...course[12]!, course })}>
            Take its usual day as the air of this place
          </Button>
        )}
      </div>
      {view && view.list.length > 0 && (
        <Fold summary={`Readings, newest first: ${view.list.length}`} opens>
          <ReadingList list={view.list} tz={place.tz} onTakeOut={(id) => void takeOut(id)} />
        </Fold>
      )}
    </div>
  );
}

const EMPTY: Measured = {};

function TypedReading({ onKeep }: { readonly onKeep: (measured: Measured) => Promise<boolean> }) {
  const [typed, setTyped] = useState<Measured>(EMPTY);
  const [turn, setTurn] = useState(0);
  const set = (patch: Measured): void => setTyped((was) => ({ ...was, ...patch }));
  const keep = async (): Promise<void> => {
    if (!(await onKeep(typed))) return;
    setTyped(EMPTY);
    setTurn((n) => n + 1);
  };
  return (
    <form
      key={turn}
      className="row gap-8"
      aria-label="Type in a reading"
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        void keep();
      }}
    >
      <MeasureBoxes typed={typed} set={set} />
      <Button type="submit" variant="contained" disabled={Object.keys(typed).length === 0}>
        Keep
      </Button>
    </form>
  );
}

interface MeasureBoxesProps {
  readonly typed: Measured;
  readonly set: (patch: Measured) => void;
}

function MeasureBoxes({ typed, set }: MeasureBoxesProps) {
  const f = useFormat();
  const box = { width: 112, fault: null };
  return (
    <>
      <TempBox
        {...box}
        label="Air"
        value={typed.airC ?? null}
        min={-40}
        max={60}
        onChange={(airC) => set({ airC })}
      />
      <NumberBox
        {...box}
        label="Humidity"
        unit="%"
        value={typed.rhPct ?? null}
        min={1}
        max={100}
        onChange={(rhPct) => set({ rhPct })}
      />
      <TempBox
        {...box}
        label="Part"
        value={typed.panelC ?? null}
        min={-40}
        max={95}
        onChange={(panelC) => set({ panelC })}
      />
      <WindBox
        {...box}
        label="Wind"
        wind={f.units === 'us' ? 'mph' : 'm/s'}
        value={typed.windMs ?? null}
        min={0}
        max={40}
        onChange={(windMs) => set({ windMs })}
      />
    </>
  );
}
