/**
 * Where everything of a section stands: sizes by the place it is drawn for, bands from the ground up, labels
 * pushed apart.
 */
import type { Band, SeamMark, Stack } from '../views/stack';

export type SectionSize = 'large' | 'phone' | 'spine' | 'bench' | 'mini';

/** How a section is drawn where: height of the ground, gauge and space over it, size of its words. */
interface SizeCard {
  readonly groundH: number;
  readonly gaugeW: number;
  readonly top: number;
  readonly below: number;
  readonly bandW: (width: number) => number;
  readonly font: number;
  /** Names and seam tags have room. */
  readonly full: boolean;
  /** Part of the bench: no gauge, labels outside. */
  readonly onBench: boolean;
  /** From the band to the tags, px. */
  readonly lead: number;
}
/** Gauge and words beside the large section, px. */
const LARGE_WORDS_W = 212;
const SPINE = {
  groundH: 44,
  gaugeW: 48,
  top: 26,
  below: 8,
  bandW: (width: number) => width - 52,
  font: 12,
  full: false,
  onBench: false,
  lead: 40,
};
export const SIZE_CARDS: Readonly<Record<SectionSize, SizeCard>> = {
  large: { ...SPINE, groundH: 56, bandW: (width) => Math.min(222, width - LARGE_WORDS_W), full: true },
  phone: { ...SPINE, gaugeW: 44, bandW: () => 136, font: 14, full: true, lead: 22 },
  spine: SPINE,
  bench: {
    ...SPINE,
    groundH: 28,
    gaugeW: 0,
    top: 8,
    below: 2,
    bandW: (width) => Math.min(118, width * 0.56),
    onBench: true,
  },
  mini: { ...SPINE, groundH: 14, gaugeW: 0, top: 6, below: 2, bandW: (width) => width, onBench: true },
};

/** A band on the paper. */
export interface PlacedBand {
  readonly band: Band;
  readonly bottomY: number;
  readonly topY: number;
  readonly middleY: number;
  /** Its words have room within it. */
  readonly inside: boolean;
}
export interface PlacedLabel extends PlacedBand {
  readonly labelY: number;
}
export interface PlacedTag {
  readonly mark: SeamMark;
  readonly y: number;
  readonly tagY: number;
}
export interface SectionFrame {
  readonly size: SectionSize;
  readonly card: SizeCard;
  readonly width: number;
  readonly height: number;
  readonly pxPerUm: number;
  readonly gaugeMax: number;
  readonly x: number;
  readonly bandW: number;
  /** The surface of the ground. */
  readonly baseY: number;
  readonly doneY: number;
  readonly bands: readonly PlacedBand[];
  readonly labels: readonly PlacedLabel[];
  readonly tags: readonly PlacedTag[];
}

/** Positions pushed apart so that no two are nearer than `gap`, kept above `floor`. */
export function spread(ys: readonly number[], gap: number, floor: number): number[] {
  const order = ys.map((y, i) => ({ y, i })).sort((a, b) => b.y - a.y);
  const out = new Array<number>(ys.length);
  let last = floor + gap;
  for (const { y, i } of order) {
    last = Math.min(y, last - gap);
    out[i] = last;
  }
  return out;
}

/** Least height of a band that holds its own words, px. */
const WORDS_PX = 18;
const LABEL_GAP = 17;
const TAG_GAP = 46;

export interface SectionAsk {
  readonly stack: Stack;
  readonly pxPerUm: number;
  readonly width: number;
  readonly gaugeMax: number;
  readonly size: SectionSize;
}

export function sectionFrame({ stack, pxPerUm, width, gaugeMax, size }: SectionAsk): SectionFrame {
  const card = SIZE_CARDS[size];
  const baseY = card.top + gaugeMax * pxPerUm;
  const bands = stack.bands.map((band, i): PlacedBand => {
    const underUm = stack.bands.slice(0, i).reduce((a, b) => a + b.um, 0);
    const bottomY = baseY - underUm * pxPerUm;
    const h = band.um * pxPerUm;
    return {
      band,
      bottomY,
      topY: bottomY - h,
      middleY: bottomY - h / 2,
      inside: !card.onBench && h >= WORDS_PX,
    };
  });
  const outside = bands.filter((b) => !b.inside);
  const labelYs = spread(
    outside.map((b) => b.middleY),
    LABEL_GAP,
    baseY - 4,
  );
  const seams = card.full ? stack.seams : [];
  const seamYs = seams.map((m) => bands.find((b) => b.band.id === m.above)!.bottomY);
  const tagYs = spread(seamYs, TAG_GAP, baseY + 24);
  return {
    size,
    card,
    width,
    height: baseY + card.groundH + card.below,
    pxPerUm,
    gaugeMax,
    x: card.gaugeW + (card.onBench ? 0 : 2),
    bandW: card.bandW(width),
    baseY,
    doneY: baseY - stack.doneUm * pxPerUm,
    bands,
    labels: outside.map((b, i) => ({ ...b, labelY: labelYs[i]! })),
    tags: seams.map((mark, i) => ({ mark, y: seamYs[i]!, tagY: tagYs[i]! })),
  };
}
