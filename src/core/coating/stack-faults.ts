/** Faults of a build-up that no single seam shows: improbable sheets, uneven candy, service, film. */
import type { Job } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { CHEMISTRY_CARDS, isTwoPart } from '../chemistry/cards';
import { productIn, type System } from '../seams/seam';
import { filmLines } from './film-budget';
import { UNDERCOATS } from './rules/groups';
import { heatBlockers } from './service-heat';
import { sheetDoubts } from './sheet-doubts';

type Products = System['products'];
const notice = (code: string, params: Notice['params'] = {}): Notice => ({ code, params });

/** Own sheets in use whose figures look like slips: asked before they are believed. */
function doubted(planned: readonly PlanLayer[], own: readonly Product[] = []): Notice[] {
  const used = own.filter((p) => planned.some((l) => l.productId === p.id));
  return used.flatMap((p) =>
    sheetDoubts(p).map(({ field, code, params }) =>
      notice('sheet-doubted', { product: p.name, field, doubt: code, ...params }),
    ),
  );
}

/** Every coat of candy deepens it: parts of one object with more and fewer of them never match. */
function unevenCandy(job: Job, planned: readonly PlanLayer[], products: Products): Notice[] {
  const candies = planned.filter((l) => productIn(products, l.productId).effect === 'candy');
  const coatsOn = (partId: string): number =>
    candies.reduce((a, l) => a + (l.partIds.includes(partId) ? l.coats : 0), 0);
  const counts = job.parts
    .map((p) => ({ name: p.name ?? p.id, coats: coatsOn(p.id) }))
    .filter((x) => x.coats > 0);
  const [first] = counts;
  const other = counts.find((x) => x.coats !== first!.coats);
  if (!first || !other) return [];
  const params = { part: first.name, coats: first.coats, other: other.name, otherCoats: other.coats };
  return [notice('candy-uneven', params)];
}

/** Products that end up on top, each once. */
function topsOf(job: Job, planned: readonly PlanLayer[], products: Products): Product[] {
  const tops = job.parts.flatMap((p) => planned.filter((l) => l.partIds.includes(p.id)).slice(-1));
  return [...new Set(tops.map((l) => productIn(products, l.productId)))];
}

/** What a top meets in service and does not stand, by what it meets. */
const DISSOLVED_BY = { fuel: 'fuel-dissolves-one-pack', 'brake-fluid': 'brake-fluid-strips' } as const;

/** Brake fluid attacks two-part paint too: that is a word of care, and only one-part paint is refused. */
const isDissolved = (top: Product, by: keyof typeof DISSOLVED_BY): boolean =>
  CHEMISTRY_CARDS[top.chemistry].attackedBy.includes(by) && (by === 'fuel' || !isTwoPart(top));

/** Faults of the stack that no single seam shows: service the top or any layer cannot take. */
function serviceFaults({ purpose }: Job, stack: readonly Product[], tops: readonly Product[]): Notice[] {
  const meets = (what: keyof typeof DISSOLVED_BY): boolean => purpose.exposure.includes(what);
  const dissolved = (['fuel', 'brake-fluid'] as const)
    .filter(meets)
    .flatMap((what) =>
      tops
        .filter((top) => isDissolved(top, what))
        .map((top) => notice(DISSOLVED_BY[what], { product: top.name })),
    );
  const last = stack.at(-1);
  const primer =
    last && UNDERCOATS.includes(last.kind) ? [notice('stack-ends-in-primer', { product: last.name })] : [];
  return [...dissolved, ...primer];
}

/** Everything but the seams that stops a plan on this build-up. */
export function stackBlockers(job: Job, system: System): Notice[] {
  const { layers, products } = system;
  const stack = layers.map((l) => productIn(products, l.productId));
  const film = filmLines(job, system).filter((l) => l.verdict === 'no');
  return [
    ...doubted(layers, job.products),
    ...serviceFaults(job, stack, topsOf(job, layers, products)),
    ...heatBlockers(job, layers, products),
    ...unevenCandy(job, layers, products),
    ...film.map(({ code, params }) => notice(code, params)),
  ];
}
