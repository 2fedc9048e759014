import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readLabel } from './read-label';
import { type LabelField, type LabelValue } from './finds';

/** Fifty invented label texts, each in its own wording, with what a painter reads from it. */
const LABELS: readonly [string, Partial<Record<LabelField, LabelValue>>][] = [
  ['Flash off 10–15 min at 20 °C / 68 °F between coats.', { flashMin: 15, refTempC: 20 }],
  [
    'Mixing ratio 4:1:1 by volume (base : hardener : reducer).',
    { mix: { base: 4, hardener: 1, reducer: 1 } },
  ],
  ['Mix 2 parts clear with 1 part hardener.', { mix: { base: 2, hardener: 1, reducer: 0 } }],
  ['Mix ratio 3:1 with hardener, + 10 % thinner.', { mix: { base: 3, hardener: 1, reducer: 0.3 } }],
  ['Thin 1:1 with basecoat reducer.', { mix: { base: 1, hardener: 0, reducer: 1 } }],
  ['Pot life: 4 h at 20 °C', { potLifeMin: 240 }],
  ['Use within 48 hours of activation.', { potLifeMin: 2880 }],
  ['Once activated the can stays usable for about 24 h.', { potLifeMin: 1440 }],
  ['Recoat within 1 hour or after 48 hours.', { itselfMaxMin: 60, itselfForbiddenMin: [60, 2880] }],
  [
    'Do not recoat between 1 h and 24 h or the film may lift.',
    { itselfMaxMin: 60, itselfForbiddenMin: [60, 1440] },
  ],
  ['Can be overcoated after 30 minutes.', { nextMinMin: 30 }],
  ['Clearcoat after 20-30 min, no later than 24 h.', { nextMinMin: 30, nextBondMaxMin: 1440 }],
  ['Recoat window 20 min – 24 h', { nextMinMin: 20, nextBondMaxMin: 1440 }],
  ['Topcoat within 24 hours.', { nextBondMaxMin: 1440 }],
  [
    'Dust dry: 10 min. Touch dry: 30 min. Dry to handle: 2 h.',
    { dustFreeMin: 10, touchDryMin: 30, handleMin: 120 },
  ],
  ['Dust-free after 15 minutes, tack free in 45 minutes', { dustFreeMin: 15, touchDryMin: 45 }],
  ['Dry to the touch in half an hour', { touchDryMin: 30 }],
  ['Sandable after 3 hrs at 20°C', { sandMin: 180, refTempC: 20 }],
  ['May be flatted after 12–16 hours', { sandMin: 960 }],
  ['Fully cured after 7 days.', { cureMin: 10080 }],
  ['Ready for assembly after one day', { handleMin: 1440 }],
  ['Apply 2-3 thin coats', { coats: 3 }],
  ['Spray two light even coats, waiting 5 to 10 minutes between coats', { coats: 2, flashMin: 10 }],
  ['Dry film 20–25 µm per coat', { filmUmPerCoat: 22.5 }],
  ['DFT 1.0 mil per coat', { filmUmPerCoat: 25.4 }],
  ['60 microns dry in two coats', { filmUmPerCoat: 60, coats: 2 }],
  ['Solids by volume: 45 %', { solidsFrac: 0.45 }],
  ['Volume solids 38 - 42 %', { solidsFrac: 0.4 }],
  ['One can covers 1.5–2 m²', { coverM2: 1.5 }],
  ['Covers approx. 20 sq ft per coat', { coverM2: 1.9 }],
  ['Coverage 8 m²/l at 40 µm', { coverM2PerL: 8, filmUmPerCoat: 40 }],
  ['Apply at temperatures between 10 and 25 °C.', { tempMinC: 10, tempMaxC: 25 }],
  ['Do not use below 50 °F', { tempMinC: 10 }],
  [
    'Working temperature: 15–25 °C, relative humidity below 80 %',
    { tempMinC: 15, tempMaxC: 25, rhMaxFrac: 0.8 },
  ],
  ['Max. relative humidity 85%', { rhMaxFrac: 0.85 }],
  ['Surface at least 3 °C above the dew point', { dewGapMinK: 3 }],
  ['Contents 400 ml e', { packMl: 400 }],
  ['Net wt 12 oz (340 g)', { packG: 340 }],
  ['11 fl oz', { packMl: 325 }],
  ['1 quart', { packMl: 946 }],
  ['VOC 420 g/l', { vocGPerL: 420 }],
  ['Flash point: 23 °C', { flashPointC: 23 }],
  ['Fluid nozzle 1.3–1.4 mm, 2 bar', { tipMm: [1.3, 1.4] }],
  ['Contains isocyanates. See safety sheet.', { isocyanate: true }],
  ['Isocyanate-free two-component satin clear coat', { isocyanate: false, gloss: 'satin', kind: 'clear' }],
  ['High-build filler primer, grey', { kind: 'filler-primer' }],
  ['Shelf life 24 months unopened', { shelfClosedMonths: 24 }],
  ['Once opened use within 6 months', { shelfOpenMonths: 6 }],
  ['Add 2 % hardener by weight', { mix: { base: 100, hardener: 2, reducer: 0 } }],
  [
    'Density 0.98 g/cm³; dilute 5–10 % for spraying',
    { densityGPerMl: 0.98, mix: { base: 100, hardener: 0, reducer: 10 } },
  ],
];
const reading = (text: string): Partial<Record<LabelField, LabelValue>> =>
  Object.fromEntries(readLabel(text).found.map((f) => [f.field, f.value]));

