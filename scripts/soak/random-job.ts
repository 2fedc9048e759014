/** Valid jobs of every kind at random: parts, shapes, places, kit, hours, colours, in any mixture. */
import { DEMO_HOURS, DEMO_JOBS, HARBOUR_LANE } from '@/demo/jobs';
import { parseJob } from '@/formats/job-file';
import type { Job, Part, Shape } from '@/model/job';
import {
  BOX_FACES,
  COLOUR_KINDS,
  CONDITIONS,
  CONE_ENDS,
  EXPOSURES,
  FINISHES,
  GRADES,
  POSTURES,
  SHELTERS,
  SPRAYERS,
  SUBSTRATES,
  WEEKDAYS,
} from '@/model/lists';
import { pick, type Chance } from './chance';

const some = <T>(chance: Chance, list: readonly T[], share: number): T[] =>
  list.filter(() => chance() < share);
const between = (chance: Chance, low: number, high: number): number =>
  Math.round(low + chance() * (high - low));

const SHAPES_AT_RANDOM: readonly ((chance: Chance) => Shape | undefined)[] = [
  () => undefined,
  () => undefined,
  (c) => ({ kind: 'curved', riseMm: between(c, 0, 200) }),
  (c) => ({ kind: 'box', heightMm: between(c, 20, 600), faces: [...BOX_FACES].slice(0, between(c, 1, 6)) }),
  (c) => ({ kind: 'tube', diameterMm: between(c, 5, 300), ends: between(c, 0, 2) }),
  (c) => ({
    kind: 'frame',
    tubes: Array.from({ length: between(c, 1, 12) }, () => ({
      lengthMm: between(c, 50, 1800),
      diameterMm: between(c, 8, 60),
      count: between(c, 1, 6),
    })),
  }),
  (c) => ({ kind: 'ellipsoid', heightMm: between(c, 30, 500), share: c() < 0.5 ? 1 : 0.5 }),
  (c) => ({
    kind: 'cone',
    topMm: between(c, 0, 300),
    bottomMm: between(c, 10, 400),
    heightMm: between(c, 20, 500),
    ends: pick(c, CONE_ENDS),
  }),
  (c) => ({ kind: 'known', areaM2: 0.01 + c() * 4 }),
];

function partAt(chance: Chance, n: number): Part {
  const shape = pick(chance, SHAPES_AT_RANDOM)(chance);
  return {
    id: `part-${n}`,
    name: `Part ${n}`,
    lengthMm: between(chance, 20, 2200),
    widthMm: between(chance, 20, 1500),
    sides: chance() < 0.8 ? 1 : 2,
    posture: pick(chance, POSTURES),
    hiddenEdgePct: between(chance, 0, 40),
    substrate: pick(chance, SUBSTRATES),
    condition: pick(chance, CONDITIONS),
    ...(shape && { shape }),
    ...(chance() < 0.3 && { count: between(chance, 1, 12) }),
    ...(chance() < 0.15 && {
      zones: [{ sharePct: between(chance, 1, 60), condition: pick(chance, CONDITIONS) }],
    }),
    ...(chance() < 0.15 && { dents: [{ lengthMm: 80, widthMm: 60, depthMm: 1 + chance() * 4 }] }),
  };
}

/** Half of the jobs are such as people really do: one material, an ordinary surface, a place that is warm enough. */
const EASY_CONDITIONS = ['bare', 'sound-paint', 'chipped'] as const;
const WARM_SHELTERS = ['garage', 'lean-to', 'tent'] as const;

function hoursAt(chance: Chance, easy: boolean): Job['freeHours'] {
  const spans = (day: (typeof WEEKDAYS)[number]): [string, string][] => {
    if (!easy && chance() < 0.3) return [];
    return chance() < 0.5 ? DEMO_HOURS.weekly[day] : [['07:00', '21:00']];
  };
  const weekly = Object.fromEntries(WEEKDAYS.map((day) => [day, spans(day)])) as Job['freeHours']['weekly'];
  return { weekly, exceptions: [] };
}

function partsAt(chance: Chance, easy: boolean): Part[] {
  const many = chance() < (easy ? 0.1 : 0.25);
  const same = { substrate: pick(chance, SUBSTRATES), condition: pick(chance, EASY_CONDITIONS) };
  return Array.from({ length: many ? between(chance, 6, 20) : between(chance, 1, 4) }, (_, n) => {
    const { zones, dents, ...part } = partAt(chance, n);
    return easy ? { ...part, ...same } : { ...part, ...(zones && { zones }), ...(dents && { dents }) };
  });
}

function attempt(chance: Chance): unknown {
  const easy = chance() < 0.5;
  const { starts: _s, system: _y, shelf: _h, state: _st, ...base } = pick(chance, DEMO_JOBS).job;
  const anywhere = { lat: between(chance, -55, 68), lon: between(chance, -179, 179) };
  return {
    ...base,
    name: 'At random',
    place: {
      ...HARBOUR_LANE,
      shelter: pick(chance, easy ? WARM_SHELTERS : SHELTERS),
      ...(!easy && anywhere),
    },
    purpose: {
      grade: pick(chance, GRADES),
      finish: pick(chance, FINISHES),
      colour: { name: 'Any', hex: '#446688', kind: pick(chance, COLOUR_KINDS) },
      exposure: easy ? ['sun'] : some(chance, EXPOSURES, 0.3),
    },
    equipment: { sprayer: pick(chance, SPRAYERS), suppliedAir: chance() < 0.6 },
    parts: partsAt(chance, easy),
    freeHours: hoursAt(chance, easy),
    risk: { rushSafe: chance() },
  };
}

const MOST_TRIES = 50;

/** @throws when no try was valid, which says that the generator fell behind the schema */
export function randomJob(chance: Chance): Job {
  for (let n = 0; n < MOST_TRIES; n++) {
    const parsed = parseJob(JSON.parse(JSON.stringify(attempt(chance))));
    if (parsed.ok) return parsed.value;
  }
  throw new Error('no valid job in fifty tries');
}
