/** What to check before going on. */
import { teller, type Sentences } from './reader';

export const CHECKS: Sentences = {
  'check-panel': (p, f) =>
    `Panel ${f.temp(p.n('min'))} to ${f.temp(p.n('max'))} (expected ${f.temp(p.n('value'))})`,
  'check-dew-gap': (p, f) => `Dew gap over ${f.gap(p.n('min'))} (expected ${f.gap(p.n('value'))})`,
  'check-humidity': (p) => `Humidity under ${p.s('max')} % (expected ${p.s('value')} %)`,
  'check-wind': (p, f) => `Wind at the part under ${f.speed(p.n('max'))} (expected ${f.speed(p.n('value'))})`,
  'check-under-ready': (p) => `${p.s('product')} tacky, takes a print, nothing on the gloved finger`,
  'check-coat-flashed': () => 'Last coat dull and tacky on the masking paper, pulls no strings',
  'check-touch': () => 'Gloved finger on the paper: pulls strings means wait',
  'check-no-shine': () => 'No shine left in raking light',
  'check-edges': () => 'Edges not cut through; a sand-through gets spot primer',
  'check-dry-cloth': () => 'The dry cloth comes off clean',
  'check-cover-all': () => 'No bare crevice, no tape line across a flat',
  'check-water-sheets': () => 'Water sheets on it and does not bead; then dry in every crevice',
  'check-dry-now': () => 'No damp in a seam, no brown bloom; primer the same day',
  'check-can-warm': () => 'Cans at 20–25 °C, shaken 2 min after the ball is free',
  'check-test-card': () => 'An even ellipse on the test card, not heavy at one end',
  'check-under-flashed': () => 'Base flashed: glides or takes a print without stringing',
  'check-air-fed': () => 'Air-fed mask on, skin covered, others out',
  'check-gloves': () => 'Nitrile gloves and goggles on',
  'check-strained': () => 'Stirred to the bottom, strained, gun clean and ready',
  'check-all-parts-ready': () => 'All parts degreased, tacked and masked',
  'check-shaken': (p) => `Shaken ${p.s('minutes')} min after activation`,
  'check-bought': () => 'Right tins, in date, hardener of the right grade, one spare can of colour',
  'check-tape-edge': () => 'Ground takes no print of the tape; every edge pressed down',
};

export const sayCheck = teller(CHECKS);
