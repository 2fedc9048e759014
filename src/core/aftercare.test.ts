/** What is still to come after the last coat, against the sheet at its own temperature. */
import { describe, expect, it } from 'vitest';
import { planned } from '@/demo/work-kit';
import { demo, steady } from '@/demo/test-kit';
import { minutesBetween } from './time/instant';
import type { Job } from '@/model/job';

const bike = demo('cargo-bike');
const plan = planned(bike);
const DAY = '2026-05-16';
/** Every coat ticked, ten minutes apart from five in the morning; the clear last. */
const sprayed = (fresh: Job = bike): Job => {
  const coats = planned(fresh).layers.flatMap((l) =>
    Array.from({ length: l.coats }, (_, i) => ({ layerId: l.id, coat: i + 1 })),
  );
  const at = (i: number): string => `${DAY}T0${5 + Math.floor(i / 6)}:${(i % 6) * 10 || '00'}`;
  return { ...fresh, state: { coats: coats.map((c, i) => ({ ...c, endedAt: at(i) })), activations: [] } };
};
const done = planned(sprayed(), steady(20));
const at = (what: string): string => done.toCome.find((x) => x.what === what)!.at;

describe('still to come', () => {
  it('is empty while there is something to spray', () => {
    expect(plan.sessions.length).toBeGreaterThan(0);
    expect(plan.toCome).toEqual([]);
  });
  it('comes in order, of the coat that went on last', () => {
    expect(done.sessions).toEqual([]);
    expect(done.toCome.map((x) => x.what)).toEqual(['dust-free', 'untape', 'handle', 'polish', 'cured']);
    expect(done.toCome.every((x) => x.productId === 'halden-1k-satin')).toBe(true);
    const times = done.toCome.map((x) => Date.parse(x.at));
    expect(times).toEqual([...times].sort((a, b) => a - b));
  });
  it('a tick is a time of the place: dust-free comes soon after 07:00 of a May morning in London, 06:00 in UTC', () => {
    const last = planned(sprayed()).toCome[0]!;
    const lastCoat = sprayed().state!.coats.at(-1)!.endedAt;
    expect(minutesBetween(`${lastCoat}:00+01:00`, last.at)).toBeGreaterThan(0);
    expect(minutesBetween(`${lastCoat}:00+01:00`, last.at)).toBeLessThan(60);
  });
  it('in the cold handle-dry comes later than at the sheet’s 20 °C', () => {
    const cold = planned(sprayed(), steady(12));
    const coldAt = cold.toCome.find((x) => x.what === 'handle')!.at;
    expect(minutesBetween(at('handle'), coldAt)).toBeGreaterThan(10);
  });
  it('what lies past the forecast is by the sheet and says so', () => {
    // A two-part clear is hard for good after a month.
    const { toCome } = planned(sprayed(demo('stand-mixer')), steady(20));
    expect(toCome.find((x) => x.what === 'cured')!.bySheet).toBe(true);
    expect(toCome.find((x) => x.what === 'dust-free')!.bySheet).toBe(false);
  });
});
