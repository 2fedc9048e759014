/**
 * The films of one run, part by part: when each was laid, what it goes under and when, and its limits over
 * every hour until it is covered or minds nothing any more.
 */
import type { Product } from '@/model/product';
import type { Clocks, ProductClock } from '../../drying/clocks';
import type { Stage } from '../../drying/rate';
import { MINUTE } from '../../time/instant';
import type { Draft } from '../work/draft';
import type { Bound, BoundStep, Use } from './bound';
import type { FirstFault } from './first-fault';
import { LIMIT_STAGES, type LimitStage, type LimitTable } from './limits';
import type { Run } from './run';

/** Until when each stage of the limits holds. */
const UNTIL: Readonly<Record<LimitStage, Stage>> = {
  laid: 'flash',
  open: 'dustFree',
  wet: 'touchDry',
  soft: 'handle',
};

interface Seen {
  readonly row: number;
  readonly fault: FirstFault;
}

export class Films {
  /** Shape [parts]: the clock of the film on top, when it ended, when the first coat of its layer did. */
  private readonly clocks: (ProductClock | null)[];
  private readonly endMs: Float64Array;
  private readonly firstMs: Float64Array;
  private readonly stepOn: Int32Array;
  /** Shape [kin]: the film on top of these parts, since when its limits count, when its last coat ended. */
  private readonly tables: (LimitTable | null)[];
  private readonly kinClocks: (ProductClock | null)[];
  private readonly sinceMs: Float64Array;
  private readonly kinEndMs: Float64Array;

  constructor(
    private readonly draft: Draft,
    private readonly bound: Bound,
    private readonly clocksOf: Clocks,
    private readonly limitsOf: (p: Product) => LimitTable,
  ) {
    const parts = draft.partIds.length;
    this.clocks = new Array<ProductClock | null>(parts).fill(null);
    this.endMs = new Float64Array(parts);
    this.firstMs = new Float64Array(parts);
    this.stepOn = new Int32Array(parts);
    this.tables = new Array<LimitTable | null>(bound.kinCount).fill(null);
    this.kinClocks = new Array<ProductClock | null>(bound.kinCount).fill(null);
    this.sinceMs = new Float64Array(bound.kinCount);
    this.kinEndMs = new Float64Array(bound.kinCount);
  }

  /** The films that were there before; their hours before the session are gone already. */
  begin(startMs: number): void {
    this.clocks.fill(null);
    this.tables.fill(null);
    this.kinClocks.fill(null);
    this.stepOn.fill(-1);
    for (const [i, id] of this.draft.partIds.entries()) {
      const film = this.draft.carry.get(id);
      if (!film) continue;
      const k = this.bound.kin[i]!;
      this.clocks[i] = this.clocksOf.of(film.product);
      this.endMs[i] = film.endedMs;
      this.firstMs[i] = film.firstEndedMs;
      this.kinClocks[k] = this.clocks[i]!;
      this.tables[k] = this.limitsOf(film.product);
      this.sinceMs[k] = startMs;
      this.kinEndMs[k] = film.endedMs;
    }
  }

  /** When every part that is sprayed next has reached a stage, ms; -Infinity where there is no film. */
  reachedBy(uses: readonly Use[], stage: Stage, row: number): number {
    let latest = -Infinity;
    for (const { part } of uses) {
      const clock = this.clocks[part];
      if (clock) latest = Math.max(latest, clock.stageAt(stage, row, this.endMs[part]!));
    }
    return latest;
  }

  /** Earliest start of a round in which no part comes before its film is ready: the painter is at each in turn. */
  readyFor(uses: readonly Use[], row: number): number {
    let latest = -Infinity;
    for (const { part, stage, offsetMs } of uses) {
      const clock = this.clocks[part];
      if (!clock) continue;
      const at = clock.stageAt(stage, row, this.endMs[part]!) - offsetMs;
      if (at > latest) latest = at;
    }
    return latest;
  }

