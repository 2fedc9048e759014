import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { jpegFault } from './jpeg';

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

describe('pictures looked over', () => {
  it('one without what a camera writes may be kept', () =>
    expect(jpegFault(jpeg([0xe0, 'JFIF\0'], [0xdb, 'tables']))).toBeNull());
  it('Exif and XMP are refused with a sentence, wherever they stand before the scan', () => {
    expect(jpegFault(jpeg([0xe1, 'Exif\0\0II']))).toMatch(/where and when/);
    expect(jpegFault(jpeg([0xe0, 'JFIF\0'], [0xe1, 'http://ns.adobe.com/xap/1.0/\0']))).toMatch(
      /where and when/,
    );
  });
  it('what is no JPEG, cut off or damaged is refused; any bytes at all give a sentence or null (400 random)', () => {
    const whole = jpeg([0xe0, 'JFIF\0']);
    expect(jpegFault(new TextEncoder().encode('GIF89a....'))).toMatch(/no JPEG/);
    for (let n = 0; n < whole.length; n++) expect(jpegFault(whole.subarray(0, n))).not.toBeNull();
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 60 }), (b) => {
        const r = jpegFault(Uint8Array.from([0xff, 0xd8, ...b]));
        expect(r === null || r.length > 10).toBe(true);
      }),
      { numRuns: 400, seed: 12 },
    );
  });
});
