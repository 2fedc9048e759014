/** What was learned, as it is offered to be kept. */
import type { Lesson, LessonCode } from '@/core/faults/lessons';
import { percentOf, type Format } from '../../format';

type Say = (l: Lesson, f: Format) => string;

const SAID: Readonly<Record<LessonCode, Say>> = {
  'less-wind': (l, f) =>
    `At most ${f.speed(l.to!)} of wind at the part in this place, instead of ${f.speed(l.from!)}`,
  'more-gap': (l, f) =>
    `At least ${f.gap(l.to!)} over the dew point in this place, instead of ${f.gap(l.from!)}`,
  'cans-indoors': () => 'Cans are kept indoors, not in the place',
  'dusty-floor': () => 'The floor of this place is dusty',
  insects: () => 'There are insects at dusk in this place',
  'wait-longer': (l) => `${l.to} min from the last colour to clear`,
  'light-first': () => 'The first coat of clear is a light one',
  'light-last': () => 'The last coat of an effect is a light one from further off',
  'more-spare': (l) =>
    `Buy for a risk of running out of ${percentOf(l.to!)} % instead of ${percentOf(l.from!)} %`,
};

export const sayLesson = (l: Lesson, f: Format): string => SAID[l.code](l, f);
