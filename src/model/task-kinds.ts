/** Kinds of task of a run sheet. */
export const TASK_KINDS = [
  'shop',
  'strip-down',
  'fit',
  'fill',
  'sand',
  'clean',
  'mask',
  'tack',
  'check',
  'tape',
  'untape',
  'activate',
  'coat',
  'flash',
  'rinse',
  'dry',
  'unmask',
  'bake',
  'move',
  'polish',
] as const;
export type TaskKind = (typeof TASK_KINDS)[number];

/** Of work that takes longer or shorter by who does it: learned from begins that were pressed. */
export const HAND_KINDS = [
  'strip-down',
  'fit',
  'fill',
  'sand',
  'clean',
  'mask',
  'tack',
  'polish',
] as const satisfies readonly TaskKind[];
export type HandKind = (typeof HAND_KINDS)[number];
export const isHandKind = (kind: TaskKind): kind is HandKind => HAND_KINDS.some((k) => k === kind);
