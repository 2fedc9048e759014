/**
 * The films of one run, part by part: when each was laid, what it goes under and when, and its limits over
 * every hour until it is covered or minds nothing any more.
 */
import type { Product } from '@/model/product';
import { reachedAt, timesOver, type Clocks, type ProductClock } from '../../drying/clocks';
import { maxOver, movedMs, reachedOver, type Elsewhere, type Sprayed } from './elsewhere';
import type { Stage } from '../../drying/rate';
import { AS_SHEET, filmAt, type FilmOver } from '../../material/film-on';
import { MINUTE } from '../../time/instant';
import type { Draft, Film } from '../work/draft';
import type { Bound, BoundStep, Use } from './bound';
import type { FirstFault } from './first-fault';
import type { LimitStage, LimitTable } from './limits';
import type { Run } from './run';

/** A film that was there before, with its clock and limits. */
interface Carried extends Film {
  readonly clock: ProductClock;
  readonly table: LimitTable;
}

/** When a film minds less and less, ms. */
interface Dried {
  readonly dustFreeMs: number;
  readonly touchDryMs: number;
  readonly handleMs: number;
}

type Rested = Pick<Run, 'readyMs' | 'latestMs'>;
/** What is asked of a film by name. */
type FilmStage = 'dustFree' | 'touchDry' | 'handle';

interface Seen {
  readonly row: number;
  readonly fault: FirstFault;
}

/** The air about the films: where they are sprayed, and where they dry when that is elsewhere. */
interface Surroundings {
  readonly clocks: Clocks;
  limitsOf(p: Product): LimitTable;
  readonly elsewhere: Elsewhere | null;
}

interface Held {
  readonly seen: Seen;
  readonly movedMs: number;
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
  private readonly kinFilm: FilmOver[];
  /** Shape [parts]: the film that was there before. */
  private readonly carried: readonly (Carried | null)[];
  /** Shape [parts]: the next session goes on this part. */
  private readonly goesOn: readonly boolean[];

  private readonly elsewhere: Elsewhere | null;

  constructor(
    private readonly draft: Draft,
    private readonly bound: Bound,
    { clocks, limitsOf, elsewhere }: Surroundings,
  ) {
    this.elsewhere = elsewhere;
    const parts = draft.partIds.length;
    this.clocks = new Array<ProductClock | null>(parts).fill(null);
    this.endMs = new Float64Array(parts);
    this.firstMs = new Float64Array(parts);
    this.stepOn = new Int32Array(parts);
    this.tables = new Array<LimitTable | null>(bound.kinCount).fill(null);
    this.kinClocks = new Array<ProductClock | null>(bound.kinCount).fill(null);
    this.sinceMs = new Float64Array(bound.kinCount);
    this.kinEndMs = new Float64Array(bound.kinCount);
    this.kinFilm = new Array<FilmOver>(bound.kinCount).fill(AS_SHEET);
    this.goesOn = draft.partIds.map((id) => !draft.rest || draft.rest.partIds.includes(id));
    this.carried = draft.partIds.map((id) => {
      const film = draft.carry.get(id);
      return film ? { ...film, clock: clocks.of(film.product), table: limitsOf(film.product) } : null;
    });
  }

  /** The films that were there before; their hours before the session are gone already. */
  begin(startMs: number): void {
    this.clocks.fill(null);
    this.tables.fill(null);
    this.kinClocks.fill(null);
    this.stepOn.fill(-1);
    for (let i = 0; i < this.carried.length; i++) {
      const film = this.carried[i];
      if (!film) continue;
      const k = this.bound.kin[i]!;
      this.clocks[i] = film.clock;
      this.endMs[i] = film.endedMs;
      this.firstMs[i] = film.firstEndedMs;
      this.kinClocks[k] = film.clock;
      this.tables[k] = film.table;
      this.sinceMs[k] = startMs;
      this.kinEndMs[k] = film.endedMs;
      this.kinFilm[k] = film.film;
    }
  }

  /** Film on a part over the sheet's. */
  private filmOn(part: number, stage: Stage): number {
    const k = this.stepOn[part]!;
    const film = k < 0 ? (this.carried[part]?.film ?? AS_SHEET) : this.bound.steps[k]!.step.film;
    return filmAt(film, stage);
  }

