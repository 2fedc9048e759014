/**
 * The whole table of what goes on what, as text: each kind of paint, with everything it may lie on, the
 * verdict and its reason. Written from the cards themselves.
 */
import type { RuleCard } from '@/core/coating/rules/card';
import { everyCell, type Cell } from '@/demo/cells';
import { PAINT_KINDS } from '@/demo/paint-kinds';
import type { Surface } from '@/model/ground';
import { FILMS, SUBSTRATES } from '@/model/lists';
import { METALS, PLASTICS } from '@/model/substrates';
import { formatFor } from '@/words/format';
import { CONDITION_NAMES, FILM_WORDS, substrateInSentence } from '@/words/names';
import { saySeam, sayWayOut } from '@/words/sentences/seams';

const VERDICT_WORDS = { ok: 'ok', care: 'with care', no: '**no**', unknown: '*unknown*' } as const;
const ORDER = ['ok', 'care', 'unknown', 'no'] as const;

function groupedBy<T>(list: readonly T[], key: (x: T) => string): Map<string, T[]> {
  const out = new Map<string, T[]>();
  for (const x of list) out.set(key(x), [...(out.get(key(x)) ?? []), x]);
  return out;
}

/** Kinds of old paint a condition comes in: every film, and one that nobody named. */
const KINDS = FILMS.length + 1;

/** Conditions with the same kinds of old paint stand together; all kinds are none in particular. */
function conditionsText(surfaces: readonly Surface[]): string {
  const films = [...groupedBy(surfaces, (s) => s.condition)].map(([condition, list]) => {
    const kinds = list.map((s) => (s.film ? FILM_WORDS[s.film] : 'not rubbed yet'));
    const isOne = list.every((s) => s.film === undefined) || list.length === KINDS;
    return { name: CONDITION_NAMES[condition as Surface['condition']], of: isOne ? '' : kinds.join(', ') };
  });
  return [...groupedBy(films, (x) => x.of)]
    .map(([of, list]) => list.map((x) => x.name).join(', ') + (of ? ` (${of})` : ''))
    .join('; ');
}

/** Substrates by name; whole families by theirs. */
function substratesText(list: readonly Surface['substrate'][]): string {
  if (list.length === SUBSTRATES.length) return 'anything';
  const families = [
    { name: 'every metal', of: METALS as readonly string[] },
    { name: 'every plastic', of: PLASTICS as readonly string[] },
  ].filter(({ of }) => of.every((s) => (list as readonly string[]).includes(s)));
  const rest = list.filter((s) => !families.some(({ of }) => of.includes(s)));
  return [...families.map((x) => x.name), ...rest.map(substrateInSentence)].join(', ');
}

/** Surfaces as few words: what is found on the same substrates stands together. */
function surfacesText(surfaces: readonly Surface[]): string[] {
  const byState = [...groupedBy(surfaces, ({ condition, film }) => `${condition} ${film ?? ''}`).values()];
  const byPlace = groupedBy(byState, (list) => substratesText(list.map((s) => s.substrate)));
  return [...byPlace].map(([on, states]) => `${conditionsText(states.map((list) => list[0]!))} on ${on}`);
}

const surfaceOf = (c: Cell): Surface[] => ('surface' in c.below ? [c.below.surface] : []);
const layerOf = (c: Cell): string[] => ('product' in c.below ? [c.below.product.name] : []);

function row(card: RuleCard, cells: readonly Cell[]): string {
  const f = formatFor('metric');
  const params = { above: cells[0]!.above.name, below: 'it' };
  const names = cells.flatMap(layerOf);
  const layers = names.length === PAINT_KINDS.length ? ['any layer'] : names;
  const lies = [...surfacesText(cells.flatMap(surfaceOf)), ...(layers.length > 0 ? [layers.join(', ')] : [])];
  const wayOut = card.wayOut && card.verdict !== 'ok' ? sayWayOut({ code: card.wayOut, params }, f) : '';
  const why = saySeam({ code: card.code, params }, f);
  return `| ${VERDICT_WORDS[card.verdict]} | ${lies.join('; ')} | ${why} | ${wayOut} |`;
}

function section(name: string, cells: readonly Cell[]): string[] {
  const byCode = [...groupedBy(cells, (c) => `${c.card!.verdict} ${c.card!.code}`).values()];
  const sorted = ORDER.flatMap((verdict) => byCode.filter((list) => list[0]!.card!.verdict === verdict));
  return [
    `## ${name}`,
    '',
    '| verdict | lies on | why | way out |',
    '|---|---|---|---|',
    ...sorted.map((list) => row(list[0]!.card!, list)),
    '',
  ];
}

const INTRO = `# What goes on what

Every kind of paint the rules speak of, and everything it may lie on: bare and painted surfaces, and the
layers of a build-up. Written from the rule cards (\`npm run -s docs\`); a test compares the two. The sheet on
the tin wins over all of it. Common practice without source, unless a card says otherwise.

*ok* holds as it is joined · *with care* holds if the way out is taken · **no** does not hold ·
*unknown* is not settled: it takes a test patch and a decision in writing, and no proposed way has one.
`;

export function pairsDoc(): string {
  const cells = everyCell();
  const counted = ORDER.map((v) => `${cells.filter((c) => c.card!.verdict === v).length} ${VERDICT_WORDS[v]}`);
  const lines = PAINT_KINDS.flatMap(({ name, product }) =>
    section(
      name,
      cells.filter((c) => c.above === product),
    ),
  );
  return [INTRO, `${cells.length} cells: ${counted.join(', ')}.`, '', ...lines].join('\n').trimEnd() + '\n';
}
