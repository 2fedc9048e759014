/**
 * Reads the text of a label or data sheet: ratios, waits, windows, limits, film, cover, packs, in
 * metric and US units. It says what it understood and from which words, for the user to confirm;
 * of a range it takes the careful end: the longer least wait, the shorter longest, the lower cover.
 */
import { clausesOf } from './clause';
import { readCoats, readCover, readFilm, readPack, readSmallFigures, readSolids } from './film';
import { Finds, type LabelFind } from './finds';
import { readIsocyanate, readKind } from './kind';
import { readDewGap, readHumidity, readTemperatures } from './limits';
import { readMix } from './mix';
import { readShelfLife, readWaits, readWindow } from './waits';

export interface LabelReading {
  readonly found: readonly LabelFind[];
  /** Clauses with a figure that nothing was read from. */
  readonly unread: readonly string[];
}

/** What stands by itself in a clause, in the order it is looked for. */
const READERS = [
  readShelfLife,
  readTemperatures,
  readHumidity,
  readDewGap,
  readCoats,
  readFilm,
  readSolids,
  readCover,
  readSmallFigures,
  readPack,
  readIsocyanate,
  readKind,
] as const;

/** @param text as pasted; longer texts than a label holds are cut */
export function readLabel(text: string): LabelReading {
  const finds = new Finds();
  const unread: string[] = [];
  for (const clause of clausesOf(text)) {
    const before = finds.list.length;
    readMix(clause, finds);
    readWaits(clause, finds, readWindow(clause, finds));
    for (const read of READERS) read(clause, finds);
    if (finds.list.length === before && /\d/.test(clause.text)) unread.push(clause.text);
  }
  return { found: finds.list, unread };
}
