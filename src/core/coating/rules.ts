/**
 * What goes on what, as cards of data: the first card that fits a seam gives its verdict. Cards run
 * from the particular to the general, so that a "no" is met before the rule it is an exception to.
 * Common practice without source unless the card says otherwise.
 */
import type { Part } from '@/model/job';
import type { Mark } from '@/model/marks';
import type { Product } from '@/model/product';

export type Below =
  { readonly surface: Pick<Part, 'substrate' | 'condition'> } | { readonly product: Product };
type Chem = Product['chemistry'];
type Kind = Product['kind'];

interface SurfacePattern {
  readonly substrate?: readonly Part['substrate'][];
  readonly condition?: readonly Part['condition'][];
}
type Effect = NonNullable<Product['effect']>;
interface ProductPattern {
  readonly kind?: readonly Kind[];
  readonly chemistry?: readonly Chem[];
  readonly effect?: readonly Effect[];
}

/** 'colour' stands for the last grit before the colour, by grade and colour; null for none. */
export type GritRule = number | 'colour' | null;

export interface RuleCard {
  readonly code: string;
  readonly on: { readonly surface: SurfacePattern } | { readonly product: ProductPattern };
  readonly goes: ProductPattern;
  readonly verdict: 'ok' | 'care' | 'no';
  readonly join: 'sanded' | 'wet-on-wet' | 'scuffed' | 'none';
  readonly wayOut?: string;
  readonly grit?: GritRule;
  readonly wet?: boolean;
  readonly mark?: Mark;
}

const surface = (
  substrate: readonly Part['substrate'][],
  condition?: readonly Part['condition'][],
): RuleCard['on'] => ({ surface: { substrate, ...(condition ? { condition } : {}) } });
const coated = (condition: Part['condition']): RuleCard['on'] => ({ surface: { condition: [condition] } });
const on = (kind: readonly Kind[], chemistry?: readonly Chem[]): RuleCard['on'] => ({
  product: { kind, ...(chemistry ? { chemistry } : {}) },
});
const goes = (...kind: Kind[]): ProductPattern => ({ kind });
const ANY: ProductPattern = {};
const TWO_PART: readonly Chem[] = ['2k-urethane', '2k-epoxy'];
const METALS = ['steel', 'aluminium'] as const;

