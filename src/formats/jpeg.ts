/**
 * A JPEG made anew from its picture data alone (ITU-T T.81 annex B): tables, frames and scans are copied, and
 * nothing of what cameras and programs write beside them about place, time, owner or machine.
 */

export type Picture =
  { readonly ok: true; readonly bytes: Uint8Array } | { readonly ok: false; readonly fault: string };

const NO_JPEG = 'This is no JPEG picture. Choose a photograph.';
const DAMAGED = 'This picture is damaged. Take it again.';
const CUT_OFF = 'This picture is cut off. Send it again.';

const SOI = [0xff, 0xd8];
const EOI = 0xd9;
const SOS = 0xda;
const APP0 = 0xe0;
const APP14 = 0xee;
/** Density 1 : 1 and no thumbnail: what a viewer needs to know that this is JFIF (ITU-T T.871). */
const JFIF = [0xff, APP0, 0, 16, 0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0];
/** Adobe's marker says how the colours are coded; of this length it holds nothing else. */
const ADOBE_SIZE = 14;

/** Tables, frames, restart interval, number of lines, scan: C0–CF, DB–DF. */
const isPictureData = (marker: number): boolean =>
  (marker >= 0xc0 && marker <= 0xcf) || (marker >= SOS && marker <= 0xdf);
const beginsWith = (bytes: Uint8Array, at: number, word: string): boolean =>
  [...word].every((letter, i) => bytes[at + i] === letter.charCodeAt(0));

/** Where the coded data of a scan ends: at a marker that is neither stuffing nor a restart. */
function scanEnd(bytes: Uint8Array, from: number): number {
  for (let at = bytes.indexOf(0xff, from); at >= 0; at = bytes.indexOf(0xff, at + 1)) {
    const next = bytes[at + 1];
    if (next === undefined) return bytes.length;
    if (next !== 0 && next !== 0xff && !(next >= 0xd0 && next <= 0xd7)) return at;
  }
  return bytes.length;
}

interface Segment {
  readonly marker: number;
  readonly from: number;
  readonly to: number;
}

/** What of a segment is kept. */
function keptOf(bytes: Uint8Array, { marker, from, to }: Segment): Uint8Array | null {
  if (isPictureData(marker)) return bytes.subarray(from, to);
  if (marker === APP0 && beginsWith(bytes, from + 4, 'JFIF\0')) return Uint8Array.from(JFIF);
  const isAdobe = marker === APP14 && to - from === ADOBE_SIZE + 2 && beginsWith(bytes, from + 4, 'Adobe');
  return isAdobe ? bytes.subarray(from, to) : null;
}

/** The segment at a place, the coded data of a scan with it; null where none can be read. */
function segmentAt(bytes: Uint8Array, from: number): Segment | null {
  const marker = bytes[from + 1]!;
  const size = bytes[from + 2]! * 256 + bytes[from + 3]!;
  if (!(size >= 2) || from + 2 + size > bytes.length) return null;
  const end = from + 2 + size;
  return { marker, from, to: marker === SOS ? scanEnd(bytes, end) : end };
}

function joined(pieces: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(pieces.reduce((sum, p) => sum + p.length, 0));
  let at = 0;
  for (const piece of pieces) {
    all.set(piece, at);
    at += piece.length;
  }
  return all;
}

export function pictureOnly(bytes: Uint8Array): Picture {
  if (bytes.length < 4 || bytes[0] !== SOI[0] || bytes[1] !== SOI[1]) return { ok: false, fault: NO_JPEG };
  const pieces: Uint8Array[] = [Uint8Array.from(SOI)];
  let hasScan = false;
  let at = 2;
  while (at + 2 <= bytes.length) {
    if (bytes[at] !== 0xff) return { ok: false, fault: DAMAGED };
    const marker = bytes[at + 1]!;
    if (marker === EOI && hasScan) {
      // What stands behind the end, another picture for instance, is left behind.
      return { ok: true, bytes: joined([...pieces, Uint8Array.from([0xff, EOI])]) };
    }
    if (marker === 0xff) {
      at++;
      continue;
    }
    const segment = segmentAt(bytes, at);
    if (!segment) return { ok: false, fault: CUT_OFF };
    const kept = keptOf(bytes, segment);
    if (kept) pieces.push(kept);
    hasScan ||= marker === SOS;
    at = segment.to;
  }
  return { ok: false, fault: CUT_OFF };
}