  /** When every part that is sprayed next has reached a stage, ms; -Infinity where there is no film. */
  reachedBy(uses: readonly Use[], stage: Stage, row: number): number {
    let latest = -Infinity;
    for (const { part } of uses) {
      const clock = this.clocks[part];
      if (clock)
        latest = Math.max(latest, clock.stageAt(stage, row, this.endMs[part]!, this.filmOn(part, stage)));
    }
    return latest;
  }

  /** Earliest start of a round in which no part comes before its film is ready: the painter is at each in turn. */
  readyFor(uses: readonly Use[], row: number): number {
    let latest = -Infinity;
    for (let i = 0; i < uses.length; i++) {
      const use = uses[i]!;
      const clock = this.clocks[use.part];
      if (!clock) continue;
      const film = this.filmOn(use.part, use.isFirst ? 'next' : 'flash');
      const stage = use.isFirst ? clock.next : clock.flash;
      const at = reachedAt(stage, row, this.endMs[use.part]!, film) - use.offsetMs;
      if (at > latest) latest = at;
    }
    return latest;
  }

  /** No film below may have waited too long. @returns past the best time, though within the bond */
  isLate(b: BoundStep, startMs: number, { row, fault }: Seen): boolean {
    let late = false;
    for (let i = 0; i < b.uses.length; i++) {
      const { part, isFirst, offsetMs } = b.uses[i]!;
      const clock = this.clocks[part];
      if (!clock) continue;
      const atMs = startMs + offsetMs;
      if (!isFirst) {
        if (b.itselfLatestMin === Infinity) continue;
        const fromMs = b.countsFromFirst ? this.firstMs[part]! : this.endMs[part]!;
        if (b.clock.isPast(b.itselfLatestMin, row, { fromMs, atMs })) fault.breaks('recoat-max', atMs);
        continue;
      }
      const { nextBondMaxMin, nextWetMaxMin } = clock.product;
      const fromMs = this.endMs[part]!;
      if (nextBondMaxMin !== undefined && clock.isPast(nextBondMaxMin, row, { fromMs, atMs }))
        fault.breaks('bond-window', atMs);
      if (nextWetMaxMin !== undefined && atMs > fromMs + nextWetMaxMin * MINUTE) late = true;
    }
    return late;
  }

  /** When a film reaches a stage, ms. @param movedMs it comes into the other air, Infinity where it does not */
  private reached(k: number, stage: FilmStage, row: number, movedMs: number): number {
    const clock = this.kinClocks[k]!;
    const endMs = this.kinEndMs[k]!;
    const { layer } = this.kinFilm[k]!;
    if (movedMs === Infinity) return reachedAt(clock[stage], row, endMs, layer);
    const there = this.elsewhere!.clocks.of(clock.product);
    return reachedOver(clock[stage], there[stage], { row, fromMs: endMs, film: layer, movedMs });
  }

  /** One limit of a film until an instant, in the air it is in. */
  private holdOne(k: number, stage: LimitStage, untilMs: number, { seen, movedMs }: Held): void {
    const table = this.tables[k]!;
    const sinceMs = this.sinceMs[k]!;
    seen.fault.hold(table, stage, sinceMs, Math.min(untilMs, movedMs));
    if (untilMs <= movedMs) return;
    seen.fault.hold(this.elsewhere!.limitsOf(table.product), stage, Math.max(sinceMs, movedMs), untilMs);
  }

