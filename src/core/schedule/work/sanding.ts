/** The sanding of one seam as tasks: a single paper, or every rung of its ladder. */
import { groundText } from '@/model/ground';
import type { Part } from '@/model/job';
import { isCutMetal } from '@/model/substrates';
import { ladderMinPerM2, ladderOf, type Held, type Rung } from '../../prep/ladder';
import type { Seam } from '../../seams/seam';
import { totalAreaM2 } from '../../surface/area';
import { facesOf } from '../../surface/shape';
import type { PrepStep } from './draft';
import { inFives } from './minutes';

const isStripped = (s: Seam): boolean => s.below.kind === 'surface' && s.below.condition === 'failing-clear';

const isBareMetal = ({ below }: Seam): boolean =>
  below.kind === 'surface' && below.condition === 'bare' && isCutMetal(below);

/** Nothing flat on it that a block could lie on. */
const isTubes = (p: Part): boolean => facesOf(p).every((f) => f.rounds > 1);

function singleCode(s: Seam): string {
  if (isStripped(s)) return 'sand-strip';
  if (isBareMetal(s)) return 'key-metal';
  if (s.below.kind === 'surface' && s.below.substrate === 'textured') return 'scrub';
  if (s.block) return s.wet ? 'sand-wet' : 'sand-block';
  if (s.join === 'scuffed') return 'scuff';
  return s.wet ? 'dull-wet' : 'sand-dry';
}

function firstRungCode(s: Seam): string {
  if (isStripped(s)) return 'rung-strip';
  if (s.below.kind === 'surface' && s.below.condition === 'rust') return 'rung-bright';
  return s.block ? 'rung-guide' : 'rung-first';
}

function rungCode(s: Seam, i: number, rungs: readonly Rung[]): string {
  if (i === 0) return firstRungCode(s);
  return i === rungs.length - 1 ? 'rung-last' : 'rung-next';
}

/**
 * Minutes of each rung by its share of the ladder; the last takes what rounding left, so that all add up to
 * the seam's time.
 */
function rungMinutes(rungs: readonly Rung[], totalMin: number): number[] {
  const all = rungs.reduce((a, r) => a + r.minPerM2, 0);
  const early = rungs.slice(0, -1).map((r) => Math.max(1, Math.round((totalMin * r.minPerM2) / all)));
  const spent = early.reduce((a, m) => a + m, 0);
  return [...early, Math.max(1, totalMin - spent)];
}

/** The rungs of one seam as tasks; together they take the seam's time in fives. @param of the parts it is on */
export function sandingOf(id: string, seam: Seam, of: readonly Part[], held: Held): PrepStep[] {
  const rungs = ladderOf(seam, held);
  const areaM2 = totalAreaM2(of);
  const total = inFives(areaM2 * ladderMinPerM2(seam, held));
  const below = groundText(seam.below);
  const round = of.every(isTubes) ? 1 : 0;
  const grit = rungs[0]?.gritP ?? 0;
  const common = { kind: 'sand', partIds: seam.partIds, needs: 'hands', canSplit: true } as const;
  if (rungs.length <= 1) {
    const params = { grit, ladder: `P${grit}`, below, areaM2, round };
    return [{ ...common, id, minutes: total, detail: { code: singleCode(seam), params } }];
  }
  const minutes = rungMinutes(rungs, total);
  return rungs.map((rung, i): PrepStep => {
    const before = rungs[i - 1]?.gritP ?? 0;
    const params = { grit: rung.gritP, before, wet: rung.wet ? 1 : 0, below, areaM2, round };
    const detail = { code: rungCode(seam, i, rungs), params };
    return { ...common, id: `${id}-p${rung.gritP}`, minutes: minutes[i]!, detail };
  });
}
