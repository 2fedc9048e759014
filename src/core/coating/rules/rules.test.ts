/**
 * The rules against facts of the trade, cell by cell, each verdict written out by hand. Common practice, no
 * source, unless a line says otherwise. And: no cell without a card, no card that is never met.
 */
import { describe, expect, it } from 'vitest';
import { everyCell } from '@/demo/cells';
import { PAINT_KINDS } from '@/demo/paint-kinds';
import { surfaceOf } from '@/model/ground';
import type { SeamRecord } from '@/model/plan';
import type { Product } from '@/model/product';
import type { Below, RuleCard } from './card';

import { RULE_CARDS, ruleFor } from './rules';

const paint = (name: string): Product => PAINT_KINDS.find((k) => k.name === name)!.product;
const below = (text: string): Below => {
  const surface = surfaceOf(text);
  return surface ? { surface } : { product: paint(text) };
};
const cardOf = (under: string, above: string): RuleCard | null => ruleFor(below(under), paint(above));

type Verdict = SeamRecord['verdict'];
// One fact a line: what lies below, what goes on it, what a painter says to it.
// prettier-ignore
const FACTS: readonly (readonly [under: string, above: string, verdict: Verdict])[] = [
  // Bare metal: etch or epoxy first.
  ['steel/bare', 'etch primer', 'ok'],
  ['steel/bare', '2K epoxy primer', 'ok'],
  ['aluminium/bare', 'etch primer', 'ok'],
  ['steel/bare', 'solid base', 'no'],
  ['steel/bare', '1K filler primer', 'no'],
  ['steel/bare', '2K surfacer', 'no'],
  ['steel/bare', 'waterborne base', 'no'],
  ['steel/bare', 'polyester spray filler', 'ok'],
  ['steel/bare', 'adhesion promoter', 'no'],
  ['steel/bare', 'shellac wood sealer', 'no'],
  ['steel/bare', 'heat paint', 'ok'],
  ['cast-iron/bare', '2K epoxy primer', 'care'],
  ['cast-aluminium/bare', 'etch primer', 'care'],
  ['stainless/bare', '2K epoxy primer', 'care'],
  ['chrome/bare', '2K epoxy primer', 'unknown'],
  ['chrome/bare', 'solid base', 'no'],
  ['galvanised/bare', '2K epoxy primer', 'ok'],
  ['galvanised/bare', 'etch primer', 'care'],
  ['galvanised/bare', 'alkyd enamel', 'no'],
  ['galvanised/bare', 'polyester spray filler', 'no'],
  ['galvanised/bare', 'heat paint', 'no'],
  // Plastic is plastic in any condition.
  ['pp/bare', 'adhesion promoter', 'ok'],
  ['pp/bare', '1K filler primer', 'no'],
  ['pp/bare', '2K single-stage', 'no'],
  ['pp/filled', '2K epoxy primer', 'no'],
  ['pp/filled', 'polyester spray filler', 'no'],
  ['pp/chipped', '1K filler primer', 'care'],
  ['pp/sound-paint', 'etch primer', 'no'],
  ['pp/sound-paint', 'heat paint', 'no'],
  ['abs/bare', '1K filler primer', 'care'],
  ['abs/bare', 'polyester spray filler', 'no'],
  ['pe/bare', 'adhesion promoter', 'no'],
  ['pe/sound-paint', 'solid base', 'no'],
  ['rubber/bare', 'adhesion promoter', 'no'],
  ['textured/bare', 'solid base', 'no'],
  // Gelcoat and timber.
  ['fibreglass/bare', '2K surfacer', 'ok'],
  ['fibreglass/bare', 'solid base', 'no'],
  ['wood/bare', 'shellac wood sealer', 'ok'],
  ['wood/bare', '2K surfacer', 'ok'],
  ['wood/bare', 'alkyd enamel', 'no'],
  ['mdf/bare', 'waterborne primer', 'no'],
  // Filler and rust.
  ['steel/filled', 'etch primer', 'no'],
  ['steel/filled', '2K surfacer', 'ok'],
  ['steel/filled', '1K filler primer', 'care'],
  ['steel/filled', 'solid base', 'no'],
  ['steel/filled', 'heat paint', 'no'],
  ['steel/rust', '2K epoxy primer', 'care'],
  ['steel/rust', 'etch primer', 'no'],
  ['steel/rust', '1K filler primer', 'no'],
  ['wood/rust', 'solid base', 'no'],
  // Electro-coat gets the rub test; what thinner takes off is shipping paint.
  ['steel/e-coat', '2K sealer', 'care'],
  ['steel/e-coat/baked', '2K sealer', 'ok'],
  ['steel/e-coat/lacquer', '2K epoxy primer', 'no'],
  ['steel/e-coat', 'solid base', 'care'],
  ['steel/e-coat', 'polyester spray filler', 'no'],
  // Old paint: only epoxy isolates, and over what softens not even that is sure.
  ['steel/unknown-paint', '2K epoxy primer', 'care'],
  ['steel/unknown-paint', '2K surfacer', 'no'],
  ['steel/unknown-paint', '2K sealer', 'no'],
  ['steel/unknown-paint', 'waterborne primer', 'care'],
  ['steel/sound-paint/soft', '2K epoxy primer', 'unknown'],
  ['steel/sound-paint/soft', '2K surfacer', 'no'],
  ['steel/sound-paint/soft', '1K filler primer', 'no'],
  ['steel/sound-paint/baked', '2K sealer', 'ok'],
  ['steel/sound-paint/baked', 'solid base', 'ok'],
  ['steel/unknown-paint/baked', '2K surfacer', 'ok'],
  ['steel/sound-paint', 'polyester spray filler', 'no'],
  ['steel/sound-paint/baked', 'polyester spray filler', 'no'],
  ['wood/sound-paint/nitro', '2K clear', 'care'],
  ['wood/sound-paint/nitro', 'polyester spray filler', 'no'],
  ['wood/sound-paint/shellac', 'shellac wood sealer', 'ok'],
  ['wood/sound-paint/shellac', '1K clear', 'unknown'],
  ['wood/sound-paint/varnish', '1K filler primer', 'no'],
  ['wood/sound-paint/waterborne', 'solid base', 'unknown'],
  ['steel/sound-paint/enamel', '1K filler primer', 'care'],
  ['steel/sound-paint/enamel', '2K single-stage', 'care'],
  ['steel/sound-paint/enamel', 'alkyd enamel', 'ok'],
  ['steel/chipped/lacquer', 'solid base', 'no'],
  ['steel/failing-clear', '2K clear', 'no'],
  ['steel/failing-clear', '2K surfacer', 'care'],
  // Candy, pearl and flake on their ground only.
  ['solid base', 'candy', 'no'],
  ['metallic base', 'candy', 'ok'],
  ['1K filler primer', 'candy', 'no'],
  ['2K sealer', 'flake', 'no'],
  ['2K surfacer', 'flake', 'no'],
  ['steel/sound-paint', 'candy', 'no'],
  ['2K surfacer', 'pearl mid-coat', 'no'],
  ['solid base', 'pearl mid-coat', 'ok'],
  ['2K clear', 'candy', 'unknown'],
  // Between layers.
  ['alkyd enamel', 'solid base', 'no'],
  ['alkyd enamel', '2K clear', 'no'],
  ['etch primer', '2K epoxy primer', 'no'],
  ['etch primer', 'polyester spray filler', 'no'],
  ['etch primer', '2K surfacer', 'ok'],
  ['etch primer', 'solid base', 'care'],
  ['1K filler primer', 'polyester spray filler', 'no'],
  ['2K epoxy primer', 'polyester spray filler', 'ok'],
  ['2K clear', 'polyester spray filler', 'no'],
  ['1K filler primer', '2K single-stage', 'care'],
  ['1K filler primer', '2K sealer', 'care'],
  ['1K clear', '2K clear', 'care'],
  ['nitro colour', '2K clear', 'care'],
  ['solid base', '2K clear', 'ok'],
  ['2K clear', '1K clear', 'care'],
  ['polyester spray filler', 'solid base', 'no'],
  ['2K surfacer', '2K clear', 'no'],
  ['heat paint', 'solid base', 'no'],
  ['heat paint', 'heat paint', 'care'],
  ['2K epoxy primer', 'heat paint', 'no'],
  ['solid base', 'etch primer', 'no'],
  ['nitro filler primer', 'waterborne base', 'unknown'],
];

