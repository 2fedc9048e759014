/**
 * Every mend of every fault on every film that can be bought, at every stage: none sands soft two-part paint, wipes
 * fresh colour with solvent, tacks a clear, coats over what was not prepared, or takes more film than may be taken.
 */
import { describe, expect, it } from 'vitest';
import { isTwoPart } from '@/core/chemistry/cards';
import { CATALOGUE } from '@/core/coating/catalogue';
import { filmLimits } from '@/core/coating/film-budget';
import { ruleFor } from '@/core/coating/rules/rules';
import { COLOURED, isEffect } from '@/core/coating/tint';
import { liftsItself } from '@/core/drying/rate';
import { FEPA_UM } from '@/core/prep/grit';
import { remember } from '@/core/records/remember';
import type { MendKind } from '@/model/mend';
import type { Product } from '@/model/product';
import type { FilmSeen } from './card';
import { FAULT_CARDS } from './cards';
import { mendsFor, mendSteps } from './mend';
import { REACHED, type Mending, type MendStep, type Reached } from './steps';

const product = (id: string): Product => CATALOGUE.find((p) => p.id === id)!;
const byKind = (...kinds: Product['kind'][]): Product[] => CATALOGUE.filter((p) => kinds.includes(p.kind));
const CLEARS = byKind('clear');
const COLOURS = byKind('basecoat');
const PRIMER_LIST = [null, product('tamsel-filler'), product('tamsel-epoxy')];

type Stack = Pick<Mending, 'colour' | 'clear'>;

/** What may lie over and under a film of the catalogue. */
function stacksOf(p: Product): Stack[] {
  if (p.kind === 'clear') return COLOURS.map((colour) => ({ colour, clear: null }));
  if (p.kind === 'mid-coat') return CLEARS.map((clear) => ({ colour: product('orrin-metallic'), clear }));
  if (p.kind === 'basecoat') return [null, ...CLEARS].map((clear) => ({ colour: null, clear }));
  if (COLOURED.has(p.kind)) return [{ colour: null, clear: null }];
  return COLOURS.flatMap((colour) => CLEARS.slice(0, 2).map((clear) => ({ colour, clear })));
}

interface Case {
  readonly name: string;
  readonly kind: MendKind;
  readonly m: Mending;
  readonly steps: readonly MendStep[];
}

/** Films that lie under a clear and show through it. */
const undersOf = ({ product: p, substrate }: FilmSeen, { colour }: Stack): (FilmSeen | null)[] =>
  p.kind === 'clear'
    ? [null, { product: colour!, substrate }, { product: product('tamsel-filler'), substrate }]
    : [null];

function* mendings(film: FilmSeen): Generator<Mending> {
  for (const reached of REACHED)
    for (const stack of stacksOf(film.product))
      for (const under of undersOf(film, stack))
        for (const lowUm of [8, 45, 90])
          for (const primer of PRIMER_LIST)
            yield { film, under, reached, ...stack, lowUm, primer, standsReducer: lowUm > 8, areaM2: 0.5 };
}

const all: Case[] = [];
const none = new Set<string>();
for (const p of CATALOGUE)
  for (const substrate of ['steel', 'abs', 'pp'] as const)
    for (const m of mendings({ product: p, substrate })) {
      const made = new Map<MendKind, readonly MendStep[]>();
      for (const c of FAULT_CARDS.filter((card) => card.on(m.under ?? m.film))) {
        const mends = mendsFor(c, m);
        for (const { kind, steps } of mends) made.set(kind, steps);
        if (mends.length === 0) none.add(`${c.code} ${p.id} ${m.reached} ${m.lowUm} ${m.under?.product.id}`);
      }
      if (substrate === 'steel')
        for (const [kind, steps] of made)
          all.push({ name: `${kind} ${p.id} ${m.reached} ${m.under?.product.id ?? ''}`, kind, m, steps });
    }

/** What is broken, in a word; null where nothing is. */
type Check = (c: Case) => string | null;
/** A pair is looked up once. */
const rules = new Map<string, ReturnType<typeof ruleFor>>();
const ruleOf = (below: Product, above: Product): ReturnType<typeof ruleFor> =>
  remember(rules, `${below.id} ${above.id}`, Infinity, () => ruleFor({ product: below }, above));

const broken = (check: Check): string[] => [
  ...new Set(all.flatMap((c) => (check(c) ? [`${c.name}: ${check(c)}`] : []))),
];

/** The film on top as the tasks go on: which, and whether paper or solvent may touch it. */
interface Top {
  readonly product: Product | null;
  readonly hard: boolean;
  readonly dull: boolean;
  readonly waitedNext: boolean;
}
const firstTop = (m: Mending): Top => ({
  product: m.film.product,
  hard: m.reached === 'hard' && !liftsItself(m.film.product),
  dull: false,
  waitedNext: false,
});
const HARDENS: readonly string[] = ['sand', 'polish', 'cure', 'again'];

