/** A cup in words: its marks, grade, coats and end, for the run sheet and for plain text. */
import type { Mix } from '@/model/plan';
import type { Format } from './format';
import { GRADE_WORDS } from './names';

/** Of a coat's id its number: base.c2~a is coat 2. */
export const coatNo = (coatId: string): string => coatId.split('.c')[1]?.split('~')[0] ?? '';

const graded = (mix: Mix, part: Mix['marks'][number]['part']): string =>
  part === 'base' || mix.grade === null ? part : `${GRADE_WORDS[mix.grade]} ${part}`;

/** "base to 200 ml, slow hardener to 250 ml": marks of the cup, never a total beside a part. */
function marksText(mix: Mix, f: Format): string {
  const marks = mix.marks.map((m) => `${graded(mix, m.part)} to ${f.volume(m.toMl)}`);
  return marks.length > 0 ? marks.join(', ') : `poured to ${f.volume(mix.ml)}`;
}

export function mixLine(mix: Mix, name: string, f: Format): string {
  const coats = [...new Set(mix.coats.map(coatNo))].join(' and ');
  const cups = mix.cups > 1 ? `, ${mix.cups} fillings of the cup` : '';
  const dead = mix.usableUntil === null ? '' : `, dead ${f.time(mix.usableUntil)}`;
  return `${f.time(mix.at)}: ${name}, ${marksText(mix, f)}${cups}; for coat ${coats}, out by ${f.time(mix.usedBy)}${dead}.`;
}
