import { stepName } from './fields';
import { describe, expect, it } from 'vitest';
import { RULE_CARDS } from '@/core/coating/rules/rules';
import { DEMO_JOBS, DEMO_NOW } from '@/demo/jobs';
import { plan } from '@/core/plan';
import { msOf } from '@/core/time/instant';
import { simulatedForecast } from '@/standins/weather';
import { durationOf, formatFor, percentOf } from './format';
import { CAUSE_LIMITS, CAUSE_WORDS, groundName, surfaceName } from './names';
import { planText } from './plan-text';
import { say, SENTENCES } from './say';
import { sayBlocker } from './sentences/blockers';
import { CAUTIONS, sayCaution } from './sentences/cautions';
import { REASONS, WAYS_OUT } from './sentences/seams';

const metric = formatFor('metric');
const us = formatFor('us');

describe('figures', () => {
  it('metric and US say the same thing', () => {
    expect([metric.temp(20), us.temp(20)]).toEqual(['20 °C', '68 °F']);
    expect([metric.gap(3), us.gap(3)]).toEqual(['3 °C', '5 °F']);
    expect([metric.film(25.4), us.film(25.4)]).toEqual(['25 µm', '1.0 mil']);
    expect([metric.area(1), us.area(1)]).toEqual(['1.00 m²', '10.8 ft²']);
    expect([metric.volume(400), us.volume(400)]).toEqual(['400 ml', '13.5 fl oz']);
    expect([metric.speed(2), us.speed(2)]).toEqual(['2.0 m/s', '4.5 mph']);
  });
  it('a chance is never shown as 0 or 100', () => {
    expect([percentOf(0.001), percentOf(0.999), percentOf(0.5)]).toEqual([1, 99, 50]);
  });
  it('durations: 43 min, 2 h, 1 h 06, 3 days', () =>
    expect([43, 120, 66, 4320].map(durationOf)).toEqual(['43 min', '2 h', '1 h 06', '3 days']));
  it('times are read off the text with its own offset, whatever zone the reader is in', () => {
    expect(metric.dayTime('2026-05-16T07:50:00+01:00')).toBe('Sat 16 May, 07:50');
    expect(metric.money(12.5, 'GBP')).toBe('£12.50');
    expect(metric.money(12.5, 'SEK')).toBe('12.50 SEK');
  });
});

describe('sentences', () => {
  it('every rule card has a reason and a way out in words', () => {
    for (const c of RULE_CARDS) {
      expect(REASONS).toHaveProperty([c.code]);
      if (c.wayOut) expect(WAYS_OUT).toHaveProperty([c.wayOut]);
      if (c.verdict !== 'ok') expect(c.wayOut).toBeDefined();
    }
  });
  it.each([
    ['product-unknown', 'not in the catalogue'],
    ['part-without-layer', 'no layer at all'],
    ['seam-no', 'does not hold'],
    ['no-system', 'No system fits'],
    ['too-many-sessions', 'sessions'],
    ['no-free-stretch', 'Widen the free hours'],
    ['no-window', ''],
    ['no-window-ready', ''],
    ['window-outside-free-hours', ''],
    ['place-would-open', ''],
    ['no-place-would-open', ''],
    ['starts-do-not-chain', ''],
    ['no-chain', ''],
    ['fuel-dissolves-one-pack', 'petrol'],
    ['heat-needs-rated', 'on bare metal'],
    ['candy-uneven', 'same number'],
    ['stack-ends-in-primer', 'primer'],
  ])('what is in the way is said by the pages that know blockers only: %s', (code, part) => {
    const text = sayBlocker({ code, params: {} }, metric);
    expect(text).toContain(part);
    expect(text).not.toMatch(/No words yet|of a later version/);
  });
  it('every cause has a short word and a limit', () =>
    expect(Object.keys(CAUSE_WORDS)).toEqual(Object.keys(CAUSE_LIMITS)));
  it('no sentence says undefined, NaN, shouts or uses a sign the font lacks', () => {
    const params = {
      product: 'X',
      above: 'Y',
      below: 'Z',
      value: 1,
      min: 1,
      max: 2,
      minutes: 3,
      ml: 4,
      areaM2: 1,
      grit: 400,
      at: '2026-05-16T07:50:00+01:00',
      cause: 'wind',
      share: 40,
      cans: 2,
      count: 2,
      chance: 0.5,
      members: 3,
      of: 50,
      panelC: 18,
      refC: 20,
      sheetMin: 10,
      coat: 1,
      coats: 2,
      minC: 10,
      gapK: 3,
      total: 1,
      builtUm: 44,
      needC: 200,
      tempC: 120,
      hottestC: 230,
      ratedC: 90,
      awayUm: 15,
      restUm: 29,
      leastUm: 40,
      mostUm: 150,
      budget: 2,
      currency: 'GBP',
      deadline: '2026-05-20',
      hours: 9,
      lostMin: 200,
      products: 2,
      with: 'wash',
      times: 2.4,
      partMm: 1400,
      swingMm: 800,
      paintC: 9.5,
      floorMm: 2900,
    };
    for (const code of Object.keys(SENTENCES))
      expect(say({ code, params }, metric)).not.toMatch(/undefined|NaN|!|[≥≤≈→←]/);
    for (const code of Object.keys(CAUTIONS)) {
      const w = sayCaution({ code, params }, metric);
      expect(`${w.head} ${w.body}`).not.toMatch(/undefined|NaN|!|[≥≤≈→←]/);
      expect(w.body.length).toBeGreaterThan(4);
    }
  });
  it('a missing figure shows as a dash and an unknown code says so', () => {
    expect(say({ code: 'check-under-ready', params: {} }, metric)).toMatch(/^–/);
    expect(say({ code: 'no-such-code', params: {} }, metric)).toMatch(/of a later version/);
  });
  it('surfaces are said as a person says them', () => {
    expect(surfaceName({ substrate: 'steel', condition: 'bare' })).toBe('bare steel');
    expect(surfaceName({ substrate: 'pp', condition: 'bare' })).toBe('bare PP or TPO plastic');
    expect(groundName('surface:aluminium/sound-paint')).toBe('sound old paint on aluminium');
  });
  it('the plan as text holds every task time and every can', () => {
    const { job } = DEMO_JOBS[2]!;
    const nowMs = msOf(DEMO_NOW, job.place.tz);
    const p = plan({ job, ...simulatedForecast(job.place, nowMs), nowMs });
    const text = planText(job, p, metric);
    for (const s of p.sessions)
      for (const t of s.tasks) expect(text).toContain(`${t.startsAt.slice(11, 16)}  `);
    for (const m of p.materials) expect(text).toContain(m.productId);
    expect(text).toMatch(/^Cargo-bike box panels\nPlanned\. \d+ % of futures end well\./);
  });
});

describe('what a step changed', () => {
  it('is named as a person says it, also where two fields have one name', () => {
    expect(stepName('place.lat')).toBe('the change of the latitude');
    expect(stepName('placeId')).toBe('the change of the place');
    expect(stepName('place.heater.kind')).toBe('the change of the place');
    expect(stepName('dryIn.kind')).toBe('the change of where it dries');
    expect(stepName('purpose.colour.kind')).toBe('the change of the kind of colour');
    expect(stepName('')).toBe('several changes');
  });
});
