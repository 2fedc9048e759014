/**
 * One seam judged: the rule card of the pair, with the grit this painter would end on, or what the owner took
 * on himself.
 */
import { groundText, surfaceAt, surfaceText, type Ground } from '@/model/ground';
import type { Job } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { LayerMend } from '@/model/mend';
import type { PlanLayer, SeamRecord } from '@/model/plan';
import type { Product } from '@/model/product';
import { isWorked } from '../mends/taken';
import { gritBeforeColour } from '../prep/grit';
import { isSanded, SPOT, type Seam } from '../seams/seam';
import { lightnessOf } from './colour';
import { isEffect, tintOf } from './tint';
import type { Below, RuleCard } from './rules/card';
import { ruleFor } from './rules/rules';
import { schoolOf } from './schools';

export interface Pair {
  readonly ground: Ground;
  readonly below: Below;
  readonly layer: PlanLayer;
  readonly above: Product;
  /** A spot coat of the same product lies below. */
  readonly isSpot: boolean;
  /** Filler goes on it before the layer does. */
  readonly isFilledOver?: boolean;
}

/** Paper for a pair no card settles, once decided, and for a refused one that was taken on, FEPA P. Common practice. */
const DECIDED_GRIT_P = 600;
const TAKEN_GRIT_P = 400;

/** Made to be blocked. Anything else is thin, or not known, or has no more to lose: it is only dulled. */
const LEVELLERS: ReadonlySet<Product['kind']> = new Set(['filler-primer', 'surfacer', 'spray-filler']);
const isLevelled = (below: Below): boolean =>
  'product' in below ? LEVELLERS.has(below.product.kind) : below.surface.condition === 'filled';

const notice = (code: string, params: Notice['params'] = {}): Notice => ({ code, params });

/** The last grit a card asks for; by the school where it hangs on the colour. */
function gritOf(job: Job, card: RuleCard, { above, layer }: Pair): number | null {
  if (card.grit !== 'colour') return card.grit ?? null;
  const school = schoolOf(job, 'lastGrit');
  if (school !== 'by-colour') return Number(school);
  const hex = tintOf(job, above, layer)?.hex ?? job.purpose.colour.hex;
  return gritBeforeColour(job.purpose.grade, {
    lightnessFrac: lightnessOf(hex),
    isEffect: isEffect(above),
    isAerosol: above.carrier === 'aerosol',
  });
}

/** Waits of the film below, where the next goes on wet. */
function windowOf(below: Below, join: SeamRecord['join']): SeamRecord['window'] {
  if (!('product' in below) || join !== 'wet-on-wet') return null;
  const { nextMinMin, nextWetMaxMin, nextBondMaxMin } = below.product;
  return { minMin: nextMinMin, wetMaxMin: nextWetMaxMin ?? null, bondMaxMin: nextBondMaxMin ?? null };
}

function paramsOf({ below, above }: Pair): Notice['params'] {
  const what = 'product' in below ? below.product.name : surfaceText(surfaceAt(below.surface));
  return { below: what, above: above.name };
}

/** What lies below, as decisions and ladders on record name it. */
const nameBelow = ({ ground, below }: Pair): string =>
  'product' in below ? below.product.id : groundText(ground);

/** What the owner decided about this pair; undefined where he has not. */
const decisionOn = (job: Job, pair: Pair): Decision | undefined =>
  (job.overrides ?? []).find((o) => o.below === nameBelow(pair) && o.above === pair.above.id);
type Decision = NonNullable<Job['overrides']>[number];

/** Scuffed, with care, and proven on a test card first. */
function withCare(pair: Pair, partId: string, said: Pick<Seam, 'reason' | 'gritP'>): Seam {
  return {
    below: pair.ground,
    above: pair.layer.id,
    verdict: 'care',
    join: 'scuffed',
    reason: said.reason,
    wayOut: notice('test-card', paramsOf(pair)),
    mark: 'own',
    gritP: said.gritP,
    wet: false,
    block: false,
    window: null,
    partIds: [partId],
  };
}

/** What the owner took on himself stays on record. */
const takenOn = (pair: Pair, code: string, partId: string): Seam =>
  withCare(pair, partId, {
    reason: notice('seam-overridden', { ...paramsOf(pair), code }),
    gritP: TAKEN_GRIT_P,
  });

