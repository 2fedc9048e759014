/** A mend as it is taken into the plan: plain tasks with their minutes, on the parts that show it. */
import type { MendTask, TakenMend } from '@/model/mend';
import { minutesOf, placeM2 } from './adds';
import type { Mend } from './mend';
import type { MendStep } from './steps';

function taskOf(step: MendStep, areaM2: number): MendTask {
  const minutes = Math.round(minutesOf(step, areaM2) * 10) / 10;
  switch (step.do) {
    case 'wait':
      return { ...step };
    case 'sand': {
      const { gritP, with: tool, wet, isLocal } = step;
      return { do: 'sand', gritP, with: tool, wet, isLocal, minutes };
    }
    case 'coat': {
      const { product, coats, isLocal } = step;
      return { do: 'coat', productId: product.id, coats, isLocal };
    }
    default:
      return { ...step, minutes };
  }
}

interface TakenOn {
  readonly id: string;
  readonly layerId: string;
  readonly partIds: readonly string[];
  readonly areaM2: number;
}

/** null where there is nothing to do. */
export function takeMend({ kind, steps }: Mend, { id, layerId, partIds, areaM2 }: TakenOn): TakenMend | null {
  if (steps.length === 0 || partIds.length === 0) return null;
  const tasks = steps.map((s) => taskOf(s, areaM2));
  return { id, kind, layerId, partIds: [...partIds], tasks, placeM2: placeM2(areaM2) };
}