function after(top: Top, step: MendStep): Top {
  switch (step.do) {
    case 'wait': {
      const soft = top.product !== null && !isTwoPart(top.product) && step.stage === 'touchDry';
      const hard = top.hard || HARDENS.includes(step.stage) || soft;
      return { ...top, hard, waitedNext: top.waitedNext || step.stage === 'next' || hard };
    }
    case 'sand':
      return { ...top, dull: true };
    case 'wipe':
    case 'strip':
      return { product: null, hard: true, dull: true, waitedNext: true };
    case 'coat':
      return { product: step.product, hard: false, dull: false, waitedNext: false };
    default:
      return top;
  }
}

function walk(
  { m, steps }: Case,
  look: (top: Top, step: MendStep, before: MendStep | undefined) => string | null,
) {
  let top = firstTop(m);
  for (const [i, step] of steps.entries()) {
    const said = look(top, step, steps[i - 1]);
    if (said) return said;
    top = after(top, step);
  }
  return null;
}

describe('mends', () => {
  it('are many, and there is one for every fault on every film at every stage', () => {
    expect(all.length).toBeGreaterThan(10_000);
    expect([...none]).toEqual([]);
  });
  it('no paper, stick or polish on film that is still soft', () => {
    expect(
      broken((c) =>
        walk(c, (top, s) =>
          (s.do === 'sand' || s.do === 'polish') && !top.hard ? `${s.do} on soft film` : null,
        ),
      ),
    ).toEqual([]);
  });
  it('no solvent on fresh colour, no tack rag on clear that was not sanded', () => {
    expect(
      broken((c) =>
        walk(c, (top, s) => {
          if (s.do !== 'clean' || !top.product) return null;
          if (s.how === 'degrease' && COLOURED.has(top.product.kind) && !isTwoPart(top.product) && !top.hard)
            return 'solvent on fresh colour';
          if (s.how === 'tack' && top.product.kind === 'clear' && !(top.hard && top.dull))
            return 'tack on clear';
          return null;
        }),
      ),
    ).toEqual([]);
  });
  it('nothing is sprayed on at once: a coat waits for the film below, or that is dulled, wiped or scraped off', () => {
    expect(
      broken((c) =>
        walk(c, (top, s) => (s.do === 'coat' && !(top.waitedNext || top.dull) ? 'sprayed on' : null)),
      ),
    ).toEqual([]);
  });
  it('what goes on what obeys the rule cards, on paper no coarser than they ask', () => {
    let asked = 0;
    const said = broken((c) => {
      let grit: number | null = null;
      return walk(c, (top, s) => {
        if (s.do === 'sand') grit = s.gritP;
        if (s.do !== 'coat' || !top.product) return null;
        const rule = ruleOf(top.product, s.product);
        asked++;
        if (rule?.verdict === 'no') return `${rule.code}: ${s.product.id} on ${top.product.id}`;
        const coarsest = typeof rule?.grit === 'number' ? rule.grit : null;
        const isTooCoarse = top.dull && grit && coarsest && FEPA_UM[grit]! > FEPA_UM[coarsest]! * 1.01;
        return isTooCoarse ? `P${grit} where P${coarsest} is asked (${rule!.code})` : null;
      });
    });
    expect(asked).toBeGreaterThan(1000);
    expect(said).toEqual([]);
  });
  it('flatting leaves what protects: the low film, the high loss', () => {
    const flats = all.filter((c) => c.kind === 'flat-polish');
    expect(flats.length).toBeGreaterThan(100);
    for (const { m, steps, name } of flats) {
      const took = steps.reduce((a, s) => a + (s.do === 'sand' ? s.takesUm[1] : 0), 0);
      expect(m.lowUm - took, name).toBeGreaterThanOrEqual(filmLimits(m.film.product).leastUm ?? 0);
    }
  });
  it('paper leaves every film what it must have, or what it had; nothing grows past a third over its most', () => {
    expect(
      broken(({ m, steps }) => {
        const { leastUm = 0, mostUm } = filmLimits(m.film.product);
        const own = steps.slice(
          0,
          steps.findIndex(
            (s) => s.do === 'strip' || s.do === 'wipe' || (s.do === 'coat' && s.product !== m.film.product),
          ) >>> 0,
        );
        if (steps.some((s) => s.do === 'strip' || s.do === 'wipe')) return null;
        const took = own.map((s) => (s.do === 'sand' && !s.isLocal ? s.takesUm : [0, 0]));
        const on = own.reduce((a, s) => a + (s.do === 'coat' ? s.coats * s.product.filmUmPerCoat : 0), 0);
        const low = m.lowUm - took.reduce((a, t) => a + t[1]!, 0) + 0.8 * on;
        const high = m.lowUm / 0.8 - took.reduce((a, t) => a + t[0]!, 0) + on;
        if (low < Math.min(leastUm, m.lowUm) - 1e-9) return `left ${low.toFixed(1)} µm`;
        return high > 1.3 * mostUm + 1e-9 ? `${high.toFixed(1)} of ${mostUm} µm` : null;
      }),
    ).toEqual([]);
  });
  it('an etch primer of 8 µm is never blocked: it is taken off and goes on again', () => {
    const etch = product('tamsel-etch');
    const m: Mending = {
      film: { product: etch, substrate: 'steel' },
      under: null,
      reached: 'hard',
      standsReducer: false,
      lowUm: 6.4,
      colour: product('orrin-base'),
      clear: null,
      primer: null,
      areaM2: 0.5,
    };
    expect(mendSteps('block-off', m)).toBeNull();
    expect(
      mendsFor(
        FAULT_CARDS.find((c) => c.code === 'rain')!,
        m,
      ).map((x) => x.kind),
    ).toEqual(['take-off']);
  });
  it('matte, candy and bare effect are never polished; enamel not before it is hard for good', () => {
    expect(
      broken(({ m, steps }) => {
        if (!steps.some((s) => s.do === 'polish')) return null;
        const { product: p } = m.film;
        if (p.gloss === 'matte' || (p.kind !== 'clear' && isEffect(p))) return 'polished';
        const cured = steps.some((s) => s.do === 'wait' && s.stage === 'cure');
        return p.chemistry === '1k-alkyd' && !cured ? 'enamel polished young' : null;
      }),
    ).toEqual([]);
  });
  it('paint that lifts itself gets no coat before its span is over', () => {
    expect(
      broken(({ m, steps }) => {
        // What was scraped or wiped off lifts no more.
        if (!liftsItself(m.film.product) || steps.some((s) => s.do === 'strip' || s.do === 'wipe'))
          return null;
        const first = steps.findIndex((s) => s.do === 'coat');
        const waited = steps
          .slice(0, Math.max(0, first))
          .some((s) => s.do === 'wait' && (s.stage === 'again' || s.stage === 'cure'));
        return first >= 0 && !waited ? 'inside its span' : null;
      }),
    ).toEqual([]);
  });
  it('a flow coat stays under the most a clear may have', () => {
    for (const { m, steps, name } of all.filter(
      (c) => c.kind === 'flow-coat' && c.m.film.product.kind === 'clear',
    )) {
      const took = steps.reduce((a, s) => a + (s.do === 'sand' ? s.takesUm[0] : 0), 0);
      const on = steps.reduce((a, s) => a + (s.do === 'coat' ? s.coats * s.product.filmUmPerCoat : 0), 0);
      expect(m.lowUm - took + on, name).toBeLessThanOrEqual(filmLimits(m.film.product).mostUm);
    }
  });
});

