/** Looks a JPEG over before it is kept: whole, and without what cameras write about place, time and owner. */

const text = (b: Uint8Array, at: number, n: number): string => String.fromCharCode(...b.subarray(at, at + n));

/**
 * What is wrong with the picture, as a sentence; null when it may be kept. Walks the markers up to the scan
 * (JPEG, ITU-T T.81 annex B).
 */
export function jpegFault(bytes: Uint8Array): string | null {
  if (bytes.length < 4 || bytes[0] !== 0xff || bytes[1] !== 0xd8)
    return 'This is no JPEG picture. Choose a photograph.';
  let at = 2;
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) return 'This picture is damaged. Take it again.';
    const marker = bytes[at + 1]!;
    if (marker === 0xff) {
      at++;
      continue;
    }
    if (marker === 0xda)
      return bytes[bytes.length - 2] === 0xff && bytes[bytes.length - 1] === 0xd9
        ? null
        : 'This picture is cut off. Send it again.';
    const size = bytes[at + 2]! * 256 + bytes[at + 3]!;
    if (size < 2 || at + 2 + size > bytes.length) return 'This picture is cut off. Send it again.';
    if (
      marker === 0xe1 &&
      (text(bytes, at + 4, 4) === 'Exif' || text(bytes, at + 4, 28) === 'http://ns.adobe.com/xap/1.0/')
    )
      return 'This picture still carries where and when it was taken. Add it with the button on this page, which leaves that out.';
    at += 2 + size;
  }
  return 'This picture is cut off. Send it again.';
}
