/** Figures as people write them. Factors: international inch 25.4 mm, US fluid ounce 29.5735295625 ml. */
import { describe, expect, it } from 'vitest';
import { readTyped, type Decimal } from './typed';

const one = (text: string, unit = 'mm', decimal: Decimal = '.'): number | string => {
  const typed = readTyped(text, unit, decimal);
  if (typed.kind === 'one') return Math.round(typed.value * 1e9) / 1e9;
  return typed.kind === 'either' ? typed.values.join(' or ') : typed.kind;
};

describe('a figure as it is written', () => {
  it.each([
    ['620', 620],
    [' 620 ', 620],
    ['12.5', 12.5],
    ['12,5', 12.5],
    ['0,125', 0.125],
    ['0.125', 0.125],
    [',5', 0.5],
    ['.5', 0.5],
    ['12.', 12],
    ['1 200', 1200],
    ['1\u00a0200', 1200],
    ['1\u202f200,5', 1200.5],
    ["1'200", 1200],
    ['1’200.5', 1200.5],
    ['1,200.5', 1200.5],
    ['1.200,5', 1200.5],
    ['1,234,567', 1234567],
    ['1.234.567', 1234567],
    ['12,3456', 12.3456],
    ['-5', -5],
    ['−5', -5],
    ['+5', 5],
    ['６２０', 620],
    ['3/4', 0.75],
    ['1 3/4', 1.75],
    ['1-3/4', 1.75],
    ['½', 0.5],
    ['1½', 1.5],
    ['1 ¾', 1.75],
  ])('“%s” is %d', (text, value) => expect(one(text)).toBe(value));

  it('“1,200” is twelve hundred where a comma groups thousands, and asked about where it begins decimals', () => {
    expect(one('1,200', 'mm', '.')).toBe(1200);
    expect(one('1,200', 'mm', ',')).toBe('1200 or 1.2');
    expect(one('1.200', 'mm', '.')).toBe(1.2);
    expect(one('1.200', 'mm', ',')).toBe('1200 or 1.2');
    expect(one('1,200 m', 'mm', ',')).toBe('1200000 or 1200');
  });

  it.each([
    '',
    '-',
    'abc',
    '1..2',
    '1,2,3',
    '1,20,000',
    '3/0',
    '12 34',
    '1.2.3',
    '5 kg 3',
    '1e3',
    'NaN',
    '∞',
  ])('“%s” is no figure', (text) => expect(['none', 'foreign']).toContain(one(text)));
});

describe('a unit behind it', () => {
  it.each([
    ['1.2 m', 1200],
    ['1.2m', 1200],
    ['62 cm', 620],
    ['62CM', 620],
    ['3/4 in', 19.05],
    ['3/4"', 19.05],
    ['1 3/4 in', 44.45],
    ['1½″', 38.1],
    ['2 ft', 609.6],
    ['1 ft 6', 457.2],
    ['1 ft 6 in', 457.2],
    ['5\' 3"', 1600.2],
    ['5\'3 1/2"', 1612.9],
    ['1 m 20', 1200],
    ['1 m 5 mm', 1005],
    ['-2 in', -50.8],
  ])('“%s” is %d mm', (text, mm) => expect(one(text)).toBe(mm));

  it.each([
    ['620 mm', 'in', 24.409448819],
    ['400 ml', 'fl oz', 13.525609081],
    ['0.4 l', 'ml', 400],
    ['13 fl oz', 'ml', 384.455884313],
    ['2500 cm²', 'm²', 0.25],
    ['2 sq ft', 'm²', 0.18580608],
    ['0.5 m2', 'cm²', 5000],
    ['0.41 kg', 'g', 410],
    ['1 lb 2', 'g', 510.29141625],
    ['1 h 30', 'min', 90],
    ['1.5 h', 'min', 90],
    ['2 mil', 'µm', 50.8],
    ['50 μm', 'µm', 50],
    ['20 %', '%', 20],
    ['12 GBP', 'GBP', 12],
    ['51.5°', '°', 51.5],
  ])('“%s” in a field of %s… is %d', (text, unit, value) =>
    expect(one(text, unit)).toBeCloseTo(value as number, 8),
  );

  it('a unit of another measure is refused by name', () => {
    expect(readTyped('12 kg', 'mm', '.')).toEqual({ kind: 'foreign', unit: 'kg' });
    expect(readTyped('12 mm', '', '.')).toEqual({ kind: 'foreign', unit: 'mm' });
    expect(readTyped('1 ft 6 kg', 'mm', '.')).toEqual({ kind: 'none' });
    expect(readTyped('12 USD', 'GBP', '.')).toEqual({ kind: 'foreign', unit: 'usd' });
  });
});
