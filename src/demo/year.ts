/** A year of finished jobs at Harbour Lane for the demo’s logbook: invented, one like another but for what differs. */
import { hoursIn, traceOf } from '@/core/air/came';
import { looksOf } from '@/core/finish/looks';
import { dewPointC } from '@/core/air/moist';
import { systemFor } from '@/core/coating/system';
import { coatUses } from '@/core/material/coat-uses';
import { densityOf } from '@/core/material/used';
import type { CoatWeight } from '@/core/material/weighed';
import { airsForJob } from '@/core/job-air';
import { normals } from '@/core/numerics/random';
import { round1 } from '@/core/numerics/round';
import { withZones } from '@/core/surface/zones';
import { coatsOn, everyCoat } from '@/core/time/coats-on';
import { civilDate, DAY, HOUR, isoOf, MINUTE, msOf } from '@/core/time/instant';
import type { Beside } from '@/model/beside';
import type { AirHour } from '@/model/came';
import type { Job, SystemLayer } from '@/model/job';
import type { Rubric } from '@/model/rubric';
import { simulatedForecast } from '@/standins/weather';
import { DEMO_FINISHED } from './jobs';

interface Finished {
  readonly id: string;
  readonly name: string;
  readonly day: string;
  readonly colour: readonly [name: string, hex: string];
  readonly mm: readonly [length: number, width: number];
  readonly clear: string | null;
  readonly marks: readonly [number, number, number, number, number];
  readonly fault?: 'runs' | 'dry-spray' | 'dust-nibs' | 'orange-peel' | 'insect';
  readonly note: string;
}

// A table stays a table: one job a line.
// prettier-ignore
const YEAR: readonly Finished[] = [
  { id: 'y-gate', name: 'Side gate panel', day: '2025-06-07', colour: ['Slate blue', '#3F5566'], mm: [900, 500], clear: null, marks: [3, 3, 3, 4, 4], note: 'Evening dew came early; the last coat just made it.' },
  { id: 'y-stool', name: 'Workshop stool', day: '2025-06-28', colour: ['Signal yellow', '#C79A1E'], mm: [420, 420], clear: 'halden-1k-gloss', marks: [3, 2, 2, 3, 3], fault: 'dust-nibs', note: 'Swept the floor dry. Wet it next time.' },
  { id: 'y-mailbox', name: 'Letter box', day: '2025-07-12', colour: ['Moss green', '#55693A'], mm: [380, 260], clear: 'halden-1k-gloss', marks: [4, 3, 4, 4, 4], note: 'Small and quick; the lamp from one side helped.' },
  { id: 'y-trailer', name: 'Trailer mudguards', day: '2025-08-02', colour: ['Graphite', '#3B3F42'], mm: [900, 420], clear: 'halden-2k-gloss', marks: [4, 3, 3, 4, 4], fault: 'insect', note: 'One gnat, left in and cut out later.' },
  { id: 'y-drawers', name: 'Workbench drawers', day: '2025-08-23', colour: ['Petrol', '#1E5468'], mm: [1100, 600], clear: 'halden-2k-gloss', marks: [3, 3, 2, 4, 4], fault: 'dry-spray', note: 'A gust at two. Wait for it to calm, whatever the can costs.' },
  { id: 'y-bench', name: 'Bench frame', day: '2025-09-13', colour: ['Dark green', '#37463C'], mm: [1200, 400], clear: null, marks: [3, 3, 3, 3, 3], note: 'Tubes take more than one thinks.' },
  { id: 'y-stove', name: 'Fan housing', day: '2025-10-04', colour: ['Warm grey', '#655F58'], mm: [460, 460], clear: null, marks: [2, 3, 3, 3, 2], fault: 'orange-peel', note: 'Cans were cold. Bring them in the evening before.' },
  { id: 'y-shutter', name: 'Shed shutter', day: '2026-02-21', colour: ['Rust red', '#8C3B2E'], mm: [1000, 700], clear: 'halden-1k-gloss', marks: [2, 2, 3, 4, 3], fault: 'runs', note: 'Too close at the low edge, and too slow.' },
  { id: 'y-tray', name: 'Tool tray', day: '2026-03-14', colour: ['Slate blue', '#3F5566'], mm: [520, 380], clear: 'halden-1k-gloss', marks: [3, 3, 3, 4, 4], note: 'Garage with the heater on before, off while spraying.' },
  { id: 'y-crate', name: 'Bicycle crate', day: '2026-04-04', colour: ['Moss green', '#55693A'], mm: [700, 420], clear: 'halden-1k-gloss', marks: [4, 3, 4, 4, 4], note: 'Light first coats. No runs.' },
  { id: 'y-lamp', name: 'Wall lamp shades', day: '2026-04-25', colour: ['Signal yellow', '#C79A1E'], mm: [340, 300], clear: 'halden-2k-gloss', marks: [4, 4, 3, 4, 4], note: 'Two coats of the activated clear in one go, can nearly empty.' },
];

