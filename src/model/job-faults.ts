/** Everything wrong with a job that single fields cannot show, as a path and what was expected there. */
import type { Job, Part } from './job';
import { WEEKDAYS } from './lists';
import { isMetal } from './substrates';
import { isZone } from './zone';

export interface JobFault {
  readonly path: string;
  readonly expected: string;
}

function usedTwice(ids: readonly string[], at: (i: number) => string, what: string): JobFault[] {
  return ids.flatMap((id, i) =>
    ids.indexOf(id) === i ? [] : [{ path: at(i), expected: `${what} that is not used twice (“${id}”)` }],
  );
}

/** Electro-coat and rust are found on metal only. */
const ON_METAL = { 'e-coat': 'electro-coat', rust: 'rust' } as const;

function metalFaults(part: Part, path: string): JobFault[] {
  if (isMetal(part)) return [];
  const fault = (condition: Part['condition'], at: string, instead: string): JobFault[] => {
    const what = condition === 'e-coat' || condition === 'rust' ? ON_METAL[condition] : null;
    const expected = `${instead}: ${what} is found on metal only (substrate is ${part.substrate})`;
    return what ? [{ path: at, expected }] : [];
  };
  return [
    ...fault(part.condition, `${path}.condition`, 'bare, sound-paint or failing-clear'),
    ...(part.zones ?? []).flatMap((z, k) =>
      fault(z.condition, `${path}.zones[${k}].condition`, 'another condition'),
    ),
  ];
}

function shapeFaults({ shape, widthMm }: Part, path: string): JobFault[] {
  if (shape?.kind === 'box' && new Set(shape.faces).size !== shape.faces.length)
    return [{ path: `${path}.shape.faces`, expected: 'each face once' }];
  if (shape?.kind !== 'curved' || shape.girthMm === undefined || shape.girthMm >= widthMm) return [];
  const expected = `at least the straight width, ${widthMm} mm (got ${shape.girthMm})`;
  return [{ path: `${path}.shape.girthMm`, expected }];
}

function zoneFaults(part: Part, path: string): JobFault[] {
  const sum = (part.zones ?? []).reduce((a, z) => a + z.sharePct, 0);
  if (sum <= 100 + 1e-9) return [];
  const got = Math.round(sum * 10) / 10;
  return [{ path: `${path}.zones`, expected: `shares that add up to at most 100 % (got ${got})` }];
}

/** Layers that name a part which is not there. */
function layerFaults(job: Job): JobFault[] {
  const partIds = new Set(
    job.parts.flatMap((p) => [p.id, ...(p.zones ?? []).map((_z, k) => `${p.id}--z${k + 1}`)]),
  );
  const expected = `the id of one of the parts (${[...partIds].join(', ')})`;
  return (job.system?.layers ?? []).flatMap((l, i) =>
    (l.only ?? []).flatMap((id, k) =>
      partIds.has(id) ? [] : [{ path: `system.layers[${i}].only[${k}]`, expected }],
    ),
  );
}

function logFaults(job: Job): JobFault[] {
  return (job.log?.used ?? []).flatMap((u, i) => {
    if (u.by !== 'weight' || u.afterG <= u.beforeG) return [];
    const expected = `at most what it weighed before, ${u.beforeG} g (got ${u.afterG})`;
    return [{ path: `log.used[${i}].afterG`, expected }];
  });
}

type ClockSpans = readonly (readonly [string, string])[];
function spanFaults(spans: ClockSpans, path: string): JobFault[] {
  return spans.flatMap(([from, to], i) =>
    from < to ? [] : [{ path: `${path}[${i}]`, expected: `a start before its end (got ${from} to ${to})` }],
  );
}

function hourFaults({ freeHours }: Job): JobFault[] {
  return [
    ...WEEKDAYS.flatMap((d) => spanFaults(freeHours.weekly[d], `freeHours.weekly.${d}`)),
    ...freeHours.exceptions.flatMap((e, i) => spanFaults(e.spans, `freeHours.exceptions[${i}].spans`)),
  ];
}

function zoneNameFaults({ place }: Job): JobFault[] {
  if (isZone(place.tz)) return [];
  const expected = `a zone of the IANA list, for instance Europe/London (got “${place.tz}”)`;
  return [{ path: 'place.tz', expected }];
}

/** Empty for a job that holds together. */
export function jobFaults(job: Job): JobFault[] {
  const { parts } = job;
  const ofParts = (faults: (p: Part, path: string) => JobFault[]): JobFault[] =>
    parts.flatMap((p, i) => faults(p, `parts[${i}]`));
  return [
    ...usedTwice(
      parts.map((p) => p.id),
      (i) => `parts[${i}].id`,
      'a part id',
    ),
    ...usedTwice(
      (job.products ?? []).map((p) => p.id),
      (i) => `products[${i}].id`,
      'a product id',
    ),
    ...ofParts(metalFaults),
    ...ofParts(shapeFaults),
    ...ofParts(zoneFaults),
    ...layerFaults(job),
    ...logFaults(job),
    ...hourFaults(job),
    ...zoneNameFaults(job),
  ];
}
