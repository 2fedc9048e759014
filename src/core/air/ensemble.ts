/**
 * A single-line forecast is dressed with error that grows with lead time and becomes an ensemble;
 * an imported ensemble is used as it is. Day-1 to day-7 RMS from memory: temperature 1.5 → 3.5 K,
 * wind 1.5 → 2.5 m/s, humidity 8 → 15 points, rain timing hours → a day.
 */
import type { Forecast, ForecastMember } from '@/model/forecast';
import { median } from '../numerics/stats';
import { normals } from '../numerics/random';

export const DRESSED_MEMBERS = 50;

/** Straight between (0 h, now), (24 h, day 1) and (168 h, day 7); flat beyond. */
const grow =
  (now: number, day1: number, day7: number) =>
  (leadH: number): number => {
    if (leadH <= 0) return now;
    if (leadH < 24) return now + ((day1 - now) * leadH) / 24;
    return day1 + (day7 - day1) * Math.min(1, (leadH - 24) / 144);
  };

// ASSUMED: errors of the first hour (a third of day 1); a record of forecast against actual would settle them.
export const rmsTempK = grow(0.5, 1.5, 3.5);
export const rmsWindMs = grow(0.5, 1.5, 2.5);
export const rmsRhPct = grow(3, 8, 15);
export const rmsRainShiftH = grow(0.3, 3, 24);

/** Errors fade over about 18 h (ASSUMED), as an Ornstein–Uhlenbeck series of unit variance. */
const FADE = Math.exp(-1 / 18);
function ou(draw: () => number, n: number): Float64Array {
  const z = new Float64Array(n);
  const kick = Math.sqrt(1 - FADE * FADE);
  let x = draw();
  for (let i = 0; i < n; i++) {
    z[i] = x;
    x = FADE * x + kick * draw();
  }
  return z;
}

/** Where a forecast begins, when it was issued (lead zero), and the seed of what is drawn around it. */
export interface Issue {
  readonly startMs: number;
  readonly issuedMs: number;
  readonly seed: number;
}

/**
 * Fifty futures around one line. `issuedMs` is lead zero: hours before it carry the first hour's error not at all.
 * The draws depend on the seed alone, so the same forecast always gives the same futures.
 */
export function dress(line: ForecastMember, { startMs, issuedMs, seed }: Issue): ForecastMember[] {
  const n = line.airTempC.length;
  const leads = Float64Array.from({ length: n }, (_, i) => (startMs - issuedMs) / 3_600_000 + i);
  const members: ForecastMember[] = [];
  for (let m = 0; m < DRESSED_MEMBERS; m++) {
    const draw = normals(seed + 7919 * (m + 1));
    const zt = ou(draw, n);
    const zw = ou(draw, n);
    const zr = ou(draw, n);
    const zc = ou(draw, n);
    const shift = draw();
    const size = Math.exp(0.4 * draw());
    const blank = (): number[] => new Array<number>(n).fill(0);
    const out: ForecastMember = {
      airTempC: blank(),
      rhPct: blank(),
      windMs: blank(),
      gustMs: blank(),
      rainMm: blank(),
      cloudFrac: blank(),
    };
    for (let i = 0; i < n; i++) {
      const lead = leads[i]!;
      const known = lead < 0 ? 0 : 1;
      out.airTempC[i] = line.airTempC[i]! + known * rmsTempK(lead) * zt[i]!;
      // A warmer error is a drier one: the two are tied at −0.6 (ASSUMED).
      const rh = line.rhPct[i]! + known * rmsRhPct(lead) * (-0.6 * zt[i]! + 0.8 * zr[i]!);
      out.rhPct[i] = Math.min(100, Math.max(8, rh));
      const wind = Math.max(0.1, line.windMs[i]! + known * rmsWindMs(lead) * zw[i]!);
      out.windMs[i] = wind;
      out.gustMs[i] = Math.max(wind, line.gustMs[i]! + known * rmsWindMs(lead) * 1.5 * zw[i]!);
      const j = Math.min(
        n - 1,
        Math.max(0, Math.round(i + known * rmsRainShiftH(Math.max(lead, 0)) * shift)),
      );
      out.rainMm[i] = (line.rainMm[known ? j : i] ?? 0) * (known ? size : 1);
      out.cloudFrac[i] = Math.min(
        1,
        Math.max(0, line.cloudFrac[i]! + known * 0.2 * zc[i]! * Math.min(1, lead / 24 + 0.2)),
      );
    }
    members.push(out);
  }
  return members;
}

export interface Ensemble {
  readonly startMs: number;
  readonly hours: number;
  readonly members: readonly ForecastMember[];
  readonly central: ForecastMember;
}

/**
 * Members and their central line: the forecast itself when single, else the hourly median (rain: what half
 * the members reach).
 */
export function ensembleOf(f: Forecast, issue: Issue): Ensemble {
  const { startMs, issuedMs, seed } = issue;
  const known = made.get(f);
  if (known && known.startMs === startMs && known.issuedMs === issuedMs && known.seed === seed)
    return known.ensemble;
  const ensemble = gather(f, issue);
  made.set(f, { startMs, issuedMs, seed, ensemble });
  return ensemble;
}

/** The futures of a forecast are the same at every asking: those of the last are kept as long as it is. */
const made = new WeakMap<Forecast, { startMs: number; issuedMs: number; seed: number; ensemble: Ensemble }>();

function gather(f: Forecast, issue: Issue): Ensemble {
  const { startMs } = issue;
  const first = f.members[0]!;
  const hours = first.airTempC.length;
  if (f.members.length === 1) return { startMs, hours, members: dress(first, issue), central: first };
  const mid = (key: keyof ForecastMember): number[] =>
    Array.from({ length: hours }, (_, i) => median(f.members.map((m) => m[key][i]!)));
  return {
    startMs,
    hours,
    members: f.members,
    central: {
      airTempC: mid('airTempC'),
      rhPct: mid('rhPct'),
      windMs: mid('windMs'),
      gustMs: mid('gustMs'),
      rainMm: mid('rainMm'),
      cloudFrac: mid('cloudFrac'),
    },
  };
}
