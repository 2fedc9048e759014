/** What happened, and what hurts. From memory and common practice; the sheet, and trained people, win. */
import type { FaultCode } from '@/model/fault';
import type { FaultWords } from './told';

export const EVENT_FAULTS = {
  'ran-out': {
    name: 'Paint ran out',
    look: 'A face half covered, or dry towards its end.',
    now: [
      'Stop at an edge or a crease.',
      'Same batch within the wait: go on, wet.',
      'Else the face gets a whole coat.',
    ],
    not: 'Not stretched with thinner, and no other batch inside a face.',
    next: 'A margin and a spare; wash and test cards counted.',
  },
  'missed-recoat': {
    name: 'Coat came too late',
    look: 'Nothing to see: the log says so.',
    now: ['Stop. The next coat would only lie on it.'],
    not: 'Clearing it all the same peels within a year.',
    next: 'An alarm well before the time is over.',
  },
  'no-hardener': {
    name: 'Hardener forgotten',
    look: 'The cup does not gel long after it should; thinner dissolves the film.',
    now: ['Stop. Everything from this cup comes off, wet is easiest.'],
    not: 'A hardened coat above does not cure it; nor does hardener brushed on.',
    next: 'Mark the cup the moment the hardener is in.',
  },
  'wrong-ratio': {
    name: 'Mixed in the wrong ratio',
    look: 'The scale or the log says so; sticky or brittle later.',
    now: ['Stop with this cup.', 'Mix a new one by weight.', 'What is on waits in the warm: a nail tells.'],
    not: 'No correcting with more hardener in the cup or on the film.',
    next: 'Weigh, and say the figures aloud.',
  },
  'wrong-reducer': {
    name: 'Wrong reducer or hardener',
    look: 'The label says so; it gels, strings, clouds.',
    now: ['Stop. The cup goes to waste.', 'Only another grade: wait half as long again, and spray a card.'],
    next: 'Set the tins out and read them the day before.',
  },
  'not-pierced': {
    name: 'Can not activated',
    look: 'A two-part can sprayed like a one-part one; the film stays soft.',
    now: [
      'Stop with this can.',
      'Activate it as its label says, twice if unsure, and shake.',
      'What came out before comes off.',
    ],
    next: 'Press the button home and listen for the click; write the time on the can.',
  },
  overspray: {
    name: 'Overspray on others’ things',
    look: 'Dry grit on a car, glass or a wall.',
    now: ['Stop. People and animals away.', 'Tell the owner before it hardens.'],
    not: 'No thinner on paint that is not yours.',
    next: 'Ask what lies downwind, cover it, keep a lower wind limit.',
  },
  pump: {
    name: 'Compressor overheats',
    look: 'The gauge falls, it trips, it smells.',
    now: [
      'Stop at an edge. Unplug it.',
      'Twenty to forty minutes to cool; the cup’s clock runs on.',
      'Tripped twice: that is the day.',
    ],
    not: 'The head is hot, and a spark lights vapour.',
    next: 'Smaller cups, pauses at edges, shade for the pump.',
  },
  'lights-out': {
    name: 'Power gone',
    look: 'Dark, or the air supply stopped.',
    now: [
      'Mask on, out by the door. If the air supply stopped, at once.',
      'Nothing is switched or plugged in until the vapour is gone.',
    ],
    next: 'End before dusk; add up what hangs on the socket; a torch at the door.',
  },
  unwell: {
    name: 'Somebody feels unwell',
    look: 'Tight chest, wheeze, dizzy, sick; hours later too.',
    now: [
      'Stop. Everybody out into fresh air; mask off outside; sit up.',
      'Tight chest, wheeze, fainting, or no better in minutes: emergency call.',
      'Tell the doctor it was isocyanate if it was two-part paint.',
    ],
    not: 'Not back in today, no driving, nobody in without protection. The gun stays dirty.',
    next: 'Supplied air, one-part paint, or a paint shop; never alone.',
  },
  splash: {
    name: 'In the eye, on skin, swallowed',
    look: 'Paint, hardener, acid or peroxide where it should not be.',
    now: [
      'Eye: rinse now with water, lenses out, go on for 15 to 20 minutes, then a doctor.',
      'Etch primer, peroxide, hardener: emergency call while you rinse.',
      'Skin: wipe off, soap and water. Swallowed: no vomiting; take the label along.',
    ],
    not: 'No thinner on skin.',
    next: 'Goggles, and water within reach.',
  },
  'can-danger': {
    name: 'Can hissing, hot, bulged or dented',
    look: 'A dent at the seam, a hiss, heat from a stove or the sun.',
    now: [
      'Away from flames.',
      'Hissing: outdoors, upright, step back.',
      'Hot or bulged: do not lift it; people away until it has cooled.',
      'Fire: out, and call.',
    ],
    not: 'Never pierced, never sprayed to cool it, never used with a dented seam.',
    next: 'In a crate in the shade, never left in a car.',
  },
  'rags-warm': {
    name: 'Rags warm or smoking',
    look: 'A smell, warmth, smoke from rags, filler or leftover two-part paint.',
    now: [
      'Smoke: out, and call. Do not carry it.',
      'Warm: gloves, outdoors, flat on stone or under water in a lidded metal tin.',
    ],
    not: 'No heap, no bin.',
    next: 'A lidded metal tin with water stands ready.',
  },
} as const satisfies Partial<Record<FaultCode, FaultWords>>;
