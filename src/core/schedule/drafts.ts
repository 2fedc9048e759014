/**
 * Sessions before they have a time: the build-up cut at its sanded and scuffed seams, each stretch
 * with its preparation and its coats in order. What the state says is done is taken out.
 */
import type { Job, Part } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { PlanLayer, Seam, TaskKind } from '@/model/plan';
import type { Product } from '@/model/product';
import { splitAtSeams } from '../coating/sessions';
import { coatWeights } from '../coating/character';
import { FLOW_ML_S, HEEL_FRAC, transferFrac, TRIGGER_SHARE, usage } from '../material/consumption';
import { schoolOf } from '../coating/schools';
import { fillerPlan } from '../prep/filler';
import { ladderMinPerM2, ladderOf } from '../prep/ladder';
import { totalAreaM2 } from '../surface/area';
import { msOf } from '../time/instant';

/** Minutes to step to the next part. From memory. */
const STEP_MIN = 0.5;
/** Minutes before the first coat of an activated can: push the pin, shake, write the time on it. Common practice: at least 2 min of shaking after activation. */
export const ACTIVATE_MIN = 5;
export const TACK_MIN = 3;
/** Tape comes off about this long after the last coat. Common practice. */
export const UNMASK_AFTER_MIN = 60;
export const UNMASK_MIN = 10;

export interface PrepStep {
  readonly id: string;
  readonly kind: TaskKind;
  readonly minutes: number;
  readonly detail: Notice;
  readonly partIds: readonly string[];
}
export interface CoatStep {
  readonly id: string;
  readonly layerId: string;
  readonly product: Product;
  readonly coat: number;
  readonly coats: number;
  readonly minutes: number;
  readonly firstPartMin: number;
  readonly ml: number;
  readonly partIds: readonly string[];
  readonly firstOfLayer: boolean;
  /** How this painter lays the first coat of clear. */
  readonly firstClear: string;
  /** Cans to activate just before this coat; 0 for none. */
  readonly activateCans: number;
}
export interface Draft {
  readonly id: string;
  readonly layers: readonly PlanLayer[];
  readonly prep: readonly PrepStep[];
  readonly prepMin: number;
  readonly steps: readonly CoatStep[];
  readonly unmask: boolean;
  /** The film the first coat goes on, when its wait still runs. */
  readonly carry: { readonly product: Product; readonly endedMs: number } | null;
  /** An activation already running, by product. */
  readonly activatedMs: ReadonlyMap<string, number>;
  readonly started: boolean;
}
export interface Drafts {
  readonly sessions: readonly Draft[];
  /** The last finished film of a finished session: the next one may only start once it can be sanded. */
  readonly before: { readonly product: Product; readonly endedMs: number } | null;
}

const round5 = (min: number): number => Math.max(5, Math.ceil(min / 5) * 5);

/** Minutes to take one fitting off and bag it; to mix and spread one round of body filler, and until it can be blocked at 20 °C. From memory. */
const FITTING_MIN = 5;
const SPREAD_MIN = 10;
const FILLER_HARD_MIN = 20;

/** The rungs of one seam as tasks; together they take the seam's time in fives. */
function sandingOf(id: string, s: Seam, of: readonly Part[]): PrepStep[] {
  const rungs = ladderOf(s);
  const areaM2 = totalAreaM2(of);
  const total = round5(areaM2 * ladderMinPerM2(s));
  const all = rungs.reduce((a, r) => a + r.minPerM2, 0);
  const strip = s.below.endsWith('/failing-clear');
  const levelled = s.join === 'sanded' && !s.below.startsWith('surface:');
  if (rungs.length <= 1)
    return [
      {
        id,
        kind: 'sand',
        minutes: total,
        partIds: s.partIds,
        detail: {
          code: strip ? 'sand-strip' : s.wet ? 'sand-wet' : s.join === 'scuffed' ? 'scuff' : 'sand-dry',
          params: { grit: s.gritP ?? 0, ladder: `P${s.gritP ?? 0}`, below: s.below, areaM2 },
        },
      },
    ];
  let spent = 0;
  return rungs.map((r, i): PrepStep => {
    const last = i === rungs.length - 1;
    const minutes = last ? Math.max(1, total - spent) : Math.max(1, Math.round((total * r.minPerM2) / all));
    spent += minutes;
    const code =
      i === 0
        ? strip
          ? 'rung-strip'
          : levelled
            ? 'rung-guide'
            : 'rung-first'
        : last
          ? 'rung-last'
          : 'rung-next';
    return {
      id: `${id}-p${r.gritP}`,
      kind: 'sand',
      minutes,
      partIds: s.partIds,
      detail: {
        code,
        params: {
          grit: r.gritP,
          before: rungs[i - 1]?.gritP ?? 0,
          wet: r.wet ? 1 : 0,
          below: s.below,
          areaM2,
        },
      },
    };
  });
}

