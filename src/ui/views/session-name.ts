/** A session in words: "Base and clear". */
import type { Plan } from '@/model/plan';
import { ROLE_NAMES } from '@/words/names';

/** "one", "one and two", "one, two and three". */
export function inAList(words: readonly string[]): string {
  if (words.length < 2) return words[0] ?? '';
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

export function sessionName(plan: Pick<Plan, 'layers'>, layerIds: readonly string[]): string {
  const layers = layerIds.flatMap((id) => plan.layers.find((x) => x.id === id) ?? []);
  const roles = layers.map((l) => ROLE_NAMES[l.role].toLowerCase());
  return capital(inAList(roles) || 'session');
}
