/** The columns of a weather file as they are confirmed: each quantity with its column, its unit and what it reads. */
import { QUANTITIES, UNITS_OF, type Mapping, type Quantity } from '@/formats/weather/columns';
import type { TableGuess } from '@/formats/weather/table';

export const QUANTITY_NAMES: Readonly<Record<Quantity, string>> = {
  temp: 'Temperature',
  rh: 'Humidity',
  dew: 'Dew point',
  wind: 'Wind',
  gust: 'Gusts',
  from: 'Wind from',
  rain: 'Rain',
  chance: 'Chance of rain',
  cloud: 'Cover of the sky',
};

export interface MappedLine {
  readonly q: Quantity;
  readonly name: string;
  /** -1 for none */
  readonly column: number;
  readonly unit: string;
  readonly units: readonly string[];
  /** First cells as they stand in the file. */
  readonly reads: string;
  /** Why it wants a look; null where the file says it plainly. */
  readonly ask: string | null;
}

/** What is asked about a column that stands as it was guessed. */
function askOf(q: Quantity, { guess, names }: TableGuess): string | null {
  const rival = guess.rivals.find((r) => r.q === q);
  if (rival) return `“${names[rival.column]}” could be it too`;
  return guess.unsure.includes(q) ? 'the file does not say the unit' : null;
}

export function mappedLines(table: TableGuess, mapping: Mapping): MappedLine[] {
  return QUANTITIES.map((q) => {
    const chosen = mapping.of[q];
    const guessed = table.guess.of[q];
    const units = Object.keys(UNITS_OF[q]);
    const line = { q, name: QUANTITY_NAMES[q], units };
    if (!chosen) return { ...line, column: -1, unit: units[0]!, reads: '', ask: null };
    const { column, unit } = chosen;
    const isAsGuessed = column === guessed?.column && unit === guessed.unit;
    const reads = table.sample.map((row) => row[column] ?? '').join(' · ');
    return { ...line, column, unit, reads, ask: isAsGuessed ? askOf(q, table) : null };
  });
}

export const isNeeded = (q: Quantity): boolean => q === 'temp' || q === 'wind';

export function withColumn(mapping: Mapping, q: Quantity, to: { column: number; unit: string }): Mapping {
  const { [q]: _was, ...rest } = mapping.of;
  return { ...mapping, of: to.column < 0 ? rest : { ...rest, [q]: to } };
}

/** The mapping alone, as it is sent. */
export const mappingOf = ({ time, isDayFirst, of }: Mapping): Mapping => ({ time, isDayFirst, of });
