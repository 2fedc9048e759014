/**
 * The headless front door: npm run -s plan -- job.json [--forecast file.json|file.csv] [--now ISO] [--text] | --schema
 * Prints the plan as JSON. Exit 0 also when blocked; 2 for bad input, with the path of the wrong field and what was expected.
 */
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import * as z from 'zod';
import { ForecastError } from '@/core/job-air';
import { plan } from '@/core/plan';
import { msOf } from '@/core/time/instant';
import type { Fault, Parsed } from '@/formats/faults';
import { parseForecast, parseForecastCsv } from '@/formats/forecast-file';
import { parseJob, parseJson } from '@/formats/job-file';
import { forecastSchema, type Forecast } from '@/model/forecast';
import { jobSchema } from '@/model/job';
import { planSchema } from '@/model/plan';
import { simulatedForecast } from '@/standins/weather';
import { formatFor } from '@/words/format';
import { planText } from '@/words/plan-text';

class BadInput extends Error {
  constructor(
    readonly file: string,
    readonly faults: readonly Fault[],
  ) {
    super(file);
  }
}
const bad = (file: string, path: string, expected: string): BadInput =>
  new BadInput(file, [{ path, expected }]);

function read(file: string, what: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch (e) {
    throw bad(what, file, `a file that can be read (${(e as NodeJS.ErrnoException).code ?? 'not readable'})`);
  }
}
function take<T>(what: string, parsed: Parsed<T>): T {
  if (!parsed.ok) throw new BadInput(what, parsed.faults);
  return parsed.value;
}

function main(argv: string[]): string {
  let args;
  try {
    args = parseArgs({
      args: argv,
      allowPositionals: true,
      options: {
        forecast: { type: 'string' },
        now: { type: 'string' },
        schema: { type: 'boolean' },
        text: { type: 'boolean' },
      },
    });
  } catch (e) {
    throw bad('arguments', '--', e instanceof Error ? e.message : 'known options');
  }
  const { values, positionals } = args;
  if (values.schema)
    return JSON.stringify(
      {
        job: z.toJSONSchema(jobSchema),
        forecast: z.toJSONSchema(forecastSchema),
        plan: z.toJSONSchema(planSchema),
      },
      null,
      2,
    );
  const [file, extra] = positionals;
  if (file === undefined) throw bad('arguments', 'job.json', 'the path of a job file, or --schema');
  if (extra !== undefined) throw bad('arguments', extra, 'only one job file');
  const job = take(file, parseJob(take(file, parseJson(read(file, 'job')))));
  const tz = job.place.tz;
  let nowMs = Date.now();
  const nowText = values.now ?? process.env.PELLUCID_NOW;
  if (nowText !== undefined) {
    try {
      nowMs = msOf(nowText, tz);
    } catch {
      throw bad(
        'arguments',
        values.now !== undefined ? '--now' : 'PELLUCID_NOW',
        `an ISO time like 2026-05-16T07:50 (got ${nowText})`,
      );
    }
  }
  let forecast: Forecast;
  let issuedMs = nowMs;
  if (values.forecast !== undefined) {
    const text = read(values.forecast, 'forecast');
    forecast = /\.csv$/i.test(values.forecast)
      ? take(values.forecast, parseForecastCsv(text, tz))
      : take(values.forecast, parseForecast(take(values.forecast, parseJson(text))));
  } else ({ forecast, issuedMs } = simulatedForecast(job.place, nowMs));
  try {
    const p = plan({ job, forecast, nowMs, issuedMs });
    return values.text ? planText(job, p, formatFor('metric')) : JSON.stringify(p, null, 2);
  } catch (e) {
    if (e instanceof ForecastError)
      throw bad(
        values.forecast ?? 'forecast',
        'start',
        e.code === 'does-not-cover-now'
          ? `a forecast that covers now, ${e.params.now} (it runs from ${e.params.from} to ${e.params.to})`
          : 'at least six hours of forecast ahead of now',
      );
    throw e;
  }
}

try {
  process.stdout.write(`${main(process.argv.slice(2))}\n`);
} catch (e) {
  if (!(e instanceof BadInput)) throw e;
  for (const f of e.faults) process.stderr.write(`${e.file}: ${f.path}: expected ${f.expected}\n`);
  process.exitCode = 2;
}
