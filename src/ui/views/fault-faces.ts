/**
 * Faults as the film shows them, in strokes alone: told by form, density and edge, never by colour. A window of 120 by
 * 80, lit from the upper left; what is scattered is seeded, so that it lies still.
 */
import { uniform } from '@/core/numerics/random';
import { remember } from '@/core/records/remember';
import type { FaultCode, Look } from '@/model/fault';

export const FACE_W = 120;
export const FACE_H = 80;

/** One path; ground is the sound film, ink what differs from it, open is drawn in line alone. */
export interface Stroke {
  readonly d: string;
  readonly fill: 'open' | 'ink' | 'bare';
  readonly weight: number;
}

const line = (d: string, weight = 1.6): Stroke => ({ d, fill: 'open', weight });
const ink = (d: string): Stroke => ({ d, fill: 'ink', weight: 0 });
const bare = (d: string, weight = 1.4): Stroke => ({ d, fill: 'bare', weight });

const n1 = (x: number): string => (Math.round(x * 10) / 10).toString();
const ring = (x: number, y: number, rx: number, ry = rx): string =>
  `M${n1(x - rx)} ${n1(y)}a${n1(rx)} ${n1(ry)} 0 1 0 ${n1(2 * rx)} 0a${n1(rx)} ${n1(ry)} 0 1 0 ${n1(-2 * rx)} 0Z`;
const at = (x: number, y: number): string => `${n1(x)} ${n1(y)}`;

/** Places spread over a box, none on another. */
function scattered(count: number, seed: number, [x0, y0, x1, y1] = [10, 10, 110, 70]): [number, number][] {
  const draw = uniform(seed);
  const out: [number, number][] = [];
  const apart = 0.72 * Math.sqrt(((x1! - x0!) * (y1! - y0!)) / count);
  for (let tries = 0; out.length < count && tries < 4000; tries++) {
    const p: [number, number] = [x0! + draw() * (x1! - x0!), y0! + draw() * (y1! - y0!)];
    if (out.every(([x, y]) => Math.hypot(x - p[0], y - p[1]) >= apart)) out.push(p);
  }
  return out;
}

const each = (points: readonly [number, number][], of: (x: number, y: number, i: number) => string): string =>
  points.map(([x, y], i) => of(x, y, i)).join('');

/** Parallel waves across the window. */
const waves = (ys: readonly number[], lift: number, step: number): string =>
  ys
    .map((y) => {
      let d = `M0 ${y}`;
      for (let x = 0; x < FACE_W; x += step) d += `q${n1(step / 2)} ${n1(lift)} ${n1(step)} 0`;
      return d;
    })
    .join('');

/** Left, right, top, bottom. */
type Box = readonly [x0: number, x1: number, y0: number, y1: number];
const hatch = ([x0, x1, y0, y1]: Box, gap: number): string => {
  let d = '';
  for (let x = x0; x <= x1; x += gap) d += `M${at(x, y0)}L${at(x, y1)}`;
  return d;
};
const slant = ([x0, x1, y0, y1]: Box, gap: number): string => {
  let d = '';
  for (let x = x0; x <= x1; x += gap) d += `M${at(x, y1)}L${at(x + (y1 - y0) * 0.6, y0)}`;
  return d;
};
const drip = (x: number, top: number, long: number): string =>
  `M${at(x - 6, top)}c2 4 2 ${n1(long - 14)} 2 ${n1(long - 10)}a4 5 0 0 0 8 0c0 -4 0 ${n1(14 - long)} 2 ${n1(10 - long)}Z`;
const blob = (x: number, y: number, r: number): string =>
  `M${at(x - r, y)}q${n1(r * 0.2)} ${n1(-r * 1.3)} ${n1(r)} ${n1(-r)}q${n1(r * 1.3)} ${n1(r * 0.2)} ${n1(r)} ${n1(r)}q${n1(-r * 0.1)} ${n1(r * 1.2)} ${n1(-r)} ${n1(r)}q${n1(-r * 1.2)} ${n1(-r * 0.1)} ${n1(-r)} ${n1(-r)}Z`;
