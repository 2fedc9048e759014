/**
 * The built-in products: invented makers, figures from memory of what such sheets say (every one
 * editable), limits of air and wind from common practice. A sheet the user brings replaces any of them.
 */
import type { Product } from '@/model/product';

const memory = {
  rest: 'M',
  byField: { rhMaxFrac: 'CP', dewGapMinK: 'P', windMaxMs: 'CP', potLifeMin: 'CP' },
} as const satisfies Product['provenance'];
type Shared =
  | 'carrier'
  | 'refTempC'
  | 'rhMaxFrac'
  | 'dewGapMinK'
  | 'windMaxMs'
  | 'tempMinC'
  | 'tempMaxC'
  | 'provenance'
  | 'isocyanate';
/** A product without what its kind shares; it may say otherwise. */
type Card = Omit<Product, Shared> & Partial<Product>;

/** An aerosol and the limits they share: panel 3 K over dew point (ISO 12944-7), 85 % humidity, 2 m/s at the part. */
const can = (card: Card): Product => ({
  carrier: 'aerosol',
  refTempC: 20,
  rhMaxFrac: 0.85,
  dewGapMinK: 3,
  windMaxMs: 2,
  tempMinC: 10,
  tempMaxC: 30,
  isocyanate: false,
  provenance: memory,
  ...card,
});
/** A gun product: by the tin, mixed before use where it has a hardener. */
const tin = (card: Card): Product => ({
  carrier: 'gun',
  refTempC: 20,
  rhMaxFrac: 0.8,
  dewGapMinK: 3,
  windMaxMs: 3,
  tempMinC: 12,
  tempMaxC: 30,
  isocyanate: card.chemistry === '2k-urethane',
  provenance: memory,
  ...card,
});
const tins = (...packs: [number, number][]): Product['packs'] =>
  packs.map(([sizeMl, price]) => ({ sizeMl, unit: 'tin', price }));
const pack = (price: number, sizeMl = 400): Product['packs'] => [{ sizeMl, unit: 'can', price }];

const FINISH = [
  ['gloss', 'Gloss'],
  ['satin', 'Satin'],
  ['matte', 'Matte'],
] as const;

