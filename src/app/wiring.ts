/** Wiring of the server: store, weather and clock, made once per process. */
import 'server-only';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setImmediate } from 'node:timers/promises';
import { HOUR } from '@/core/time/instant';
import type { CopyWork } from '@/data/copies/copy-work';
import { agreedShelf } from '@/data/agreed-shelf';
import { cameStore } from '@/data/came-store';
import { Copies } from '@/data/copies/service';
import { feedSetting } from '@/data/feed-setting';
import { dataFolder, getDb, migrations, photosFolder } from '@/data/get-db';
import { jobStore } from '@/data/job-store';
import { placeStore } from '@/data/place-store';
import { planShelf } from '@/data/plan-shelf';
import { photoStore, type PhotoStore } from '@/data/photo-store';
import { sweepPhotos } from '@/data/sweep';
import { stockStore } from '@/data/stock-store';
import { tickStore, type TickStore } from '@/data/tick-store';
import { readingStore } from '@/data/reading-store';
import { weatherStore } from '@/data/weather-store';
import { writing } from '@/data/write';
import { DEMO_JOBS, DEMO_NOW, DEMO_STOCK, HARBOUR_LANE } from '@/demo/jobs';
import { DEMO_PLACES } from '@/demo/places';
import { demoFinished, demoYear } from '@/demo/year';
import { simulatedSensors } from '@/standins/sensors';
import { simulatedForecast } from '@/standins/weather';
import { workshopClock, type WorkshopClock } from '@/usecases/clock';
import { Plans, type MakePlan, type Planning } from '@/usecases/plans';
import type {
  JobStore,
  PlaceStore,
  ReadingStore,
  Sensor,
  StockStore,
  StoredJob,
  Weather,
  WeatherStore,
} from '@/usecases/ports';
import { readingsFor } from '@/usecases/readings';
import { MOST_IN_TURN, sharedCans } from '@/usecases/turns';
import { weatherFrom } from '@/usecases/weather';
import type { Shopping, ShoppingAsked } from '@/usecases/shopping/shopping';
import { Beside, isTooLong } from '@/workers/beside';
import { Feed } from './feed';
import { nodeThread } from '@/workers/node-thread';

export interface Workshop {
  readonly store: JobStore;
  readonly photos: PhotoStore;
  readonly stock: StockStore;
  readonly ticks: TickStore;
  readonly weather: WeatherStore;
  readonly places: PlaceStore;
  readonly readings: ReadingStore;
  readonly feed: Feed;
  /** What measures by itself: simulated in the demo, none elsewhere. */
  readonly sensors: readonly Sensor[];
  /** Several writes as one: all of them or none. */
  together<T>(work: () => T): T;
  readonly copies: Copies;
  readonly planning: Planning;
  readonly beside: Beside;
  /** For the turns of the bench: many plans at once, which no page waits for. */
  readonly besideTurns: Beside;
  readonly clock: WorkshopClock;
}

const held = globalThis as typeof globalThis & { pellucidWorkshop?: Workshop };

/** The invented workshop, put into an empty database once. */
function fillDemo(store: JobStore, stock: StockStore, places: PlaceStore): void {
  if (!store.isEmpty()) return;
  DEMO_PLACES.forEach(({ id, place }, i) => places.add(id, place, i));
  const bought = (item: (typeof DEMO_STOCK)[number]): string => item.boughtOn ?? '';
  if (stock.list().length === 0)
    for (const item of [...DEMO_STOCK].sort((a, b) => bought(a).localeCompare(bought(b)))) {
      const { id, ...draft } = item;
      stock.add(id, draft, Date.parse(`${bought(item)}T09:00:00Z`));
    }
  [...DEMO_JOBS, ...demoFinished(), ...demoYear()].forEach(({ id, job }, i) => store.insert(id, job, i));
}

/** Of the demo: where no forecast was told, the stand-in answers. */
const standin: Weather = {
  forecastFor: async (place, nowMs) => {
    const issued = simulatedForecast(place, nowMs);
    // Some milliseconds went into it; others are heard before the plan is asked for.
    await setImmediate();
    return { ...issued, source: { kind: 'standin' } };
  },
};

