/**
 * Contrast of every pair that meets on the screen, in both themes. Source: WCAG 2.2, 1.4.3 (text 4.5) and
 * 1.4.11 (marks 3), by culori's reading of the formula.
 */
import { readFileSync } from 'node:fs';
import { wcagContrast } from 'culori';
import { describe, expect, it } from 'vitest';

const css = readFileSync('src/ui/theme/pellucid.css', 'utf8');
const block = (selector: string): Record<string, string> =>
  Object.fromEntries(
    [
      ...css
        .slice(css.indexOf(selector))
        .split('}')[0]!
        .matchAll(/--([a-z0-9-]+): (#[0-9A-F]{6})/g),
    ].map((m) => [m[1]!, m[2]!]),
  );
const themes = { light: block(':root {'), dark: { ...block(':root {'), ...block('[data-theme=dark] {') } };

const TEXT: [string, string[]][] = [
  [
    'ink',
    [
      'ground',
      'panel',
      'panel-2',
      'well',
      'lagoon-tint',
      'amber-tint',
      'oxide-tint',
      'moss-tint',
      'pot',
      'humid',
      'zone',
    ],
  ],
  ['ink-2', ['ground', 'panel', 'panel-2', 'well', 'lagoon-tint', 'amber-tint', 'oxide-tint']],
  ['ink-3', ['ground', 'panel', 'panel-2']],
  ['lagoon', ['ground', 'panel', 'lagoon-tint']],
  ['lagoon-deep', ['panel']],
  ['on-lagoon', ['lagoon', 'lagoon-deep']],
  ['amber-ink', ['amber-tint']],
  ['oxide-ink', ['ground', 'panel', 'oxide-tint']],
  ['on-oxide', ['oxide']],
  ['moss-ink', ['panel', 'ground', 'moss-tint']],
  ['on-moss', ['moss']],
  ['panel', ['ink']],
];
const MARKS: [string, string[]][] = [
  ['ink-3', ['panel', 'ground']],
  ['lagoon', ['panel', 'well', 'ground']],
  ['oxide', ['panel', 'well']],
  ['moss', ['panel', 'ground', 'well']],
  ['mark', ['panel', 'ground']],
  ['water', ['rain-tint']],
];

describe.each(Object.entries(themes))('%s theme', (_name, t) => {
  it('knows every token of the other', () => expect(Object.keys(t).length).toBeGreaterThan(25));
  it.each(TEXT.flatMap(([a, on]) => on.map((b) => [a, b] as const)))('text %s on %s has 4.5 to 1', (a, b) =>
    expect(wcagContrast(t[a]!, t[b]!)).toBeGreaterThanOrEqual(4.5),
  );
  it.each(MARKS.flatMap(([a, on]) => on.map((b) => [a, b] as const)))('marks %s on %s have 3 to 1', (a, b) =>
    expect(wcagContrast(t[a]!, t[b]!)).toBeGreaterThanOrEqual(3),
  );
});

describe('the two themes', () => {
  it('the dark one changes every colour but the measures', () =>
    expect(Object.keys(block('[data-theme=dark] {')).sort()).toEqual(Object.keys(block(':root {')).sort()));
});
