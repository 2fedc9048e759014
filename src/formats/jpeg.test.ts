import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pictureOnly } from './jpeg';

/** A JPEG of bare markers (ITU-T T.81): start, the segments given, a scan of three bytes, end. */
const jpeg = (...segments: [number, string][]): Uint8Array =>
  Uint8Array.from([
    0xff,
    0xd8,
    ...segments.flatMap(([m, body]) => {
      const b = [...body].map((c) => c.charCodeAt(0));
      const n = b.length + 2;
      return [0xff, m, n >> 8, n & 255, ...b];
    }),
    0xff,
    0xda,
    0,
    2,
    1,
    2,
    3,
    0xff,
    0xd9,
  ]);

const JFIF = String.fromCharCode(0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0);
const only = (bytes: Uint8Array): Uint8Array => {
  const picture = pictureOnly(bytes);
  if (!picture.ok) throw new Error(picture.fault);
  return picture.bytes;
};
const faultOf = (bytes: Uint8Array): string | null => {
  const picture = pictureOnly(bytes);
  return picture.ok ? null : picture.fault;
};

describe('a picture made anew from its picture data', () => {
  it('is the same when there is nothing else in it', () => {
    const plain = jpeg([0xe0, JFIF], [0xdb, 'tables'], [0xc4, 'codes'], [0xc0, 'frame'], [0xdd, 'rr']);
    expect(only(plain)).toEqual(plain);
  });

  it.each([
    ['Exif', [0xe1, 'Exif\0\0II place and time']],
    ['XMP', [0xe1, 'http://ns.adobe.com/xap/1.0/\0<x:xmpmeta>']],
    ['a colour profile', [0xe2, 'ICC_PROFILE\0 of a phone']],
    ['an index of further pictures', [0xe2, 'MPF\0']],
    ['a maker’s own block', [0xe4, 'SAMSUNG']],
    ['IPTC', [0xed, 'Photoshop 3.0\0 by-line']],
    ['a comment', [0xfe, 'taken by me']],
    ['a thumbnail beside JFIF', [0xe0, 'JFXX\0 small picture']],
    ['an APP0 of another kind', [0xe0, 'AVI1']],
    ['an Adobe block with more in it than it should have', [0xee, 'Adobe and who it was']],
  ] as [string, [number, string]][])(
    '%s is left out, wherever it stands before the scan',
    (_name, segment) => {
      const plain = jpeg([0xe0, JFIF], [0xdb, 'tables'], [0xc0, 'frame']);
      expect(only(jpeg([0xe0, JFIF], segment, [0xdb, 'tables'], [0xc0, 'frame']))).toEqual(plain);
      expect(only(jpeg([0xe0, JFIF], [0xdb, 'tables'], segment, [0xc0, 'frame'], segment))).toEqual(plain);
    },
  );

  it('a thumbnail inside the JFIF block goes, the block stays', () => {
    const withThumbnail = `${JFIF.slice(0, 12)}${String.fromCharCode(1, 1)}RGB`;
    expect(only(jpeg([0xe0, withThumbnail], [0xdb, 'tables']))).toEqual(jpeg([0xe0, JFIF], [0xdb, 'tables']));
  });

  it('how the colours are coded stays: they would be others without it', () => {
    const adobe = jpeg([0xee, `Adobe${String.fromCharCode(0, 100, 0, 0, 0, 0, 1)}`], [0xc0, 'frame']);
    expect(only(adobe)).toEqual(adobe);
  });

  it('several scans, stuffed bytes, restarts and fill bytes are picture data; what stands between scans is looked at too', () => {
    const scan = [0xff, 0xda, 0, 2, 7, 0xff, 0, 8, 0xff, 0xd0, 9];
    const comment = [0xff, 0xfe, 0, 4, 65, 66];
    const table = [0xff, 0xc4, 0, 3, 1];
    const progressive = [0xff, 0xd8, ...scan, ...comment, ...table, ...scan, 0xff, 0xd9];
    expect(only(Uint8Array.from(progressive))).toEqual(
      Uint8Array.from([0xff, 0xd8, ...scan, ...table, ...scan, 0xff, 0xd9]),
    );
    const filled = jpeg([0xdb, 'tables']);
    expect(only(Uint8Array.from([0xff, 0xd8, 0xff, ...filled.subarray(2)]))).toEqual(filled);
  });

  it('what stands behind its end is left behind', () => {
    const plain = jpeg([0xdb, 'tables']);
    expect(only(Uint8Array.from([...plain, ...plain, 1, 2, 3]))).toEqual(plain);
  });

  it('made anew once more it is the same', () => {
    const once = only(jpeg([0xe1, 'Exif'], [0xe0, JFIF], [0xdb, 'tables'], [0xfe, 'note']));
    expect(only(once)).toEqual(once);
  });

  it('what is no JPEG, cut off or damaged is refused; any bytes at all give a sentence or a picture (400 random)', () => {
    const whole = jpeg([0xe0, JFIF]);
    expect(faultOf(new TextEncoder().encode('GIF89a....'))).toMatch(/no JPEG/);
    expect(faultOf(Uint8Array.from([0xff, 0xd8, 0xff, 0xd9]))).not.toBeNull();
    for (let n = 0; n < whole.length; n++) expect(faultOf(whole.subarray(0, n))).not.toBeNull();
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 60 }), (b) => {
        const fault = faultOf(Uint8Array.from([0xff, 0xd8, ...b]));
        expect(fault === null || fault.length > 10).toBe(true);
      }),
      { numRuns: 400, seed: 12 },
    );
  });
});