/** Settled by a test patch, in the owner's words. */
const decided = (pair: Pair, why: string, partId: string): Seam =>
  withCare(pair, partId, {
    reason: notice('seam-decided', { ...paramsOf(pair), why }),
    gritP: DECIDED_GRIT_P,
  });

/** What no card speaks of. */
const NO_CARD: RuleCard = {
  code: 'pair-not-known',
  on: { product: {} },
  goes: {},
  verdict: 'unknown',
  join: 'none',
  wayOut: 'patch-and-decide',
};

/** One more coat of the same paint, whatever the pair would be as two layers: it waits one flash. */
function overSpot(pair: Pair, partId: string): Seam {
  const { flashMin, itselfMaxMin, itselfForbiddenMin } = pair.above;
  const latestMin = itselfMaxMin ?? itselfForbiddenMin?.[0] ?? null;
  return {
    below: pair.ground,
    above: pair.layer.id,
    verdict: 'ok',
    join: 'wet-on-wet',
    reason: notice(SPOT, paramsOf(pair)),
    wayOut: null,
    mark: 'CP',
    gritP: null,
    wet: false,
    block: false,
    window: { minMin: flashMin, wetMaxMin: null, bondMaxMin: latestMin },
    partIds: [partId],
  };
}

/** Filler for the last paper of a filled ground, FEPA P. Common practice. */
const FILLED_GRIT_P = 180;

/** Over the scuffed epoxy on zinc lies filler: what goes on has to seal it. */
function overFilled(job: Job, pair: Pair, partId: string): Seam {
  const surface = { substrate: 'galvanised' as const, condition: 'filled' as const };
  const sealed = judged(job, { ...pair, below: { surface }, isFilledOver: false }, partId);
  if (sealed.verdict === 'no') return { ...sealed, below: pair.ground };
  const reason = notice('filler-over-epoxy', paramsOf(pair));
  return {
    ...sealed,
    below: pair.ground,
    join: 'sanded',
    reason,
    gritP: FILLED_GRIT_P,
    block: true,
    window: null,
  };
}

/** What a mend does to the film below before its own goes on: its papers, whatever the pair would ask for. */
function overMended(pair: Pair, mend: LayerMend, partId: string): Seam {
  const papers = mend.tasks.filter((t) => t.do === 'sand');
  const last = papers.at(-1);
  return {
    below: pair.ground,
    above: pair.layer.id,
    verdict: 'ok',
    join: 'sanded',
    reason: notice('mended', paramsOf(pair)),
    wayOut: null,
    mark: 'M',
    gritP: last?.gritP ?? null,
    ...(papers.length > 1 && { ladder: papers.map((t) => t.gritP) }),
    wet: last?.wet ?? false,
    block: false,
    window: null,
    partIds: [partId],
  };
}

/** Papers the owner chose for this seam. */
function withOwnLadder(job: Job, pair: Pair, seam: Seam): Seam {
  const own = (job.ladders ?? []).find((l) => l.below === nameBelow(pair) && l.above === pair.above.id);
  return own && isSanded(seam) ? { ...seam, ladder: own.grits } : seam;
}

/** @param partId the first part that has this seam */
export function judgeSeam(job: Job, pair: Pair, partId: string): Seam {
  const { mend } = pair.layer;
  if (mend && isWorked(mend) && !pair.isSpot) return overMended(pair, mend, partId);
  return withOwnLadder(job, pair, judged(job, pair, partId));
}

function judged(job: Job, pair: Pair, partId: string): Seam {
  if (pair.isSpot) return overSpot(pair, partId);
  if (pair.isFilledOver) return overFilled(job, pair, partId);
  const card = ruleFor(pair.below, pair.above) ?? NO_CARD;
  const decision = decisionOn(job, pair);
  if (card.verdict === 'no' && decision) return takenOn(pair, card.code, partId);
  // A pair that nobody knows is not taken on with a press: what the patch showed has to be written down.
  const why = decision?.why?.trim();
  if (card.verdict === 'unknown' && why) return decided(pair, why, partId);
  const params = paramsOf(pair);
  return {
    below: pair.ground,
    above: pair.layer.id,
    verdict: card.verdict,
    join: card.join,
    reason: notice(card.code, params),
    wayOut: card.wayOut ? notice(card.wayOut, params) : null,
    mark: card.mark ?? 'CP',
    gritP: gritOf(job, card, pair),
    wet: card.wet ?? false,
    block: card.join === 'sanded' && isLevelled(pair.below),
    window: windowOf(pair.below, card.join),
    partIds: [partId],
  };
}
