/**
 * A sentence for every code the core can say. Pure: the screen and `--text` share it. Short, verb
 * first, the limit beside the value; no praise, no blame.
 */
import type { Notice } from '@/model/marks';
import { percentOf, type Format } from './format';
import { CAUSE_LIMITS, SHELTER_WHERE, surfaceName } from './names';

type Say = (p: Reader, f: Format) => string;

/** Params with a fallback, so that a missing one shows as a dash and never as "undefined". */
class Reader {
  constructor(private readonly params: Notice['params']) {}
  s(key: string): string {
    const v = this.params[key];
    return v === undefined ? '–' : String(v);
  }
  n(key: string): number {
    const v = this.params[key];
    return typeof v === 'number' ? v : Number.NaN;
  }
}

const times = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);

const REASONS: Readonly<Record<string, Say>> = {
  'pe-does-not-hold': () => 'Most promoters do not hold on PE.',
  'promoter-is-for-plastic': () => 'Promoter is for raw plastic; on metal it does nothing useful.',
  'etch-is-for-metal': () => 'Etch bites metal, not plastic.',
  'pp-takes-promoter': () => 'Promoter is what holds on PP and TPO.',
  'pp-needs-promoter': (p) => `Nothing holds on raw PP or TPO without promoter, ${p.s('above')} neither.`,
  'abs-promoter': () => 'A thin promoter coat on finely scuffed ABS.',
  'abs-strong-solvent': () => 'Strong solvent can craze ABS.',
  'plastic-needs-primer': (p) => `${p.s('above')} wants a primer on raw plastic.`,
  'heat-paint-on-metal': () => 'Heat paint goes straight on bright metal.',
  'heat-paint-needs-metal': () => 'Heat paint holds on bare metal or its own primer only.',
  'aluminium-same-day': () => 'Prime aluminium the same day it is abraded: oxide grows back.',
  'steel-within-hours': () => 'Prime bare steel within hours of cleaning: it flash rusts.',
  'bare-metal-needs-etch': (p) => `${p.s('above')} does not hold on bare metal for long.`,
  'ecoat-primer': () => 'Scuffed electro-coat takes primer well.',
  'ecoat-colour-by-sheet': () => 'Some makers allow colour straight on electro-coat, some do not.',
  'etch-over-paint-by-sheet': () => 'Etch over old paint only as its sheet says.',
  'clear-needs-colour': (p) => `${p.s('above')} needs a colour under it.`,
  'failing-clear-off-first': () =>
    'Failing clear goes off completely; a flaking edge never holds. Feather, then prime.',
  'failing-clear-needs-primer': () =>
    'Ground that was stripped and feathered wants a primer before anything else.',
  'chips-isolated': () =>
    'Chips feathered until no edge is felt, then a two-part primer over paint and bare spots alike.',
  'chips-feathered': () => 'Chips feathered until no edge is felt; the bare spots want their own primer.',
  'chips-need-primer': (p) => `Every chip edge shows through ${p.s('above')}.`,
  'old-paint-isolated': () => 'Epoxy isolates an unknown old paint.',
  'old-paint-unknown': () => 'The old paint is unknown: its solvent test decides.',
  'promoter-over-paint': () => 'Promoter does nothing on sound paint.',
  'two-pack-over-alkyd': (p) => `${p.s('above')} lifts alkyd enamel.`,
  'lacquer-over-enamel': (p) => `Strong solvent in ${p.s('above')} lifts air-dried enamel for about 30 days.`,
  'enamel-over-itself': () => 'A second enamel layer waits until the first is hard.',
  'heat-needs-metal-under': () => 'Heat paint must not lie on other paint.',
  'nothing-over-heat-paint': () => 'Nothing holds on silicone heat paint.',
  'epoxy-over-etch': () => 'The acid in etch stops epoxy curing.',
  'primer-order': (p) => `${p.s('above')} belongs at the bottom.`,
  'promoter-window': () => 'Promoter takes it inside its window.',
  'promoter-as-sheet': (p) => `Ask the promoter’s sheet whether it takes ${p.s('above')}.`,
  'filler-on-etch': () => 'Filler on etch inside its window.',
  'colour-on-etch': () => 'Colour straight on etch shows every mark and holds only if its sheet allows it.',
  'epoxy-window': () => 'On epoxy inside its window, no sanding needed.',
  'two-pack-over-lacquer-primer': () => 'Two-part paint swells a 1K primer that is not fully dry.',
  'filler-again': () => 'A second round of filler, after blocking.',
  'colour-on-filler': () => 'Colour on blocked filler.',
  'two-pack-clear-on-base': () =>
    '1K base under 2K clear holds well when thin, flashed and inside its window.',
  'clear-on-base': () => 'Clear on flashed base holds without sanding.',
  'base-on-base': () => 'Base takes more base.',
  'enamel-over-lacquer': () => 'Enamel over cured lacquer, with care.',
  'primer-over-colour': () => 'Primer over colour buries what was done.',
  'two-pack-over-thick-lacquer': () => 'Two-part clear swells thick lacquer.',
  'one-pack-over-cured-two-pack': () => 'One-part paint grips cured two-part only when scuffed.',
  'clear-on-clear': () => 'Clear on scuffed clear.',
  'colour-over-clear': () => 'Colour over clear starts a new build-up.',
  'zinc-saponifies': () => 'Alkyd enamel turns to soap on zinc and lets go.',
  'zinc-epoxy': () => 'Epoxy holds on zinc scuffed without cutting through it.',
  'zinc-etch-by-sheet': () => 'Etch on zinc only when its sheet names zinc.',
  'zinc-needs-epoxy': (p) => `${p.s('above')} does not hold on bare zinc.`,
  'gelcoat-surfacer': () =>
    'Release wax off first, then sand: two-part primer grips gelcoat and fills its pinholes.',
  'gelcoat-lacquer-primer': () => 'A 1K primer on gelcoat leaves pinholes open.',
  'gelcoat-needs-primer': (p) => `${p.s('above')} wants a primer on gelcoat.`,
  'wood-sealed': () => 'A sealer stops the wood drinking and lays its grain.',
  'wood-two-pack': () => 'Two-part primer seals wood and fills its grain.',
  'wood-drinks': (p) => `Raw wood drinks ${p.s('above')} and raises its grain.`,
  'etch-over-filler': () => 'Acid in etch and filler do not agree.',
  'filler-sealed': () => 'Body filler blocked, then sealed with a two-part primer.',
  'filler-under-lacquer': () => 'Solvent of a 1K primer sinks into filler and maps its edge.',
  'filler-needs-seal': (p) => `${p.s('above')} sinks into bare filler; its edge will show.`,
  'rust-bright-then-epoxy': () =>
    'Rust goes to bright metal, pits are converted and rinsed, epoxy the same day.',
  'rust-needs-epoxy': (p) => `${p.s('above')} over rust lets it go on underneath.`,
  'unknown-isolated': () => 'Epoxy isolates a paint nobody knows, once the rub test allows it.',
  'polyester-over-paint': () => 'Styrene in polyester lifts old paint.',
  'unknown-needs-isolation': (p) => `${p.s('above')} may lift a paint nobody knows.`,
  'polyester-on-metal': () => 'Polyester grips coarse bright metal.',
  'polyester-over-etch': () => 'Acid in etch stops polyester curing.',
  'polyester-over-one-pack': () => 'Styrene in polyester lifts one-part paint.',
  'candy-needs-metallic': () =>
    'Candy is a tint: without a metallic ground it has nothing to shine through to.',
  'polyester-needs-seal': (p) => `${p.s('above')} sinks into bare polyester.`,
  'polyester-on-epoxy': () => 'Polyester over scuffed epoxy.',
  'two-pack-on-polyester': () => 'Blocked polyester sealed with two-part primer.',
  'polyester-again': () => 'A second round of spray filler after blocking.',
  'lacquer-on-polyester': () => 'A 1K primer over polyester may map its edge.',
  'leveller-on-shellac': () => 'Dewaxed sealer takes primer.',
  'colour-on-shellac': () => 'Colour straight on sealer shows the grain.',
  'surfacer-on-etch': () => 'Two-part primer on etch inside its window.',
  'surfacer-blocked': () => 'Colour on blocked surfacer.',
  'surfacer-again': () => 'Another round of primer, after blocking.',
  'sealer-on-leveller': () => 'A sealer evens a patchy ground before the colour.',
  'colour-on-sealer': () => 'Colour wet on wet on sealer, inside its window.',
  'candy-on-metallic': () => 'Candy over a metallic ground, light even coats.',
  'flake-on-base': () => 'Flake over its ground, from further off, in one direction.',
  'clear-on-mid': () => 'Clear over the mid-coat.',
  'base-over-mid': () => 'More base over a mid-coat is a stripe or a second colour.',
  'clear-on-single-stage': () => 'Clear on scuffed single-stage colour.',
  'seam-overridden': (p) =>
    `You took ${p.s('above')} over ${surfaceName(`surface:${p.s('below')}`) === `surface:${p.s('below')}` ? p.s('below') : surfaceName(`surface:${p.s('below')}`)} on yourself; the rule says it does not hold.`,
  'pair-not-known': (p) => `${p.s('above')} over ${surfaceName(p.s('below'))} is not a pair we know.`,
};

