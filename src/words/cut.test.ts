import { describe, expect, it } from 'vitest';
import { cutTo, shortName } from './cut';

describe('a text cut to a length', () => {
  it('stays as it is when it is short enough', () => {
    expect(cutTo('Mixer', 5)).toBe('Mixer');
    expect(cutTo('', 0)).toBe('');
  });
  it('loses the letters behind the last that fits', () => expect(cutTo('Mixer shell', 7)).toBe('Mixer s'));
  it('keeps an emoji whole or leaves it out', () => {
    expect(cutTo('ab🎨', 3)).toBe('ab');
    expect(cutTo('ab🎨', 4)).toBe('ab🎨');
  });
  it('keeps a family of joined emoji whole or leaves it out', () => {
    const family = '👩‍👩‍👧';
    expect(family.length).toBe(8);
    expect(cutTo(`x${family}`, 8)).toBe('x');
    expect(cutTo(`x${family}y`, 9)).toBe(`x${family}`);
  });
  it('keeps a letter with its accents', () => expect(cutTo('abe\u0301f', 3)).toBe('ab'));
  it('never leaves half of a pair, wherever it is cut', () => {
    const text = 'a🎨b👩‍👩‍👧c🇬🇧d';
    for (let most = 0; most <= text.length; most++) {
      const cut = cutTo(text, most);
      expect(() => encodeURIComponent(cut)).not.toThrow();
      expect(cut.length).toBeLessThanOrEqual(most);
      expect(text.startsWith(cut)).toBe(true);
    }
  });
  it('as a name it says that it goes on', () => {
    expect(shortName('Mixer shell', 7)).toBe('Mixer…');
    expect(shortName('Mixer', 5)).toBe('Mixer');
  });
});
