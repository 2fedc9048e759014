/** What several tests of the work share: small jobs in a garage at 20 °C, hours of a week, coats and minutes. */
import { plan } from '@/core/plan';
import { MINUTE } from '@/core/time/instant';
import type { Forecast } from '@/model/forecast';
import type { FreeHours, Job, Part, SystemLayer } from '@/model/job';
import type { Plan, Session, Task } from '@/model/plan';
import { HARBOUR_LANE } from './jobs';
import { always, demo, ms, NOW, steady } from './test-kit';

export const panel = (id: string, over: Partial<Part> = {}): Part => ({
  id,
  lengthMm: 400,
  widthMm: 300,
  sides: 1,
  posture: 'upright',
  hiddenEdgePct: 0,
  substrate: 'steel',
  condition: 'sound-paint',
  ...over,
});
const none: FreeHours['weekly'] = { mon: [], tue: [], wed: [], thu: [], fri: [], sat: [], sun: [] };
export const hours = (weekly: Partial<FreeHours['weekly']>): FreeHours => ({
  weekly: { ...none, ...weekly },
  exceptions: [],
});
export const job = (layers: readonly SystemLayer[], over: Partial<Job> = {}): Job => {
  const { state: _state, shelf: _shelf, ...bare } = demo('cargo-bike');
  return {
    ...bare,
    freeHours: always,
    // In a room without windows neither sun nor sky: the panel is at 20 °C, the sheets' own reference.
    place: { ...HARBOUR_LANE, shelter: 'cellar', windFrac: 0.25, lamp: true },
    equipment: { sprayer: 'hvlp', suppliedAir: true },
    risk: { rushSafe: 0.5, delayPerDay: 20 },
    parts: [panel('p')],
    system: { layers: [...layers] },
    ...over,
  };
};
export const planned = (j: Job, forecast: Forecast = steady(20)): Plan =>
  plan({ job: j, forecast, nowMs: NOW });
export const coatsOf = (s: Session): Task[] => s.tasks.filter((t) => t.kind === 'coat');
export const minutes = (from: string, to: string): number => (ms(to) - ms(from)) / MINUTE;
export const long = (t: { startsAt: string; endsAt: string }): number => minutes(t.startsAt, t.endsAt);