describe('a run in two-part clear, by the trade (common practice, no source)', () => {
  const m: Mending = {
    film: { product: product('halden-2k-gloss'), substrate: 'steel' },
    under: null,
    reached: 'wet' satisfies Reached,
    standsReducer: false,
    lowUm: 45,
    colour: product('orrin-base'),
    clear: null,
    primer: null,
    areaM2: 0.5,
  };
  it('waits twice until it may be sanded, P1000, P1500, P2000 on the place alone, then polish', () => {
    const steps = mendSteps('run-ladder', m)!;
    expect(steps[0]).toEqual({ do: 'wait', stage: 'sand', times: 2 });
    expect(steps.flatMap((s) => (s.do === 'sand' ? [[s.gritP, s.isLocal]] : []))).toEqual([
      [1000, true],
      [1500, true],
      [2000, true],
    ]);
    expect(steps.at(-1)).toEqual({ do: 'polish' });
  });
  it('45 µm stand P2000 and polish, 54 µm P1500; of 42 µm nothing may be taken but a polish', () => {
    const papers = (steps: readonly MendStep[] | null) =>
      steps!.flatMap((s) => (s.do === 'sand' ? [s.gritP] : []));
    expect(mendSteps('flat-polish', { ...m, lowUm: 42 })).toBeNull();
    expect(papers(mendSteps('flat-polish', m))).toEqual([2000]);
    expect(papers(mendSteps('flat-polish', { ...m, lowUm: 54 }))).toEqual([1500, 2000]);
  });
  it('wet clear over a base that dissolves is never wiped off; over cured two-part it is', () => {
    expect(mendSteps('wipe-off', m)).toBeNull();
    expect(mendSteps('wipe-off', { ...m, standsReducer: true })![0]).toEqual({ do: 'wipe' });
    expect(mendSteps('wipe-off', { ...m, standsReducer: true, reached: 'flashed' })).toBeNull();
  });
});
