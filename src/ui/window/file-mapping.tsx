'use client';
/** The columns of a weather file, confirmed before it is taken. */
import Button from '@mui/material/Button';
import type { Mapping } from '@/formats/weather/columns';
import type { TableGuess } from '@/formats/weather/table';
import { ListChoice } from '../parts/list-choice';
import { Tick } from '../parts/tick';
import { MindSign } from '../parts/icons';
import { isNeeded, mappedLines, withColumn, type MappedLine } from '../views/file-mapping';

interface FileMappingProps {
  readonly name: string;
  readonly table: TableGuess;
  readonly mapping: Mapping;
  readonly isBusy: boolean;
  readonly onChange: (mapping: Mapping) => void;
  readonly onTake: () => void;
  readonly onCancel: () => void;
}

export function FileMapping(props: FileMappingProps) {
  const { name, table, mapping, isBusy, onChange, onTake, onCancel } = props;
  return (
    <section aria-label="Columns of the file" className="is-grid gap-8 mt-8">
      <p>
        <b className="fw600">{name}</b>, {table.lines} lines. Is this what its columns are?
      </p>
      <ul className="daylist">
        <TimeLine {...props} />
        {mappedLines(table, mapping).map((line) => (
          <ColumnLine
            key={line.q}
            line={line}
            names={table.names}
            onChange={(to) => onChange(withColumn(mapping, line.q, to))}
          />
        ))}
      </ul>
      <div className="row">
        <Button variant="contained" disabled={isBusy} onClick={onTake}>
          So it is: plan with it
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </section>
  );
}

/** Columns as a list of choices, by their place: two may have one name. */
function columnNames(names: readonly string[], none: string): Record<string, string> {
  return Object.fromEntries([
    ['-1', none],
    ...names.map((n, i) => [String(i), n === '' ? `column ${i + 1}` : n]),
  ]);
}

function TimeLine({ table, mapping, onChange }: FileMappingProps) {
  const names = columnNames(table.names, 'none');
  const set = (i: number, column: number): void => {
    const time = [mapping.time[0] ?? -1, mapping.time[1] ?? -1];
    time[i] = column;
    onChange({ ...mapping, time: time.filter((c) => c >= 0) });
  };
  return (
    <li className="dayfields">
      <b className="maplabel">Time</b>
      {[0, 1].map((i) => (
        <ListChoice
          key={i}
          label={i === 0 ? 'Column' : 'Clock, if apart'}
          value={String(mapping.time[i] ?? -1)}
          options={Object.keys(names)}
          names={names}
          width={170}
          onChange={(c) => set(i, Number(c))}
        />
      ))}
      {table.isDateUnsure && (
        <Tick isOn={mapping.isDayFirst} onChange={(isDayFirst) => onChange({ ...mapping, isDayFirst })}>
          the day stands before the month
        </Tick>
      )}
      <span className="small muted">{table.sample[0]?.[mapping.time[0] ?? 0]}</span>
    </li>
  );
}

interface ColumnLineProps {
  readonly line: MappedLine;
  readonly names: readonly string[];
  readonly onChange: (to: { column: number; unit: string }) => void;
}

function ColumnLine({ line, names, onChange }: ColumnLineProps) {
  const { q, name, column, unit, units, reads, ask } = line;
  const columns = columnNames(names, isNeeded(q) ? 'choose' : 'not in the file');
  return (
    <li className="dayfields">
      <b className="maplabel">{name}</b>
      <ListChoice
        label="Column"
        value={String(column)}
        options={Object.keys(columns)}
        names={columns}
        width={170}
        onChange={(c) => onChange({ column: Number(c), unit })}
      />
      {column >= 0 && (
        <ListChoice
          label="Unit"
          value={unit}
          options={units}
          names={Object.fromEntries(units.map((u) => [u, u]))}
          width={100}
          onChange={(u) => onChange({ column, unit: u })}
        />
      )}
      <span className="small muted">{reads}</span>
      {ask !== null && (
        <span className="small row gap-6 ink-amber-ink">
          <MindSign size={16} />
          {ask}
        </span>
      )}
    </li>
  );
}
