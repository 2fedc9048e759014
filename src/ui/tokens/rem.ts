/** Sizes of text and of what holds it follow the text size set in the browser (16 px by default). */
const BROWSER_TEXT_PX = 16;

/** @param px size at the browser's usual text size */
export const rem = (px: number): string => `${px / BROWSER_TEXT_PX}rem`;

/** How much larger than usual the reader has set the browser's text: 1, or 2 at 200 %. */
export const textScale = (): number =>
  parseFloat(getComputedStyle(document.documentElement).fontSize) / BROWSER_TEXT_PX || 1;
