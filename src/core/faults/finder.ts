/**
 * From what one sees to the card, with the fewest questions that can be expected: the tree is worked out from the
 * signs of the cards, never written by hand. A card that is silent about a sign is found either way.
 */
import { isDanger, LOOKS, type FaultCode, type FaultMoment, type Look, type Sign } from '@/model/fault';
import type { FaultCard, FilmSeen } from './card';
import { FAULT_CARDS } from './cards';

/** A question of yes or no, or the drawings that are left, the commonest first. */
export type Node =
  | { readonly kind: 'ask'; readonly sign: Sign; readonly yes: Node; readonly no: Node }
  | { readonly kind: 'pick'; readonly codes: readonly FaultCode[] };

/** Taps after the group of looks was chosen. */
const MOST_TAPS = 3;

/** It may show on one of these films; where none is known it may show anywhere. */
const showsOn = (card: FaultCard, films: readonly FilmSeen[]): boolean =>
  films.length === 0 || films.some((f) => card.on(f));

const cardsOf = (films: readonly FilmSeen[]): readonly FaultCard[] =>
  FAULT_CARDS.filter((c) => !isDanger(c.code) && showsOn(c, films));

const weightOf = (cards: readonly FaultCard[]): number => cards.reduce((a, c) => a + c.often, 0);

const picked = (cards: readonly FaultCard[]): Node => ({
  kind: 'pick',
  codes: [...cards].sort((a, b) => b.often - a.often).map((c) => c.code),
});

interface Tree {
  readonly node: Node;
  /** Taps and looks at drawings, weighed by how often each fault comes. */
  readonly cost: number;
}

/** Telling one drawing of n from the others takes as long as half as many questions. ASSUMED. */
const pickCost = (cards: readonly FaultCard[]): number =>
  cards.length > 1 ? (weightOf(cards) * cards.length) / 2 : 0;

interface Split {
  readonly sign: Sign;
  readonly yes: readonly FaultCard[];
  readonly no: readonly FaultCard[];
}

/** Questions that leave fewer cards whatever the answer is. */
function splitsOf(cards: readonly FaultCard[]): Split[] {
  const signs = new Set(cards.flatMap((c) => Object.keys(c.signs) as Sign[]));
  return [...signs].flatMap((sign) => {
    const yes = cards.filter((c) => c.signs[sign] !== false);
    const no = cards.filter((c) => c.signs[sign] !== true);
    return yes.length < cards.length && no.length < cards.length ? [{ sign, yes, no }] : [];
  });
}

/** The tree of least expected cost within so many taps. */
function best(cards: readonly FaultCard[], taps: number): Tree {
  const pick = { node: picked(cards), cost: taps > 0 || cards.length < 2 ? pickCost(cards) : Infinity };
  if (cards.length < 2 || taps === 0) return pick;
  return splitsOf(cards).reduce<Tree>((least, { sign, yes, no }) => {
    const [left, right] = [best(yes, taps - 1), best(no, taps - 1)];
    const cost = weightOf(cards) + left.cost + right.cost;
    return cost <= least.cost ? { node: { kind: 'ask', sign, yes: left.node, no: right.node }, cost } : least;
  }, pick);
}

/** The questions of one group of looks. @param films that there are; none where they are not known */
export const askAbout = (look: Look, films: readonly FilmSeen[] = []): Node =>
  best(
    cardsOf(films).filter((c) => c.looks.includes(look)),
    MOST_TAPS,
  ).node;

/** Groups in which anything may show. */
export const looksFor = (films: readonly FilmSeen[] = []): readonly Look[] =>
  LOOKS.filter((look) => cardsOf(films).some((c) => c.looks.includes(look)));

/** What shows at a moment, by group, the commonest first. */
export function atMoment(
  moment: FaultMoment,
  films: readonly FilmSeen[] = [],
): ReadonlyMap<Look, readonly FaultCode[]> {
  const there = cardsOf(films).filter((c) => c.moments.includes(moment));
  const groups = LOOKS.map((look) => [look, there.filter((c) => c.looks.includes(look))] as const);
  return new Map(
    groups
      .filter(([, cards]) => cards.length > 0)
      .map(([look, cards]) => [look, [...cards].sort((a, b) => b.often - a.often).map((c) => c.code)]),
  );
}
