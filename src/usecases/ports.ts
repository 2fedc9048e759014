/** What the use cases need from outside; data, standins and app fulfil it, tests pass a Map. */
import type { AirHour } from '@/model/came';
import type { Learned } from '@/core/air/record';
import type { Agreed } from '@/model/agreed';
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { Place } from '@/model/place';
import type { KeptReading, Measure, Sensed, SpotId } from '@/model/reading';
import type { StockDraft, StockItem, StockMove } from '@/model/stock';
import type { KeptWeather, Spot } from '@/model/weather';

/**
 * What can be taken back and done again: the path each step changed, '' for several at once, null when there
 * is none.
 */
export interface Steps {
  readonly undo: string | null;
  readonly redo: string | null;
}
export type StepSide = 'undo' | 'redo';

export interface StoredJob {
  readonly id: string;
  readonly version: number;
  readonly job: Job;
  readonly createdMs: number;
  readonly updatedMs: number;
  readonly steps: Steps;
}
export type SaveResult =
  | { readonly kind: 'saved'; readonly version: number; readonly job: Job; readonly steps: Steps }
  | { readonly kind: 'stale'; readonly version: number; readonly job: Job }
  | { readonly kind: 'nothing' }
  | { readonly kind: 'missing' };

/** A job as far as a list names it. */
export interface JobHead {
  readonly id: string;
  readonly name: string;
}
/** Some of many, newest first, and how many there are in all. */
export interface PageOf<T> {
  readonly rows: readonly T[];
  readonly total: number;
}
export interface PageAsked {
  readonly skip: number;
  readonly most: number;
}

export interface JobStore {
  /** Every job: for copies and small workshops; a page asks for what it shows. */
  list(): StoredJob[];
  /** Jobs at work, the last changed first. */
  atWork(asked: PageAsked): PageOf<StoredJob>;
  /** Jobs at work that are planned together, in the order of their turns; of two that share one the older first. */
  inTurn(most: number): StoredJob[];
  /** Jobs closed, the last closed first. */
  closed(asked: PageAsked): PageOf<StoredJob>;
  /** All that are not taken off, the oldest first. */
  heads(): JobHead[];
  /** The one begun last, and the one begun first; null in an empty workshop. */
  newest(): StoredJob | null;
  oldest(): StoredJob | null;
  load(id: string): StoredJob | null;
  insert(id: string, job: Job, nowMs: number): void;
  /** Saves only when the stored version is the one the editor started from; what it replaces can be taken back. */
  update(id: string, version: number, job: Job, nowMs: number): SaveResult;
  /** Takes the last edit back, or does it again. */
  step(id: string, version: number, side: StepSide, nowMs: number): SaveResult;
  remove(id: string, nowMs: number): boolean;
  restore(id: string): boolean;
  /** Jobs taken off the bench, newest first. */
  removed(): { readonly id: string; readonly name: string; readonly removedMs: number }[];
  isEmpty(): boolean;
}

/** Plans that owners went on with. */
export interface AgreedShelf {
  get(jobId: string): Agreed | null;
  keep(jobId: string, agreed: Agreed): void;
}

/** Where the weather of a plan is from. */
export type WeatherSource =
  | { readonly kind: 'standin' }
  | { readonly kind: 'none' }
  | {
      readonly kind: 'days' | 'file';
      readonly id: string;
      readonly name: string | null;
      readonly untilMs: number;
      /** Hours that were missing in the file and are bridged. */
      readonly bridgedH: number;
      /** How wrong earlier ones were, of those typed in. */
      readonly learned: Learned | null;
    };

/** A forecast, when it was told and by whom; without one a plan has no times. */
export interface Issued {
  readonly forecast: Forecast | null;
  readonly issuedMs: number;
  readonly source: WeatherSource;
}
/** Forecasts that were typed in or brought in. */
export interface WeatherStore {
  /** Told for a place no further off than so many degrees, newest first. */
  near(spot: Pick<Spot, 'lat' | 'lon'>, withinDeg: number): KeptWeather[];
  /** One of the same id is told anew. */
  keep(kept: KeptWeather): void;
  remove(id: string, nowMs: number): boolean;
  restore(id: string): boolean;
}
export interface Weather {
  /** What is forecast for a place as of now: computed, stored, imported or fetched. */
  forecastFor(place: Place, nowMs: number): Promise<Issued>;
}

/** A place of the workshop. */
export interface KeptPlace {
  readonly id: string;
  readonly place: Place;
}
export interface PlaceStore {
  /** The oldest first. */
  list(): KeptPlace[];
  add(id: string, place: Place, nowMs: number): void;
  /** @returns false where there is none */
  change(id: string, place: Place): boolean;
  remove(id: string, nowMs: number): boolean;
  restore(id: string): boolean;
}

/** What was measured, by the place or the job it was measured in. */
export interface ReadingStore {
  /** The newest first. */
  of(spot: SpotId, sinceMs: number, most: number): KeptReading[];
  keep(spot: SpotId, readings: readonly KeptReading[]): void;
  remove(id: string, nowMs: number): boolean;
  restore(id: string): boolean;
}
/** The air at the parts of a job as it came. */
export interface CameStore {
  /** In order. */
  of(jobId: string): AirHour[];
  /** What is known already stays. */
  keep(jobId: string, hours: readonly AirHour[]): void;
}
/** Something that measures: its figures now, in the place it stands in. */
export interface Sensor {
  readonly id: string;
  readonly name: string;
  readonly measures: readonly (Measure | 'massG')[];
  read(place: Place, nowMs: number): Promise<Sensed>;
}

/** What an address answered. */
export type Fetched =
  { readonly ok: true; readonly text: string } | { readonly ok: false; readonly said: string };

/** Why an item changed, and a remark. */
export interface MoveNote {
  readonly kind: StockMove['kind'];
  readonly note: string;
}
/** The workshop's shelf. Every change leaves a move behind it. */
export interface StockStore {
  list(): StockItem[];
  load(id: string): StockItem | null;
  add(id: string, draft: StockDraft, nowMs: number): void;
  change(id: string, draft: StockDraft, how: MoveNote, nowMs: number): boolean;
  /** Takes from an item; never more than is in it. */
  take(
    id: string,
    ml: number,
    note: string,
    nowMs: number,
  ):
    | { readonly kind: 'taken'; readonly remainingMl: number }
    | { readonly kind: 'too-little'; readonly remainingMl: number }
    | { readonly kind: 'missing' };
  remove(id: string, nowMs: number): boolean;
  restore(id: string, nowMs: number): boolean;
  /** Newest first. */
  moves(most: number): StockMove[];
}
