/** A flat steel panel for tests: 1000 × 500 mm, one side, bare, no hidden edges. */
import type { Part } from '@/model/job';

export const flatPart = (over: Partial<Part> = {}): Part => ({
  id: 'p',
  lengthMm: 1000,
  widthMm: 500,
  sides: 1,
  posture: 'flat',
  hiddenEdgePct: 0,
  substrate: 'steel',
  condition: 'bare',
  ...over,
});
