/**
 * The headless front door: npm run -s plan -- job.json [--forecast file (CSV of any columns, EPW, JSON)] [--now ISO] [--text] | --schema
 * Prints the plan as JSON. Exit 0 also when blocked; 2 for bad input, with the path of the wrong field and
 * what was expected.
 */
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import * as z from 'zod';
import { ForecastError } from '@/core/job-air';
import { plan } from '@/core/plan';
import { isoOf, msOf } from '@/core/time/instant';
import type { Fault, Parsed } from '@/formats/faults';
import { takeWeatherFile } from '@/formats/weather/file';
import { parseJob, parseJson } from '@/formats/job-file';
import { forecastSchema, type Forecast } from '@/model/forecast';
import { jobSchema, type Job } from '@/model/job';
import { planSchema, type Plan } from '@/model/plan';
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
    const why = (e as NodeJS.ErrnoException).code ?? 'not readable';
    throw bad(what, file, `a file that can be read (${why})`);
  }
}
function take<T>(what: string, parsed: Parsed<T>): T {
  if (!parsed.ok) throw new BadInput(what, parsed.faults);
  return parsed.value;
}

interface Arguments {
  readonly file: string;
  readonly forecast: string | undefined;
  readonly now: string | undefined;
  readonly text: boolean;
}
const OPTIONS = {
  forecast: { type: 'string' },
  now: { type: 'string' },
  schema: { type: 'boolean' },
  text: { type: 'boolean' },
} as const;

/** What was asked for; the schemas alone where they were. */
function argumentsOf(argv: string[]): Arguments | 'schema' {
  let args;
  try {
    args = parseArgs({ args: argv, allowPositionals: true, options: OPTIONS });
  } catch (e) {
    throw bad('arguments', '--', e instanceof Error ? e.message : 'known options');
  }
  const { forecast, now, schema, text = false } = args.values;
  if (schema) return 'schema';
  const [file, extra] = args.positionals;
  if (file === undefined) throw bad('arguments', 'job.json', 'the path of a job file, or --schema');
  if (extra !== undefined) throw bad('arguments', extra, 'only one job file');
  return { file, forecast, now, text };
}

/** From the option, else from the environment, else the machine's clock. */
function nowOf(option: string | undefined, tz: string): number {
  const text = option ?? process.env.PELLUCID_NOW;
  if (text === undefined) return Date.now();
  try {
    return msOf(text, tz);
  } catch {
    const named = option !== undefined ? '--now' : 'PELLUCID_NOW';
    throw bad('arguments', named, `an ISO time like 2026-05-16T07:50 (got ${text})`);
  }
}

/** The file's forecast; what was bridged in it, or ends it, is told beside the plan. */
function forecastOf(file: string, tz: string, nowMs: number): Forecast {
  const { forecast, bridgedH, openFromMs } = take(
    file,
    takeWeatherFile(read(file, 'forecast'), { tz, nowMs }),
  );
  if (bridgedH > 0) process.stderr.write(`${file}: ${bridgedH} missing hours are bridged\n`);
  if (openFromMs !== null) process.stderr.write(`${file}: a long hole ends it at ${isoOf(openFromMs, tz)}\n`);
  return forecast;
}

/** Without a forecast the stand-in is asked, and it is said that its weather is invented. */
function standin(job: Job, nowMs: number): ReturnType<typeof simulatedForecast> {
  process.stderr.write('weather: invented, from the built-in stand-in; give --forecast for real days\n');
  return simulatedForecast(job.place, nowMs);
}

function planFor(job: Job, args: Arguments): Plan {
  const { tz } = job.place;
  const nowMs = nowOf(args.now, tz);
  const issued =
    args.forecast === undefined
      ? standin(job, nowMs)
      : { forecast: forecastOf(args.forecast, tz, nowMs), issuedMs: nowMs };
  try {
    return plan({ job, nowMs, ...issued });
  } catch (e) {
    if (!(e instanceof ForecastError)) throw e;
    const { now, from, to } = e.params;
    const covering = `a forecast that covers now, ${now} (it runs from ${from} to ${to})`;
    const expected =
      e.code === 'does-not-cover-now' ? covering : 'at least six hours of forecast ahead of now';
    throw bad(args.forecast ?? 'forecast', 'start', expected);
  }
}

function schemas(): string {
  const [job, forecast, answer] = [jobSchema, forecastSchema, planSchema].map((s) => z.toJSONSchema(s));
  return JSON.stringify({ job, forecast, plan: answer }, null, 2);
}

function main(argv: string[]): string {
  const args = argumentsOf(argv);
  if (args === 'schema') return schemas();
  const job = take(args.file, parseJob(take(args.file, parseJson(read(args.file, 'job')))));
  const made = planFor(job, args);
  return args.text ? planText(job, made, formatFor('metric')) : JSON.stringify(made, null, 2);
}

try {
  process.stdout.write(`${main(process.argv.slice(2))}\n`);
} catch (e) {
  if (!(e instanceof BadInput)) throw e;
  for (const f of e.faults) process.stderr.write(`${e.file}: ${f.path}: expected ${f.expected}\n`);
  process.exitCode = 2;
}
