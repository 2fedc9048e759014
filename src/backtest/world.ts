/** One hidden world: what came, what was issued when, and what that was at the part in one place. */
import { atPart, type AtPart } from '@/core/air/at-part';
import { centralOf, type Ensemble } from '@/core/air/ensemble';
import { dress } from '@/core/air/dress';
import { partAirOf } from '@/core/job-air';
import { HOUR } from '@/core/time/instant';
import type { ForecastMember } from '@/model/forecast';
import type { Job } from '@/model/job';
import { remember } from '@/core/records/remember';
import { issuedAt, PAST_H, simulatedWorld } from '@/standins/weather';
import type { Climate } from '@/standins/climates';

/** Days a world is played. */
export const DAYS = 13;

export interface World {
  readonly climate: Climate;
  readonly lat: number;
  readonly lon: number;
  readonly startMs: number;
  readonly seed: number;
}

const LAT: Readonly<Record<Climate, number>> = { oceanic: 52, inland: 45, dry: 33, humid: 14, northern: 63 };
/** May to mid September, when people paint outside. */
const SEASON_DAYS = 135;

/** Worlds of one climate by number: spread over places and days, each on its own. */
export function worldOf(climate: Climate, seed: number): World {
  const day = (seed * 37) % SEASON_DAYS;
  return {
    climate,
    lat: LAT[climate],
    // East of Greenwich by less than an hour, so that civil time is the sun's within one.
    lon: -7 + ((seed * 1.37) % 14),
    startMs: Date.UTC(2027, 4, 1 + day, 12),
    seed,
  };
}

interface Issue {
  readonly startMs: number;
  readonly issuedMs: number;
  readonly line: ForecastMember;
  members: ForecastMember[] | null;
  dressed: ForecastMember[] | null;
}

const KEPT = 64;

/** What one world tells at each hour. */
export class Sky {
  private readonly issues = new Map<number, Issue>();
  private readonly ensembles = new Map<string, Ensemble>();

  constructor(readonly world: World) {}

  private at(nowMs: number): ReturnType<typeof simulatedWorld> {
    const { lat, lon, climate } = this.world;
    return simulatedWorld({ lat, lon }, climate, issuedAt(nowMs));
  }

  private issue(nowMs: number): Issue {
    const issuedMs = issuedAt(nowMs);
    return remember(this.issues, issuedMs, KEPT, () => ({
      startMs: issuedMs - PAST_H * HOUR,
      issuedMs,
      line: this.at(nowMs).line(),
      members: null,
      dressed: null,
    }));
  }

  private ensemble(kind: string, issue: Issue, make: () => Omit<Ensemble, 'startMs' | 'hours'>): Ensemble {
    return remember(this.ensembles, `${kind} ${issue.issuedMs}`, 3 * KEPT, () => ({
      startMs: issue.startMs,
      hours: issue.line.airTempC.length,
      ...make(),
    }));
  }

  /** Fifty futures as issued. */
  futures(nowMs: number): Ensemble {
    const issue = this.issue(nowMs);
    return this.ensemble('members', issue, () => {
      const members = this.at(nowMs).members();
      return { members, central: centralOf(members) };
    });
  }

  /** One line as issued, dressed as the product dresses it. */
  dressed(nowMs: number): Ensemble {
    const issue = this.issue(nowMs);
    const { line, startMs, issuedMs } = issue;
    return this.ensemble('dressed', issue, () => ({
      members: dress(line, { startMs, issuedMs, seed: this.world.seed }),
      central: line,
    }));
  }

  /** One line as issued, taken at its word. */
  line(nowMs: number): Ensemble {
    const issue = this.issue(nowMs);
    return this.ensemble('line', issue, () => ({ members: [issue.line], central: issue.line }));
  }

  /** What came. */
  truth(nowMs: number): Ensemble {
    const issue = this.issue(nowMs);
    const came = (): ForecastMember => this.at(nowMs).truth();
    return this.ensemble('truth', issue, () => {
      const truth = came();
      return { members: [truth], central: truth };
    });
  }
}

/** The air of an ensemble at the parts of a job. */
export const airOf = (ensemble: Ensemble, job: Job): AtPart => atPart(ensemble, job.place, partAirOf(job));
