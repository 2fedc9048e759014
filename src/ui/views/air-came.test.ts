/** The air of a record: its line broken where nobody knows, its sentence, one scale for two. */
import { describe, expect, it } from 'vitest';
import { demo, NOW } from '@/demo/test-kit';
import { HOUR, isoOf } from '@/core/time/instant';
import type { AirHour } from '@/model/came';
import type { Job } from '@/model/job';
import { formatFor } from '@/words/format';
import { cameView, scaleOf } from './air-came';

const f = formatFor('metric');
const START = Math.floor(NOW / HOUR) * HOUR;
const hour = (h: number, panelC: number, gapK: number, windMs: number): AirHour => ({
  ms: START + h * HOUR,
  panelC,
  gapK,
  rhPct: 60,
  windMs,
  cureC: panelC,
});
const job = (trace?: AirHour[]): Job => ({
  ...demo('cargo-bike'),
  state: {
    coats: [{ layerId: 'base', coat: 1, endedAt: isoOf(START + 2 * HOUR, 'Europe/London') }],
    activations: [],
  },
  log: { used: [], outcomes: [], note: '', ...(trace && { trace }) },
});

describe('the air of a record', () => {
  const trace = [hour(0, 12, 4, 0.5), hour(1, 14, 5, 1.2), hour(2, 16, 6, 0.8), hour(9, 9, 1, 6)];
  it('says what the wet film had, and the wind only while it was sprayed', () => {
    // Wet until three hours after: the cold and windy hour nine is not of it.
    expect(cameView(job(trace), [], f)!.said).toBe(
      'While it was wet the panel had 14 °C to 16 °C and stayed at least 5 °C over the dew point; sprayed in wind up to 1.2 m/s.',
    );
  });
  it('breaks its line over hours that nobody knows', () => {
    const { points } = cameView(job(trace), [], f)!;
    expect(points.map((p) => p.panelC)).toEqual([12, 14, 16, null, 9]);
  });
  it('an open job has it as far as it is known, one without has none', () => {
    expect(cameView(job(), trace, f)!.points.length).toBeGreaterThan(2);
    expect(cameView(job(), [], f)).toBeNull();
  });
  it('two stand on one scale of whole tens, from nought or below', () => {
    const warm = cameView(job(trace.map((h) => ({ ...h, panelC: 31 }))), [], f)!;
    const cold = cameView(job(trace.map((h) => ({ ...h, gapK: -3 }))), [], f)!;
    expect(scaleOf([cameView(job(trace), [], f)!])).toEqual([0, 20]);
    expect(scaleOf([warm, cold])).toEqual([-10, 40]);
  });
});
