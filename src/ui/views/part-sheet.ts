/**
 * Faces of all parts laid out flat on one sheet, to one scale: in one row where that leaves them large enough
 * to read.
 */
import { facesOf, laidWidthMm, type Face } from '@/core/surface/shape';
import { partAreaM2 } from '@/core/surface/area';
import type { Part } from '@/model/job';
import { shortName } from '@/words/cut';
import type { Format } from '@/words/format';

const GAP = 26;
const TOP = 24;
/** Room below a row for its words, and at the foot for its words and the scale under them, px. */
const ROW_GAP = 66;
const FOOT = 62;
/** A frame has many kinds of tube: the first few stand for them, the figure counts all kinds. */
const MOST_FACES = 8;
/** Width of a letter of a title, about, px. */
const LETTER_W = 7.6;
/** Least width of a face with its words, px. */
const LEAST_W = 110;
const LABEL_W = 120;

interface Laid {
  readonly part: Part;
  readonly face: Face;
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Of its part in all. */
  readonly faceCount: number;
}

/** A face laid flat: a tube is slit open along its length, a polygon keeps its outline. */
function laidFlat(part: Part): Laid[] {
  const faces = facesOf(part);
  return faces
    .slice(0, MOST_FACES)
    .map((face) => ({
      part,
      face,
      lengthMm: face.lengthMm,
      widthMm: laidWidthMm(face),
      faceCount: faces.length,
    }));
}

export interface PlacedFace extends Laid {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
  /** Free for its words, px. */
  readonly room: number;
  /** The first face of its part carries its name. */
  readonly first: boolean;
}
export interface SheetLayout {
  readonly faces: readonly PlacedFace[];
  readonly height: number;
  readonly width: number;
  /** Pixels a millimetre. */
  readonly scale: number;
  /** Length of the scale bar, mm. */
  readonly barMm: number;
}

/** Of faces in several rows the longest is never shorter, px. */
const LEAST_ROW_W = 152;
/** A sheet is drawn as large as goes into this height, px. */
const MOST_H = 300;
const LARGEST_SCALE = 0.5;
const SMALLER = 0.94;

/** The least scale at which it is still read: the longest face a third of the width, the tallest 190 px at most. */
function leastScale(faces: readonly Laid[], width: number): number {
  const longest = Math.max(...faces.map((q) => q.lengthMm));
  const tall = 190 / Math.max(...faces.map((q) => q.widthMm));
  const inOneRow = (width - GAP * (faces.length - 1)) / faces.reduce((a, q) => a + q.lengthMm, 0);
  const wide = inOneRow * longest >= 170 ? inOneRow : Math.max(width * 0.31, LEAST_ROW_W) / longest;
  return Math.max(0.02, Math.min(wide, tall, LARGEST_SCALE));
}

/** A column of a row: the faces in it stand one under the other. */
interface Column {
  readonly x: number;
  readonly w: number;
  /** Where the next one would begin, px. */
  next: number;
}

/** A new row costs its gap: below a small face stands another sooner, if it comes out no lower than this, px. */
const LOWER_BY = 60;

function placed(laid: readonly Laid[], width: number, scale: number): SheetLayout {
  const faces: PlacedFace[] = [];
  let columns: Column[] = [];
  let top = TOP;
  let bottom = TOP;
  for (const q of laid) {
    const w = q.lengthMm * scale;
    const h = Math.max(3, q.widthMm * scale);
    const x = columns.length === 0 ? 0 : columns.at(-1)!.x + columns.at(-1)!.w + GAP;
    const isFitting = x === 0 || x + Math.max(w, LEAST_W) <= width;
    const under = columns.find((c) => c.w >= w && c.next + h <= bottom + LOWER_BY);
    let column = isFitting ? undefined : under;
    if (!column) {
      if (!isFitting) {
        top = bottom + ROW_GAP;
        columns = [];
      }
      column = { x: isFitting ? x : 0, w: Math.max(w, LABEL_W), next: top };
      columns.push(column);
    }
    const first = faces.at(-1)?.part !== q.part;
    const room = Math.max(w, LABEL_W) + GAP - 8;
    faces.push({ ...q, x: column.x, y: column.next, w, h, room, first });
    bottom = Math.max(bottom, column.next + h);
    column.next += h + ROW_GAP;
  }
  const barMm = [100, 200, 500, 1000].find((mm) => mm * scale >= 50) ?? 1000;
  return { faces, height: bottom + FOOT, width, scale, barMm };
}

/** @param width CSS px there are; its words are of one size on every */
export function sheetLayout(parts: readonly Part[], width: number): SheetLayout {
  const laid = parts.flatMap(laidFlat);
  const least = leastScale(laid, width);
  let scale = Math.min(LARGEST_SCALE, width / Math.max(...laid.map((q) => q.lengthMm)));
  let sheet = placed(laid, width, scale);
  while (sheet.height > MOST_H && scale > least) {
    scale = Math.max(least, scale * SMALLER);
    sheet = placed(laid, width, scale);
  }
  return sheet;
}

/** Name of a face: the part's on its first, then the faces by theirs; a long name is cut to its room. */
export function faceTitle({ part, face, first, faceCount, room }: PlacedFace): string {
  if (!first) return face.name;
  const pieces = (part.count ?? 1) > 1 ? ` × ${part.count}` : '';
  const after = `${pieces}${faceCount > 1 ? `, ${face.name}` : ''}`;
  return `${shortName(part.name ?? part.id, Math.max(8, Math.floor(room / LETTER_W) - after.length))}${after}`;
}

/** Of a part with one face all of it, edges and pieces too, as its row says; of several, this one's. */
export const faceFigureM2 = ({ part, face, faceCount }: PlacedFace): number =>
  faceCount === 1 ? partAreaM2(part) : face.areaM2;

export const hiddenFaces = ({ faceCount }: PlacedFace): string =>
  faceCount > MOST_FACES ? `; ${faceCount} faces` : '';

/** Width of the band along the edges that stands for what is hidden, px. */
export const edgeBand = ({ part, w, h }: PlacedFace): number =>
  Math.max(3, Math.min(w, h) * (1 - 1 / Math.sqrt(1 + part.hiddenEdgePct / 100)));

export interface PlacedZone {
  readonly condition: Part['condition'];
  readonly x: number;
  readonly w: number;
}
/** Zones as stripes from the right, each as wide as its share. */
export function zonesOf({ part, w }: PlacedFace): PlacedZone[] {
  let sharePct = 0;
  return (part.zones ?? []).map((z) => {
    sharePct += z.sharePct;
    return { condition: z.condition, x: w - (w * sharePct) / 100, w: Math.max(2, (w * z.sharePct) / 100) };
  });
}

/** The sheet in words, for those who cannot see it. */
export function sheetInWords(parts: readonly Part[], f: Format): string {
  const said = parts.map((p) => {
    const size = `${f.length(p.lengthMm)} by ${f.length(p.widthMm)}`;
    return `${p.name ?? p.id} ${size}, ${f.area(partAreaM2(p))}`;
  });
  return `Parts to one scale: ${said.join('; ')}`;
}
