/**
 * Dents as tasks, on the dent and its surround alone: a key of P80, filler in rounds, the papers of its seam, the
 * edge feathered. Common practice, no source; minutes from memory.
 */
import type { Part } from '@/model/job';
import { fillerPlan } from '../../prep/filler';
import { liesOnSurface, type Seam } from '../../seams/seam';
import { isPlainMetal, isPlastic } from '@/model/substrates';
import type { PrepStep } from './draft';
import { inFives } from './minutes';

/** To mix and spread one round of body filler, and until it can be blocked at 20 °C. */
const SPREAD_MIN = 10;
const FILLER_HARD_MIN = 20;
/** To key a dent, and to feather its edge into what is round it. */
const KEY_MIN = 5;
const FEATHER_MIN = 5;

type Parts = ReadonlyMap<string, Part>;

/** Dented parts whose filler goes on now: on their own surface, on zinc over the epoxy that is on. */
export function dentedNow(seams: readonly Seam[], parts: Parts): Part[] {
  const ids = seams.flatMap((s) => {
    const isZinc = (id: string): boolean => parts.get(id)?.substrate === 'galvanised';
    const isOverEpoxy = s.reason.code === 'filler-over-epoxy';
    return s.partIds.filter((id) => (isZinc(id) ? isOverEpoxy : liesOnSurface(s)));
  });
  const now = new Set(ids);
  return [...parts.values()].filter((p) => now.has(p.id) && (p.dents?.length ?? 0) > 0);
}

/** By what lies there: plastic takes only its own filler, paint is ground off round a dent, zinc never. */
function keyCode(part: Part): string {
  const { substrate } = part;
  if (substrate === 'galvanised') return 'dent-key-epoxy';
  if (isPlastic(part)) return 'dent-key-plastic';
  return isPlainMetal({ substrate }) ? 'dent-key-metal' : 'dent-key';
}

export function filling(id: string, dented: readonly Part[]): PrepStep[] {
  const dents = dented.flatMap((p) => p.dents ?? []);
  const filler = fillerPlan(dents, 20);
  if (!filler) return [];
  const partIds = dented.map((p) => p.id);
  const codes = [...new Set(dented.map(keyCode))];
  const keyed = codes.map((code, i): PrepStep => {
    const mine = dented.filter((p) => keyCode(p) === code);
    const count = mine.reduce((a, p) => a + p.dents!.length, 0);
    return {
      id: `${id}.key${i === 0 ? '' : i + 1}`,
      kind: 'sand',
      minutes: inFives(KEY_MIN * count),
      partIds: mine.map((p) => p.id),
      detail: { code, params: { count } },
      needs: 'hands',
      canSplit: true,
    };
  });
  const rounds = filler.layers;
  const filled = Array.from({ length: rounds }, (_, i): PrepStep => {
    const pasteG = Math.round(filler.pasteG / rounds);
    const params = { round: i + 1, rounds, pasteG, hardMin: FILLER_HARD_MIN };
    return {
      id: `${id}.fill${i === 0 ? '' : i + 1}`,
      kind: 'fill',
      minutes: SPREAD_MIN + FILLER_HARD_MIN,
      partIds,
      detail: { code: dented.every(isPlastic) ? 'fill-plastic' : 'fill', params },
      // What is mixed is spread and hardens: it is not broken off.
      needs: 'warm-dry',
      canSplit: false,
    };
  });
  return [...keyed, ...filled];
}

/** After the papers of the filler. @param filled its tasks; none where nothing is filled now */
export function feathering(id: string, filled: readonly PrepStep[]): PrepStep[] {
  const rounds = filled.filter((p) => p.kind === 'fill');
  if (rounds.length === 0) return [];
  const { partIds } = rounds[0]!;
  return [
    {
      id: `${id}.feather`,
      kind: 'sand',
      minutes: inFives(FEATHER_MIN * partIds.length),
      partIds,
      detail: { code: 'dent-feather', params: { parts: partIds.length } },
      needs: 'hands',
      canSplit: true,
    },
  ];
}