function prepOf(
  job: Job,
  id: string,
  group: readonly PlanLayer[],
  seams: readonly Seam[],
  parts: ReadonlyMap<string, Part>,
  first: boolean,
): PrepStep[] {
  const prep: PrepStep[] = [];
  const inside = new Set(group.map((l) => l.id));
  const sanding = seams.filter((s) => inside.has(s.above) && (s.join === 'sanded' || s.join === 'scuffed'));
  if (first) {
    const off = job.fittings?.length ?? 0;
    const dents = job.parts.flatMap((p) => p.dents ?? []);
    const filler = fillerPlan(dents, 20);
    if (off > 0)
      prep.push({
        id: `${id}.strip-down`,
        kind: 'strip-down',
        minutes: round5(FITTING_MIN * off),
        partIds: [],
        detail: { code: 'strip-down', params: { count: off } },
      });
    for (let n = 1; filler && n <= filler.layers; n++)
      prep.push({
        id: `${id}.fill${n === 1 ? '' : n}`,
        kind: 'fill',
        minutes: SPREAD_MIN + FILLER_HARD_MIN,
        partIds: job.parts.filter((p) => p.dents?.length).map((p) => p.id),
        detail: {
          code: 'fill',
          params: {
            round: n,
            rounds: filler.layers,
            pasteG: Math.round(filler.pasteG / filler.layers),
            hardMin: FILLER_HARD_MIN,
          },
        },
      });
  }
  sanding.forEach((s, i) => {
    prep.push(
      ...sandingOf(
        `${id}.sand${i === 0 ? '' : i + 1}`,
        s,
        s.partIds.map((x) => parts.get(x)!),
      ),
    );
  });
  const all = [...new Set(group.flatMap((l) => l.partIds))];
  const of = all.map((x) => parts.get(x)!);
  const areaM2 = totalAreaM2(of);
  const feared = of.some((p) => p.silicone);
  prep.push({
    id: `${id}.clean`,
    kind: 'clean',
    minutes: round5(5 + 8 * areaM2) * (feared ? 2 : 1),
    partIds: all,
    detail: { code: feared ? 'clean-twice' : 'clean', params: { areaM2 } },
  });
  prep.push({
    id: `${id}.mask`,
    kind: 'mask',
    minutes: first ? 15 : 10,
    partIds: all,
    detail: { code: first ? 'mask' : 'mask-again', params: {} },
  });
  prep.push({
    id: `${id}.tack`,
    kind: 'tack',
    minutes: TACK_MIN + 2,
    partIds: all,
    detail: { code: 'tack-and-warm', params: {} },
  });
  return prep.map((p) => ({ ...p, minutes: job.minutes?.[p.id] ?? p.minutes }));
}

function coatsOf(
  job: Job,
  layer: PlanLayer,
  product: Product,
  parts: ReadonlyMap<string, Part>,
): Omit<CoatStep, 'activateCans' | 'firstOfLayer'>[] {
  const transfer = transferFrac(job, product);
  const minutesFor = (ml: number, n: number): number =>
    ml / FLOW_ML_S[product.carrier] / 60 / TRIGGER_SHARE + STEP_MIN * n;
  const on = layer.partIds.map((x) => parts.get(x)!);
  const firstClear = schoolOf(job, 'firstClear');
  return coatWeights(product, layer.coats, firstClear).map((weight, i) => {
    const own = job.habit?.factor ?? 1;
    const ml = usage(product, on, weight, transfer).sprayMl * own;
    const firstMl = on[0] ? usage(product, [on[0]], weight, transfer).sprayMl * own : 0;
    const minutes = Math.max(2, Math.ceil(minutesFor(ml, on.length)));
    return {
      id: `${layer.id}.c${i + 1}`,
      layerId: layer.id,
      product,
      coat: i + 1,
      coats: layer.coats,
      minutes,
      firstPartMin: Math.min(minutes, minutesFor(firstMl, 1)),
      ml,
      partIds: layer.partIds,
      firstClear,
    };
  });
}

/** Cans that the expected use of a session empties. */
function cansFor(product: Product, ml: number): number {
  return Math.max(1, Math.ceil(ml / (product.packs[0]!.sizeMl * (1 - HEEL_FRAC)) - 1e-9));
}

export function draftsOf(
  job: Job,
  layers: readonly PlanLayer[],
  seams: readonly Seam[],
  products: ReadonlyMap<string, Product>,
): Drafts {
  const parts = new Map(job.parts.map((p) => [p.id, p]));
  const done = new Map(
    (job.state?.coats ?? []).map((c) => [`${c.layerId}.c${c.coat}`, msOf(c.endedAt, job.place.tz)]),
  );
  const tasksDone = new Set((job.state?.tasks ?? []).map((t) => t.taskId));
  const activated = new Map(
    (job.state?.activations ?? []).map((a) => [a.productId, msOf(a.at, job.place.tz)]),
  );
  const groups = splitAtSeams(layers, seams);
  const sessions: Draft[] = [];
  let before: Drafts['before'] = null;
  groups.forEach((group, g) => {
    const id = `s-${group[0]!.id}`;
    const every = group.flatMap((l) => coatsOf(job, l, products.get(l.productId)!, parts));
    const left = every.filter((s) => !done.has(s.id));
    const lastDone = [...every].reverse().find((s) => done.has(s.id));
    if (left.length === 0) {
      before = { product: every.at(-1)!.product, endedMs: done.get(every.at(-1)!.id)! };
      return;
    }
    const opened = new Set(activated.keys());
    const steps: CoatStep[] = left.map((s) => {
      const needs = s.product.potLifeMin !== undefined && !opened.has(s.product.id);
      if (needs) opened.add(s.product.id);
      const ml = left.filter((x) => x.product.id === s.product.id).reduce((a, x) => a + x.ml, 0);
      return { ...s, firstOfLayer: s.coat === 1, activateCans: needs ? cansFor(s.product, ml) : 0 };
    });
    // A ladder ticked as one, before its rungs were tasks of their own, counts for all of them.
    const prep = lastDone
      ? []
      : prepOf(job, id, group, seams, parts, g === 0).filter(
          (p) => !tasksDone.has(p.id) && !tasksDone.has(p.id.replace(/-p\d+$/, '')),
        );
    sessions.push({
      id,
      layers: group,
      prep,
      prepMin: prep.reduce((a, p) => a + p.minutes, 0),
      steps,
      unmask: g === groups.length - 1,
      carry: lastDone ? { product: lastDone.product, endedMs: done.get(lastDone.id)! } : null,
      activatedMs: activated,
      started: lastDone !== undefined,
    });
  });
  return { sessions, before };
}