  /**
   * The limits of a film, every hour from its first coat until it is covered or minds them no more.
   * @returns when it does, whatever covers it; null where there is no film
   */
  private hold(k: number, coveredMs: number, seen: Seen, movedMs = Infinity): Dried | null {
    const clock = this.kinClocks[k];
    const table = this.tables[k];
    if (!clock || !table) return null;
    const { row, fault } = seen;
    const flashMs = reachedAt(clock.flash, row, this.kinEndMs[k]!, this.kinFilm[k]!.coat);
    const dustFreeMs = this.reached(k, 'dustFree', row, movedMs);
    const touchDryMs = this.reached(k, 'touchDry', row, movedMs);
    const handleMs = this.reached(k, 'handle', row, movedMs);
    if (movedMs === Infinity) {
      // Tens of thousands of films stay where they are.
      const sinceMs = this.sinceMs[k]!;
      fault.hold(table, 'laid', sinceMs, Math.min(coveredMs, flashMs));
      fault.hold(table, 'open', sinceMs, Math.min(coveredMs, dustFreeMs));
      fault.hold(table, 'wet', sinceMs, Math.min(coveredMs, touchDryMs));
      fault.hold(table, 'soft', sinceMs, Math.min(coveredMs, handleMs));
    } else {
      const held = { seen, movedMs };
      this.holdOne(k, 'laid', Math.min(coveredMs, flashMs), held);
      this.holdOne(k, 'open', Math.min(coveredMs, dustFreeMs), held);
      this.holdOne(k, 'wet', Math.min(coveredMs, touchDryMs), held);
      this.holdOne(k, 'soft', Math.min(coveredMs, handleMs), held);
    }
    return { dustFreeMs, touchDryMs, handleMs };
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

  /** One part has got its coat. @param k which step of the session */
  lay(k: number, b: BoundStep, use: Use, toMs: number): void {
    const { part } = use;
    const kin = this.bound.kin[part]!;
    if (use.isFirst) this.firstMs[part] = toMs;
    this.clocks[part] = b.clock;
    this.stepOn[part] = k;
    this.endMs[part] = toMs;
    this.kinEndMs[kin] = toMs;
    this.kinFilm[kin] = b.step.film;
  }

  /** When the last films come into the other air, ms; Infinity where they stay. */
  private moved(row: number, sprayed: Pick<Sprayed, 'lastCoatMs' | 'handsOffMs'>): number {
    if (!this.elsewhere) return Infinity;
    let handleMs = -Infinity;
    if (this.elsewhere.move === 'handle-dry')
      for (let k = 0; k < this.kinEndMs.length; k++)
        if (this.kinClocks[k]) handleMs = Math.max(handleMs, this.reached(k, 'handle', row, Infinity));
    return movedMs(this.elsewhere, { ...sprayed, handleMs });
  }

  /** The last films, until they mind nothing any more. */
  dry(seen: Seen, sprayed: Pick<Sprayed, 'lastCoatMs' | 'handsOffMs'>): Dried & Rested & { movedMs: number } {
    const movedAt = this.moved(seen.row, sprayed);
    let dustFreeMs = -Infinity;
    let touchDryMs = -Infinity;
    let handleMs = -Infinity;
    for (let k = 0; k < this.kinEndMs.length; k++) {
      const dried = this.hold(k, Infinity, seen, movedAt);
      if (!dried) continue;
      dustFreeMs = Math.max(dustFreeMs, dried.dustFreeMs);
      touchDryMs = Math.max(touchDryMs, dried.touchDryMs);
      handleMs = Math.max(handleMs, dried.handleMs);
    }
    const { readyMs, latestMs } = this.rest(seen.row, movedAt);
    return { dustFreeMs, touchDryMs, handleMs, readyMs, latestMs, movedMs: movedAt };
  }

  /** When the film on a part is ready for what follows the rest, ms. */
  private readyAt(part: number, stage: Stage, row: number, movedAt: number): number {
    const clock = this.clocks[part]!;
    const fromMs = this.endMs[part]!;
    const film = this.filmOn(part, stage);
    const times = this.draft.rest?.times;
    const here = timesOver(clock.stage(stage), times);
    if (movedAt === Infinity) return reachedAt(here, row, fromMs, film);
    const there = timesOver(this.elsewhere!.clocks.of(clock.product).stage(stage), times);
    return reachedOver(here, there, { row, fromMs, film, movedMs: movedAt });
  }

  /** Until when it bonds, ms. */
  private latestAt(part: number, bondMin: number, row: number, movedAt: number): number {
    const clock = this.clocks[part]!;
    const fromMs = this.endMs[part]!;
    if (movedAt === Infinity) return clock.maxAt(bondMin, row, fromMs);
    const there = this.elsewhere!.clocks.of(clock.product);
    return maxOver(clock, there, bondMin, { row, fromMs, movedMs: movedAt });
  }

  /** When the films are ready for what follows the rest, and until when they bond with it. */
  private rest(row: number, movedAt: number): Rested {
    const { rest } = this.draft;
    const stage = rest?.ready ?? 'sand';
    let readyMs = -Infinity;
    let latestMs = Infinity;
    for (let i = 0; i < this.clocks.length; i++) {
      const clock = this.clocks[i];
      if (!clock || !this.goesOn[i]) continue;
      readyMs = Math.max(readyMs, this.readyAt(i, stage, row, movedAt));
      const bondMin = stage === 'flash' ? clock.product.itselfMaxMin : clock.product.nextBondMaxMin;
      if (rest?.why === 'bond' && bondMin !== undefined)
        latestMs = Math.min(latestMs, this.latestAt(i, bondMin, row, movedAt));
    }
    return { readyMs, latestMs };
  }
}
