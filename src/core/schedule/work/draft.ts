/**
 * Sessions before they have a time: what is done before them on other days, and the stretch itself, its last
 * preparation and its coats in order.
 */
import type { Hand } from '../../coating/character';
import type { Notice } from '@/model/marks';
import type { PlanLayer, TaskKind } from '@/model/plan';
import type { Product } from '@/model/product';
import type { Stage } from '../../drying/rate';
import type { FilmOver } from '../../material/film-on';

/** What hands-on work asks for beside free hours and light. */
export type WorkNeeds = 'hands' | 'warm-dry' | 'mild-dry' | 'shop';

export interface PrepStep {
  readonly id: string;
  readonly kind: TaskKind;
  readonly minutes: number;
  readonly detail: Notice;
  readonly partIds: readonly string[];
  readonly needs: WorkNeeds;
  /** It may be broken off and gone on with another day. */
  readonly canSplit: boolean;
  /** Once a task whose id begins so is done it comes too late to be asked for. */
  readonly onlyBefore?: string;
}

/** A face, or several that are sprayed in one go: paint is never mixed and a can never changed inside one. */
export interface Unit {
  /** Which of the session's parts. */
  readonly part: number;
  readonly minutes: number;
  readonly ml: number;
}

/** Hands on between two coats: tape on, once the film below takes it; tape off. */
export interface Between {
  readonly task: PrepStep;
  /** What the film below must have reached. */
  readonly once: Stage;
}

export interface CoatStep {
  readonly id: string;
  readonly layerId: string;
  readonly product: Product;
  readonly coat: number;
  readonly coats: number;
  /** Film of this coat over the sheet's, and of the layer so far over the sheet's usual coats. */
  readonly film: FilmOver;
  /** Of a round over all its parts. */
  readonly minutes: number;
  readonly ml: number;
  readonly partIds: readonly string[];
  /** In the order they are sprayed. */
  readonly units: readonly Unit[];
  readonly firstOfLayer: boolean;
  /** Layers below that are spot coats of it: over them it waits one flash, as over itself. */
  readonly spots: readonly string[];
  readonly hand: Hand;
  /** What the gun is rinsed with after it. */
  readonly rinse: 'wash' | 'reducer';
  readonly between: readonly Between[];
  /** Not of the build-up: the layer lost its bond while the work rested. */
  readonly isOneMore: boolean;
}

/** The coat goes on its own film, be it a spot coat of it, and not on another layer. */
export const isOverItself = (step: CoatStep, underLayerId: string): boolean =>
  step.layerId === underLayerId || step.spots.includes(underLayerId);

/** The last film on a part that was finished before, and when. */
export interface Film {
  readonly product: Product;
  readonly layerId: string;
  readonly endedMs: number;
  /** First coat of that layer. */
  readonly firstEndedMs: number;
  readonly film: FilmOver;
}

/** How the work may rest after a session, and until when the next one finds the film as it is. */
export interface Rest {
  /** Reached by the films that the next session goes on, before its work begins. */
  readonly ready: Stage;
  /** So many times what the sheet says; left out means once. */
  readonly times?: number;
  /** With a bond it has to be sprayed while that lasts; the others may wait; apart are other parts, it is done. */
  readonly why: 'sanded' | 'bond' | 'scuffed' | 'again' | 'apart';
  /** The parts whose films count. */
  readonly partIds: readonly string[];
}

/** A pack or a mix that was opened before, by product. */
export interface OpenPot {
  readonly atMs: number;
  readonly ml: number;
  /** Another job has it until then, ms; left out where it is at hand. */
  readonly fromMs?: number;
}

/** A can that another job activates and does not empty; free once hands are off that one. */
export interface LeftCan extends OpenPot {
  readonly productId: string;
  readonly fromMs: number;
}

/** What is activated is planned with no longer, h, whatever its label allows. Common practice: the same day. */
export const PRUDENT_H = 24;

export interface Draft {
  readonly id: string;
  readonly layers: readonly PlanLayer[];
  /** Done on other days or before, in free hours. */
  readonly visits: readonly PrepStep[];
  /** Last preparation: belongs to the session. */
  readonly prep: readonly PrepStep[];
  readonly prepMin: number;
  /** Hands are on something else until then, ms; -Infinity where they are free. */
  readonly handsFromMs: number;
  readonly steps: readonly CoatStep[];
  /** The parts it sprays, as its units number them. */
  readonly partIds: readonly string[];
  /** The films its first coats go on, by part, while their wait still runs: with any it has begun. */
  readonly carry: ReadonlyMap<string, Film>;
  readonly open: ReadonlyMap<string, OpenPot>;
  /** How it may rest afterwards; null after the last. */
  readonly rest: Rest | null;
  /** A film of its own parts that it waits for, whatever is sprayed before it; null where there is none. */
  readonly ground: Ground | null;
  /** Cup of the gun, ml. */
  readonly cupMl: number;
  /** When its tasks were ticked, ms, by their ids. */
  readonly tickedMs: ReadonlyMap<string, number>;
}

/** A can or a mix of it is open already, and it is this job's own. */
export function isAtHand({ open }: Pick<Draft, 'open'>, productId: string): boolean {
  const pot = open.get(productId);
  return pot !== undefined && pot.fromMs === undefined;
}

/** No more coats go on its parts: the tape comes off. */
export const isLast = ({ rest }: Pick<Draft, 'rest'>): boolean => rest === null || rest.why === 'apart';

/** A film that is there, and what it must have reached before the work on it begins. */
export interface Ground extends Pick<Rest, 'ready' | 'times'> {
  readonly film: Film;
}

export interface Drafts {
  readonly sessions: readonly Draft[];
  /** The last finished film, and what it must have reached before the next session's work begins. */
  readonly before: Ground | null;
  /** What is bought comes with another job's trip, which is over then, ms; left out where it does not. */
  readonly boughtMs?: number;
}

/**
 * Minutes to activate a can before its first coat: push the pin, shake, write the time on it. Common
 * practice: at least 2 min of shaking after activation.
 */
export const ACTIVATE_MIN = 5;
/** Minutes to measure, stir and strain a cup. From memory. */
export const MIX_MIN = 5;
/** Minutes to rinse a gun before another paint goes in, or after the last. From memory. */
export const RINSE_MIN = 10;
export const TACK_MIN = 3;
/** Tape comes off about this long after the last coat. Common practice. */
export const UNMASK_AFTER_MIN = 60;
export const UNMASK_MIN = 10;