// A table stays a table: one product a line.
// prettier-ignore
export const CATALOGUE: readonly Product[] = [
  can({ id: 'tamsel-promoter', name: 'Tamsel plastic promoter', maker: 'Tamsel', kind: 'adhesion-promoter', role: 'promoter', chemistry: 'cpo', filmUmPerCoat: 4, coats: 1, solidsFrac: 0.045, flashMin: 8, nextMinMin: 10, nextWetMaxMin: 30, nextBondMaxMin: 60, dustFreeMin: 5, touchDryMin: 10, handleMin: 30, packs: pack(10.8) }),
  can({ id: 'tamsel-etch', name: 'Tamsel etch primer', maker: 'Tamsel', kind: 'etch-primer', role: 'etch', chemistry: 'etch', filmUmPerCoat: 8, coats: 1, solidsFrac: 0.1, flashMin: 12, nextMinMin: 20, nextWetMaxMin: 240, nextBondMaxMin: 1440, dustFreeMin: 8, touchDryMin: 20, handleMin: 60, packs: pack(11.9) }),
  can({ id: 'tamsel-epoxy', name: 'Tamsel 2K epoxy primer', maker: 'Tamsel', kind: 'epoxy-primer', role: 'epoxy', chemistry: '2k-epoxy', filmUmPerCoat: 30, coats: 2, solidsFrac: 0.22, flashMin: 20, nextMinMin: 60, nextWetMaxMin: 1440, nextBondMaxMin: 4320, dustFreeMin: 40, touchDryMin: 150, handleMin: 360, sandMin: 720, potLifeMin: 2880, tempMinC: 12, packs: pack(19.5) }),
  can({ id: 'tamsel-filler', name: 'Tamsel filler primer', maker: 'Tamsel', kind: 'filler-primer', role: 'filler', chemistry: '1k-acrylic', filmUmPerCoat: 25, coats: 3, solidsFrac: 0.14, flashMin: 12, nextMinMin: 30, nextWetMaxMin: 60, dustFreeMin: 15, touchDryMin: 30, handleMin: 60, sandMin: 480, packs: pack(9.4) }),
  can({ id: 'orrin-base', name: 'Orrin base', maker: 'Orrin', kind: 'basecoat', role: 'base', chemistry: '1k-acrylic', effect: 'solid', filmUmPerCoat: 8, coats: 3, solidsFrac: 0.075, flashMin: 10, nextMinMin: 20, nextWetMaxMin: 60, nextBondMaxMin: 1440, dustFreeMin: 10, touchDryMin: 20, handleMin: 90, sandMin: 720, packs: pack(11.2) }),
  can({ id: 'orrin-metallic', name: 'Orrin metallic base', maker: 'Orrin', kind: 'basecoat', role: 'base', chemistry: '1k-acrylic', effect: 'metallic', filmUmPerCoat: 7, coats: 4, solidsFrac: 0.07, flashMin: 10, nextMinMin: 20, nextWetMaxMin: 60, nextBondMaxMin: 1440, dustFreeMin: 10, touchDryMin: 20, handleMin: 90, sandMin: 720, packs: pack(12.6) }),
  can({ id: 'skerry-enamel', name: 'Skerry enamel', maker: 'Skerry', kind: 'enamel', role: 'colour', chemistry: '1k-alkyd', effect: 'solid', gloss: 'gloss', filmUmPerCoat: 15, coats: 2, solidsFrac: 0.15, flashMin: 12, itselfMaxMin: 60, itselfForbiddenMin: [60, 2880], nextMinMin: 2880, dustFreeMin: 45, touchDryMin: 120, handleMin: 360, sandMin: 2880, packs: pack(8.6) }),
  can({ id: 'skerry-heat', name: 'Skerry heat paint', maker: 'Skerry', kind: 'heat-paint', role: 'colour', chemistry: 'silicone', effect: 'solid', gloss: 'matte', heatRatedC: 600, bake: [{ tempC: 120, min: 30 }, { tempC: 180, min: 30 }, { tempC: 230, min: 30 }], filmUmPerCoat: 12, coats: 2, solidsFrac: 0.12, flashMin: 15, nextMinMin: 60, dustFreeMin: 20, touchDryMin: 60, handleMin: 180, packs: pack(13.9) }),
  ...FINISH.map(([gloss, word]) => can({ id: `halden-2k-${gloss}`, name: `Halden 2K clear${gloss === 'gloss' ? '' : `, ${word.toLowerCase()}`}`, maker: 'Halden', kind: 'clear', role: 'clear', chemistry: '2k-urethane', gloss, isocyanate: true, filmUmPerCoat: 22, coats: 2, solidsFrac: 0.21, flashMin: 12, itselfMaxMin: 1440, nextMinMin: 12, nextBondMaxMin: 1440, dustFreeMin: 30, touchDryMin: 120, handleMin: 420, sandMin: 1440, potLifeMin: 2880, tempMinC: 12, tempMaxC: 28, rhMaxFrac: 0.8, packs: pack(21.5) })),
  ...FINISH.map(([gloss, word]) => can({ id: `halden-1k-${gloss}`, name: `Halden 1K clear${gloss === 'gloss' ? '' : `, ${word.toLowerCase()}`}`, maker: 'Halden', kind: 'clear', role: 'clear', chemistry: '1k-acrylic', gloss, filmUmPerCoat: 10, coats: gloss === 'matte' ? 2 : 4, solidsFrac: 0.085, flashMin: 12, nextMinMin: 20, dustFreeMin: 12, touchDryMin: 30, handleMin: 120, sandMin: 720, packs: pack(9.8) })),
  can({ id: 'orrin-pearl', name: 'Orrin pearl base', maker: 'Orrin', kind: 'basecoat', role: 'base', chemistry: '1k-acrylic', effect: 'pearl', filmUmPerCoat: 7, coats: 4, solidsFrac: 0.07, flashMin: 10, nextMinMin: 20, nextWetMaxMin: 60, nextBondMaxMin: 1440, dustFreeMin: 10, touchDryMin: 20, handleMin: 90, sandMin: 720, packs: pack(14.2) }),
  can({ id: 'orrin-candy', name: 'Orrin candy', maker: 'Orrin', kind: 'mid-coat', role: 'mid', chemistry: '1k-acrylic', effect: 'candy', filmUmPerCoat: 5, coats: 4, solidsFrac: 0.06, flashMin: 10, nextMinMin: 20, nextWetMaxMin: 60, nextBondMaxMin: 1440, dustFreeMin: 10, touchDryMin: 20, handleMin: 90, packs: pack(15.8) }),
  can({ id: 'orrin-flake', name: 'Orrin flake', maker: 'Orrin', kind: 'mid-coat', role: 'mid', chemistry: '1k-acrylic', effect: 'flake', filmUmPerCoat: 10, coats: 3, solidsFrac: 0.07, flashMin: 12, nextMinMin: 30, nextWetMaxMin: 90, nextBondMaxMin: 1440, dustFreeMin: 12, touchDryMin: 25, handleMin: 90, packs: pack(17.4) }),
  can({ id: 'skerry-wood-sealer', name: 'Skerry wood sealer', maker: 'Skerry', kind: 'wood-sealer', role: 'seal', chemistry: 'shellac', filmUmPerCoat: 12, coats: 2, solidsFrac: 0.11, flashMin: 15, nextMinMin: 60, dustFreeMin: 10, touchDryMin: 20, handleMin: 45, sandMin: 60, packs: pack(10.4) }),
  tin({ id: 'tamsel-epoxy-gun', name: 'Tamsel 2K epoxy, gun', maker: 'Tamsel', kind: 'epoxy-primer', role: 'epoxy', chemistry: '2k-epoxy', filmUmPerCoat: 30, coats: 2, solidsFrac: 0.44, flashMin: 25, nextMinMin: 60, nextWetMaxMin: 1440, nextBondMaxMin: 4320, dustFreeMin: 45, touchDryMin: 180, handleMin: 360, sandMin: 720, inductionMin: 15, potLifeMin: 480, tempMinC: 15, mix: { base: 1, hardener: 1, reducer: 0 }, tipMm: [1.4, 1.6], packs: tins([1000, 34], [2000, 58]) }),
  tin({ id: 'tamsel-spray-filler', name: 'Tamsel spray filler', maker: 'Tamsel', kind: 'spray-filler', role: 'spray-filler', chemistry: 'polyester', filmUmPerCoat: 110, coats: 2, solidsFrac: 0.62, flashMin: 12, nextMinMin: 180, dustFreeMin: 25, touchDryMin: 60, handleMin: 120, sandMin: 150, potLifeMin: 25, tempMinC: 15, mix: { base: 100, hardener: 5, reducer: 0 }, tipMm: [2, 2.5], packs: tins([1000, 29]) }),
  tin({ id: 'tamsel-surfacer', name: 'Tamsel 2K surfacer', maker: 'Tamsel', kind: 'surfacer', role: 'surfacer', chemistry: '2k-urethane', filmUmPerCoat: 50, coats: 2, solidsFrac: 0.45, flashMin: 12, nextMinMin: 30, nextWetMaxMin: 120, dustFreeMin: 20, touchDryMin: 60, handleMin: 120, sandMin: 240, potLifeMin: 45, mix: { base: 4, hardener: 1, reducer: 0.5 }, tipMm: [1.6, 1.8], packs: tins([1000, 31], [2500, 62]) }),
  tin({ id: 'orrin-sealer', name: 'Orrin 2K sealer', maker: 'Orrin', kind: 'sealer', role: 'sealer', chemistry: '2k-urethane', filmUmPerCoat: 20, coats: 1, solidsFrac: 0.35, flashMin: 18, nextMinMin: 20, nextWetMaxMin: 120, nextBondMaxMin: 1440, dustFreeMin: 20, touchDryMin: 60, handleMin: 120, potLifeMin: 90, mix: { base: 4, hardener: 1, reducer: 1 }, tipMm: [1.3, 1.4], packs: tins([1000, 33]) }),
  tin({ id: 'orrin-base-gun', name: 'Orrin base, gun', maker: 'Orrin', kind: 'basecoat', role: 'base', chemistry: '1k-acrylic', effect: 'solid', filmUmPerCoat: 7, coats: 3, solidsFrac: 0.15, flashMin: 12, nextMinMin: 25, nextWetMaxMin: 180, nextBondMaxMin: 1440, dustFreeMin: 12, touchDryMin: 25, handleMin: 90, mix: { base: 1, hardener: 0, reducer: 1 }, hidesUm: 18, tipMm: [1.2, 1.4], packs: tins([500, 24], [1000, 41]) }),
  tin({ id: 'orrin-metallic-gun', name: 'Orrin metallic base, gun', maker: 'Orrin', kind: 'basecoat', role: 'base', chemistry: '1k-acrylic', effect: 'metallic', filmUmPerCoat: 6, coats: 4, solidsFrac: 0.14, flashMin: 12, nextMinMin: 25, nextWetMaxMin: 180, nextBondMaxMin: 1440, dustFreeMin: 12, touchDryMin: 25, handleMin: 90, mix: { base: 1, hardener: 0, reducer: 1 }, hidesUm: 18, tipMm: [1.2, 1.4], packs: tins([500, 27], [1000, 46]) }),
  tin({ id: 'skerry-single', name: 'Skerry 2K gloss colour', maker: 'Skerry', kind: 'single-stage', role: 'colour', chemistry: '2k-urethane', effect: 'solid', gloss: 'gloss', filmUmPerCoat: 25, coats: 2, solidsFrac: 0.42, flashMin: 15, itselfMaxMin: 1440, nextMinMin: 15, nextBondMaxMin: 1440, dustFreeMin: 40, touchDryMin: 180, handleMin: 600, sandMin: 1440, potLifeMin: 180, mix: { base: 3, hardener: 1, reducer: 0.3 }, hidesUm: 45, tipMm: [1.3, 1.4], packs: tins([1000, 44]) }),
  ...FINISH.map(([gloss, word]) => tin({ id: `halden-gun-${gloss}`, name: `Halden 2K clear, gun${gloss === 'gloss' ? '' : `, ${word.toLowerCase()}`}`, maker: 'Halden', kind: 'clear', role: 'clear', chemistry: '2k-urethane', gloss, filmUmPerCoat: 25, coats: 2, solidsFrac: 0.44, flashMin: 15, itselfMaxMin: 1440, nextMinMin: 15, nextBondMaxMin: 1440, dustFreeMin: 30, touchDryMin: 150, handleMin: 480, sandMin: 1200, potLifeMin: 120, mix: { base: 2, hardener: 1, reducer: 0 }, tipMm: [1.2, 1.4], packs: tins([750, 32], [1500, 52]) })),
];

/** The products a job can use: the catalogue with the job's own sheets over it, by id. */
export function productsOf(
  catalogue: readonly Product[],
  own: readonly Product[] | undefined,
): ReadonlyMap<string, Product> {
  return new Map([...catalogue, ...(own ?? [])].map((p) => [p.id, p]));
}
