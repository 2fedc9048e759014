/**
 * Runs one session in one future from one start: one painter, every part with its own coat times, its flash
 * from the panel temperature at that time, cups and cans opened as they are needed, and every limit over the
 * hours it holds. The painter waits as long as that future asks; he cannot make a maximum longer.
 */
import type { Product } from '@/model/product';
import type { Place } from '@/model/place';
import type { AtPart } from '../../air/at-part';
import { isDark } from '../../air/dark';
import { nearestNode } from '../../air/grid';
import type { Clocks } from '../../drying/clocks';
import { MINUTE } from '../../time/instant';
import { RINSE_MIN, TACK_MIN, type Between, type Draft } from '../work/draft';
import { bound, type Bound, type BoundStep } from './bound';
import type { Elsewhere } from './elsewhere';
import { Films } from './films';
import { FirstFault } from './first-fault';
import type { LimitTable } from './limits';
import { Pots } from './pots';
import { NOT_REACHED, type Run, type RunCoat, type Trace } from './run';

const upToMinute = (ms: number): number => Math.ceil(ms / MINUTE) * MINUTE;

/** Where the run has got to. */
interface Progress {
  readonly row: number;
  readonly fault: FirstFault;
  readonly coats: RunCoat[];
  readonly trace: Trace | null;
  late: boolean;
  /** The last coat was on, ms. */
  lastCoatMs: number;
  /** The painter is free from here, ms. */
  freeMs: number;
}

/** The air it is sprayed in, and where it dries when that is elsewhere. */
export interface Where {
  readonly air: AtPart;
  readonly place: Pick<Place, 'lamp' | 'paintHere'>;
  readonly elsewhere?: Elsewhere | null;
}

export class Runner {
  private readonly bound: Bound;
  private readonly films: Films;
  private readonly pots: Pots;
  private readonly centralRow: number;
  /** 1 where it is too dark to see a wet edge; shape [nodes]. */
  private readonly dark: Uint8Array;

  constructor(
    private readonly where: Where,
    readonly clocks: Clocks,
    limitsOf: (product: Product) => LimitTable,
    readonly draft: Draft,
  ) {
    this.bound = bound(draft, clocks, limitsOf);
    this.films = new Films(draft, this.bound, { clocks, limitsOf, elsewhere: where.elsewhere ?? null });
    this.pots = new Pots(draft, this.bound);
    this.centralRow = where.air.rows - 1;
    const hasLamp = where.place.lamp === true;
    this.dark = Uint8Array.from(where.air.sunDeg, (deg) => (!hasLamp && isDark(deg) ? 1 : 0));
  }

  /** Where it dries, when that is elsewhere. */
  get elsewhere(): Elsewhere | null {
    return this.where.elsewhere ?? null;
  }

  /** Cans and tins are kept where it is sprayed. */
  get keepsPaint(): boolean {
    return this.where.place.paintHere === true;
  }

  private isDark(ms: number): boolean {
    return this.dark[nearestNode(this.where.air, this.dark.length, ms)] === 1;
  }

  private holdLight(p: Progress, startMs: number, endMs: number): void {
    if (this.isDark(startMs)) p.fault.breaks('dark', startMs);
    else if (this.isDark(endMs)) p.fault.breaks('dark', endMs);
  }

  /** Tape on or off between two coats, once the film takes it. */
  private handle(b: BoundStep, { task, once }: Between, p: Progress): void {
    const readyMs = this.films.reachedBy(b.uses, once, p.row);
    const startMs = upToMinute(Math.max(p.freeMs, readyMs));
    p.freeMs = startMs + task.minutes * MINUTE;
    p.trace?.hands.push({ task, startMs, endMs: p.freeMs });
  }

  /** Earliest instant of a coat: the films below have flashed, the parts are tacked. */
  private startOf(b: BoundStep, p: Progress): number {
    const readyMs = this.films.readyFor(b.uses, p.row);
    const onFilm = b.step.firstOfLayer && readyMs !== -Infinity;
    return upToMinute(Math.max(readyMs, p.freeMs + (onFilm ? TACK_MIN * MINUTE : 0)));
  }