const WAYS_OUT: Readonly<Record<string, Say>> = {
  'pe-maker-only': () => 'Leave it, or ask the maker of the plastic.',
  'remove-layer': () => 'Take this layer out.',
  'add-promoter': () => 'Add an adhesion promoter under it.',
  'light-first-coat': () => 'Light first coat, or a promoter under it.',
  'strip-to-metal': () => 'Strip to bare metal, or take another product.',
  'add-etch': () => 'Add an etch or epoxy primer under it.',
  'ask-part-sheet': () => 'Ask the sheet of the panel; else prime first.',
  'etch-bare-spots-only': () => 'Keep etch to the bare spots.',
  'add-colour': () => 'Add a colour under the clear.',
  'rub-test': () => 'Rub a hidden spot with thinner for 30 s: if it softens, isolate with epoxy.',
  'add-filler': () => 'Add a filler primer under it.',
  'spot-etch-bare': () => 'Spot-prime the bare metal with etch or epoxy, then this.',
  'weeks-and-test-patch': () => 'Wait weeks and try a test patch, or take another product.',
  'one-of-both': () => 'Take etch or epoxy, not both.',
  'move-to-bottom': () => 'Move it to the bottom, or take it out.',
  'ask-sheet': () => 'Read its sheet, or put a filler between.',
  'days-and-thin-coats': () => 'Give it days to dry and keep the first coats thin.',
  'test-card': () => 'Spray a test card first.',
  'add-epoxy': () => 'Add an epoxy primer under it.',
  'ask-sheet-zinc': () => 'Read its sheet for zinc, or take epoxy.',
  'release-wax-and-pinholes': () => 'Degrease twice for release wax, glaze the pinholes, or take epoxy.',
  'add-wood-sealer': () => 'Add a wood sealer or a two-part primer under it.',
  'epoxy-instead': () => 'Take epoxy instead of etch.',
  'seal-with-two-pack': () => 'Seal it with epoxy or 2K first, or keep the first coats dry.',
  'rinse-and-same-day': () => 'Rinse acid off and dry; prime the same day.',
  'bright-then-epoxy': () => 'Sand to bright metal, then epoxy.',
  'strip-or-epoxy': () => 'Strip to bare, or lay epoxy between.',
  'isolate-with-epoxy': () => 'Isolate it with epoxy, after a rub test.',
  'add-metallic-ground': () => 'Add a metallic base under it.',
  'add-surfacer': () => 'Seal it with surfacer or epoxy first.',
  'mask-when-cured': () => 'Mask only when cured; clear between is safer.',
  'scuff-600': () => 'Scuff P600 first.',
};

