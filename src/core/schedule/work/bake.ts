/** The staged heat that makes a heat paint hard: tasks of their own once it may be handled. */
import type { Draft, PrepStep } from './draft';

/** To bring it up to a stage and let it cool after, minutes. From memory. */
const UP_AND_DOWN_MIN = 30;

/** In order, by its sheet, for what was finished in this session; none for what hardens by itself. */
export function bakeSteps({ id, steps }: Pick<Draft, 'id' | 'steps'>): PrepStep[] {
  const baked = steps.filter((s) => s.product.bake !== undefined && s.coat === s.coats);
  const stages = baked[0]?.product.bake ?? [];
  const partIds = [...new Set(baked.flatMap((s) => s.partIds))];
  return stages.map((stage, i): PrepStep => ({
    id: `${id}.bake${i + 1}`,
    kind: 'bake',
    minutes: stage.min + UP_AND_DOWN_MIN,
    detail: {
      code: 'bake',
      params: { stage: i + 1, of: stages.length, tempC: stage.tempC, minutes: stage.min },
    },
    partIds,
    needs: 'hands',
    canSplit: false,
  }));
}
