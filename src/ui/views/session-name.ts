/** A session in words: "Base and clear"; in lots "Base and clear, left door". */
import { wholePartId } from '@/core/surface/zones';
import type { Plan, Session } from '@/model/plan';
import { ROLE_NAMES } from '@/words/names';
import { partName } from './part-name';

/** "one", "one and two", "one, two and three". */
export function inAList(words: readonly string[]): string {
  if (words.length < 2) return words[0] ?? '';
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
export const uncapital = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

export type Named = Pick<Session, 'layerIds' | 'partIds'>;

/** What a session sprays; of one without a start the layers its id names. */
export function sessionOf(plan: Plan, sessionId: string): Named {
  const known = plan.sessions.find((s) => s.id === sessionId);
  return known ?? { layerIds: [sessionId.replace(/^s-/, '')], partIds: [] };
}

/** Parts that are named one by one; more are counted. */
const MOST_NAMED = 3;

/** Which parts, where it is not all of them. */
function partsText(plan: Pick<Plan, 'parts'>, all: readonly string[], mine: readonly string[]): string {
  const whole = new Set(all.map(wholePartId));
  const here = new Set(mine.map(wholePartId));
  if (here.size === 0 || here.size >= whole.size) return '';
  if (here.size > MOST_NAMED) return `, ${here.size} of ${whole.size} parts`;
  return `, ${inAList([...here].map((id) => partName(plan, id)))}`;
}

export function sessionName(plan: Pick<Plan, 'layers' | 'parts'>, { layerIds, partIds }: Named): string {
  const layers = layerIds.flatMap((id) => plan.layers.find((x) => x.id === id) ?? []);
  const roles = layers.map((l) => ROLE_NAMES[l.role].toLowerCase());
  const all = layers.flatMap((l) => l.partIds);
  return capital(inAList(roles) || 'session') + partsText(plan, all, partIds);
}

/** “, left door and lid”: some of the parts; nothing where it is all of them. */
export function onParts(
  { parts }: { readonly parts: readonly { readonly id: string; readonly name?: string | undefined }[] },
  partIds: readonly string[],
): string {
  if (partIds.length >= parts.length) return '';
  return `, ${inAList(partIds.map((id) => partName({ parts }, id)))}`;
}
