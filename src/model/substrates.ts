/** The closed list of substrates in the groups that rules, drawings and forms ask for. */
import type { CONDITIONS, SUBSTRATES } from './lists';

export type Substrate = (typeof SUBSTRATES)[number];
export type Condition = (typeof CONDITIONS)[number];

/** Steel and iron: they rust within hours. */
export const FERROUS = ['steel', 'cast-iron'] as const satisfies readonly Substrate[];
export const LIGHT_METALS = ['aluminium', 'cast-aluminium'] as const satisfies readonly Substrate[];
/** What etch and epoxy are made for, once it is bright. */
export const PLAIN_METALS = [...FERROUS, ...LIGHT_METALS] as const;
/** Porous: oil comes out of them as they warm. */
export const CASTINGS = ['cast-iron', 'cast-aluminium'] as const satisfies readonly Substrate[];
export const METALS = [
  ...PLAIN_METALS,
  'galvanised',
  'stainless',
  'anodised',
  'chrome',
] as const satisfies readonly Substrate[];
/** Low in surface energy, or of a resin nobody named: nothing holds without promoter. */
export const PROMOTED = ['pp', 'textured'] as const satisfies readonly Substrate[];
/** Strong solvent crazes them. */
export const CRAZING = ['abs', 'polycarbonate'] as const satisfies readonly Substrate[];
export const PLASTICS = [...PROMOTED, ...CRAZING, 'pe', 'rubber'] as const satisfies readonly Substrate[];
export const TIMBER = ['wood', 'mdf'] as const satisfies readonly Substrate[];

/** A paint of somebody else's lies on it. */
export const PAINTED = [
  'sound-paint',
  'failing-clear',
  'chipped',
  'unknown-paint',
] as const satisfies readonly Condition[];

const among = <T extends string>(list: readonly T[], value: string): boolean =>
  (list as readonly string[]).includes(value);

interface OfSubstrate {
  readonly substrate: Substrate;
}
export const isMetal = (p: OfSubstrate): boolean => among(METALS, p.substrate);
export const isPlainMetal = (p: OfSubstrate): boolean => among(PLAIN_METALS, p.substrate);
/** Metal that is cut bright; zinc is only scuffed. */
export const isCutMetal = (p: OfSubstrate): boolean => isMetal(p) && p.substrate !== 'galvanised';
export const isPlastic = (p: OfSubstrate): boolean => among(PLASTICS, p.substrate);
export const isTimber = (p: OfSubstrate): boolean => among(TIMBER, p.substrate);
export const isPainted = (p: { readonly condition: Condition }): boolean => among(PAINTED, p.condition);
/** Any old paint, and rust that was painted once; not on plastics. */
export const mayHoldLead = (p: OfSubstrate & { readonly condition: Condition }): boolean =>
  !isPlastic(p) && (isPainted(p) || p.condition === 'rust');