const crown = (x: number, y: number, r: number): string =>
  Array.from({ length: 8 }, (_, i) => {
    const a = (i * Math.PI) / 4;
    return `M${at(x + r * Math.cos(a), y + r * Math.sin(a))}L${at(x + (r + 4) * Math.cos(a), y + (r + 4) * Math.sin(a))}`;
  }).join('');
const coast = 'M8 52q10 -16 22 -10t20 -12t24 4t18 -10t20 6';
const step = 'M0 40H120M0 43H120';

const FACES: Readonly<Record<FaultCode, () => readonly Stroke[]>> = {
  'fish-eyes': () => {
    const p = scattered(9, 3);
    return [bare(each(p, (x, y, i) => ring(x, y, 5 + (i % 3) * 2))), ink(each(p, (x, y) => ring(x, y, 1.3)))];
  },
  'solvent-pop': () => [ink(each(scattered(90, 5, [20, 14, 104, 68]), (x, y) => ring(x, y, 0.9)))],
  'filler-pinholes': () => [
    line(ring(60, 40, 44, 28), 1),
    ink(each(scattered(26, 7, [30, 24, 92, 56]), (x, y) => ring(x, y, 1.2))),
  ],
  blisters: () => {
    const p = scattered(7, 9);
    return [
      line(each(p, (x, y, i) => ring(x, y, 6 + (i % 3) * 2))),
      line(
        each(p, (x, y, i) => `M${at(x - 3 - (i % 3), y - 1)}q1 -4 4 -4`),
        1.2,
      ),
    ];
  },
  rain: () => {
    const p = scattered(6, 11);
    return [
      bare(each(p, (x, y) => ring(x, y, 5))),
      line(
        each(p, (x, y) => crown(x, y, 7)),
        1.2,
      ),
    ];
  },
  runs: () => [
    bare('M0 0H120V26H0Z', 0),
    line('M0 26H24M36 26H58M70 26H90M102 26H120'),
    bare(drip(30, 26, 34) + drip(64, 26, 46) + drip(96, 26, 24)),
  ],
  'can-spits': () => {
    const p = scattered(9, 13);
    return [
      ink(each(p, (x, y, i) => ring(x, y, 2 + (i % 3)))),
      line(
        each(p, (x, y, i) => ring(x, y, 5 + (i % 3))),
        0.8,
      ),
    ];
  },
  'can-cold': () => [
    bare(
      each(scattered(24, 15), (x, y, i) => ring(x, y, 2.5 + (i % 2) * 1.5)),
      1.1,
    ),
  ],
  'gun-pulses': () => [
    line(
      'M0 22H22M34 22H40M52 22H84M98 22H120M0 44H10M26 44H66M78 44H82M94 44H120M0 64H34M46 64H52M66 64H108',
      7,
    ),
  ],
  'flake-clumps': () => [
    bare(
      each(scattered(5, 17), (x, y) =>
        each(scattered(6, 3, [x - 8, y - 6, x + 8, y + 6]), (a, b) => `M${at(a, b - 3)}l3 3l-3 3l-3 -3Z`),
      ),
      1,
    ),
    line(
      each(scattered(20, 19), (x, y) => `M${at(x - 1, y)}h2`),
      1,
    ),
  ],
  'orange-peel': () => [
    bare(
      each(scattered(60, 21, [4, 4, 116, 76]), (x, y) => ring(x, y, 5, 4)),
      0.9,
    ),
  ],
  'dry-spray': () => [ink(each(scattered(240, 23, [0, 24, 120, 56]), (x, y) => ring(x, y, 0.8)))],
  blush: () => [line(slant([24, 70, 24, 60], 4), 0.9), line(slant([44, 86, 18, 44], 4), 0.9)],
  'water-marks': () => [
    line(
      each(scattered(7, 25), (x, y, i) => ring(x, y, 5 + (i % 4) * 2)),
      1,
    ),
  ],
  'die-back': () => [
    line('M10 20H110M10 24H110', 2.4),
    line('M10 48h14m6 0h8m10 0h20m4 0h6m8 0h18M12 52h8m10 0h16m8 0h8m12 0h14m4 0h10', 2.4),
  ],
  'matte-shiny': () => [
    line(hatch([2, 118, 0, 80], 4), 0.7),
    bare('M34 40q6 -22 30 -18t26 20t-24 20t-32 -22Z'),
    line('M50 46L64 32M58 50L72 36', 2),
  ],
  holograms: () => [
    line([0, 8, 16, 24].map((k) => `M${20 + k} 70A60 60 0 0 1 ${80 + k} 20`).join(''), 1.1),
    line([0, 8, 16].map((k) => `M${50 + k} 74A50 50 0 0 1 ${108} ${34 + k}`).join(''), 1.1),
    line('M30 22v8M26 26h8', 1.6),
  ],
  'tiger-stripes': () => [line([6, 34, 62, 90].map((x) => slant([x, x + 10, 0, 80], 4)).join(''), 1)],
  'fan-heavy': () => [
    line(ring(60, 40, 46, 26)),
    line(hatch([64, 104, 22, 58], 3), 1),
    line('M18 40h3M28 40h3M38 40h3M48 40h3', 1),
  ],
  mottle: () => [
    line(
      each(scattered(5, 27), (x, y) => blob(x, y, 13)),
      0.8,
    ),
    line(
      each(scattered(5, 27), (x, y) => slant([x - 8, x + 2, y - 7, y + 7], 4)),
      0.8,
    ),
  ],
  shade: () => [
    line('M60 0V80', 2),
    line(hatch([4, 56, 0, 80], 8), 0.8),
    line(hatch([63, 118, 0, 80], 3.4), 0.8),
  ],
  'candy-stripes': () => [
    line([16, 36, 56].map((y) => `M0 ${y}H120M0 ${y + 2.5}H120M0 ${y + 5}H120M0 ${y + 7.5}H120`).join(''), 1),
  ],
  'filler-bleed': () => [
    line(ring(60, 40, 36, 22), 0.9),
    line(`${slant([36, 70, 26, 54], 3)}`, 1.1),
    line(blob(58, 40, 24), 1.4),
  ],
  'burn-through': () => [
    bare(ring(24, 40, 30, 40)),
    line(ring(22, 40, 20, 28)),
    line(ring(20, 40, 10, 16)),
    line('M2 0V80', 3),
  ],
  'poor-hiding': () => [
    line(hatch([2, 118, 0, 80], 9), 0.8),
    bare('M20 10H100V70H20Z', 0),
    line('M20 10H100V70H20Z', 0.8),
  ],
  lifting: () => [
    line(waves([10, 20, 30, 40, 50, 60, 70], -7, 24), 1.8),
    line(waves([15, 36, 56], 6, 17), 1.1),
  ],
  'enamel-span': () => [
    line(ring(60, 40, 26)),
    line('M60 40V22M60 40L74 46', 2),
    line(waves([8, 72], -5, 20), 1.6),
  ],
  crazing: () => [
    line(
      'M0 20L26 28L40 14L66 26L88 12L120 24M26 28L34 54L20 80M66 26L60 50L84 62L120 54M34 54L60 50L56 80M84 62L92 80M40 14L36 0M88 12L92 0M0 58L34 54',
      1.1,
    ),
  ],
  'tape-pull': () => [
    bare('M0 40H36l4 6l8 -4l6 8l10 -5l8 7l8 -6l6 -6H120V80H0Z'),
    line('M0 40H120', 2.4),
    line('M40 46q10 18 30 14', 1.4),
  ],
  'peel-clear': () => [
    bare('M20 16l34 -6l26 10l22 -2l6 26l-20 22l-44 4l-26 -20Z'),
    line('M28 22l26 -5l24 9l18 -1l5 20l-16 16l-36 4l-22 -17Z', 0.9),
    line('M102 18q10 -8 14 -2q0 8 -8 12', 1.4),
  ],
  'peel-plastic': () => [
    bare('M0 30q30 -16 60 -4t60 -10V80H0Z'),
    line(hatch([6, 116, 44, 76], 5), 0.8),
    line('M60 26q10 -22 26 -18q6 8 -8 18', 1.6),
  ],
  'sand-scratches': () => [
    line('M6 60L70 12M16 66L88 14M30 70L98 22M44 74L110 30M60 76L114 40', 0.9),
    line('M20 30q14 -8 20 4t18 0', 0.9),
  ],
  'edge-mapping': () => [
    line(coast, 2),
    line(`${coast.replace('M8 52', 'M8 58')}`, 1),
    line(`${coast.replace('M8 52', 'M8 64')}`, 0.7),
  ],
  sinking: () => [line(ring(60, 40, 40, 24)), line('M30 50q30 20 60 0', 1), line('M36 46q24 14 48 0', 0.8)],
  residue: () => [
    line('M24 22h72v36h-72Z', 1),
    line('M34 50V30l10 12l10 -12v20M66 50V30h14M66 40h11M66 50h14', 2.2),
  ],
  'tape-ghost': () => [line(step, 1.6)],
  'tape-bleed': () => [
    bare('M0 0H120V36l-10 4l-6 8l-8 -6l-12 2l-6 10l-8 -8l-14 -2l-6 8l-10 -8l-14 0l-6 6l-8 -8l-12 -2Z'),
    line(hatch([4, 116, 2, 30], 6), 0.7),
  ],
  'filler-soft': () => [
    line(ring(56, 40, 38, 24)),
    line('M40 34q10 10 24 8q10 -2 14 4', 4),
    ink(each(scattered(9, 31, [84, 50, 112, 74]), (x, y) => ring(x, y, 2))),
  ],
  'primer-balls': () => [
    ink(each(scattered(10, 33, [16, 46, 104, 72]), (x, y) => ring(x, y, 2.2, 1.6))),
    line('M16 20q20 10 40 2t48 6M16 30q20 10 40 2t48 6', 1.4),
  ],
  'stays-soft': () => [
    line('M44 60q-8 -26 16 -38q20 8 16 38Z'),
    line('M50 56q-4 -18 10 -28M58 58q-4 -14 6 -24M66 58q-2 -10 4 -18', 1),
  ],
  'dust-nibs': () => {
    const p = scattered(13, 35);
    return [
      ink(each(p, (x, y) => ring(x, y, 1.5))),
      line(
        each(p, (x, y) => ring(x, y, 4)),
        0.7,
      ),
    ];
  },
  hair: () => [line('M22 56q8 -34 34 -22t18 26q-10 6 -12 -8t34 -20', 1.8), line(ring(96, 60, 4), 0.9)],
  insect: () => [
    ink(ring(72, 40, 7, 4.5) + ring(82, 38, 3)),
    line('M68 36l-6 -8M72 36v-9M76 36l5 -8M68 44l-6 8M72 44v9M76 44l5 8', 1.2),
    line('M10 52q16 -14 28 -4t24 -6', 1),
  ],
  'wind-grit': () => {
    const p = scattered(70, 37, [2, 6, 116, 74]).filter(
      ([x], i) => x < 40 || i % 3 === 0 || (x < 70 && i % 2 === 0),
    );
    return [ink(each(p, (x, y) => ring(x, y, 1.3))), line('M4 14h22l-5 -4M4 66h22l-5 4', 1.6)];
  },
  touched: () => [
    line([0, 1, 2, 3, 4].map((k) => ring(44, 40, 6 + k * 4, 9 + k * 5)).join(''), 1.1),
    line('M66 30q20 -6 40 4M66 42q22 -4 44 6', 3),
  ],
  'flash-rust': () => [ink(each(scattered(55, 39), (x, y, i) => ring(x, y, 0.8 + (i % 4) * 0.5)))],
  dropped: () => [
    line('M18 64L52 34L60 42L96 18', 2.2),
    bare('M52 34l10 -8l8 10l-10 8Z'),
    ink(each(scattered(10, 41, [58, 46, 104, 72]), (x, y) => ring(x, y, 1.2))),
  ],
  'ran-out': () => [
    bare('M0 0H64l-6 10l8 10l-8 12l6 12l-8 12l6 12l-6 12H0Z', 1.2),
    line(hatch([4, 54, 0, 80], 5), 0.8),
  ],
  'missed-recoat': () => [line(ring(60, 40, 28)), line('M60 40V20M60 40L78 50', 2), line('M96 12V68', 4)],
  'no-hardener': () => [
    line('M34 16h30l-5 50h-20Z', 2),
    line('M38 44h22', 1.4),
    line('M78 20h22l-4 46h-14Z', 1.4),
    line('M76 18L102 68', 2.4),
  ],
  'wrong-ratio': () => [
    line('M60 14V64M36 66H84M24 30L96 22', 2),
    line('M14 46h20l-10 -16ZM86 40h20l-10 -18Z', 1.6),
  ],
  'wrong-reducer': () => [
    line('M22 20h24v46h-24ZM74 20h24v46h-24Z', 1.8),
    line('M22 20L46 66M46 20L22 66', 2.2),
    line('M80 44l6 8l10 -16', 2.2),
  ],
  'not-pierced': () => [
    line('M44 26h32v44h-32ZM52 26v-8h16v8', 2),
    line('M60 70v6M52 76h16', 2.4),
    line('M48 44h24M48 52h24', 1),
  ],
  overspray: () => [
    line('M58 64V36h60M58 50h60', 1.8),
    line('M10 24q20 -8 36 2t46 -6', 1.2),
    ink(each(scattered(34, 43, [12, 14, 112, 34]), (x, y) => ring(x, y, 0.9))),
  ],
  pump: () => [
    line(ring(60, 44, 30)),
    line('M60 44L40 60', 2.6),
    line('M36 26L40 32M60 14v8M84 26l-4 6', 1.6),
  ],
  'lights-out': () => [ink('M8 8H64V72H8Z'), line('M78 72V18h26v54Z', 2), line('M98 44h1', 4)],
  unwell: () => [
    line(ring(40, 22, 8)),
    line('M40 30V54M40 36l-14 10M40 36l14 -8M40 54l-10 18M40 54l10 18', 2.4),
    line('M74 10h34v62h-34Z', 2),
    line('M58 40h26l-7 -6M84 40l-7 6', 2),
  ],
  splash: () => [
    line('M20 44q26 -26 52 0q-26 22 -52 0Z', 2),
    ink(ring(46, 43, 7)),
    line('M92 16q10 16 0 24q-10 -8 0 -24ZM98 48q7 11 0 17q-7 -6 0 -17Z', 1.8),
  ],
  'can-danger': () => [
    line('M46 24h28v48h-28ZM52 24v-8h16v8', 2),
    line('M46 46l10 4l-4 6l8 4', 2),
    line('M20 20l10 8M16 44h12M100 20l-10 8M104 44h-12', 2.2),
  ],
  'rags-warm': () => [
    line('M24 68q8 -24 24 -18q10 -16 24 -2q18 -4 24 20Z', 2),
    line('M44 36q-6 -8 0 -14t0 -14M62 34q-6 -8 0 -14t0 -14M80 36q-6 -8 0 -14t0 -14', 1.8),
  ],
};

const drawn = new Map<FaultCode, readonly Stroke[]>();
/** Worked out once each. */
export const faultFace = (code: FaultCode): readonly Stroke[] => remember(drawn, code, Infinity, FACES[code]);

/** What stands for a group: one of its own. */
export const LOOK_FACES: Readonly<Record<Look, FaultCode>> = {
  holes: 'fish-eyes',
  hangs: 'runs',
  dull: 'dry-spray',
  colour: 'tiger-stripes',
  off: 'lifting',
  things: 'insect',
  below: 'edge-mapping',
  soft: 'stays-soft',
  happened: 'dropped',
};