// A table stays a table: one card a line.
// prettier-ignore
export const RULE_CARDS: readonly RuleCard[] = [
  // Surfaces that refuse.
  { code: 'pe-does-not-hold', on: surface(['pe']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'pe-maker-only' },
  { code: 'promoter-is-for-plastic', on: surface(METALS), goes: goes('adhesion-promoter'), verdict: 'no', join: 'none', wayOut: 'remove-layer' },
  { code: 'polyester-on-metal', on: surface(METALS, ['bare']), goes: { chemistry: ['polyester'] }, verdict: 'ok', join: 'sanded', grit: 80 },
  { code: 'etch-is-for-metal', on: surface(['pp', 'abs', 'wood', 'fibreglass'], ['bare']), goes: goes('etch-primer'), verdict: 'no', join: 'none', wayOut: 'remove-layer' },
  { code: 'pp-takes-promoter', on: surface(['pp'], ['bare']), goes: goes('adhesion-promoter'), verdict: 'ok', join: 'scuffed', grit: 600 },
  { code: 'pp-needs-promoter', on: surface(['pp'], ['bare']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-promoter' },
  { code: 'abs-promoter', on: surface(['abs'], ['bare']), goes: goes('adhesion-promoter'), verdict: 'ok', join: 'scuffed', grit: 600 },
  { code: 'abs-strong-solvent', on: surface(['abs'], ['bare']), goes: goes('filler-primer', 'basecoat', 'epoxy-primer', 'surfacer', 'sealer'), verdict: 'care', join: 'scuffed', grit: 600, wayOut: 'light-first-coat' },
  { code: 'plastic-needs-primer', on: surface(['abs'], ['bare']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-promoter' },
  { code: 'heat-paint-on-metal', on: surface(METALS, ['bare']), goes: goes('heat-paint'), verdict: 'ok', join: 'sanded', grit: 180 },
  { code: 'heat-paint-needs-metal', on: { surface: {} }, goes: goes('heat-paint'), verdict: 'no', join: 'none', wayOut: 'strip-to-metal' },
  { code: 'aluminium-same-day', on: surface(['aluminium'], ['bare']), goes: goes('etch-primer', 'epoxy-primer'), verdict: 'ok', join: 'sanded', grit: 320 },
  { code: 'steel-within-hours', on: surface(['steel'], ['bare']), goes: goes('etch-primer', 'epoxy-primer'), verdict: 'ok', join: 'sanded', grit: 180 },
  { code: 'bare-metal-needs-etch', on: surface(METALS, ['bare']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-etch' },
  // Zinc, fibreglass, wood, filler, rust.
  { code: 'zinc-saponifies', on: surface(['galvanised'], ['bare']), goes: { chemistry: ['1k-alkyd'] }, verdict: 'no', join: 'none', wayOut: 'add-epoxy' },
  { code: 'zinc-epoxy', on: surface(['galvanised'], ['bare']), goes: goes('epoxy-primer'), verdict: 'ok', join: 'scuffed', grit: 320 },
  { code: 'zinc-etch-by-sheet', on: surface(['galvanised'], ['bare']), goes: goes('etch-primer'), verdict: 'care', join: 'scuffed', grit: 320, wayOut: 'ask-sheet-zinc' },
  { code: 'zinc-needs-epoxy', on: surface(['galvanised'], ['bare']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-epoxy' },
  { code: 'gelcoat-surfacer', on: surface(['fibreglass'], ['bare']), goes: goes('surfacer', 'epoxy-primer', 'spray-filler'), verdict: 'ok', join: 'sanded', grit: 180 },
  { code: 'gelcoat-lacquer-primer', on: surface(['fibreglass'], ['bare']), goes: goes('filler-primer'), verdict: 'care', join: 'sanded', grit: 220, wayOut: 'release-wax-and-pinholes' },
  { code: 'gelcoat-needs-primer', on: surface(['fibreglass'], ['bare']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-epoxy' },
  { code: 'wood-sealed', on: surface(['wood'], ['bare']), goes: goes('wood-sealer'), verdict: 'ok', join: 'sanded', grit: 240 },
  { code: 'wood-two-pack', on: surface(['wood'], ['bare']), goes: goes('surfacer', 'epoxy-primer'), verdict: 'ok', join: 'sanded', grit: 180 },
  { code: 'wood-drinks', on: surface(['wood'], ['bare']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-wood-sealer' },
  { code: 'etch-over-filler', on: { surface: { condition: ['filled'] } }, goes: goes('etch-primer'), verdict: 'no', join: 'none', wayOut: 'epoxy-instead' },
  { code: 'filler-sealed', on: { surface: { condition: ['filled'] } }, goes: goes('epoxy-primer', 'surfacer', 'spray-filler'), verdict: 'ok', join: 'sanded', grit: 180 },
  { code: 'filler-under-lacquer', on: { surface: { condition: ['filled'] } }, goes: goes('filler-primer'), verdict: 'care', join: 'sanded', grit: 320, wayOut: 'seal-with-two-pack' },
  { code: 'filler-needs-seal', on: { surface: { condition: ['filled'] } }, goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-epoxy' },
  { code: 'rust-bright-then-epoxy', on: { surface: { condition: ['rust'] } }, goes: goes('epoxy-primer'), verdict: 'care', join: 'sanded', grit: 120, wayOut: 'rinse-and-same-day' },
  { code: 'rust-needs-epoxy', on: { surface: { condition: ['rust'] } }, goes: ANY, verdict: 'no', join: 'none', wayOut: 'bright-then-epoxy' },
  // Painted surfaces.
  { code: 'unknown-isolated', on: coated('unknown-paint'), goes: goes('epoxy-primer'), verdict: 'care', join: 'sanded', grit: 320, wayOut: 'rub-test' },
  { code: 'polyester-over-paint', on: { surface: { condition: ['unknown-paint', 'sound-paint', 'e-coat', 'failing-clear', 'chipped'] } }, goes: { chemistry: ['polyester'] }, verdict: 'no', join: 'none', wayOut: 'strip-or-epoxy' },
  { code: 'unknown-needs-isolation', on: coated('unknown-paint'), goes: ANY, verdict: 'no', join: 'none', wayOut: 'isolate-with-epoxy' },
  { code: 'ecoat-primer', on: coated('e-coat'), goes: goes('filler-primer', 'epoxy-primer', 'surfacer', 'sealer'), verdict: 'ok', join: 'scuffed', grit: 400, wet: true },
  { code: 'ecoat-colour-by-sheet', on: coated('e-coat'), goes: goes('basecoat', 'enamel', 'single-stage'), verdict: 'care', join: 'scuffed', grit: 'colour', wet: true, wayOut: 'ask-part-sheet' },
  { code: 'etch-over-paint-by-sheet', on: { surface: { condition: ['e-coat', 'sound-paint', 'failing-clear', 'chipped'] } }, goes: goes('etch-primer'), verdict: 'care', join: 'scuffed', grit: 320, wayOut: 'etch-bare-spots-only' },
  { code: 'clear-needs-colour', on: { surface: { condition: ['e-coat', 'failing-clear'] } }, goes: goes('clear'), verdict: 'no', join: 'none', wayOut: 'add-colour' },
  { code: 'failing-clear-off-first', on: coated('failing-clear'), goes: goes('filler-primer', 'epoxy-primer', 'surfacer'), verdict: 'care', join: 'sanded', grit: 320, wayOut: 'rub-test' },
  { code: 'failing-clear-needs-primer', on: coated('failing-clear'), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-filler' },
  { code: 'chips-isolated', on: coated('chipped'), goes: goes('epoxy-primer', 'surfacer'), verdict: 'ok', join: 'sanded', grit: 320 },
  { code: 'chips-feathered', on: coated('chipped'), goes: goes('filler-primer'), verdict: 'care', join: 'sanded', grit: 320, wayOut: 'spot-etch-bare' },
  { code: 'chips-need-primer', on: coated('chipped'), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-filler' },
  { code: 'old-paint-isolated', on: coated('sound-paint'), goes: goes('epoxy-primer', 'sealer', 'surfacer'), verdict: 'ok', join: 'sanded', grit: 320 },
  { code: 'old-paint-unknown', on: coated('sound-paint'), goes: goes('filler-primer'), verdict: 'care', join: 'sanded', grit: 400, wet: true, wayOut: 'rub-test' },
  { code: 'old-paint-unknown', on: coated('sound-paint'), goes: goes('basecoat', 'enamel', 'clear', 'single-stage'), verdict: 'care', join: 'sanded', grit: 'colour', wet: true, wayOut: 'rub-test' },
  { code: 'promoter-over-paint', on: coated('sound-paint'), goes: goes('adhesion-promoter'), verdict: 'care', join: 'scuffed', grit: 600, wayOut: 'remove-layer' },
  // Between products: the refusals.
  { code: 'polyester-over-etch', on: on(['etch-primer']), goes: { chemistry: ['polyester'] }, verdict: 'no', join: 'none', wayOut: 'epoxy-instead' },
  { code: 'polyester-over-one-pack', on: { product: { chemistry: ['1k-acrylic', '1k-alkyd', 'shellac', 'cpo'] } }, goes: { chemistry: ['polyester'] }, verdict: 'no', join: 'none', wayOut: 'strip-or-epoxy' },
  { code: 'candy-needs-metallic', on: { product: { effect: ['none', 'solid'] } }, goes: { kind: ['mid-coat'], effect: ['candy'] }, verdict: 'no', join: 'none', wayOut: 'add-metallic-ground' },
  { code: 'polyester-needs-seal', on: on(['spray-filler']), goes: goes('basecoat', 'mid-coat', 'enamel', 'single-stage', 'clear', 'etch-primer', 'adhesion-promoter', 'wood-sealer'), verdict: 'no', join: 'none', wayOut: 'add-surfacer' },
  { code: 'two-pack-over-alkyd', on: { product: { chemistry: ['1k-alkyd'] } }, goes: { chemistry: TWO_PART }, verdict: 'no', join: 'none', wayOut: 'weeks-and-test-patch' },
  { code: 'lacquer-over-enamel', on: { product: { chemistry: ['1k-alkyd'] } }, goes: { chemistry: ['1k-acrylic', 'etch', 'cpo', 'silicone'] }, verdict: 'no', join: 'none', wayOut: 'weeks-and-test-patch' },
  { code: 'enamel-over-itself', on: { product: { chemistry: ['1k-alkyd'] } }, goes: { chemistry: ['1k-alkyd'] }, verdict: 'care', join: 'sanded', grit: 600, wet: true, wayOut: 'weeks-and-test-patch' },
  { code: 'heat-needs-metal-under', on: { product: {} }, goes: goes('heat-paint'), verdict: 'no', join: 'none', wayOut: 'strip-to-metal' },
  { code: 'nothing-over-heat-paint', on: on(['heat-paint']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'remove-layer' },
  { code: 'epoxy-over-etch', on: on(['etch-primer']), goes: goes('epoxy-primer'), verdict: 'no', join: 'none', wayOut: 'one-of-both' },
  { code: 'primer-order', on: { product: {} }, goes: goes('etch-primer', 'adhesion-promoter', 'wood-sealer'), verdict: 'no', join: 'none', wayOut: 'move-to-bottom' },
  { code: 'clear-needs-colour', on: on(['etch-primer', 'adhesion-promoter', 'filler-primer', 'epoxy-primer', 'surfacer', 'sealer', 'wood-sealer']), goes: goes('clear'), verdict: 'no', join: 'none', wayOut: 'add-colour' },
  // Between products: what holds.
  { code: 'polyester-on-epoxy', on: on(['epoxy-primer']), goes: { chemistry: ['polyester'] }, verdict: 'ok', join: 'scuffed', grit: 180 },
  { code: 'two-pack-on-polyester', on: on(['spray-filler']), goes: goes('surfacer', 'epoxy-primer', 'sealer'), verdict: 'ok', join: 'sanded', grit: 180 },
  { code: 'polyester-again', on: on(['spray-filler']), goes: goes('spray-filler'), verdict: 'ok', join: 'sanded', grit: 120 },
  { code: 'lacquer-on-polyester', on: on(['spray-filler']), goes: goes('filler-primer'), verdict: 'care', join: 'sanded', grit: 320, wayOut: 'seal-with-two-pack' },
  { code: 'leveller-on-shellac', on: on(['wood-sealer']), goes: goes('filler-primer', 'surfacer', 'epoxy-primer', 'sealer'), verdict: 'ok', join: 'sanded', grit: 320 },
  { code: 'colour-on-shellac', on: on(['wood-sealer']), goes: goes('basecoat', 'enamel', 'single-stage'), verdict: 'care', join: 'sanded', grit: 320, wayOut: 'add-filler' },
  { code: 'surfacer-on-etch', on: on(['etch-primer']), goes: goes('surfacer', 'sealer'), verdict: 'ok', join: 'wet-on-wet' },
  { code: 'surfacer-blocked', on: on(['surfacer']), goes: goes('basecoat', 'enamel', 'single-stage'), verdict: 'ok', join: 'sanded', grit: 'colour', wet: true },
  { code: 'surfacer-again', on: on(['surfacer']), goes: goes('surfacer', 'filler-primer', 'epoxy-primer'), verdict: 'ok', join: 'sanded', grit: 240 },
  { code: 'sealer-on-leveller', on: on(['surfacer', 'filler-primer']), goes: goes('sealer'), verdict: 'ok', join: 'sanded', grit: 400 },
  { code: 'colour-on-sealer', on: on(['sealer']), goes: goes('basecoat', 'enamel', 'single-stage'), verdict: 'ok', join: 'wet-on-wet' },
  { code: 'candy-on-metallic', on: { product: { kind: ['basecoat', 'mid-coat'], effect: ['metallic', 'pearl', 'flake', 'candy'] } }, goes: { kind: ['mid-coat'], effect: ['candy'] }, verdict: 'ok', join: 'wet-on-wet' },
  { code: 'flake-on-base', on: on(['basecoat', 'mid-coat']), goes: { kind: ['mid-coat'], effect: ['flake'] }, verdict: 'ok', join: 'wet-on-wet' },
  { code: 'clear-on-mid', on: on(['mid-coat']), goes: goes('clear'), verdict: 'ok', join: 'wet-on-wet' },
  { code: 'base-over-mid', on: on(['mid-coat']), goes: goes('basecoat'), verdict: 'care', join: 'wet-on-wet', wayOut: 'mask-when-cured' },
  { code: 'clear-on-single-stage', on: on(['single-stage']), goes: goes('clear'), verdict: 'ok', join: 'scuffed', grit: 1000, wet: true },
  { code: 'promoter-window', on: on(['adhesion-promoter']), goes: goes('filler-primer', 'basecoat'), verdict: 'ok', join: 'wet-on-wet' },
  { code: 'promoter-as-sheet', on: on(['adhesion-promoter']), goes: ANY, verdict: 'care', join: 'wet-on-wet', wayOut: 'ask-sheet' },
  { code: 'filler-on-etch', on: on(['etch-primer']), goes: goes('filler-primer'), verdict: 'ok', join: 'wet-on-wet' },
  { code: 'colour-on-etch', on: on(['etch-primer']), goes: goes('basecoat', 'enamel'), verdict: 'care', join: 'wet-on-wet', wayOut: 'add-filler' },
  { code: 'epoxy-window', on: on(['epoxy-primer']), goes: goes('filler-primer', 'basecoat', 'enamel', 'epoxy-primer', 'surfacer', 'sealer', 'single-stage'), verdict: 'ok', join: 'wet-on-wet' },
  { code: 'two-pack-over-lacquer-primer', on: on(['filler-primer']), goes: { chemistry: TWO_PART }, verdict: 'care', join: 'sanded', grit: 400, wayOut: 'days-and-thin-coats' },
  { code: 'filler-again', on: on(['filler-primer']), goes: goes('filler-primer'), verdict: 'ok', join: 'sanded', grit: 320 },
  { code: 'colour-on-filler', on: on(['filler-primer']), goes: goes('basecoat', 'enamel'), verdict: 'ok', join: 'sanded', grit: 'colour', wet: true },
  { code: 'two-pack-clear-on-base', on: on(['basecoat']), goes: { kind: ['clear'], chemistry: ['2k-urethane'] }, verdict: 'ok', join: 'wet-on-wet' },
  { code: 'clear-on-base', on: on(['basecoat']), goes: goes('clear'), verdict: 'ok', join: 'wet-on-wet' },
  { code: 'base-on-base', on: on(['basecoat']), goes: goes('basecoat'), verdict: 'ok', join: 'wet-on-wet' },
  { code: 'enamel-over-lacquer', on: on(['basecoat']), goes: goes('enamel'), verdict: 'care', join: 'sanded', grit: 600, wet: true, wayOut: 'test-card' },
  { code: 'primer-over-colour', on: on(['basecoat', 'clear']), goes: goes('filler-primer', 'epoxy-primer'), verdict: 'care', join: 'sanded', grit: 400, wayOut: 'remove-layer' },
  { code: 'two-pack-over-thick-lacquer', on: on(['clear'], ['1k-acrylic']), goes: { chemistry: TWO_PART }, verdict: 'care', join: 'scuffed', grit: 1000, wet: true, wayOut: 'days-and-thin-coats' },
  { code: 'one-pack-over-cured-two-pack', on: on(['clear'], ['2k-urethane']), goes: { chemistry: ['1k-acrylic', '1k-alkyd'] }, verdict: 'care', join: 'scuffed', grit: 600, wet: true, wayOut: 'scuff-600' },
  { code: 'clear-on-clear', on: on(['clear']), goes: goes('clear'), verdict: 'ok', join: 'scuffed', grit: 1000, wet: true },
  { code: 'colour-over-clear', on: on(['clear']), goes: goes('basecoat', 'enamel'), verdict: 'care', join: 'sanded', grit: 800, wet: true, wayOut: 'test-card' },
];

const within = <T>(list: readonly T[] | undefined, value: T): boolean =>
  list === undefined || list.includes(value);

/** The card that decides a seam; null when no card knows it, which is care by default. */
export function ruleFor(below: Below, above: Product): RuleCard | null {
  return (
    RULE_CARDS.find(
      (ruleCard) =>
        within(ruleCard.goes.kind, above.kind) &&
        within(ruleCard.goes.chemistry, above.chemistry) &&
        within(ruleCard.goes.effect, above.effect ?? 'none') &&
        ('surface' in below
          ? 'surface' in ruleCard.on &&
            within(ruleCard.on.surface.substrate, below.surface.substrate) &&
            within(ruleCard.on.surface.condition, below.surface.condition)
          : 'product' in ruleCard.on &&
            within(ruleCard.on.product.kind, below.product.kind) &&
            within(ruleCard.on.product.chemistry, below.product.chemistry) &&
            within(ruleCard.on.product.effect, below.product.effect ?? 'none')),
    ) ?? null
  );
}
