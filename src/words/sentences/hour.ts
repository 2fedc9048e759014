/** The hour before the first coat, item by item: what, and how it is seen. */
import type { HourCode } from '@/core/cautions/hour';

export const HOUR_WORDS: Readonly<Record<HourCode, { readonly head: string; readonly how: string }>> = {
  'iso-guard': {
    head: 'Air-fed mask, eyes, gloves, suit',
    how: 'Isocyanates: breathing air that does not come from the paint compressor, no skin bare, as the sheet says.',
  },
  'vapour-guard': {
    head: 'Mask and gloves',
    how: 'Vapour and particle filter as the sheet says, fresh; nitrile gloves, eyes covered.',
  },
  'others-out': {
    head: 'Everybody else away',
    how: 'Children, animals, who has asthma; windows and doors to the house shut.',
  },
  'air-through': {
    head: 'Air moving through',
    how: 'Door open at both ends; a fan may push clean air in, never draw vapour through its motor.',
  },
  downwind: {
    head: 'Nothing downwind',
    how: 'No car, no washing, nobody, no open window where the mist goes; you stand upwind.',
  },
  'no-spark': {
    head: 'No flame, no spark',
    how: 'Heater, pilot light, charger, phone on its cable out; extinguisher and the way out free.',
  },
  'water-trap': {
    head: 'Water trap drained',
    how: 'Compressor and hose blown off; pressure set with the trigger pulled.',
  },
  'cup-strained': {
    head: 'Cup stirred and strained',
    how: 'Stirred to the bottom, strained, its vent open; the tip is the one for this paint.',
  },
  'cans-warm': {
    head: 'Cans warm and shaken',
    how: '20 to 25 °C in the hand, two minutes after the ball is free; a spare can at hand.',
  },
  tacked: {
    head: 'Washed, degreased, tacked',
    how: 'Nothing touched since the last wipe; tape pressed down, nothing lifting.',
  },
  'test-card': { head: 'Test card', how: 'At the tilt it will be sprayed at: an even ellipse, no spitting.' },
  floor: {
    head: 'Floor quiet',
    how: 'Swept and damped; no dry dust, nothing that flaps, clothes that shed nothing.',
  },
  lamp: {
    head: 'Lamp raking',
    how: 'Low and from the side, outside the vapour, so that the wet edge shows.',
  },
};
