/** Everything that reads what comes from outside, each with good inputs to begin from. */
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { CATALOGUE } from '@/core/coating/catalogue';
import { readTyped } from '@/core/units/typed';
import { DEMO_JOBS, DEMO_STOCK } from '@/demo/jobs';
import { bundleText, parseBundle } from '@/formats/bundle-file';
import { parseForecast } from '@/formats/forecast-file';
import { takeWeatherFile } from '@/formats/weather/file';
import { parseJob, parseJson } from '@/formats/job-file';
import { pictureOnly } from '@/formats/jpeg';
import { readLabel } from '@/formats/label/read-label';
import { parseProduct, parseProductsCsv, parseProductsJson } from '@/formats/product-file';
import { stockDraftSchema, stockFaults } from '@/model/stock';
import { pick, type Chance } from './chance';
import { PICTURE } from './data-doors';
import { junkDocument, junkText } from './junk';

export interface Importer {
  readonly name: string;
  /** Makes one input and reads it. @returns what it was read as; anything thrown is a fault */
  readonly read: (chance: Chance) => unknown;
}

const EXAMPLES = join(process.cwd(), 'examples');
const exampleTexts = (file: string): string[] =>
  readdirSync(EXAMPLES).flatMap((name) => {
    try {
      return [readFileSync(join(EXAMPLES, name, file), 'utf8')];
    } catch {
      return [];
    }
  });
const BUNDLE = bundleText(
  DEMO_JOBS.slice(0, 2).map(({ id, job }) => ({ id, job, createdMs: 0, removed: false })),
  '2026-05-16T07:50:00Z',
);
const JOBS = [
  ...exampleTexts('job.json').map((t) => JSON.parse(t) as unknown),
  ...DEMO_JOBS.map((d) => d.job),
];
const FORECASTS = exampleTexts('forecast.json').map((t) => JSON.parse(t) as unknown);
const FORECAST_CSV = exampleTexts('forecast.csv');
const LABELS = [
  'Basecoat 400 ml. Flash off 20–25 min between coats. Dry film 9 µm per coat. Batch 77-A',
  '2K clear. Mix 2:1 by volume, pot life 4 h at 20 °C. Recoat within 30 min or after 24 h. Not below 10 °C.',
  'Primer filler, 3 coats, 25 µm each, sand after 2 h at 20 °C, humidity below 80 %, contains isocyanates.',
];
/** Words and units that readers look for, in any order. */
const LABEL_BITS =
  'flash off|recoat|within|after|20|1,5|half an|20–25|min|h|°C|°F|µm|mil|coats|gal|qt|pint|fl oz|l|ml|g|oz|m²|per|/|%|:|2:1|mix|pot life|above|below|not|net|contents|isocyanate|-free|mm|bar|humidity|dew point|.|;|,|\n'.split(
    '|',
  );
const SHEETS_CSV =
  'id,name,role,chemistry,coats,filmUmPerCoat,price\nmy-clear,My clear,clear,2k-urethane,2,22,18.5\n';
const TYPED = ['620', '1,200', '12,5', '1.2 m', '3/4 in', '1 ft 6', '½'];
const UNITS = ['mm', 'ml', 'm²', 'g', '%', '', 'GBP', 'in'];

const documents = (name: string, good: readonly unknown[], read: (raw: unknown) => unknown): Importer => ({
  name,
  read: (chance) => read(junkDocument(chance, pick(chance, good))),
});
const texts = (name: string, good: readonly string[], read: (text: string) => unknown): Importer => ({
  name,
  read: (chance) => read(junkText(chance, pick(chance, good))),
});

export const IMPORTERS: readonly Importer[] = [
  documents('job', JOBS, parseJob),
  documents('forecast', FORECASTS, parseForecast),
  documents('sheet', CATALOGUE, parseProduct),
  documents('bundle', [JSON.parse(BUNDLE)], parseBundle),
  documents('shelf item', DEMO_STOCK, (raw) => {
    const parsed = stockDraftSchema.safeParse(raw);
    return parsed.success ? stockFaults(parsed.data) : parsed.error.issues.length;
  }),
  texts(
    'JSON',
    JOBS.map((job) => JSON.stringify(job)),
    parseJson,
  ),
  texts('forecast CSV', FORECAST_CSV, (text) =>
    takeWeatherFile(text, { tz: 'Europe/London', nowMs: Date.UTC(2026, 4, 16, 12) }),
  ),
  texts('sheets CSV', [SHEETS_CSV], parseProductsCsv),
  texts('sheets JSON', [JSON.stringify(CATALOGUE.slice(0, 3))], parseProductsJson),
  texts('label', LABELS, readLabel),
  {
    name: 'label of bits',
    read: (chance) => readLabel(Array.from({ length: 12 }, () => pick(chance, LABEL_BITS)).join(' ')),
  },
  {
    name: 'typed figure',
    read: (chance) =>
      readTyped(junkText(chance, pick(chance, TYPED)), pick(chance, UNITS), chance() < 0.5 ? '.' : ','),
  },
  {
    name: 'picture',
    read: (chance) =>
      pictureOnly(PICTURE.map((byte) => (chance() < 0.1 ? Math.floor(chance() * 256) : byte))),
  },
];
