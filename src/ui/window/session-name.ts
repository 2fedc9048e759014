/** A session in words: "Base and clear". */
import type { Plan } from '@/model/plan';
import { ROLE_NAMES } from '@/words/names';

export function sessionName(plan: Plan, layerIds: readonly string[]): string {
  const roles = layerIds.flatMap((id) => {
    const l = plan.layers.find((x) => x.id === id);
    return l ? [ROLE_NAMES[l.role].toLowerCase()] : [];
  });
  const text =
    roles.length > 1 ? `${roles.slice(0, -1).join(', ')} and ${roles.at(-1)}` : (roles[0] ?? 'session');
  return text.charAt(0).toUpperCase() + text.slice(1);
}