const BLOCKERS: Readonly<Record<string, Say>> = {
  'product-unknown': (p) =>
    `Layer ${p.s('layer')} names a product that is not in the catalogue: ${p.s('product')}. Choose another.`,
  'part-without-layer': (p) => `${p.s('part')} gets no layer at all. Give it one, or take the part out.`,
  'seam-no': (p) =>
    `${surfaceName(p.s('below'))} under ${p.s('above')} does not hold. Change one of the two.`,
  'fuel-dissolves-one-pack': (p) => `${p.s('product')} dissolves in petrol. Take a 2K clear, or untick fuel.`,
  'heat-needs-rated': (p) =>
    `${p.s('product')} is not rated for heat over 90 °C. Take a heat paint on bare metal.`,
  'stack-ends-in-primer': (p) =>
    `${p.s('product')} is a primer and does not last as a top coat. Add a colour.`,
  'no-system': () => 'No system fits this surface. Choose layers by hand.',
  'too-many-sessions': (p) =>
    `This build-up asks for ${p.s('sessions')} sessions; up to ${p.s('most')} are planned. Take a sanded layer out.`,
  'no-free-stretch': () => 'No free stretch in the next seven days is long enough. Widen the free hours.',
  'no-window': (p) =>
    `No window in the next seven days. In the way: ${CAUSE_LIMITS[p.s('cause')] ?? p.s('cause')} (${p.s('share')} % of the hours tried).`,
  'no-window-ready': () => 'The layer below is not ready to sand within seven days.',
  'window-outside-free-hours': (p, f) =>
    `${f.dayTime(p.s('at'))} would do (${percentOf(p.n('chance'))} %), but is not among your free hours.`,
  'place-would-open': (p, f) =>
    `It would go ${SHELTER_WHERE[p.s('shelter')] ?? p.s('shelter')}: ${f.dayTime(p.s('at'))}, ${percentOf(p.n('chance'))} %. Change the place on Surface.`,
  'no-place-would-open': () =>
    'No other shelter would open one this week either. Look again with the next forecast, or take products that stand more cold.',
  'starts-do-not-chain': () => 'The starts set by hand do not follow one another. Let one of them go.',
  'no-chain': () =>
    'Each session has its hours, but no order of them fits in seven days. Widen the free hours.',
};

