/**
 * Limits of the air and the panel: coldest, hottest, humidity, gap to the dew point, and the temperature
 * times are given for.
 */
import { round1 } from '@/core/numerics/round';
import type { Clause } from './clause';
import type { Finds } from './finds';
import { numberOf } from './quantities';

const AT_LEAST =
  /(?:not|never)[^.]*below|minimum|at least|\bmin\.? *(?:temp|application)|above|or (?:more|higher|warmer)/;
const AT_MOST = /(?:not|never)[^.]*above|maximum|at most|\bmax\.?\b/;
/** A can must never be warmer than this: its own warning, not a limit of spraying. */
const CAN_WARNING = /50 *°? *c|122 *°? *f|120 *°? *f/;

export function readTemperatures({ text, low, times, heat }: Clause, finds: Finds): void {
  const tempSpan = heat[0];
  if (!tempSpan) return;
  if (/flash[- ]?point/.test(low)) {
    finds.add('flashPointC', round1(tempSpan.lo), text);
    return;
  }
  if (times.length > 0) {
    if (/\bat\b|@|\(|bei/.test(low)) finds.add('refTempC', round1(tempSpan.hi), text);
    return;
  }
  if (tempSpan.lo !== tempSpan.hi) {
    if (/store|storage/.test(low)) return;
    finds.add('tempMinC', round1(tempSpan.lo), text);
    finds.add('tempMaxC', round1(tempSpan.hi), text);
    return;
  }
  if (AT_LEAST.test(low)) finds.add('tempMinC', round1(tempSpan.lo), text);
  else if (AT_MOST.test(low) && !CAN_WARNING.test(low)) finds.add('tempMaxC', round1(tempSpan.lo), text);
}

export function readHumidity({ text, times }: Clause, finds: Finds): void {
  const rh = /(?:humidity|\brh\b)[^.%]*?(\d+)\s*%|(\d+)\s*%\s*(?:relative humidity|r\.?h)/i.exec(text);
  const isLimit = /below|under|max|less|not (?:exceed|above|over)|up to|humidity/i.test(text);
  if (rh && isLimit && times.length === 0) finds.add('rhMaxFrac', Number(rh[1] ?? rh[2]) / 100, text);
}

export function readDewGap({ text }: Clause, finds: Finds): void {
  const dew = /(\d+(?:[.,]\d+)?)\s*(?:°\s*)?([CFK])\b[^.]*(?:above|over)[^.]*dew/i.exec(text);
  if (!dew) return;
  const gap = numberOf(dew[1]!);
  finds.add('dewGapMinK', dew[2]!.toUpperCase() === 'F' ? round1((gap * 5) / 9) : gap, text);
  finds.remove('tempMinC', text);
}
