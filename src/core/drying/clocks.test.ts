/** Clocks of stages and limits on steady air, against minutes worked out by hand. */
import { describe, expect, it } from 'vitest';
import { product } from '@/demo/test-kit';
import type { Product } from '@/model/product';
import type { AtPart } from '../air/at-part';
import { Clocks } from './clocks';
import { dryRate, itselfLatestMin, limitRate, stageOf, type Stage } from './rate';

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const NODES = 400;

/** Air that does not change: two futures alike, the panel apart from the air. */
function air(panelC: number, over: { airC?: number; rhFrac?: number; windMs?: number } = {}): AtPart {
  const all = (x: number): Float64Array => new Float64Array(2 * NODES).fill(x);
  return {
    startMs: 0,
    stepMs: 30 * MINUTE,
    nodes: NODES,
    rows: 2,
    panelC: all(panelC),
    airC: all(over.airC ?? panelC),
    rhFrac: all(over.rhFrac ?? 0.5),
    windMs: all(over.windMs ?? 0.5),
  } as unknown as AtPart;
}
const sheet = (over: Partial<Product> = {}): Product => ({
  ...product('halden-gun-gloss'),
  refTempC: 20,
  tempMinC: 12,
  flashMin: 15,
  nextMinMin: 30,
  dustFreeMin: 40,
  touchDryMin: 150,
  handleMin: 480,
  sandMin: 1200,
  potLifeMin: 120,
  ...over,
});
const minutesTo = (stage: Stage, p: Product, a: AtPart): number =>
  new Clocks(a).of(p).stageAt(stage, 0, HOUR) / MINUTE - 60;

describe('film and air', () => {
  const at = (stage: Stage, film: number, a: AtPart, p = sheet()): number =>
    new Clocks(a).of(p).stageAt(stage, 0, HOUR, film) / MINUTE - 60;
  it('half as thick again flashes in half as long again, and cures as ever; thinner saves nothing (from memory)', () => {
    expect(at('flash', 1.5, air(20))).toBeCloseTo(22.5, 6);
    expect(at('dustFree', 2, air(20))).toBeCloseTo(80, 6);
    expect(at('handle', 2, air(20))).toBeCloseTo(480, 6);
    expect(at('flash', 0.7, air(20))).toBeCloseTo(15, 6);
  });
  it('still air keeps its vapour, a light wind carries it off; what reacts minds neither', () => {
    expect(at('flash', 1, air(20, { windMs: 0.05 }))).toBeCloseTo(15 / 0.8, 6);
    expect(at('flash', 1, air(20, { windMs: 2 }))).toBeCloseTo(15 / 1.15, 6);
    expect(at('handle', 1, air(20, { windMs: 0.05 }))).toBeCloseTo(480, 6);
  });
  it('two schools: at 30 °C half the minutes by the rule of ten, 1.72 and 2.1 times faster by the energies', () => {
    const tenth = new Clocks(air(30), 'tenth').of(sheet());
    expect(tenth.stageAt('flash', 0, HOUR) / MINUTE - 60).toBeCloseTo(7.5, 6);
    expect(tenth.stageAt('handle', 0, HOUR) / MINUTE - 60).toBeCloseTo(240, 6);
    expect(at('flash', 1, air(30))).toBeCloseTo(15 / 1.72, 1);
    expect(at('handle', 1, air(30))).toBeCloseTo(480 / 2.1, -1);
    expect(tenth.potEndsAt(0, HOUR) / MINUTE - 60).toBeCloseTo(60, 6);
  });
  it('a sheet’s own pair, 16 h at 20 °C or 30 min at 60, is 70 kJ/mol and wins over both schools', () => {
    const own = sheet({ cureEnergyKJ: 70 });
    const energy = at('handle', 1, air(30), own);
    expect(energy).toBeCloseTo(480 / Math.exp((70_000 / 8.314462618) * (1 / 293.15 - 1 / 303.15)), 3);
    expect(new Clocks(air(30), 'tenth').of(own).stageAt('handle', 0, HOUR) / MINUTE - 60).toBeCloseTo(
      energy,
      6,
    );
  });
  it('below its minimum a cure stops, unless its sheet says that it creeps', () => {
    expect(at('handle', 1, air(8))).toBe(Infinity);
    const creeps = at('handle', 1, air(8), sheet({ belowMin: 'creeps' }));
    expect(creeps).toBeGreaterThan(900);
    expect(creeps).toBeLessThan(1500);
  });
  it('tape waits for handle-dry where no sheet says better; an enamel is coated again after two days', () => {
    expect(at('tape', 1, air(20))).toBeCloseTo(480, 6);
    expect(at('tape', 1, air(20), sheet({ tapeMin: 120 }))).toBeCloseTo(120, 6);
    expect(at('again', 1, air(20), product('skerry-enamel')) / 60).toBeCloseTo(48, 6);
    expect(at('polish', 1, air(20))).toBeCloseTo(1200, 6);
  });
});