describe('what a painter says to it', () => {
  it.each(FACTS)('%s under %s: %s', (under, above, verdict) => {
    expect(cardOf(under, above)?.verdict).toBe(verdict);
  });
  it('one-part paint goes on epoxy that has hardened and is scuffed; two-part inside its window', () => {
    expect(cardOf('2K epoxy primer', '1K filler primer')).toMatchObject({ verdict: 'ok', join: 'scuffed' });
    expect(cardOf('2K epoxy primer', 'solid base')).toMatchObject({ verdict: 'ok', join: 'scuffed' });
    expect(cardOf('2K epoxy primer', 'alkyd enamel')).toMatchObject({ verdict: 'ok', join: 'scuffed' });
    expect(cardOf('2K epoxy primer', '2K surfacer')).toMatchObject({ verdict: 'ok', join: 'wet-on-wet' });
    expect(cardOf('2K epoxy primer', '2K single-stage')).toMatchObject({ join: 'wet-on-wet' });
  });
  it('one-part paint over cured two-part is scuffed at P600', () => {
    expect(cardOf('2K single-stage', 'solid base')).toMatchObject({ join: 'scuffed', grit: 600 });
    expect(cardOf('2K clear', '1K clear')).toMatchObject({ join: 'scuffed', grit: 600 });
  });
});

describe('the whole table', () => {
  it('has a card for every cell, and a cell for every card', () => {
    const cells = everyCell();
    expect(cells.length).toBeGreaterThan(20_000);
    expect(cells.filter((c) => c.card === null).map((c) => c.above.name)).toEqual([]);
    const met = new Set(cells.map((c) => c.card));
    expect(RULE_CARDS.filter((c) => !met.has(c)).map((c) => c.code)).toEqual([]);
  });
  it('no refusal speaks of everything: each names the kinds it is about', () => {
    const catchAll = RULE_CARDS.filter((c) => !c.goes.kind && !c.goes.chemistry);
    expect(catchAll.map((c) => c.code)).toEqual([]);
  });
  it('every refusal and every unknown pair has a way out', () => {
    const stuck = RULE_CARDS.filter((c) => c.verdict !== 'ok' && !c.wayOut);
    expect(stuck.map((c) => c.code)).toEqual([]);
  });
});
