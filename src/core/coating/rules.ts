/**
 * What goes on what, as cards of data: the first card that fits a seam gives its verdict. Cards run
 * from the particular to the general, so that a "no" is met before the rule it is an exception to.
 * Common practice without source unless the card says otherwise.
 */
import type { Part } from '@/model/job';
import type { Mark } from '@/model/marks';
import type { Product } from '@/model/product';

export type Below = { readonly surface: Pick<Part, 'substrate' | 'condition'> } | { readonly product: Product };
type Chem = Product['chemistry'];
type Kind = Product['kind'];

interface SurfacePattern { readonly substrate?: readonly Part['substrate'][]; readonly condition?: readonly Part['condition'][] }
interface ProductPattern { readonly kind?: readonly Kind[]; readonly chemistry?: readonly Chem[] }

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

const surface = (substrate: readonly Part['substrate'][], condition?: readonly Part['condition'][]): RuleCard['on'] =>
  ({ surface: { substrate, ...(condition ? { condition } : {}) } });
const coated = (condition: Part['condition']): RuleCard['on'] => ({ surface: { condition: [condition] } });
const on = (kind: readonly Kind[], chemistry?: readonly Chem[]): RuleCard['on'] => ({ product: { kind, ...(chemistry ? { chemistry } : {}) } });
const goes = (...kind: Kind[]): ProductPattern => ({ kind });
const ANY: ProductPattern = {};
const TWO_PART: readonly Chem[] = ['2k-urethane', '2k-epoxy'];
const METALS = ['steel', 'aluminium'] as const;

