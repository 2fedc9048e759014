/**
 * What a fault card is: where and when it shows, what tells it from its look-alikes, what it comes from, whether to
 * go on, and which mends are for it. The words are in `words/sentences/faults`. From memory and common practice,
 * editable by the sheet of the product, unless a card says otherwise.
 */
import type { FaultCode, FaultMoment, Look, Sign } from '@/model/fault';
import type { MendKind } from '@/model/mend';
import type { Product } from '@/model/product';
import { CRAZING, FERROUS, isPlastic, type Substrate } from '@/model/substrates';
import { isTwoPart } from '../chemistry/cards';
import { isEffect } from '../coating/tint';

/** The film a fault is seen on, and what lies under it all. */
export interface FilmSeen {
  readonly product: Product;
  readonly substrate: Substrate;
}
export type OnFilm = (film: FilmSeen) => boolean;

export const any: OnFilm = () => true;
export const either =
  (...list: readonly OnFilm[]): OnFilm =>
  (film) =>
    list.some((is) => is(film));
export const both =
  (...list: readonly OnFilm[]): OnFilm =>
  (film) =>
    list.every((is) => is(film));
export const kind =
  (...kinds: readonly Product['kind'][]): OnFilm =>
  ({ product }) =>
    kinds.includes(product.kind);
export const chem =
  (...list: readonly Product['chemistry'][]): OnFilm =>
  ({ product }) =>
    list.includes(product.chemistry);

export const onClear = kind('clear');
export const onBase = kind('basecoat', 'mid-coat');
/** Colour that is its own gloss. */
export const onColour = kind('enamel', 'single-stage', 'heat-paint');
export const onTop = either(onClear, onColour);
/** Everything that has the colour. */
export const onHue = either(onBase, onColour);
export const onPrimer = kind(
  'filler-primer',
  'surfacer',
  'spray-filler',
  'sealer',
  'epoxy-primer',
  'etch-primer',
  'wood-sealer',
);
export const onPaint = either(onClear, onHue);
export const onEffect: OnFilm = ({ product }) => isEffect(product);
export const onMatte: OnFilm = ({ product }) => product.gloss === 'matte';
export const onTwoPart: OnFilm = ({ product }) => isTwoPart(product);
export const onEnamel = chem('1k-alkyd');
export const onLacquer = chem('1k-acrylic', '1k-nitro');
export const fromCans: OnFilm = ({ product }) => product.carrier === 'aerosol';
export const fromGun: OnFilm = ({ product }) => product.carrier === 'gun';
export const onPlastic: OnFilm = (film) => isPlastic(film);
export const onCrazing: OnFilm = ({ substrate }) => (CRAZING as readonly Substrate[]).includes(substrate);
export const onSteel: OnFilm = ({ substrate }) => (FERROUS as readonly Substrate[]).includes(substrate);

/** What to do this minute. */
export const ACTS = ['go', 'wait', 'stop'] as const;
export type Act = (typeof ACTS)[number];

/** What the record can tell of it: the likeliest first. */
export const CAUSES = [
  'hot',
  'cold',
  'damp',
  'soon',
  'late',
  'thick',
  'thin',
  'far',
  'near',
  'can-cold',
  'can-low',
  'other-maker',
  'coarse-grit',
  'dirt',
  'wind',
  'old-stock',
  'ratio',
  'no-test',
  'technique',
  'tool',
  'chance',
] as const;
export type Cause = (typeof CAUSES)[number];

/** Which mends serve on which film, the gentlest first; the first case that fits counts. */
export interface Later {
  readonly on: OnFilm;
  readonly mends: readonly MendKind[];
}

export interface FaultCard {
  readonly code: FaultCode;
  readonly looks: readonly Look[];
  readonly moments: readonly FaultMoment[];
  readonly on: OnFilm;
  /** How often it comes, against the others: 3 often, 1 seldom. From memory. */
  readonly often: 1 | 2 | 3;
  /** What is so and what is not; a sign that is left out may be either. */
  readonly signs: Readonly<Partial<Record<Sign, boolean>>>;
  readonly causes: readonly Cause[];
  /** The first that fits counts. */
  readonly now: readonly { readonly on: OnFilm; readonly act: Act }[];
  readonly later: readonly Later[];
  /** What else looks like it. */
  readonly lookalike: FaultCode | null;
}

export const always = (act: Act): FaultCard['now'] => [{ on: any, act }];
export const onThen = (on: OnFilm, act: Act, then: Act): FaultCard['now'] => [
  { on, act },
  { on: any, act: then },
];
export const at = (on: OnFilm, ...mends: readonly MendKind[]): Later => ({ on, mends });

/** What is not its own gloss is mended by kind: colour levelled and laid again, a leveller blocked. */
interface ByFilm {
  readonly gloss: readonly MendKind[];
  readonly matte?: readonly MendKind[];
  readonly primer?: readonly MendKind[];
}
export const byFilm = ({
  gloss,
  matte = ['flow-coat'],
  primer = ['block-off', 'block-again'],
}: ByFilm): readonly Later[] => [
  at(onBase, 'colour-again'),
  at(both(onTop, onMatte), ...matte),
  at(onTop, ...gloss),
  at(any, ...primer),
];

/** Whether to go on, on this film. */
export const actOn = ({ now }: FaultCard, film: FilmSeen): Act => now.find((n) => n.on(film))?.act ?? 'stop';
/** What may mend it on this film, the gentlest first; leaving it where nothing else serves. */
export const mendsOn = ({ later }: FaultCard, film: FilmSeen): readonly MendKind[] =>
  later.find((l) => l.on(film))?.mends ?? ['leave'];