  /** Lays one coat; false when the forecast ends before it can start. */
  private lay(k: number, p: Progress): boolean {
    const b = this.bound.steps[k]!;
    const { between } = b.step;
    for (let i = 0; i < between.length; i++) this.handle(b, between[i]!, p);
    const openMs = this.startOf(b, p);
    if (!Number.isFinite(openMs)) {
      p.fault.breaks('beyond-forecast', p.freeMs);
      return false;
    }
    const startMs = this.pots.open(b, openMs, p);
    if (this.films.isLate(b, startMs, p)) p.late = true;
    this.films.cover(b, startMs, p);
    const endMs = this.spray(k, b, startMs, p);
    this.holdLight(p, startMs, endMs);
    p.freeMs = endMs;
    p.lastCoatMs = endMs;
    if (p.trace) p.coats.push({ startMs, endMs });
    if (b.isRinsed) this.rinse(b, p);
    return true;
  }

  /** @returns when the round is over, ms */
  private spray(k: number, b: BoundStep, startMs: number, p: Progress): number {
    if (b.pot || p.trace) return this.sprayFaces(k, b, startMs, p);
    // Nothing is opened on the way and nothing is told: each part at its own offset.
    let endMs = startMs;
    for (let i = 0; i < b.uses.length; i++) {
      const use = b.uses[i]!;
      endMs = startMs + use.endOffsetMs;
      this.films.lay(k, b, use, endMs);
    }
    return upToMinute(endMs - 1e-3);
  }

  /** Face by face, with what is opened before each. */
  private sprayFaces(k: number, b: BoundStep, startMs: number, p: Progress): number {
    let atMs = startMs;
    let nth = 0;
    const { units } = b.step;
    for (let i = 0; i < units.length; i++) {
      const unit = units[i]!;
      // The first has been opened for already: its wait ends with the pot ready.
      const fromMs = i === 0 ? atMs : this.pots.ready(b, unit, atMs, p);
      const toMs = fromMs + unit.minutes * MINUTE;
      this.pots.take(b, unit, toMs, p);
      if (b.uses[nth]!.part !== unit.part) nth++;
      this.films.lay(k, b, b.uses[nth]!, toMs);
      p.trace?.parts.push({ step: k, part: unit.part, startMs: fromMs, endMs: toMs });
      atMs = toMs;
    }
    return upToMinute(atMs - 1e-3);
  }

  private rinse(b: BoundStep, p: Progress): void {
    const startMs = p.freeMs;
    p.freeMs += RINSE_MIN * MINUTE;
    p.trace?.rinses.push({ startMs, endMs: p.freeMs, productId: b.step.product.id });
  }

  private begin(row: number, startMs: number): Progress {
    this.films.begin(startMs);
    this.pots.begin(row, startMs);
    const isTold = row === this.centralRow;
    return {
      row,
      fault: new FirstFault(this.where.air, row),
      coats: [],
      trace: isTold ? { parts: [], pots: [], hands: [], left: [], rinses: [] } : null,
      late: false,
      lastCoatMs: startMs,
      freeMs: Math.max(startMs + this.draft.prepMin * MINUTE, this.draft.handsFromMs),
    };
  }

  /**
   * @param row future, or the last row for the central line
   * @param startMs start of the session, its last preparation included
   */
  run(row: number, startMs: number): Run {
    const p = this.begin(row, startMs);
    const { fault, coats, trace } = p;
    if (this.draft.prepMin > 0) this.holdLight(p, startMs, startMs);
    for (let k = 0; k < this.bound.steps.length; k++) {
      if (!this.lay(k, p)) return broken(p);
      // A future that is lost already needs no further hours; the central line is followed to its end.
      if (!trace && fault.cause !== null) return broken(p);
    }
    trace?.left.push(...this.pots.left());
    const dried = this.films.dry(p, { lastCoatMs: p.lastCoatMs, handsOffMs: p.freeMs });
    return { cause: fault.cause, late: p.late, coats, handsOffMs: p.freeMs, ...dried, trace };
  }
}

/** What a run came to that breaks off. */
const broken = ({ fault, late, coats, freeMs, trace }: Progress): Run => ({
  cause: fault.cause,
  late,
  coats,
  handsOffMs: freeMs,
  ...NOT_REACHED,
  trace,
});
