/** Wiring of the server: store, weather and clock, made once per process. */
import 'server-only';
import { join } from 'node:path';
import { dataFolder, getDb } from '@/data/get-db';
import { jobStore } from '@/data/job-store';
import { photoStore, type PhotoStore } from '@/data/photo-store';
import { stockStore } from '@/data/stock-store';
import { tickStore, type TickStore } from '@/data/tick-store';
import { DEMO_FINISHED, DEMO_JOBS, DEMO_NOW, DEMO_STOCK, HARBOUR_LANE } from '@/demo/jobs';
import { simulatedForecast } from '@/standins/weather';
import { workshopClock, type WorkshopClock } from '@/usecases/clock';
import type { JobStore, StockStore, Weather } from '@/usecases/ports';

export interface Workshop {
  readonly store: JobStore;
  readonly photos: PhotoStore;
  readonly stock: StockStore;
  readonly ticks: TickStore;
  readonly weather: Weather;
  readonly clock: WorkshopClock;
}

const held = globalThis as typeof globalThis & { pellucidWorkshop?: Workshop };

export function workshop(): Workshop {
  if (held.pellucidWorkshop) return held.pellucidWorkshop;
  const store = jobStore(getDb());
  const stock = stockStore(getDb());
  const demo = process.env.PELLUCID_DEMO === '1';
  if (demo && store.isEmpty() && stock.list().length === 0)
    [...DEMO_STOCK]
      .sort((a, b) => a.boughtOn!.localeCompare(b.boughtOn!))
      .forEach(({ id, ...draft }) => stock.add(id, draft, Date.parse(`${draft.boughtOn}T09:00:00Z`)));
  if (demo && store.isEmpty())
    [...DEMO_JOBS, ...DEMO_FINISHED].forEach(({ id, job }, i) => store.insert(id, job, i));
  const clock = workshopClock(
    process.env.PELLUCID_NOW,
    demo ? DEMO_NOW : null,
    HARBOUR_LANE.tz,
    store.list().map((j) => j.job),
    Date.now,
  );
  held.pellucidWorkshop = {
    store,
    photos: photoStore(getDb(), join(dataFolder(), 'photos')),
    stock,
    ticks: tickStore(getDb()),
    weather: { forecastFor: simulatedForecast },
    clock,
  };
  return held.pellucidWorkshop;
}
