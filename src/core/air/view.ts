/** The air at the part as it is drawn: hourly, the central line with the band that holds eight futures in ten. */
import { nearestNode } from './grid';
import type { AtPart } from './at-part';
import type { CorrectedSaid } from './readings';

export interface Band {
  readonly mid: readonly number[];
  readonly low: readonly number[];
  readonly high: readonly number[];
}
export interface AirView {
  readonly startMs: number;
  readonly stepMs: number;
  readonly panelC: Band;
  /** The panel where it dries: elsewhere, or shut in and heated; else the same as panelC.mid. °C */
  readonly dryC: readonly number[];
  readonly gapK: Band;
  readonly rhFrac: Band;
  readonly windMs: Band;
  /** Share of futures with rain that reaches the part, 0…1. */
  readonly rain: readonly number[];
  readonly sunDeg: readonly number[];
  /** null where there is no weather */
  readonly now: AirNow | null;
  /** What readings made of the forecast; null without any. */
  readonly corrected: CorrectedSaid | null;
}
export interface AirNow {
  readonly panelC: number;
  readonly gapK: number;
  readonly rhFrac: number;
  readonly windMs: number;
}

const NO_BAND: Band = { mid: [], low: [], high: [] };
/** Nobody told a forecast. */
export const NO_AIR: AirView = {
  startMs: 0,
  stepMs: 2 * 30 * 60_000,
  panelC: NO_BAND,
  dryC: [],
  gapK: NO_BAND,
  rhFrac: NO_BAND,
  windMs: NO_BAND,
  rain: [],
  sunDeg: [],
  now: null,
  corrected: null,
};

export interface ViewSpan {
  readonly fromMs: number;
  readonly toMs: number;
  readonly nowMs: number;
  readonly corrected?: CorrectedSaid | null;
  /** The air where it dries; left out or null: where it is sprayed. */
  readonly dryAir?: AtPart | null;
}

/** Two nodes (one hour) a point from `fromMs` to `toMs`, clipped to the grid. */
export function airView(
  air: AtPart,
  { fromMs, toMs, nowMs, corrected = null, dryAir = null }: ViewSpan,
): AirView {
  const first = Math.max(0, Math.ceil((fromMs - air.startMs) / air.stepMs));
  const last = Math.min(air.nodes - 1, Math.floor((toMs - air.startMs) / air.stepMs));
  const idx = Array.from(
    { length: Math.max(0, Math.floor((last - first) / 2) + 1) },
    (_, i) => first + 2 * i,
  );
  const members = air.rows - 1;
  const row = members * air.nodes;
  const scratch = new Float64Array(members);
  const band = (x: Float64Array, digits: number): Band => {
    const r = (v: number): number => Number(v.toFixed(digits));
    const low: number[] = [];
    const high: number[] = [];
    for (const i of idx) {
      for (let m = 0; m < members; m++) scratch[m] = x[m * air.nodes + i]!;
      scratch.sort();
      low.push(r(scratch[Math.floor(0.1 * (members - 1))]!));
      high.push(r(scratch[Math.ceil(0.9 * (members - 1))]!));
    }
    return { mid: idx.map((i) => r(x[row + i]!)), low, high };
  };
  const nowNode = row + nearestNode(air, air.nodes, nowMs);
  return {
    startMs: air.startMs + first * air.stepMs,
    stepMs: 2 * air.stepMs,
    panelC: band(air.panelC, 1),
    dryC: idx.map((i) => Number((dryAir ?? air).panelC[row + i]!.toFixed(1))),
    gapK: band(air.gapK, 1),
    rhFrac: band(air.rhFrac, 3),
    windMs: band(air.windMs, 2),
    rain: idx.map((i) => {
      let n = 0;
      for (let m = 0; m < members; m++) n += air.rain[m * air.nodes + i]!;
      return n / members;
    }),
    sunDeg: idx.map((i) => Number(air.sunDeg[i]!.toFixed(1))),
    corrected,
    now: {
      panelC: air.panelC[nowNode]!,
      gapK: air.gapK[nowNode]!,
      rhFrac: air.rhFrac[nowNode]!,
      windMs: air.windMs[nowNode]!,
    },
  };
}