describe('stages', () => {
  it('at the sheet’s temperature each stage takes the sheet’s minutes', () => {
    const minutes = (['flash', 'next', 'dustFree', 'touchDry', 'handle', 'sand'] as const).map((stage) =>
      minutesTo(stage, sheet(), air(20)),
    );
    [15, 30, 40, 150, 480, 1200].forEach((want, i) => expect(minutes[i]).toBeCloseTo(want, 4));
  });
  it('a sheet that says nothing of sanding means handle-dry', () => {
    const { sandMin: _none, ...silent } = sheet();
    expect(minutesTo('sand', silent, air(20))).toBeCloseTo(480, 4);
  });
  it('two-part film: the flash goes by solvent, the rest by cure, which stands still under the sheet’s minimum', () => {
    // e^(−40000/8.314 · (1/303.15 − 1/293.15)) = 1.718; with 55 kJ/mol 2.105.
    expect(minutesTo('flash', sheet(), air(30))).toBeCloseTo(15 / 1.718, 1);
    expect(minutesTo('handle', sheet(), air(30))).toBeCloseTo(480 / 2.105, 0);
    expect(minutesTo('handle', sheet(), air(11.9))).toBe(Infinity);
    expect(minutesTo('handle', sheet(), air(12.1))).toBeLessThan(2000);
    expect(minutesTo('flash', sheet(), air(5))).toBeCloseTo(15 / dryRate('evaporation', 5, 20, 0), 1);
  });
  it('two products of other minima do not share a cure; of another reference not a flash', () => {
    const clocks = new Clocks(air(14));
    const handle = (p: Product): number => clocks.of(p).stageAt('handle', 0, 0);
    expect(handle(sheet({ tempMinC: 16 }))).toBe(Infinity);
    expect(handle(sheet({ tempMinC: 12 }))).toBeLessThan(Infinity);
    const flash = (p: Product): number => clocks.of(p).stageAt('flash', 0, 0);
    expect(flash(sheet({ refTempC: 25 }))).toBeGreaterThan(flash(sheet({ refTempC: 20 })));
  });
  it('a water-borne film dries by the humidity, and not at all in full air', () => {
    const water = sheet({ chemistry: 'waterborne' } as Partial<Product>);
    const at = (rhFrac: number): number => minutesTo('flash', water, air(20, { rhFrac }));
    expect(at(0.5)).toBeCloseTo(15, 4);
    expect(at(0.75)).toBeCloseTo(30, 4);
    expect(at(1)).toBe(Infinity);
    // A lacquer does not care.
    expect(minutesTo('flash', sheet(), air(20, { rhFrac: 1 }))).toBeCloseTo(15, 4);
  });
  it('one product has one clock', () => {
    const clocks = new Clocks(air(20));
    const p = sheet();
    expect(clocks.of(p)).toBe(clocks.of(p));
    expect(clocks.of({ ...p })).not.toBe(clocks.of(p));
  });
});

describe('limits', () => {
  it('a pot of two hours lives two in the cold and 57 min at thirty degrees, by the air and not by the panel', () => {
    const life = (a: AtPart, p = sheet()): number => new Clocks(a).of(p).potEndsAt(0, HOUR) / MINUTE - 60;
    expect(life(air(10))).toBe(120);
    expect(life(air(30))).toBeCloseTo(120 / 2.105, 0);
    expect(life(air(45, { airC: 20 }))).toBeCloseTo(120, 4);
    expect(life(air(20, { airC: 30 }))).toBeCloseTo(120 / 2.105, 0);
    const { potLifeMin: _none, ...keeps } = sheet();
    expect(life(air(20), keeps)).toBe(Infinity);
  });
  it('a maximum on the film shrinks by the panel’s heat and never stretches', () => {
    const max = (a: AtPart): number => new Clocks(a).of(sheet()).maxAt(60, 0, HOUR) / MINUTE - 60;
    expect(max(air(10))).toBe(60);
    expect(max(air(30))).toBeCloseTo(60 / 1.718, 1);
    expect(limitRate('cure', 30, 20)).toBeCloseTo(2.105, 3);
    // No minimum holds a pot back.
    expect(limitRate('cure', -30, 20)).toBe(1);
  });
  it('another coat of itself: any time, within the sheet’s span, or before what lifts', () => {
    const latest = (over: Partial<Product>): number => itselfLatestMin({ ...product('orrin-base'), ...over });
    expect(latest({})).toBe(Infinity);
    expect(latest({ itselfMaxMin: 90 })).toBe(90);
    expect(latest({ itselfForbiddenMin: [45, 2880] })).toBe(45);
    expect(latest({ itselfMaxMin: 30, itselfForbiddenMin: [45, 2880] })).toBe(30);
    const { itselfForbiddenMin: _span, itselfMaxMin: _max, ...enamel } = product('skerry-enamel');
    // A lifting paint whose sheet is silent: within the hour (common practice).
    expect(itselfLatestMin(enamel)).toBe(60);
  });
  it('which stages are the solvent’s and which the film’s own', () => {
    const modes = (p: Product): string[] =>
      (['flash', 'next', 'dustFree', 'touchDry', 'handle', 'sand'] as const).map(
        (s) => stageOf(p, s).mode[0]!,
      );
    expect(modes(sheet()).join('')).toBe('eeeccc');
    expect(modes(product('orrin-base')).join('')).toBe('eeeeee');
    expect(modes(sheet({ chemistry: 'waterborne' } as Partial<Product>)).slice(0, 3)).toEqual([
      'w',
      'w',
      'w',
    ]);
  });
  it('water needs 44 kJ/mol: 1.81 times as fast at thirty degrees', () => {
    expect(dryRate('water', 30, 20, 0)).toBeCloseTo(1.81, 2);
    expect(dryRate('water', 20, 20, 0)).toBe(1);
    expect(dryRate('cure', 12, 20, 12)).toBeGreaterThan(0);
  });
});
