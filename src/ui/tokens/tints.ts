/**
 * Tints of things in drawings: paint, materials, papers, marks of a texture. Never for text or state: those take
 * the tokens of pellucid.css. Plain hex, since paint is mixed with its ground before it is drawn.
 */

/** What lies under every colour: the panel of the day, and ink or white upon it. */
export const GROUND = { panel: '#FBFCFA', panelNight: '#1C2423', ink: '#1B2422', white: '#FFFFFF' } as const;

/** Papers, liquids and the like, wherever they are drawn. */
export const TINT = {
  dryPaper: '#D8C19A',
  wetPaper: '#9FB7BC',
  cleaning: '#CFE0E6',
  filling: '#C9B79A',
  other: '#E4E8E2',
  sanded: '#C8A777',
  carrier: '#9FC2C4',
  habit: '#B8A7C9',
  lost: '#B9C7B0',
  heel: '#C9CFC9',
  margin: '#E9D3A4',
  gloss: '#5AA5AB',
  unknown: '#999999',
} as const;

/** Paints that look the same whatever the job's colour is. */
export const COAT_TINT = {
  filler: '#A3A095',
  epoxy: '#8A968F',
  surfacer: '#B3B2A6',
  sprayFiller: '#B9B59A',
  sealer: '#8F948F',
  woodSealer: '#D9B77E',
  etch: '#9AA07C',
  promoter: '#E4D9A4',
  clear: '#A9CDD2',
  redOxide: '#7A3B2C',
  sample: '#55693A',
} as const;

/** What a part was before: electro-coat, filler, old paint, failing clear and its plates. */
export const OLD_TINT = {
  eCoat: '#3A4145',
  filled: '#C9B88A',
  enamel: '#7B3F33',
  unknownPaint: '#6E6A63',
  failing: '#A9695A',
  plate: '#C08A7C',
  plateEdge: '#F3E3DD',
} as const;

export const SUBSTRATE_TINT = {
  steel: '#BAC2C4',
  galvanised: '#C4CCCB',
  stainless: '#C8CDCD',
  castIron: '#A4A9A8',
  aluminium: '#CDD3D5',
  castAluminium: '#BFC5C6',
  anodised: '#B9C6CC',
  chrome: '#D6DEE0',
  fibreglass: '#D5D3B8',
  wood: '#C9A97A',
  mdf: '#BFA988',
  plastic: '#D8D0BE',
  textured: '#A7A297',
  rubber: '#7F7C78',
} as const;

/** Strokes and grains of the textures. */
export const GRAIN = {
  steel: '#3E4B4F',
  aluminium: '#54636A',
  plastic: '#6B6455',
  wood: '#7A5A2E',
  rust: '#9A5A2A',
  promoter: '#6B5B12',
  etch: '#3B4230',
  light: '#FFFFFF',
  dark: '#2A2F2C',
  flake: '#0A1416',
  speck: '#000000',
} as const;
