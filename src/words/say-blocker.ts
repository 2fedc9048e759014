/** The words of what is in the way of a plan. */
import type { Notice } from '@/model/marks';
import type { Format } from './format';
import { BLOCKERS } from './sentences/blockers';
import { filled } from './sentences/reader';

export const sayBlocker = (notice: Notice, f: Format): string => filled(BLOCKERS, notice, f);