describe('labels in many wordings', () => {
  it('there are fifty of them', () => expect(LABELS.length).toBe(50));
  it.each(LABELS)('%s', (text, want) => expect(reading(text)).toMatchObject(want));
  it('what was read names the words it was read from, and the range where there was one', () => {
    const f = readLabel('Shake well.\nFlash off 10–15 min at 20 °C.').found.find(
      (x) => x.field === 'flashMin',
    )!;
    expect(f).toEqual({
      field: 'flashMin',
      value: 15,
      range: [10, 15],
      from: 'Flash off 10–15 min at 20 °C.',
    });
  });
  it('a unit without a figure is no quantity, and stops nothing', () => {
    for (const unit of ['gal', 'qt', 'quart', 'pt', 'pint', 'fl oz', 'l', 'ml', 'g', 'oz', 'µm', 'mil', 'mm'])
      expect(reading(`Contents: a ${unit} of it`), unit).toEqual({});
    // US pint 473.176473 ml, US gallon 3785.411784 ml: NIST Handbook 44, appendix C.
    expect(reading('2 pt')).toEqual({ packMl: 946 });
    expect(reading('1 gal')).toEqual({ packMl: 3785 });
    expect(reading('1 gallon')).toEqual({ packMl: 3785 });
  });
  it('a whole label at once', () => {
    expect(
      reading(`Lintwick two-part clear coat, gloss
      Contains diisocyanate. 400 ml
      Press the pin twice, shake 2 min. Use within 48 h of activation at 20 °C.
      Apply 2–3 coats, flash 10–15 min between coats.
      Dust dry 30 min, touch dry 2 h, dry to handle 8 h, fully hard after 5 days.
      Apply between 12 and 28 °C, relative humidity below 80 %.
      One can covers 1–1.5 m².`),
    ).toMatchObject({
      kind: 'clear',
      gloss: 'gloss',
      isocyanate: true,
      packMl: 400,
      potLifeMin: 2880,
      coats: 3,
      flashMin: 15,
      dustFreeMin: 30,
      touchDryMin: 120,
      handleMin: 480,
      cureMin: 7200,
      tempMinC: 12,
      tempMaxC: 28,
      rhMaxFrac: 0.8,
      coverM2: 1,
    });
  });
});

describe('nonsense', () => {
  it.each([
    '',
    'The quick brown fox jumps over the lazy dog.',
    'Call 0800 12 34 56',
    'Batch 20260516-A',
    'EN 71-3:2019',
    'Made in batches of 12:30 and 14:45',
    'See page 4:2 of the handbook for details',
    'Protect from sunlight and do not expose to temperatures exceeding 50 °C.',
  ])('reads no ratio, wait or limit from: %s', (text) => {
    const r = reading(text);
    for (const f of [
      'mix',
      'flashMin',
      'potLifeMin',
      'nextMinMin',
      'coats',
      'filmUmPerCoat',
      'tempMinC',
      'tempMaxC',
      'solidsFrac',
    ] as const)
      expect(r[f]).toBeUndefined();
  });
  it('a line with figures that nothing was read from is shown as unread', () =>
    expect(readLabel('Batch 20260516-A').unread).toEqual(['Batch 20260516-A']));
  it('any text at all: never throws, never gives a figure that is none (600 random texts, seed 41)', () => {
    const word = fc.constantFrom(
      'flash',
      'min',
      'h',
      '°C',
      '°F',
      '10',
      '2:1',
      '4:1:1',
      'coats',
      'recoat',
      'within',
      'or',
      'after',
      '%',
      'µm',
      'pot life',
      'at',
      '–',
      '.',
      '\n',
      'hardener',
      'dry',
      'ml',
      'sand',
      '0',
      '-5',
      '1e9',
      ':',
    );
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.array(word, { maxLength: 24 }).map((w) => w.join(' ')),
        ),
        (text) => {
          for (const f of readLabel(text).found) {
            expect(JSON.stringify(f.value)).not.toMatch(/null|NaN/);
            if (typeof f.value === 'number' && /Min$|Um|Frac|Ml$/.test(f.field))
              expect(f.value).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { numRuns: 600, seed: 41 },
    );
  });
});