/** Now and every hour; a copy that does not succeed is told, and stops nothing. */
function keepDaily(keep: () => Promise<unknown>): void {
  const tryIt = (): void =>
    void keep().catch((e: unknown) => {
      process.stderr.write(
        `The copy of the day was not kept: ${e instanceof Error ? e.message : String(e)}\n`,
      );
    });
  tryIt();
  setInterval(tryIt, HOUR).unref();
}

/** For one piece of heavy work; the hardest job that is accepted takes a few seconds. */
const LIMIT_MS = 20_000;
const COPY_LIMIT_MS = HOUR;
const TURNS_LIMIT_MS = 90_000;

/** Copies have a thread of their own: a plan does not wait for five gigabytes. */
function copyWorkBeside(): CopyWork {
  const beside = new Beside(nodeThread, COPY_LIMIT_MS);
  return {
    takeApart: (...asked) => beside.run('takeApart', asked),
    snapshot: (...asked) => beside.run('snapshot', asked),
  };
}

/** A job whose times cannot be found in time is planned without them. */
const plannedBeside =
  (beside: Beside): MakePlan =>
  async (request, signal) => {
    try {
      return await beside.run('plan', request, signal);
    } catch (e) {
      if (!isTooLong(e)) throw e;
      return beside.run('planWithoutTimes', request, signal);
    }
  };

/** What to buy, worked out beside the event loop. */
export async function shoppedBeside(asked: ShoppingAsked, signal?: AbortSignal): Promise<Shopping> {
  const { beside, clock, planning } = workshop();
  const nowMs = clock.nowMs();
  try {
    const shared = await sharedCans(planning, { nowMs, ...(signal && { signal }) });
    return await beside.run('shopping', { ...asked, shared, nowMs }, signal);
  } catch (e) {
    if (!isTooLong(e)) throw e;
    return { kind: 'too-long' };
  }
}

/** The build this server runs from; while it is developed, each start is another one. */
function programMark(): string {
  const file = join(process.cwd(), '.next', 'BUILD_ID');
  return existsSync(file) ? readFileSync(file, 'utf8') : String(Date.now());
}

function makeWorkshop(): Workshop {
  const db = getDb();
  const store = jobStore(db);
  const stock = stockStore(db);
  const weather = weatherStore(db);
  const demo = process.env.PELLUCID_DEMO === '1';
  const places = placeStore(db);
  const readings = readingStore(db);
  if (demo) fillDemo(store, stock, places);
  const clock = workshopClock(
    {
      setTo: process.env.PELLUCID_NOW,
      pace: process.env.PELLUCID_PACE,
      demoStart: demo ? DEMO_NOW : null,
      tz: HARBOUR_LANE.tz,
    },
    () => store.list().map((j) => j.job),
    Date.now,
  );
  const folder = photosFolder();
  sweepPhotos(db, folder, clock.nowMs());
  const photos = photoStore(db, folder);
  const copies = new Copies({ db, photosFolder: folder }, dataFolder(), migrations(), copyWorkBeside());
  keepDaily(() => copies.keepDaily(Date.now()));
  const beside = new Beside(nodeThread, LIMIT_MS);
  const planning = {
    weather: weatherFrom(weather, demo ? standin : null),
    plans: new Plans(plannedBeside(beside), planShelf(dataFolder(), programMark())),
    inTurn: () => store.inTurn(MOST_IN_TURN),
    agreed: agreedShelf(dataFolder()),
    came: cameStore(db),
    readingsFor: (stored: StoredJob, nowMs: number) => readingsFor(readings, stored, nowMs),
  };
  const together = <T>(work: () => T): T => writing(db, work)();
  const ticks = tickStore(db);
  const sensors = demo ? simulatedSensors : [];
  const stores = { store, photos, stock, ticks, weather, places, readings };
  const feed = new Feed({
    setting: feedSetting(dataFolder()),
    weather,
    places,
    store,
    nowMs: () => clock.nowMs(),
  });
  const besideTurns = new Beside(nodeThread, TURNS_LIMIT_MS);
  return { ...stores, feed, sensors, together, copies, planning, beside, besideTurns, clock };
}

export function workshop(): Workshop {
  held.pellucidWorkshop ??= makeWorkshop();
  return held.pellucidWorkshop;
}