export const RULE_CARDS: readonly RuleCard[] = [
  // Surfaces that refuse.
  { code: 'pe-does-not-hold', on: surface(['pe']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'pe-maker-only' },
  { code: 'promoter-is-for-plastic', on: surface(METALS), goes: goes('adhesion-promoter'), verdict: 'no', join: 'none', wayOut: 'remove-layer' },
  { code: 'etch-is-for-metal', on: surface(['pp', 'abs'], ['bare']), goes: goes('etch-primer'), verdict: 'no', join: 'none', wayOut: 'remove-layer' },
  { code: 'pp-takes-promoter', on: surface(['pp'], ['bare']), goes: goes('adhesion-promoter'), verdict: 'ok', join: 'scuffed', grit: 600 },
  { code: 'pp-needs-promoter', on: surface(['pp'], ['bare']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-promoter' },
  { code: 'abs-promoter', on: surface(['abs'], ['bare']), goes: goes('adhesion-promoter'), verdict: 'ok', join: 'scuffed', grit: 600 },
  { code: 'abs-strong-solvent', on: surface(['abs'], ['bare']), goes: goes('filler-primer', 'basecoat', 'epoxy-primer'), verdict: 'care', join: 'scuffed', grit: 600, wayOut: 'light-first-coat' },
  { code: 'plastic-needs-primer', on: surface(['abs'], ['bare']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-promoter' },
  { code: 'heat-paint-on-metal', on: surface(METALS, ['bare']), goes: goes('heat-paint'), verdict: 'ok', join: 'sanded', grit: 180 },
  { code: 'heat-paint-needs-metal', on: { surface: {} }, goes: goes('heat-paint'), verdict: 'no', join: 'none', wayOut: 'strip-to-metal' },
  { code: 'aluminium-same-day', on: surface(['aluminium'], ['bare']), goes: goes('etch-primer', 'epoxy-primer'), verdict: 'ok', join: 'sanded', grit: 320 },
  { code: 'steel-within-hours', on: surface(['steel'], ['bare']), goes: goes('etch-primer', 'epoxy-primer'), verdict: 'ok', join: 'sanded', grit: 180 },
  { code: 'bare-metal-needs-etch', on: surface(METALS, ['bare']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-etch' },
  // Painted surfaces.
  { code: 'ecoat-primer', on: coated('e-coat'), goes: goes('filler-primer', 'epoxy-primer'), verdict: 'ok', join: 'scuffed', grit: 400, wet: true },
  { code: 'ecoat-colour-by-sheet', on: coated('e-coat'), goes: goes('basecoat', 'enamel'), verdict: 'care', join: 'scuffed', grit: 'colour', wet: true, wayOut: 'ask-part-sheet' },
  { code: 'etch-over-paint-by-sheet', on: { surface: { condition: ['e-coat', 'sound-paint', 'failing-clear'] } }, goes: goes('etch-primer'), verdict: 'care', join: 'scuffed', grit: 320, wayOut: 'etch-bare-spots-only' },
  { code: 'clear-needs-colour', on: { surface: { condition: ['e-coat', 'failing-clear'] } }, goes: goes('clear'), verdict: 'no', join: 'none', wayOut: 'add-colour' },
  { code: 'failing-clear-off-first', on: coated('failing-clear'), goes: goes('filler-primer', 'epoxy-primer'), verdict: 'care', join: 'sanded', grit: 320, wayOut: 'rub-test' },
  { code: 'failing-clear-needs-primer', on: coated('failing-clear'), goes: ANY, verdict: 'no', join: 'none', wayOut: 'add-filler' },
  { code: 'old-paint-isolated', on: coated('sound-paint'), goes: goes('epoxy-primer'), verdict: 'ok', join: 'sanded', grit: 320 },
  { code: 'old-paint-unknown', on: coated('sound-paint'), goes: goes('filler-primer'), verdict: 'care', join: 'sanded', grit: 400, wet: true, wayOut: 'rub-test' },
  { code: 'old-paint-unknown', on: coated('sound-paint'), goes: goes('basecoat', 'enamel', 'clear'), verdict: 'care', join: 'sanded', grit: 'colour', wet: true, wayOut: 'rub-test' },
  { code: 'promoter-over-paint', on: coated('sound-paint'), goes: goes('adhesion-promoter'), verdict: 'care', join: 'scuffed', grit: 600, wayOut: 'remove-layer' },
  // Between products: the refusals.
  { code: 'two-pack-over-alkyd', on: { product: { chemistry: ['1k-alkyd'] } }, goes: { chemistry: TWO_PART }, verdict: 'no', join: 'none', wayOut: 'weeks-and-test-patch' },
  { code: 'lacquer-over-enamel', on: { product: { chemistry: ['1k-alkyd'] } }, goes: { chemistry: ['1k-acrylic', 'etch', 'cpo', 'silicone'] }, verdict: 'no', join: 'none', wayOut: 'weeks-and-test-patch' },
  { code: 'enamel-over-itself', on: { product: { chemistry: ['1k-alkyd'] } }, goes: { chemistry: ['1k-alkyd'] }, verdict: 'care', join: 'sanded', grit: 600, wet: true, wayOut: 'weeks-and-test-patch' },
  { code: 'heat-needs-metal-under', on: { product: {} }, goes: goes('heat-paint'), verdict: 'no', join: 'none', wayOut: 'strip-to-metal' },
  { code: 'nothing-over-heat-paint', on: on(['heat-paint']), goes: ANY, verdict: 'no', join: 'none', wayOut: 'remove-layer' },
  { code: 'epoxy-over-etch', on: on(['etch-primer']), goes: goes('epoxy-primer'), verdict: 'no', join: 'none', wayOut: 'one-of-both' },
  { code: 'primer-order', on: { product: {} }, goes: goes('etch-primer', 'adhesion-promoter'), verdict: 'no', join: 'none', wayOut: 'move-to-bottom' },
  { code: 'clear-needs-colour', on: on(['etch-primer', 'adhesion-promoter', 'filler-primer', 'epoxy-primer']), goes: goes('clear'), verdict: 'no', join: 'none', wayOut: 'add-colour' },
  // Between products: what holds.
  { code: 'promoter-window', on: on(['adhesion-promoter']), goes: goes('filler-primer', 'basecoat'), verdict: 'ok', join: 'wet-on-wet' },
  { code: 'promoter-as-sheet', on: on(['adhesion-promoter']), goes: ANY, verdict: 'care', join: 'wet-on-wet', wayOut: 'ask-sheet' },
  { code: 'filler-on-etch', on: on(['etch-primer']), goes: goes('filler-primer'), verdict: 'ok', join: 'wet-on-wet' },
  { code: 'colour-on-etch', on: on(['etch-primer']), goes: goes('basecoat', 'enamel'), verdict: 'care', join: 'wet-on-wet', wayOut: 'add-filler' },
  { code: 'epoxy-window', on: on(['epoxy-primer']), goes: goes('filler-primer', 'basecoat', 'enamel', 'epoxy-primer'), verdict: 'ok', join: 'wet-on-wet' },
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

const within = <T,>(list: readonly T[] | undefined, value: T): boolean => list === undefined || list.includes(value);

/** The card that decides a seam; null when no card knows it, which is care by default. */
export function ruleFor(below: Below, above: Product): RuleCard | null {
  return RULE_CARDS.find((c) =>
    within(c.goes.kind, above.kind) && within(c.goes.chemistry, above.chemistry)
    && ('surface' in below
      ? 'surface' in c.on && within(c.on.surface.substrate, below.surface.substrate) && within(c.on.surface.condition, below.surface.condition)
      : 'product' in c.on && within(c.on.product.kind, below.product.kind) && within(c.on.product.chemistry, below.product.chemistry))) ?? null;
}
