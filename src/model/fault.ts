/** What goes wrong: closed lists. A new fault does not compile until it has a card, its words and its drawing. */

/** What the film shows. */
export const SEEN_FAULTS = [
  'fish-eyes',
  'runs',
  'orange-peel',
  'dry-spray',
  'solvent-pop',
  'blush',
  'die-back',
  'lifting',
  'enamel-span',
  'crazing',
  'sand-scratches',
  'edge-mapping',
  'tape-ghost',
  'tiger-stripes',
  'mottle',
  'shade',
  'poor-hiding',
  'candy-stripes',
  'flake-clumps',
  'can-spits',
  'can-cold',
  'fan-heavy',
  'gun-pulses',
  'dust-nibs',
  'hair',
  'insect',
  'water-marks',
  'rain',
  'wind-grit',
  'touched',
  'dropped',
  'tape-bleed',
  'tape-pull',
  'peel-clear',
  'peel-plastic',
  'blisters',
  'burn-through',
  'sinking',
  'filler-soft',
  'filler-pinholes',
  'filler-bleed',
  'residue',
  'holograms',
  'matte-shiny',
  'stays-soft',
  'primer-balls',
  'flash-rust',
] as const;

/** What happened, whatever the film shows. */
export const EVENTS = [
  'ran-out',
  'missed-recoat',
  'no-hardener',
  'wrong-ratio',
  'wrong-reducer',
  'not-pierced',
  'overspray',
  'pump',
  'lights-out',
] as const;

/** People first: one press from everywhere. */
export const DANGERS = ['unwell', 'splash', 'can-danger', 'rags-warm'] as const;

export const FAULTS = [...SEEN_FAULTS, ...EVENTS, ...DANGERS] as const;
export type FaultCode = (typeof FAULTS)[number];

/** Causes that the record of a job can tell of: its air as it came, how its parts stood. */
export const TOLD_CAUSES = ['wind', 'damp', 'cold', 'hot', 'thick'] as const;
export type ToldCause = (typeof TOLD_CAUSES)[number];
export const isDanger = (code: FaultCode): boolean => (DANGERS as readonly FaultCode[]).includes(code);
/** As it is noted in a job: a fault, or none of these. */
export const NOTED_FAULTS = [...FAULTS, 'other'] as const;
export type NotedCode = (typeof NOTED_FAULTS)[number];

/** Groups as they are drawn: what one sees first. */
export const LOOKS = [
  'holes',
  'hangs',
  'dull',
  'colour',
  'off',
  'things',
  'below',
  'soft',
  'happened',
] as const;
export type Look = (typeof LOOKS)[number];

export const FAULT_MOMENTS = [
  'preparing',
  'spraying',
  'waiting',
  'unmasking',
  'next-morning',
  'finishing',
  'weeks-on',
] as const;
export type FaultMoment = (typeof FAULT_MOMENTS)[number];

/** What can be seen, felt or remembered, each a question of yes or no. */
export const SIGNS = [
  'over-filler',
  'wide-holes',
  'ground-bare',
  'closed-dome',
  'hangs-down',
  'with-glitter',
  'from-can',
  'better-warm',
  'rough',
  'shiny-bumps',
  'same-day',
  'wet-night',
  'matte-film',
  'moves-with-angle',
  'in-bands',
  'fan-lopsided',
  'whole-part',
  'stain',
  'rubbed',
  'folds',
  'enamel-again',
  'cracks',
  'with-tape',
  'plastic-bare',
  'thread',
  'has-body',
  'print',
  'orange-specks',
  'one-side',
  'straight-step',
  'other-colour',
  'sanded-lines',
  'hollow',
  'old-shape',
  'on-filler',
  'while-sanding',
  'hardener-in',
  'right-tins',
] as const;
export type Sign = (typeof SIGNS)[number];
