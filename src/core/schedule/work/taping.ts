/** A stripe or a second tone is a phase of its own: tape on once the ground takes it, tape off before what follows. */
import type { PlanLayer } from '@/model/plan';
import type { CoatStep, PrepStep } from './draft';

/** Minutes to tape a stripe or a second tone, and to pull the tape. From memory. */
const TAPE_MIN = 20;
const UNTAPE_MIN = 5;
const COLOURS: ReadonlySet<PlanLayer['role']> = new Set(['base', 'colour', 'mid']);

/** Another colour over a colour, on parts that have both; or a second tone over a clear that was scuffed. */
function isPhase(layer: PlanLayer, below: readonly PlanLayer[]): boolean {
  const under = below.findLast((l) => l.partIds.some((id) => layer.partIds.includes(id)));
  if (!under || !COLOURS.has(layer.role) || layer.role === 'mid') return false;
  if (under.role === 'clear') return layer.hex !== undefined;
  return COLOURS.has(under.role) && (layer.hex ?? '') !== (under.hex ?? '');
}

const taping = (kind: 'tape' | 'untape', step: CoatStep, minutes: number): PrepStep => ({
  id: `${step.layerId}.${kind}`,
  kind,
  minutes,
  partIds: step.partIds,
  detail: { code: kind, params: { minutes } },
  needs: 'hands',
  canSplit: false,
});

/** @param layers of the whole build-up, bottom first */
export function withTaping(steps: readonly CoatStep[], layers: readonly PlanLayer[]): CoatStep[] {
  const phases = new Set(layers.filter((l, i) => isPhase(l, layers.slice(0, i))).map((l) => l.id));
  return steps.map((step, i) => {
    if (!step.firstOfLayer) return step;
    const under = steps[i - 1];
    const off =
      under && phases.has(under.layerId)
        ? [{ task: taping('untape', under, UNTAPE_MIN), once: 'flash' as const }]
        : [];
    const on = phases.has(step.layerId)
      ? [{ task: taping('tape', step, TAPE_MIN), once: 'tape' as const }]
      : [];
    return { ...step, between: [...off, ...on] };
  });
}
