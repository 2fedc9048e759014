/** The feed of this server: asked at once when it is set, and every hour; what came of it last is remembered. */
import 'server-only';
import { randomUUID } from 'node:crypto';
import { fetchFeed } from '@/data/feed-fetch';
import type { FeedSetting } from '@/data/feed-setting';
import { HOUR } from '@/core/time/instant';
import { jsonWeather } from '@/formats/weather/file';
import { spotsOf, takeFeed, type FeedTold, type FeedWays } from '@/usecases/feed';
import type { JobStore, PlaceStore, WeatherStore } from '@/usecases/ports';

const WAYS: FeedWays = {
  fetch: (address) => fetchFeed(address),
  read: (text) => {
    const told = jsonWeather(text);
    if (told.ok) return { ok: true, file: told.value };
    const [first] = told.faults;
    return { ok: false, said: `It is not the agreed JSON: ${first?.path}, expected ${first?.expected}.` };
  },
  freshId: () => randomUUID(),
};

interface FeedOf {
  readonly setting: FeedSetting;
  readonly weather: WeatherStore;
  readonly places: PlaceStore;
  readonly store: JobStore;
  nowMs(): number;
}

export class Feed {
  last: FeedTold | null = null;

  constructor(private readonly of: FeedOf) {
    const quietly = (): void =>
      void this.take().catch((e: unknown) => {
        process.stderr.write(`The feed was not taken: ${e instanceof Error ? e.message : String(e)}\n`);
      });
    setInterval(quietly, HOUR).unref();
    quietly();
  }

  get address(): string | null {
    return this.of.setting.get();
  }

  set(address: string | null): void {
    this.of.setting.set(address);
    this.last = null;
  }

  /** @returns null where no feed is set */
  async take(): Promise<FeedTold | null> {
    const { address } = this;
    if (address === null) return null;
    const { weather, places, store } = this.of;
    const at = { spots: spotsOf(places, store), nowMs: this.of.nowMs() };
    this.last = await takeFeed({ weather, ways: WAYS }, address, at);
    return this.last;
  }
}
