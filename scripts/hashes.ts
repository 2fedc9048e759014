/**
 * Hashes of every plan of the examples and of the demo's jobs, as JSON and as text: npm run -s hashes.
 * Run it before and after a change that must not move a plan and compare; `--write folder` keeps the plans themselves.
 */
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { plan } from '@/core/plan';
import { msOf } from '@/core/time/instant';
import { DEMO_JOBS, DEMO_NOW } from '@/demo/jobs';
import { parseForecast } from '@/formats/forecast-file';
import { takeWeatherFile } from '@/formats/weather/file';
import { parseJob, parseJson } from '@/formats/job-file';
import type { Parsed } from '@/formats/faults';
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import { simulatedForecast } from '@/standins/weather';
import { formatFor } from '@/words/format';
import { planText } from '@/words/plan-text';

function valueOf<T>(parsed: Parsed<T>): T {
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.faults));
  return parsed.value;
}

function forecastIn(folder: string, tz: string): Forecast | null {
  const json = join(folder, 'forecast.json');
  const csv = join(folder, 'forecast.csv');
  if (existsSync(json)) return valueOf(parseForecast(valueOf(parseJson(readFileSync(json, 'utf8')))));
  if (existsSync(csv))
    return valueOf(takeWeatherFile(readFileSync(csv, 'utf8'), { tz, nowMs: msOf(DEMO_NOW, tz) })).forecast;
  return null;
}

function* cases(): Generator<{ name: string; job: Job; forecast: Forecast | null }> {
  for (const name of readdirSync('examples').sort()) {
    const job = valueOf(
      parseJob(valueOf(parseJson(readFileSync(join('examples', name, 'job.json'), 'utf8')))),
    );
    yield { name, job, forecast: null };
    const forecast = forecastIn(join('examples', name), job.place.tz);
    if (forecast !== null) yield { name: `${name}+forecast`, job, forecast };
  }
  for (const { id, job } of DEMO_JOBS) yield { name: `demo-${id}`, job, forecast: null };
}

const { values } = parseArgs({ options: { write: { type: 'string' } } });
if (values.write !== undefined) mkdirSync(values.write, { recursive: true });
const short = (text: string): string => createHash('sha256').update(text).digest('hex').slice(0, 16);
for (const { name, job, forecast } of cases()) {
  const nowMs = msOf(DEMO_NOW, job.place.tz);
  const issued = forecast === null ? simulatedForecast(job.place, nowMs) : { forecast, issuedMs: nowMs };
  const made = plan({ job, nowMs, ...issued });
  const json = JSON.stringify(made, null, 2);
  const text = planText(job, made, formatFor('metric'));
  process.stdout.write(`${name.padEnd(32)} ${short(json)} ${short(text)}\n`);
  if (values.write !== undefined) {
    writeFileSync(join(values.write, `${name}.json`), `${json}\n`);
    writeFileSync(join(values.write, `${name}.txt`), `${text}\n`);
  }
}