const CAUTIONS: Readonly<Record<string, Say>> = {
  isocyanate: () => 'Isocyanate in the clear. Air-fed mask, skin covered, nobody downwind.',
  'isocyanate-no-air': (p) =>
    `${p.s('product')} holds isocyanate. Without air-fed protection take a 1K clear, or a paint shop.`,
  'old-paint-lead': () =>
    'Lead in old paint? Swab it. If so: wet only, masked, no children near; bag the dust.',
  'rub-test': () => 'Rub test first. Old paint may lift under fresh solvent.',
  'skin-sensitiser': () => 'Epoxy sensitises skin. Nitrile gloves, sleeves down, change gloves when wet.',
  'etch-acid': () => 'Etch primer is acid. Goggles and gloves, rinse splashes at once.',
  'solvent-vapour': () => 'Solvent vapour. Vapour and particle filter as the sheet says, air moving through.',
  ignition: () => 'Vapour burns. No flame, heater, pilot light, charger or motor within reach of it.',
  'can-pressure': () =>
    'Cans burst when hot. Bring them to 20–25 °C in hand-warm water only, never over 50 °C.',
  'sanding-dust': () => 'Sanding dust. P3 dust mask, eyes covered, wet where you can.',
  'test-card': (p) => `Several makers in one stack (${p.s('makers')}). Spray a test card first.`,
  'finish-differs': (p) =>
    `${p.s('product')} dries ${p.s('gloss')}, the job asks for ${p.s('finish')}. Swap one.`,
  'base-without-clear': (p) => `${p.s('product')} wears fast without a clear. Add one.`,
  'effect-differs': (p) => `The colour is ${p.s('kind')}, the base is not. Swap the base.`,
  'over-budget': (p, f) =>
    `It comes to ${f.money(p.n('total'), p.s('currency'))}, over ${f.money(p.n('budget'), p.s('currency'))}. Fewer coats, or another clear.`,
  'session-risk': (p) =>
    `In ${p.s('members')} of ${p.s('of')} forecasts ${CAUSE_LIMITS[p.s('cause')] ?? p.s('cause')} spoils it. Look again that morning.`,
  'start-outside': () => 'This start breaks a limit or leaves the free hours. Move it, or let it go.',
  'past-deadline': (p, f) =>
    `Not ready by ${f.day(`${p.s('deadline')}T00:00`)}. Handle-dry ${f.dayTime(p.s('at'))}; free hours earlier, or fewer layers.`,
  'matte-outdoors': (p) => `${p.s('product')} fades and streaks outdoors. Take 2K matte, or satin.`,
  flexing: () => 'It flexes. Flexible primer, or the additive its sheet names.',
  'chips-one-pack': (p) =>
    `${p.s('product')} chips easily. 2K clear holds better; keep a can for touching in.`,
  silicone: () =>
    'Wax or silicone feared. Degrease twice with fresh cloths, and let water sheet before you sand.',
  'filler-peroxide': () =>
    'Filler cream is peroxide. Goggles and gloves; keep scraps from rags and paint, they can heat up.',
  'matte-not-polished': (p) =>
    `A ${p.s('finish')} clear is never polished. Leave it as it falls, or take gloss.`,
  'primer-shade': (p) =>
    `${p.s('product')}: ${p.s('coats')} coats do not hide grey. It takes ${p.s('grey')}; over ${p.s('shade')} primer ${p.s('best')}.`,
  'seam-overridden': (p) => `A refused seam was taken on: ${p.s('above')}. Try it on a scrap before the day.`,
  'night-after': (p, f) =>
    `Not handle-dry before ${f.dayTime(p.s('at'))}. Keep it warm and under cover overnight.`,
};