/** Habit of this invented painter: he takes a little less than reckoned, give or take. */
const OWN = 0.93;
const SCATTER = 0.08;
const PACE_SCATTER = 0.2;

const layersOf = ({ clear }: Finished): SystemLayer[] =>
  clear === null
    ? [
        { role: 'filler', productId: 'tamsel-filler', coats: 2 },
        { role: 'colour', productId: 'skerry-enamel', coats: 2 },
      ]
    : [
        { role: 'filler', productId: 'tamsel-filler', coats: 2 },
        { role: 'base', productId: 'orrin-base', coats: 3 },
        { role: 'clear', productId: clear, coats: clear.includes('2k') ? 2 : 4 },
      ];

const rubricOf = ([gloss, peel, nibs, colour, hold]: Finished['marks']): Rubric => ({
  gloss,
  peel,
  nibs,
  colour,
  hold,
});

function partOf({ mm }: Finished): Job['parts'][number] {
  const [lengthMm, widthMm] = mm;
  const like = DEMO_FINISHED[0]!.job.parts[0]!;
  return { ...like, id: 'part', name: 'Part', lengthMm, widthMm, condition: 'sound-paint' };
}

type Coats = NonNullable<Job['state']>['coats'];

/** Coats twenty-four minutes apart, each layer after the first on the day after. */
function coatsOf(layers: readonly SystemLayer[], firstMs: number, tz: string): Coats {
  const order = everyCoat(layers.map(({ role, coats }) => ({ id: role, coats })));
  return order.map((c, i) => {
    const laterMs = c.layerId === layers[0]!.role ? 0 : 20 * HOUR;
    return { ...c, endedAt: isoOf(firstMs + laterMs + i * 24 * MINUTE, tz) };
  });
}

/** What each coat lost on the scale. */
function weightsOf(
  bare: Job,
  coats: Coats,
  z: () => number,
): (CoatWeight & { beforeG: number; afterG: number })[] {
  const job = withZones(bare);
  const system = systemFor(job);
  return coats.map(({ layerId, coat, endedAt }) => {
    const layer = system.layers.find((l) => l.id === layerId)!;
    const product = system.products.get(layer.productId)!;
    const ml = coatUses(job, product, system.layers)
      .filter((u) => u.layerId === layerId && u.coat === coat)
      .reduce((a, u) => a + u.sprayMl, 0);
    const lost = ml * densityOf(product) * OWN * Math.exp(SCATTER * z());
    const beforeG = Math.ceil(lost) + 120;
    return { layerId, coat, productId: product.id, beforeG, afterG: Math.round(beforeG - lost), at: endedAt };
  });
}

/** The air of those days as the stand-in has it. */
function traceFor(job: Job, endsMs: readonly number[]): AirHour[] {
  const days = [...new Set(endsMs.map((ms) => Math.floor(ms / DAY) * DAY))];
  const hours = days.flatMap((ms) => {
    const nowMs = ms + 22 * HOUR;
    const airs = airsForJob({ job: withZones(job), ...simulatedForecast(job.place, nowMs), nowMs });
    return hoursIn(airs, { startMs: ms, endMs: ms + DAY });
  });
  return traceOf(hours, endsMs);
}

/** There the wind is three quarters of what is reckoned, the air a little warmer. */
const CALMER = 0.75;
const WARMER_K = 0.8;

