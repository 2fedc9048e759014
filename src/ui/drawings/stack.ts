/** The build-up as it is drawn: bands in µm, bottom first, with what is already sprayed. */
import { tintOf } from '@/core/coating/tint';
import { sandAwayUm } from '@/core/prep/paper';
import type { Job, Part } from '@/model/job';
import type { Plan, Seam } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf, type Format } from '@/words/format';
import { ROLE_NAMES } from '@/words/names';
import { paintOf, type Paint } from './ink';

export interface Band {
  readonly id: string;
  readonly name: string;
  readonly role: string;
  readonly coats: number;
  readonly doneCoats: number;
  readonly umPerCoat: number;
  readonly um: number;
  readonly paint: Paint;
  /** what blocking takes off its top before the next layer, µm; 0 for none */ readonly awayUm: number;
}
export interface SeamMark {
  readonly above: string;
  readonly join: Seam['join'];
  readonly verdict: Seam['verdict'];
  readonly line1: string;
  readonly line2: string;
}
export interface Stack {
  readonly bands: readonly Band[];
  readonly seams: readonly SeamMark[];
  readonly substrate: Part['substrate'];
  readonly totalUm: number;
  readonly doneUm: number;
}

/** What the tag at a seam says: the act, then the rest or the time. */
export function seamTag(s: Seam): [string, string] {
  if (s.verdict === 'no') return ['Does not hold', 'see why'];
  if (s.join === 'wet-on-wet' && s.window) {
    const max = s.window.wetMaxMin ?? s.window.bondMaxMin;
    return [
      'Wet on wet',
      max === null
        ? `after ${durationOf(s.window.minMin)}`
        : max <= 120 && s.window.minMin < 60
          ? `${s.window.minMin}–${max} min`
          : `${durationOf(s.window.minMin)}–${durationOf(max)}`,
    ];
  }
  return [`${s.join === 'scuffed' ? 'Scuff ' : ''}P${s.gritP}${s.wet ? ' wet' : ''}`, 'degrease, tack'];
}

/** A candy's ground is silver, whatever the candy. */
export const groundHex = (job: Pick<Job, 'purpose'>, p: Product): string =>
  tintOf(job, p, {})?.hex ?? job.purpose.colour.hex;

export function stackOf(
  job: Job,
  plan: { readonly layers: Readonly<Plan['layers']>; readonly seams: readonly Seam[] },
  products: readonly Product[],
): Stack {
  const done = new Set((job.state?.coats ?? []).map((c) => `${c.layerId}.${c.coat}`));
  const bands = plan.layers.map((l): Band => {
    const p = products.find((x) => x.id === l.productId);
    const doneCoats = Array.from({ length: l.coats }, (_, i) => i + 1).filter((c) =>
      done.has(`${l.id}.${c}`),
    ).length;
    return {
      id: l.id,
      name: p?.name ?? l.productId,
      role: ROLE_NAMES[l.role],
      coats: l.coats,
      doneCoats,
      umPerCoat: l.filmUmPerCoat,
      um: l.coats * l.filmUmPerCoat,
      awayUm: plan.seams.some((x) => x.below === l.id && x.join === 'sanded')
        ? sandAwayUm(l.coats * l.filmUmPerCoat)
        : 0,
      paint: p ? paintOf(p, l.hex ?? groundHex(job, p)) : { fill: '#999999', texture: 'x-solid', alpha: 1 },
    };
  });
  const rank = { ok: 0, care: 1, no: 2 } as const;
  const worst = new Map<string, Seam>();
  for (const s of plan.seams) {
    const known = worst.get(s.above);
    if (!known || rank[s.verdict] > rank[known.verdict]) worst.set(s.above, s);
  }
  const seams = [...worst.values()].map((s): SeamMark => {
    const [line1, line2] = seamTag(s);
    return { above: s.above, join: s.join, verdict: s.verdict, line1, line2 };
  });
  return {
    bands,
    seams,
    substrate: job.parts[0]!.substrate,
    totalUm: bands.reduce((a, b) => a + b.um, 0),
    doneUm: bands.reduce((a, b) => a + b.doneCoats * b.umPerCoat, 0),
  };
}

/** The drawing in words, for those who cannot see it. */
export function stackInWords(s: Stack, f: Format): string {
  return `Cross-section to scale, bottom up: ${s.substrate}; ${s.bands.map((b) => `${b.name} ${b.coats} ${b.coats === 1 ? 'coat' : 'coats'} of ${f.film(b.umPerCoat)}${b.doneCoats > 0 ? `, ${b.doneCoats} sprayed` : ''}`).join('; ')}. ${f.film(s.totalUm)} in all.`;
}
