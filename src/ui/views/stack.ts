/** The build-up as it is drawn: bands in µm, bottom first, with what is already sprayed. */
import { tintOf } from '@/core/coating/tint';
import { sandAwayUm } from '@/core/prep/paper';
import { groundText, type Ground } from '@/model/ground';
import type { Job, Part } from '@/model/job';
import type { PlanLayer, SeamRecord } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf, type Format } from '@/words/format';
import { coatsText } from '@/words/coats';
import { ROLE_NAMES } from '@/words/names';
import { paintOf, type Paint } from './ink';
import { TINT } from '@/ui/tokens/tints';

export interface Band {
  readonly id: string;
  readonly name: string;
  readonly role: string;
  readonly coats: number;
  /** With the one more past a bond: 3 + 1. */
  readonly coatsText: string;
  readonly doneCoats: number;
  readonly umPerCoat: number;
  readonly um: number;
  readonly paint: Paint;
  /** What blocking takes off its top before the next layer, µm; 0 for none. */
  readonly awayUm: number;
}
export interface SeamMark {
  readonly above: string;
  readonly join: SeamRecord['join'];
  readonly verdict: SeamRecord['verdict'];
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

/** A seam as far as it is drawn: of a plan, whose ground is a text, or of a system. */
export interface DrawnSeam extends Pick<
  SeamRecord,
  'above' | 'join' | 'verdict' | 'window' | 'gritP' | 'wet' | 'block'
> {
  readonly below: string | Ground;
}
const belowText = ({ below }: DrawnSeam): string => (typeof below === 'string' ? below : groundText(below));

function wetTime(min: number, max: number | null): string {
  if (max === null) return `after ${durationOf(min)}`;
  if (max <= 120 && min < 60) return `${min}–${max} min`;
  return `${durationOf(min)}–${durationOf(max)}`;
}

/** What the tag at a seam says: the act, then the rest or the time. */
export function seamTag(drawnSeam: DrawnSeam): [string, string] {
  if (drawnSeam.verdict === 'no') return ['Does not hold', 'see why'];
  if (drawnSeam.verdict === 'unknown') return ['Nobody knows', 'test patch'];
  if (drawnSeam.join === 'wet-on-wet' && drawnSeam.window)
    return [
      'Wet on wet',
      wetTime(drawnSeam.window.minMin, drawnSeam.window.wetMaxMin ?? drawnSeam.window.bondMaxMin),
    ];
  return [
    `${drawnSeam.join === 'scuffed' ? 'Scuff ' : ''}P${drawnSeam.gritP}${drawnSeam.wet ? ' wet' : ''}`,
    'degrease, tack',
  ];
}

/** A candy's ground is silver, whatever the candy. */
export const groundHex = (job: Pick<Job, 'purpose'>, p: Product): string =>
  tintOf(job, p, {})?.hex ?? job.purpose.colour.hex;

const UNKNOWN_PAINT: Paint = { fill: TINT.unknown, texture: 'x-solid', alpha: 1 };
const RANK = { ok: 0, care: 1, unknown: 2, no: 3 } as const;

/** Of several seams below one layer the worst is the one that is shown. */
function worstSeams(seams: readonly DrawnSeam[]): DrawnSeam[] {
  const worst = new Map<string, DrawnSeam>();
  for (const s of seams) {
    const known = worst.get(s.above);
    if (!known || RANK[s.verdict] > RANK[known.verdict]) worst.set(s.above, s);
  }
  return [...worst.values()];
}

export interface DrawnSystem {
  readonly layers: readonly PlanLayer[];
  readonly seams: readonly DrawnSeam[];
}

export function stackOf(job: Job, { layers, seams }: DrawnSystem, products: readonly Product[]): Stack {
  const done = new Set((job.state?.coats ?? []).map((c) => `${c.layerId}.${c.coat}`));
  const isBlocked = (l: PlanLayer): boolean => seams.some((s) => belowText(s) === l.id && s.block);
  const bands = layers.map((layer): Band => {
    const product = products.find((x) => x.id === layer.productId);
    const coatIds = Array.from({ length: layer.coats }, (_, i) => `${layer.id}.${i + 1}`);
    const um = layer.coats * layer.filmUmPerCoat;
    return {
      id: layer.id,
      name: product?.name ?? layer.productId,
      role: layer.mend ? 'Mend' : ROLE_NAMES[layer.role],
      coats: layer.coats,
      coatsText: coatsText(layer),
      doneCoats: coatIds.filter((c) => done.has(c)).length,
      umPerCoat: layer.filmUmPerCoat,
      um,
      awayUm: isBlocked(layer) ? sandAwayUm(um) : 0,
      paint: product ? paintOf(product, layer.hex ?? groundHex(job, product)) : UNKNOWN_PAINT,
    };
  });
  const marks = worstSeams(seams).map((s): SeamMark => {
    const [line1, line2] = seamTag(s);
    return { above: s.above, join: s.join, verdict: s.verdict, line1, line2 };
  });
  return {
    bands,
    seams: marks,
    substrate: job.parts[0]!.substrate,
    totalUm: bands.reduce((a, b) => a + b.um, 0),
    doneUm: bands.reduce((a, b) => a + b.doneCoats * b.umPerCoat, 0),
  };
}

/** The drawing in words, for those who cannot see it. */
export function stackInWords(stack: Stack, f: Format): string {
  const bands = stack.bands.map((b) => {
    const sprayed = b.doneCoats > 0 ? `, ${b.doneCoats} sprayed` : '';
    return `${b.name} ${b.coatsText} ${b.coats === 1 ? 'coat' : 'coats'} of ${f.film(b.umPerCoat)}${sprayed}`;
  });
  return `Cross-section to scale, bottom up: ${stack.substrate}; ${bands.join('; ')}. ${f.film(stack.totalUm)} in all.`;
}

const GAUGE_STEP_UM = 50;
/** Top of the gauge beside a section, µm. */
export const gaugeFor = (totalUm: number): number =>
  Math.max(GAUGE_STEP_UM, Math.ceil(totalUm / GAUGE_STEP_UM) * GAUGE_STEP_UM);

/** Top of the gauge that several sections share, µm. */
export const sharedGauge = (totalsUm: readonly number[]): number =>
  Math.max(2 * GAUGE_STEP_UM, ...totalsUm.map(gaugeFor));