/** Two readings a day, as a hobby instrument gives them. */
function besideFor(trace: readonly AirHour[], z: () => number): Beside[] {
  const read = trace.filter((h) => [11, 15].includes(new Date(h.ms).getUTCHours()));
  return read.map(({ ms, cureC, rhPct, windMs }) => {
    const airC = round1(cureC);
    const dewC = round1(dewPointC(airC, rhPct / 100));
    return {
      ms,
      told: { airC, dewC, windMs },
      read: {
        airC: round1(airC + WARMER_K + 0.8 * z()),
        dewC: round1(dewC + 0.8 * z()),
        windMs: round1(windMs * CALMER * Math.exp(0.35 * z())),
      },
    };
  });
}

type Tasks = NonNullable<NonNullable<Job['state']>['tasks']>;

/** He sands a third longer than usual and masks a tenth faster; begins are pressed. */
function handsOf(firstMs: number, z: () => number, tz: string): Tasks {
  const work = [
    { taskId: 's-filler.sand', kind: 'sand', minutes: 40, pace: 1.33 },
    { taskId: 's-filler.mask', kind: 'mask', minutes: 20, pace: 0.9 },
  ] as const;
  return work.map(({ taskId, kind, minutes, pace }, i) => {
    const endMs = firstMs - (2 - i) * HOUR;
    const tookMs = minutes * pace * Math.exp(PACE_SCATTER * z()) * MINUTE;
    const planned = { kind, minutes };
    return { taskId, startedAt: isoOf(endMs - tookMs, tz), endedAt: isoOf(endMs, tz), planned };
  });
}

/** He looked again a day after it was due, until lately. */
const LOOKED_UNTIL = '2026-05-01';

function looksFor(job: Job, { marks }: Finished): { on: string; mark: number }[] {
  return looksOf(job)
    .filter((l) => l.due < LOOKED_UNTIL)
    .map((l) => ({
      on: civilDate(msOf(`${l.due}T12:00`, job.place.tz) + DAY, job.place.tz),
      mark: Math.min(...marks),
    }));
}

function finished(of: Finished, z: () => number, read: () => number): Job {
  const like = DEMO_FINISHED[0]!.job;
  const { tz } = like.place;
  const layers = layersOf(of);
  const firstMs = msOf(`${of.day}T10:00`, tz);
  const coats = coatsOf(layers, firstMs, tz);
  const [colour, hex] = of.colour;
  const bare: Job = {
    ...like,
    name: of.name,
    purpose: { ...like.purpose, finish: 'gloss', colour: { name: colour, hex, kind: 'solid' } },
    parts: [partOf(of)],
    system: { layers },
    state: { coats, activations: [] },
  };
  const weights = weightsOf(bare, coats, z);
  const lostOf = (productId: string): number =>
    weights.filter((w) => w.productId === productId).reduce((a, w) => a + w.beforeG - w.afterG, 0);
  const usedIds = [...new Set(weights.map((w) => w.productId))];
  const trace = traceFor(
    bare,
    coats.map((c) => msOf(c.endedAt, tz)),
  );
  const faults = of.fault && [{ code: of.fault, at: coats.at(-1)!.endedAt }];
  const whole: Job = {
    ...bare,
    state: { coats, activations: [], weights, tasks: handsOf(firstMs, z, tz), ...(faults && { faults }) },
    log: {
      closedAt: isoOf(firstMs + 60 * HOUR, tz),
      note: of.note,
      used: usedIds.map((productId) => ({ by: 'weight', productId, beforeG: lostOf(productId), afterG: 0 })),
      outcomes: layers.map((l) => ({ layerId: l.role, mark: Math.min(...of.marks) })),
      rubric: rubricOf(of.marks),
      trace,
      beside: besideFor(trace, read),
    },
  };
  return { ...whole, log: { ...whole.log!, looks: looksFor(whole, of) } };
}

/** The lid that was there, with the air of its days. */
export const demoFinished = (): { readonly id: string; readonly job: Job }[] =>
  DEMO_FINISHED.map(({ id, job }) => {
    const endsMs = coatsOn(job).map((c) => c.endedMs);
    return { id, job: { ...job, log: { ...job.log!, trace: traceFor(job, endsMs) } } };
  });

/** Eleven, and with the lid that was there twelve. */
export function demoYear(): { readonly id: string; readonly job: Job }[] {
  const z = normals(12);
  const read = normals(13);
  return YEAR.map((of) => ({ id: of.id, job: finished(of, z, read) }));
}