  /** No film below may have waited too long. @returns past the best time, though within the bond */
  isLate(b: BoundStep, startMs: number, { row, fault }: Seen): boolean {
    let late = false;
    for (const { part, stage, offsetMs } of b.uses) {
      const clock = this.clocks[part];
      if (!clock) continue;
      const atMs = startMs + offsetMs;
      if (stage === 'flash') {
        if (b.itselfLatestMin === Infinity) continue;
        const fromMs = b.countsFromFirst ? this.firstMs[part]! : this.endMs[part]!;
        if (atMs > b.clock.maxAt(b.itselfLatestMin, row, fromMs)) fault.breaks('recoat-max', atMs);
        continue;
      }
      const { nextBondMaxMin, nextWetMaxMin } = clock.product;
      const fromMs = this.endMs[part]!;
      if (nextBondMaxMin !== undefined && atMs > clock.maxAt(nextBondMaxMin, row, fromMs))
        fault.breaks('bond-window', atMs);
      if (nextWetMaxMin !== undefined && atMs > fromMs + nextWetMaxMin * MINUTE) late = true;
    }
    return late;
  }

  /** The limits of a film, every hour from its first coat until it is covered or minds them no more. */
  private hold(k: number, coveredMs: number, { row, fault }: Seen): void {
    const clock = this.kinClocks[k];
    const table = this.tables[k];
    if (!clock || !table) return;
    const endMs = this.kinEndMs[k]!;
    for (const stage of LIMIT_STAGES)
      fault.hold(
        table,
        stage,
        this.sinceMs[k]!,
        Math.min(coveredMs, clock.stageAt(UNTIL[stage], row, endMs)),
      );
  }

  /** From here on the limits of what is laid now hold, on the parts that really get it. */
  cover(b: BoundStep, startMs: number, seen: Seen): void {
    for (const { kin, offsetMs } of b.covers) {
      this.hold(kin, startMs + offsetMs, seen);
      this.sinceMs[kin] = startMs + offsetMs;
      this.tables[kin] = b.table;
      this.kinClocks[kin] = b.clock;
    }
  }

  lay(k: number, part: number, _fromMs: number, toMs: number): void {
    const { step, clock } = this.bound.steps[k]!;
    const before = this.stepOn[part]!;
    const isSameLayer = before >= 0 && this.bound.steps[before]!.step.layerId === step.layerId;
    // Several faces of one part in one coat: its first coat ends with the last of them.
    const carried = before < 0 && this.draft.carry.get(this.draft.partIds[part]!)?.layerId === step.layerId;
    if (!(isSameLayer && before !== k) && !carried) this.firstMs[part] = toMs;
    this.clocks[part] = clock;
    this.stepOn[part] = k;
    this.endMs[part] = toMs;
    this.kinEndMs[this.bound.kin[part]!] = toMs;
  }

  /** The last films, until they mind nothing any more. */
  dry(seen: Seen): Pick<Run, 'dustFreeMs' | 'touchDryMs' | 'handleMs' | 'readyMs' | 'latestMs'> {
    const { row } = seen;
    const reached = { dustFreeMs: -Infinity, touchDryMs: -Infinity, handleMs: -Infinity };
    for (let k = 0; k < this.kinEndMs.length; k++) {
      const clock = this.kinClocks[k];
      if (!clock) continue;
      const endMs = this.kinEndMs[k]!;
      reached.dustFreeMs = Math.max(reached.dustFreeMs, clock.stageAt('dustFree', row, endMs));
      reached.touchDryMs = Math.max(reached.touchDryMs, clock.stageAt('touchDry', row, endMs));
      reached.handleMs = Math.max(reached.handleMs, clock.stageAt('handle', row, endMs));
      this.hold(k, Infinity, seen);
    }
    return { ...reached, ...this.rest(row) };
  }

  /** When the films are ready for what follows the rest, and until when they bond with it. */
  private rest(row: number): Pick<Run, 'readyMs' | 'latestMs'> {
    const { rest, partIds } = this.draft;
    let readyMs = -Infinity;
    let latestMs = Infinity;
    for (const [i, id] of partIds.entries()) {
      const clock = this.clocks[i];
      if (!clock || (rest && !rest.partIds.includes(id))) continue;
      const endMs = this.endMs[i]!;
      readyMs = Math.max(readyMs, clock.stageAt(rest?.ready ?? 'sand', row, endMs));
      const bondMin = rest?.ready === 'flash' ? clock.product.itselfMaxMin : clock.product.nextBondMaxMin;
      if (rest?.bonds && bondMin !== undefined)
        latestMs = Math.min(latestMs, clock.maxAt(bondMin, row, endMs));
    }
    return { readyMs, latestMs };
  }
}
