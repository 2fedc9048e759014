/** Futures of the weather and their central line: a single line is dressed, an imported ensemble is used as it is. */
import type { Forecast, ForecastMember } from '@/model/forecast';
import { median } from '../numerics/stats';
import { dress, type Issue } from './dress';

export interface Ensemble {
  readonly startMs: number;
  readonly hours: number;
  readonly members: readonly ForecastMember[];
  readonly central: ForecastMember;
  /** Where the wind comes from, degrees, hourly; left out where nobody told. */
  readonly windFromDeg?: readonly number[] | undefined;
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

/** The hourly median of several futures (rain: what half of them reach). @param members at least one */
export function centralOf(members: readonly ForecastMember[]): ForecastMember {
  const hours = members[0]!.airTempC.length;
  const mid = (key: keyof ForecastMember): number[] =>
    Array.from({ length: hours }, (_, i) => median(members.map((m) => m[key][i]!)));
  return {
    airTempC: mid('airTempC'),
    rhPct: mid('rhPct'),
    windMs: mid('windMs'),
    gustMs: mid('gustMs'),
    rainMm: mid('rainMm'),
    cloudFrac: mid('cloudFrac'),
  };
}

function gather(f: Forecast, issue: Issue): Ensemble {
  const { startMs } = issue;
  const first = f.members[0]!;
  const hours = first.airTempC.length;
  const { windFromDeg } = f;
  if (f.members.length === 1)
    return { startMs, hours, windFromDeg, members: dress(first, issue, f.doubt), central: first };
  return { startMs, hours, windFromDeg, members: f.members, central: centralOf(f.members) };
}
