/** What fields make of what is typed. Likely sizes: common practice, no source. */
import { describe, expect, it } from 'vitest';
import { currencyHeld, judgeTyped, shownOf, stepped, withUnit, type Field } from './typed';

const LENGTH: Field = { unit: 'mm', min: 1, max: 10_000, likely: [5, 4000] };
const PIECES: Field = { unit: '', min: 1, max: 50, whole: true };
const LEFT: Field = { unit: 'ml', min: 0, max: 20_000, likely: [5, 6000] };
const labels = (text: string, field: Field, decimal: '.' | ',' = '.'): string[] => {
  const judged = judgeTyped(text, field, decimal);
  return judged.kind === 'ask' ? judged.offers.map((o) => `${o.label} = ${o.value}`) : [];
};

describe('a length typed', () => {
  it.each([
    ['620', 620],
    ['1,200', 1200],
    ['12,5', 12.5],
    ['1.2 m', 1200],
    ['3/4 in', 19.05],
    ['3 mm', 3],
    ['5 m', 5000],
  ])('“%s” is taken as %d mm', (text, value) =>
    expect(judgeTyped(text, LENGTH, '.')).toEqual({
      kind: 'take',
      value: expect.closeTo(value, 9) as number,
    }),
  );

  it('“1,200” is asked about where a comma begins decimals: never one millimetre', () => {
    expect(labels('1,200', LENGTH, ',')).toEqual(['1200 mm = 1200', '1.2 mm = 1.2']);
    expect(labels('1.200', LENGTH, ',')).toEqual(['1200 mm = 1200', '1.2 mm = 1.2']);
  });

  it('in inches a size of 0.1 asks for feet, not for metres', () =>
    expect(labels('0.1', { unit: 'in', min: 0.04, max: 393, likely: [0.2, 157] })).toEqual([
      '0.1 ft, so 1.2 in = 1.2',
      '0.1 in = 0.1',
    ]));

  it('of two meanings only one that the field can hold is offered', () =>
    expect(labels('40,000', LENGTH, ',')).toEqual(['40 mm = 40']));

  it('a size too small for a part asks for its unit, the likely ones first', () => {
    expect(labels('1.2', LENGTH)).toEqual([
      '1.2 m, so 1200 mm = 1200',
      '1.2 cm, so 12 mm = 12',
      '1.2 mm = 1.2',
    ]);
    expect(labels('0.62', LENGTH)[0]).toBe('0.62 m, so 620 mm = 620');
  });

  it('a size too large and without a likelier unit is taken within the limits, held beyond them', () => {
    expect(judgeTyped('5000', LENGTH, '.')).toEqual({ kind: 'take', value: 5000 });
    expect(judgeTyped('12000', LENGTH, '.')).toEqual({ kind: 'hold', words: 'Between 1 and 10000.' });
    expect(judgeTyped('0', LENGTH, '.')).toEqual({ kind: 'hold', words: 'Between 1 and 10000.' });
    expect(judgeTyped('-4', LENGTH, '.')).toMatchObject({ kind: 'hold' });
  });

  it('a size below the limits that makes sense in metres is offered so, and never as typed', () =>
    expect(labels('0.9', { ...LENGTH, likely: [100, 4000] })).toEqual(['0.9 m, so 900 mm = 900']));

  it('half a figure and a foreign unit are held, each with its sentence', () => {
    expect(judgeTyped('1..', LENGTH, '.')).toEqual({ kind: 'hold', words: 'Not a number yet.' });
    expect(judgeTyped('4 kg', LENGTH, '.')).toEqual({
      kind: 'hold',
      words: '“kg” does not fit here: mm, cm, m, in, ft.',
    });
    expect(judgeTyped('4 mm', PIECES, '.')).toEqual({
      kind: 'hold',
      words: '“mm” does not fit here: a number alone.',
    });
  });
});

describe('counts and amounts typed', () => {
  it('pieces are whole', () => {
    expect(judgeTyped('2', PIECES, '.')).toEqual({ kind: 'take', value: 2 });
    expect(judgeTyped('2.5', PIECES, '.')).toEqual({ kind: 'hold', words: 'A whole number.' });
  });
  it('nothing left is nothing left; 0.4 ml was likely litres', () => {
    expect(judgeTyped('0', LEFT, '.')).toEqual({ kind: 'take', value: 0 });
    expect(labels('0.4', LEFT)).toEqual(['0.4 l, so 400 ml = 400', '0.4 ml = 0.4']);
    expect(judgeTyped('0.4 l', LEFT, '.')).toEqual({ kind: 'take', value: 400 });
  });
  it('a figure is shown to the digits of its field', () => {
    expect(shownOf(24.409448, 2)).toBe('24.41');
    expect(shownOf(620, 2)).toBe('620');
    expect(withUnit(0.5, 'm²')).toBe('0.5 m²');
    expect(withUnit(3, '')).toBe('3');
  });
  it('a step goes up and down within the limits, without the dust of binary fractions', () => {
    const field: Field = { unit: '', min: 0, max: 1 };
    expect(stepped(0.1, 0.2, field)).toBe(0.3);
    expect(stepped(0.95, 0.1, field)).toBe(1);
    expect(stepped(0.05, -0.1, field)).toBe(0);
  });
  it('a currency counts once it is three letters', () => {
    expect(currencyHeld('eur', 'GBP')).toBeNull();
    expect(currencyHeld('EU', 'GBP')).toBe('Three letters, for instance EUR. GBP stays until then.');
    expect(currencyHeld('EURO', 'GBP')).not.toBeNull();
  });
});