const TASKS: Readonly<Record<string, Say>> = {
  'sand-strip': (p, f) =>
    `Take the failing clear off wholly, ${f.area(p.n('areaM2'))}, feather the edges: ${p.s('ladder')}.`,
  'sand-wet': (p, f) =>
    `Sand ${p.s('ladder')}, finish wet, ${f.area(p.n('areaM2'))}; guide coat, block the flats, fingers off the edges.`,
  'sand-dry': (p, f) => `Sand dry ${p.s('ladder')}, ${f.area(p.n('areaM2'))}, no shine left.`,
  'rung-strip': (p, f) =>
    `P${p.s('grit')}: take the failing clear off wholly, ${f.area(p.n('areaM2'))}, until no edge is felt.`,
  'rung-first': (p, f) => `P${p.s('grit')}, ${f.area(p.n('areaM2'))}: level, feather every edge.`,
  'rung-guide': (p, f) =>
    `Guide coat on, block with P${p.s('grit')}${p.n('wet') ? ' wet' : ''}, ${f.area(p.n('areaM2'))}, until it is gone; fingers off the edges.`,
  'rung-next': (p, f) =>
    `P${p.s('grit')}${p.n('wet') ? ' wet' : ''}, ${f.area(p.n('areaM2'))}, across the P${p.s('before')} marks until they are gone.`,
  'rung-last': (p, f) =>
    `P${p.s('grit')}${p.n('wet') ? ' wet' : ''}, ${f.area(p.n('areaM2'))}: the P${p.s('before')} marks gone, no shine left, then stop.`,
  'strip-down': (p) =>
    `${p.s('count')} ${p.n('count') === 1 ? 'fitting' : 'fittings'} off, each into its lettered bag.`,
  fill: (p) =>
    `Body filler, round ${p.s('round')} of ${p.s('rounds')}: ${p.s('pasteG')} g with about 2 % cream, pressed in thin; ${p.s('hardMin')} min until it can be blocked.`,
  'clean-twice': (p, f) =>
    `Degrease ${f.area(p.n('areaM2'))} twice, a fresh cloth each time: silicone is feared. Water must sheet, not bead.`,
  scuff: (p, f) => `Scuff P${p.s('grit')} by hand, ${f.area(p.n('areaM2'))}, even and dull.`,
  clean: (p, f) => `Degrease ${f.area(p.n('areaM2'))}: one wet cloth on, one dry cloth off while wet.`,
  mask: () => 'Mask what stays, cover what overspray can reach, back-mask soft edges.',
  'mask-again': () => 'Look over the masking; renew what lifted or got wet.',
  'tack-and-warm': () =>
    'Tack off without pressure. Cans to hand warmth; spray the test card at the tilt you will use.',
  mix: (p, f) =>
    `Mix ${f.volume(p.n('ml'))} of ${p.s('product')}, ${p.s('ratio')}; stir to the bottom, strain, write the time on the cup.`,
  activate: (p) =>
    `Activate ${p.n('cans') === 1 ? 'one can' : `${p.s('cans')} cans, the second only when the first runs low,`} of ${p.s('product')}: pin in ${times(2)}, shake 2 min, write the time on it.`,
  flash: (p, f) =>
    `Leave it ${p.s('minutes')} min (sheet ${p.s('sheetMin')} min at ${f.temp(p.n('refC'))}; panel ${f.temp(p.n('panelC'))}).`,
  'flash-to-next': (p, f) =>
    `Leave it ${p.s('minutes')} min before the next product (sheet ${p.s('sheetMin')} min at ${f.temp(p.n('refC'))}; panel ${f.temp(p.n('panelC'))}).`,
  dry: (p, f) =>
    `Leave it until dust-free. Keep it over ${f.temp(p.n('minC'))} and ${f.gap(p.n('gapK'))} above the dew point.`,
  unmask: (p) =>
    `Tape off, about ${p.s('minutes')} min after the last coat, pulled back over itself; cut the edge if hard.`,
  'manner-first-light': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: edges first, then a light coat; patchy is right. About ${f.volume(p.n('ml'))}.`,
  'manner-medium': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: medium wet, half overlap, edges first. About ${f.volume(p.n('ml'))}.`,
  'manner-drop': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: light drop coat from further off, one direction. About ${f.volume(p.n('ml'))}.`,
  'manner-tack': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: tack-light, edges first. About ${f.volume(p.n('ml'))}.`,
  'manner-full-wet': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: full wet, half overlap, wet edge alive. About ${f.volume(p.n('ml'))}.`,
  'manner-even': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: even, same speed and distance; matte cannot be polished. About ${f.volume(p.n('ml'))}.`,
  'manner-thin': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: thin and closed, not wet. About ${f.volume(p.n('ml'))}.`,
};

const CHECKS: Readonly<Record<string, Say>> = {
  'check-panel': (p, f) =>
    `Panel ${f.temp(p.n('min'))} to ${f.temp(p.n('max'))} (expect ${f.temp(p.n('value'))})`,
  'check-dew-gap': (p, f) => `Dew gap over ${f.gap(p.n('min'))} (expect ${f.gap(p.n('value'))})`,
  'check-humidity': (p) => `Humidity under ${p.s('max')} % (expect ${p.s('value')} %)`,
  'check-wind': (p, f) => `Wind at the part under ${f.speed(p.n('max'))} (expect ${f.speed(p.n('value'))})`,
  'check-under-ready': (p) => `${p.s('product')} tacky, takes a print, nothing on the gloved finger`,
  'check-coat-flashed': () => 'Last coat dull and tacky on the masking paper, pulls no strings',
  'check-touch': () => 'Gloved finger on the paper: pulls strings means wait',
  'check-no-shine': () => 'No shine left in raking light',
  'check-edges': () => 'Edges not cut through; a sand-through gets spot primer',
  'check-dry-cloth': () => 'The dry cloth comes off clean',
  'check-cover-all': () => 'No bare crevice, no tape line across a flat',
  'check-can-warm': () => 'Cans at 20–25 °C, shaken 2 min after the ball is free',
  'check-test-card': () => 'An even ellipse on the test card, not heavy at one end',
  'check-under-flashed': () => 'Base flashed: glides or takes a print without stringing',
  'check-air-fed': () => 'Air-fed mask on, skin covered, others out',
  'check-gloves': () => 'Nitrile gloves and goggles on',
  'check-strained': () => 'Stirred to the bottom, strained, gun clean and ready',
  'check-all-parts-ready': () => 'All parts degreased, tacked and masked',
  'check-shaken': (p) => `Shaken ${p.s('minutes')} min after activation`,
};

const PREP: Readonly<Record<string, Say>> = {
  'wipe-before-sanding': (p, f) =>
    `Degrease all ${f.area(p.n('areaM2'))} before the first paper: sanding drives grease in.`,
  'wipe-after-sanding': (p) => `Blow off, degrease, tack before ${p.s('above')}.`,
  'blow-and-tack': (p) =>
    `Between ${p.s('below')} and ${p.s('above')} only blow off and tack lightly: solvent drags fresh paint.`,
  'wipe-silicone': () =>
    'Silicone feared: each wipe twice, fresh cloths, nothing sprayed near that holds silicone.',
  'test-water-break': () => 'Water break: a wetted patch must sheet for 30 s. Beads mean wax or silicone.',
  'test-rub': () => 'Rub test on the old paint: thinner on a cloth, 30 s, in a hidden place. First of all.',
  'test-float': () => 'Plastic: a sliver that floats, or water that beads, is PP or TPO. Before buying.',
  'test-compatibility': () =>
    'Compatibility card: the whole stack on a scrap of the same stuff, a day before.',
  'test-colour': () => 'Colour card beside the part, in daylight and under clear, once the can is here.',
  'test-pattern': () => 'Spray pattern of every can and gun, at the tilt it will be used at, on the day.',
  'test-adhesion': () => 'Cross-cut and tape on the card once cured (ISO 2409, ASTM D3359).',
};

const WHYS: Readonly<Record<string, Say>> = {
  'alternative-safer': () => 'safer, later',
  'alternative-sooner': () => 'done sooner',
  'alternative-other-day': () => 'another day',
  'alternative-later': () => 'later the same day',
  'why-heat': (p) => `${p.s('product')}: over 90 °C only heat paint lasts.`,
  'why-promoter': (p) => `${p.s('product')}: holds on raw plastic.`,
  'why-etch': (p) => `${p.s('product')}: grips bare metal.`,
  'why-filler-level': (p) => `${p.s('product')}: levels sanded ground, three coats to block.`,
  'why-filler-even': (p) => `${p.s('product')}: one even ground, two coats.`,
  'why-base': (p) => `${p.s('product')}: three thin coats hide and flash quickly.`,
  'why-base-metallic': (p) => `${p.s('product')}: four thin coats, the last a drop coat.`,
  'why-two-pack-clear': (p) => `${p.s('product')}: hard and fuel-proof; you have air-fed protection.`,
  'why-seal': (p) => `${p.s('product')}: stops the wood drinking.`,
  'why-epoxy': (p) => `${p.s('product')}: isolates and seals what lies there.`,
  'why-sealer': (p) => `${p.s('product')}: one even ground before the colour.`,
  'why-surfacer': (p) => `${p.s('product')}: levels in two coats, does not sink.`,
  'why-ground': (p) => `${p.s('product')}: the ground that the colour shines through to.`,
  'why-candy': (p) => `${p.s('product')}: depth by the number of coats.`,
  'why-flake': (p) => `${p.s('product')}: over its ground, then plenty of clear.`,
  'why-single-stage': (p) => `${p.s('product')}: colour and gloss in one, no clear.`,
  'why-one-pack-clear': (p) => `${p.s('product')}: no isocyanate, as no air-fed protection is at hand.`,
};

/** What each assumed figure is, for the list behind "how this was computed". */
export const ASSUMPTIONS: Readonly<Record<string, string>> = {
  'overrun-mm': 'Spray runs this far past every edge',
  transfer: 'Share of the solids that lands and stays',
  heel: 'Left in the can when it spits',
  'habit-sd': 'Spread of the use by the painter’s habit, the same in every coat',
  'coat-sd': 'Spread of the use from coat to coat',
  'risk-of-short': 'Chance of running out in mid-coat that the margin allows',
  'hour-value': 'Value of an hour of yours',
  'delay-per-day': 'Cost of a day of waiting',
  'dew-gap': 'Least gap to the dew point, ISO 12944-7',
  members: 'Futures tried',
  shelter: 'Place turned into wind, sun and sky shares',
  'coats-before-forecast': 'Drying before the forecast starts is taken at its',
};

const SENTENCES: Readonly<Record<string, Say>> = {
  ...REASONS,
  ...WAYS_OUT,
  ...BLOCKERS,
  ...TASKS,
  ...CHECKS,
  ...PREP,
  ...WHYS,
};

const filled = (table: Readonly<Record<string, Say>>, n: Notice, f: Format): string => {
  const say = table[n.code];
  return say ? say(new Reader(n.params), f) : `No words yet for “${n.code}”.`;
};

/** The sentence of a reason, way out, blocker, task, check or why. */
export function say(notice: Notice, f: Format): string {
  return filled(SENTENCES, notice, f);
}

/** The sentence of a caution: what, then what to do. The first sentence is the heading. */
export function sayCaution(
  caution: { code: string; params: Notice['params'] },
  f: Format,
): { head: string; body: string } {
  const text = filled(CAUTIONS, caution, f);
  const cut = /^.*?[.?](?= )/.exec(text)?.[0] ?? text;
  return { head: cut.replace(/\.$/, ''), body: text.slice(cut.length).trim() };
}

export const KNOWN_CODES = {
  sentences: new Set(Object.keys(SENTENCES)),
  cautions: new Set(Object.keys(CAUTIONS)),
} as const;
