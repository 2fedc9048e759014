/**
 * What can hurt at a moment, in words: what, then what to do. The first sentence is the heading. All of it
 * defers to the sheet, the law of the place and trained people.
 */
import type { HazardCell } from '@/core/cautions/hazards';
import { headAndBody, type Told } from './head';

/** Cells that the table has; a test holds the two together. */
export const HAZARD_WORDS: Readonly<Partial<Record<HazardCell, string>>> = {
  'isocyanate.mix':
    'Isocyanate from here on. Before it is opened or activated: supplied air with a full face (what the authorities recommend), nitrile gloves, suit. No smell warns; skin takes it up too. Who has asthma, ever reacted or is pregnant does not mix it and stays away.',
  'isocyanate.spray':
    'Isocyanate mist. Supplied air with a full face, breathing-grade, never from the paint compressor; if the air supply stops, leave at once. Children, animals and open windows out of its way, outdoors too.',
  'isocyanate.rinse':
    'Isocyanate in gun and cup. Mask, eyes and gloves stay on until all is clean and the air has cleared.',
  'isocyanate.sand':
    'Fresh two-part film. Its dust still holds isocyanate: fine filter, gloves, wet paper; nobody else in the dust.',
  'isocyanate.leave':
    'Isocyanate in the air. Nobody comes back in without supplied air until it has cleared. Tight chest or wheeze, even hours later: fresh air, doctor.',
  'no-supplied-air.mix':
    'No air-fed protection at hand. A cartridge mask is not what the authorities recommend for this: leave it shut, take the way without isocyanate that Build-up shows, or a paint shop.',
  'no-supplied-air.spray':
    'No air-fed protection at hand. Do not spray it: take the way without isocyanate, or a paint shop.',
  'lead.strip':
    'Lead or chromate in old paint? Swab it before anything is scraped. No heat gun, no dry scraping; children, pregnant women and animals away.',
  'lead.sand':
    'Lead or chromate in this dust? Swab the paint, or rust that was painted. If so, or not known: wet only, P3 filter, eyes covered, nobody near, clothes washed apart, dust and slurry bagged.',
  'fire.clean':
    'Cleaner burns. No flame, pilot light, heater or charger within reach of its vapour; a wet cloth in a plastic bowl can spark.',
  'fire.ready':
    'Before the vapour comes. Pilot lights, heaters, chargers and switches off or outside; lamps and compressor out of it; extinguisher and a clear way out.',
  'fire.mix': 'Thinner vapour burns. Open tins away from sparks, metal cups earthed by hand, lids back on.',
  'fire.spray':
    'Mist and vapour burn. A fan may push clean air in; it never draws vapour through its motor. Nothing that sparks, no phone charger, no smoking.',
  'fire.rinse': 'Gun wash burns. Outdoors or in moving air, into a metal tin with a lid, never near a flame.',
  'fire.leave': 'Vapour goes on for hours. No flame, heater or pilot light before the air has cleared.',
  'vapour.clean': 'Solvent vapour. Air moving, gloves; vapour filter as the sheet says.',
  'vapour.spray':
    'Vapour and mist. Vapour and particle filter as the sheet says, air moving through. Vapour sinks: stay out of pits and low corners. Dizzy, headache: out.',
  'vapour.rinse': 'Vapour again. The mask stays on while the gun is cleaned; gloves that stand solvent.',
  'vapour.leave':
    'It goes on giving off vapour. Keep the place aired, doors to the house shut, nobody sleeping near.',
  'skin-epoxy.mix':
    'Epoxy sensitises skin. Gloves and sleeves before it is opened; change gloves when they are wet.',
  'skin-epoxy.spray': 'Epoxy mist. Skin and eyes covered, filter as its sheet says.',
  'skin-epoxy.rinse': 'Epoxy in the gun. Gloves stay on; never wash skin with thinner.',
  'skin-epoxy.sand': 'Epoxy dust. Young epoxy still sensitises: fine filter, gloves, wet paper.',
  'acid.clean': 'Rust converter is acid. Goggles and gloves; rinse splashes with much water at once.',
  'acid.spray':
    'Etch is acid, and may hold chromate. Goggles, gloves, filter as its sheet says; rinse splashes at once.',
  'peroxide.fill':
    'The cream is peroxide. Goggles: one splash can cost an eye; rinse for minutes, doctor. Gloves, and no metal scraps in it.',
  'peroxide.mix': 'The hardener is peroxide. Goggles and gloves; never near rags, reducer or nitro dust.',
  'styrene.fill': 'Styrene vapour. Air moving, vapour filter; it burns.',
  'styrene.spray': 'Styrene mist. Vapour and particle filter as its sheet says, air moving; it burns.',
  'dust.sand': 'Sanding dust. P3 mask, eyes covered, wet where you can; vacuum, do not sweep.',
  'zinc-dust.sand': 'Zinc dust. Never cut through the zinc; fine filter, wet paper, no torch near it.',
  'glass-dust.sand':
    'Glass fibre dust. Skin and eyes covered, fine filter, wet paper; cold water off the skin.',
  'wood-dust.sand':
    'Wood dust harms lungs and burns. Extraction or outdoors, fine filter, nothing that sparks.',
  'nitro-dust.sand':
    'Nitrocellulose dust flares. Wet paper, sweep it up wet, no flame, and never one tin for it and peroxide.',
  'metal-mist.spray': 'Metal flakes in the mist. Particle filter on top of the vapour filter.',
  'hot-cans.shop': 'Cans burst when hot. None left in a sunny car; over 50 °C never.',
  'hot-cans.ready':
    'Warm cans in hand-warm water only, 1K too. Never on a heater, in the sun, or over 50 °C.',
  'hot-cans.leave': 'Put cans away cool. Not in the sun, not on a heater, out of children’s reach.',
  'compressor.ready':
    'Air under pressure. Hose, couplings and safety valve looked over; never point a gun or blow gun at skin. Its air is not for breathing.',
  'compressor.rinse': 'Let the pressure off. Shut the tap and empty the hose before the gun is taken apart.',
  'electricity.ready':
    'Electricity. A residual-current device outdoors, leads off the wet floor, and a dry run of all that hangs on the circuit.',
  'electricity.sand':
    'Machine on a lead. Unplug it to change discs, keep it out of the wet, hearing covered.',
  'bystanders.ready':
    'Who is downwind? Children and animals indoors, neighbours told, windows and cars covered or shut.',
  'hot-leftovers.fill':
    'Left-over filler heats up. Spread it thin on card outdoors; never in the bin while soft.',
  'hot-leftovers.leave':
    'Left-over two-part paint heats up in bulk. Pour it out thin outdoors, or leave it open in a metal tin away from all that burns.',
  'rags.clean': 'Wet rags can catch fire. Lay them out flat outdoors to dry; never in a heap or a pocket.',
  'rags.leave':
    'Rags and masking paper. Flat outdoors until dry, oil-paint rags above all: they heat up by themselves.',
  'waste.sand':
    'Dust and slurry of old paint. Bag it; hazardous waste by local rules, never a drain or the garden.',
  'waste.rinse':
    'Used gun wash. Let it settle in a marked tin, use it again; the rest by local rules, never a drain.',
  'waste.leave': 'Rests and empty cans. By local rules; never a drain, never a fire.',
  'fire.heat':
    'Solvent is still in it. Only once it is dry to handle, slowly, nothing that burns near; never leave it alone.',
  'fire.move':
    'Heat only once the vapour is out. At least an hour with the door open after the last coat, longer if it smells; no glowing wire or flame in what is left. Never leave it alone.',
  'monoxide.move':
    'An open flame in a shut room. It makes carbon monoxide and takes the air: nobody stays inside, an alarm hangs there, air it before going in. Headache or drowsy: out, doctor. An electric heater is the better one.',
  'vapour.move':
    'Wet paint gives off vapour where it dries. Not a room where anybody lives, sleeps or keeps food; air it, and keep its door shut to the house.',
  'isocyanate.move':
    'Fresh two-part film. It gives off isocyanate and solvent while it is wet: mask and gloves while you carry, nobody goes in without until it has cleared.',
  'first-heat.heat':
    'It smokes at its first heat. Bake it outdoors or well aired, nobody and no birds near, as its sheet stages it.',
  'lifting.strip': 'Large and awkward. Two pairs of hands, gloves against edges, trestles that cannot tip.',
  'ladder.spray': 'It is taller than an arm reaches. A step that stands firm; never lean with a gun in hand.',
};

/** A cell of a later version is named, not hidden. */
export const sayHazard = (cell: string): Told =>
  headAndBody((HAZARD_WORDS as Readonly<Record<string, string>>)[cell] ?? `No words yet for “${cell}”.`);
