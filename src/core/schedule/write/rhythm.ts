/** The rhythm of a session: what a round over all parts takes against a flash, and which of them binds. */
import type { Session } from '@/model/plan';
import { MINUTE } from '../../time/instant';
import type { Sheet } from './sheet';

type Rhythm = Session['rhythm'][number];

/** Waits on the single part, and rounds, of the coats of one layer that follow one another, minutes. */
function beatsOf(sheet: Sheet, layerId: string): { cycleMin: number; roundMin: number; flashMin: number }[] {
  const { coats, trace } = sheet.run;
  return sheet.draft.steps.flatMap((step, k) => {
    const before = sheet.draft.steps[k - 1];
    if (step.layerId !== layerId || before?.layerId !== layerId) return [];
    // Another group of parts begins: nothing waits for what was before.
    if (step.coat === before.coat) return [];
    if (!step.partIds.some((id) => before.partIds.includes(id))) return [];
    const waits = step.units.map(({ part }) => {
      const endMs = trace!.parts.findLast((p) => p.step === k - 1 && p.part === part)?.endMs ?? Infinity;
      return (trace!.parts.find((p) => p.step === k && p.part === part)!.startMs - endMs) / MINUTE;
    });
    const roundMin = (coats[k - 1]!.endMs - coats[k - 1]!.startMs) / MINUTE;
    const cycleMin = (coats[k]!.startMs - coats[k - 1]!.startMs) / MINUTE;
    return [{ cycleMin, roundMin, flashMin: Math.min(...waits) }];
  });
}

/** Parts that go through their coats together; one group where all do. */
function groupsOf({ draft }: Sheet, layerId: string): string[][] {
  const rounds = draft.steps.filter((s) => s.layerId === layerId).map((s) => [...s.partIds]);
  const kept = new Map(rounds.map((ids) => [ids.join(' '), ids]));
  return [...kept.values()];
}

/** Of every layer with two coats or more in the session. */
export function rhythmOf(sheet: Sheet): Rhythm[] {
  return sheet.draft.layers.flatMap(({ id }): Rhythm[] => {
    const beats = beatsOf(sheet, id);
    if (beats.length === 0) return [];
    const longest = beats.reduce((a, b) => (b.cycleMin > a.cycleMin ? b : a));
    const { cycleMin, roundMin, flashMin } = longest;
    const minutes = {
      cycleMin: Math.round(cycleMin),
      roundMin: Math.round(roundMin),
      flashMin: Math.round(flashMin),
    };
    // The next round begins as the last ends: nobody waited for the flash.
    const binds = cycleMin <= roundMin + 0.5 ? 'round' : 'flash';
    return [{ layerId: id, ...minutes, binds, groups: groupsOf(sheet, id) }];
  });
}
