/** The words of the trade, each in a sentence or two of our own. */

export interface Entry {
  readonly term: string;
  /** Other words it is looked for by. */
  readonly also?: readonly string[];
  readonly says: string;
}

const entry = (term: string, says: string, ...also: string[]): Entry =>
  also.length > 0 ? { term, says, also } : { term, says };

/** By the alphabet of their terms. */
export const GLOSSARY: readonly Entry[] = [
  entry('1K', 'One-part paint: it dries by giving off solvent and can be dissolved again.', 'one-part'),
  entry(
    '2K',
    'Two-part paint: a hardener makes it cure. It resists fuel; it holds isocyanate and dies once mixed.',
    'two-part',
    'two-pack',
  ),
  entry(
    'Activate',
    'To let the hardener into a two-part can. From then on its hours are counted.',
    'pot pin',
  ),
  entry(
    'Adhesion promoter',
    'A thin clear coat that holds on plastics such as PP, and that paint holds on.',
    'plastic primer',
  ),
  entry(
    'Air-fed mask',
    'A mask with breathing air from outside the spray. What authorities recommend for isocyanate.',
    'supplied air',
  ),
  entry('Back-masking', 'Tape rolled back on itself, so that the paint ends in a soft edge.'),
  entry('Basecoat', 'The colour under a clear. It is thin, dull and not weatherproof by itself.', 'base'),
  entry('Bleeding', 'Colour or filler from below that shows through what is sprayed over it.'),
  entry(
    'Blend',
    'A mended spot whose colour fades out into the old paint, under clear over the whole panel.',
    'fade',
  ),
  entry(
    'Block',
    'A flat pad behind the paper: it takes off what is high and leaves what is low.',
    'blocking',
  ),
  entry('Blush', 'Milky dullness: damp that settled in a film while it flashed.', 'blooming'),
  entry('Body filler', 'Two-part paste for dents. On bare metal or scuffed epoxy, never on paint.', 'bondo'),
  entry('Bond window', 'The time in which the next coat still grips without sanding.', 'recoat window'),
  entry(
    'Break-through',
    'Sanding through to the layer below, mostly on edges.',
    'burn-through',
    'sand-through',
  ),
  entry('Candy', 'Transparent colour over a metallic ground. Its depth grows with every coat.'),
  entry(
    'Cartridge mask',
    'A mask that filters vapour and mist. It does not warn when isocyanate comes through.',
  ),
  entry(
    'Clear',
    'The uncoloured top coat: gloss, and shelter from sun, fuel and scratches.',
    'clearcoat',
    'lacquer',
  ),
  entry(
    'Compatibility',
    'Whether two paints stand one another: what the rules know, and a test card for the rest.',
  ),
  entry(
    'Cross-cut test',
    'A grid cut into the film, tape pulled off it, and what stays is counted (ISO 2409).',
  ),
  entry(
    'Cup marks',
    'Lines on a mixing cup: fill to the first with paint, to the second with hardener, and so on.',
  ),
  entry('Cure', 'The slow hardening after drying, by reaction. A cold night can stop it.'),
  entry(
    'Degrease',
    'To take wax and grease off with cleaner: one wet cloth on, one dry cloth off.',
    'panel wipe',
  ),
  entry(
    'Dew gap',
    'How far the panel is above the dew point. Under 3 °C water settles in the film.',
    'dew point',
  ),
  entry('Die-back', 'Gloss that sinks days later, because solvent was shut in.', 'sinking'),
  entry('Drop coat', 'A last, light coat of metallic from further off, so that the flakes lie evenly.'),
  entry('Dry spray', 'A rough, dull film: droplets that were dry before they landed.'),
  entry('Dust-free', 'Dust no longer sticks. The stretch that must not be broken ends here.'),
  entry(
    'Electro-coat',
    'The grey or black primer of new panels. Thinner does nothing to it.',
    'e-coat',
    'ktl',
  ),
  entry(
    'Enamel',
    'One-part paint that hardens with air for weeks. It wants its second coat within the first hour.',
    'alkyd',
  ),
  entry(
    'Epoxy primer',
    'Two-part primer that seals and isolates. Holds on metal, and over what nobody knows.',
  ),
  entry(
    'Etch primer',
    'Thin primer with acid that bites into bare metal. Not under polyester, not over epoxy.',
    'wash primer',
  ),
  entry(
    'Fan',
    'The flat cone of spray. Held square to the panel, each pass half over the last.',
    'spray pattern',
  ),
  entry('Feather', 'To sand the edge of old paint or filler until no step is felt.', 'feathering'),
  entry('Filler primer', 'Thick one-part primer that fills scratches and is blocked flat.', 'high build'),
  entry('Film', 'The dry paint, in thousandths of a millimetre (µm).', 'film build', 'microns', 'mils'),
  entry(
    'Fish-eyes',
    'Round craters: silicone or grease below. Stop, and clean again.',
    'craters',
    'silicone',
  ),
  entry('Flake', 'Coarse glitter in a clear binder, laid from further off and buried under clear.'),
  entry('Flash', 'The wait in which the solvent of a coat leaves, before the next one.', 'flash-off'),
  entry(
    'Flatting',
    'Sanding a cured top coat smooth before it is polished.',
    'colour sanding',
    'wet sanding',
  ),
  entry('Flop', 'How a metallic turns darker or lighter as one walks round it.'),
  entry('Gelcoat', 'The coloured skin of fibreglass. Release wax comes off before any paper.'),
  entry('Guide coat', 'A dusting of another colour: where it stays after blocking, it is still low.'),
  entry('Handle-dry', 'It may be touched and carried. Until then no rain, dew or cold.'),
  entry(
    'Hardener',
    'The second part of a two-part paint. Its grade follows the heat; its amount never changes.',
    'catalyst',
  ),
  entry('Hide', 'How well a colour covers what lies below.', 'hiding', 'opacity'),
  entry('Humidity', 'How full the air is of water. Over 85 per cent most sheets say no.'),
  entry('HVLP', 'A gun that sprays much air at low pressure: less mist, more paint on the part.', 'lvlp'),
  entry('Induction', 'Minutes a mixed epoxy stands before it is sprayed, where its sheet asks for them.'),
  entry(
    'Isocyanate',
    'What makes two-part urethane cure, and lungs and skin allergic. No smell warns of it.',
  ),
  entry('Isolate', 'To lay epoxy between two paints that would not stand one another.', 'barrier coat'),
  entry('Key', 'Scratches that a coat grips in.', 'mechanical bond'),
  entry('Ladder', 'The papers one after another, each at most twice as fine as the last.', 'grit steps'),
  entry('Lifting', 'Wrinkles: solvent of the new coat swelled the old one.', 'wrinkling', 'frying'),
  entry('Masking', 'Tape and paper over what must stay as it is.'),
  entry(
    'Matte',
    'A clear without gloss. It can be neither flatted nor polished, so every nib stays.',
    'satin',
  ),
  entry('Metallic', 'Colour with aluminium flakes; its last coat decides how they lie.'),
  entry('Mid-coat', 'A transparent or glittering coat between ground and clear.', 'tri-coat'),
  entry('Nib', 'A speck of dust in the film.', 'dust nib'),
  entry('Orange peel', 'A film that dried before it levelled: it looks like the skin of an orange.'),
  entry('Overlap', 'The part of a pass that lies on the one before. Half of the fan is usual.'),
  entry('Overrun', 'Paint sprayed past the edges. On small parts it is most of what is used.'),
  entry('Overspray', 'Mist that misses the part and settles elsewhere.'),
  entry('Pearl', 'Colour with mica that shifts in the light, over a ground of its own shade.'),
  entry('Pinholes', 'Tiny holes in filler or clear, of air or solvent that escaped.', 'solvent pop'),
  entry('Pot life', 'How long a mixed cup or an activated can may be sprayed. Heat shortens it.'),
  entry(
    'Powder coat',
    'Paint baked from powder: hard and smooth, primer holds only where all gloss is gone.',
  ),
  entry('Primer', 'What holds on the ground and is held on by the rest.'),
  entry(
    'Prudent until',
    'Until then an activated can is worth trusting on a visible face; its label may allow more.',
  ),
  entry(
    'Reducer',
    'Thinner of the same maker: it makes paint sprayable, and its grade follows the heat.',
    'thinner',
  ),
  entry(
    'Rub test',
    'Thinner on a rag on a hidden spot for half a minute: what it does tells what the paint is.',
    'solvent test',
  ),
  entry('Run', 'Paint that slid down: too wet, too close, too slow.', 'sag'),
  entry('Scuff', 'To dull a sound film evenly so that paint grips, without taking it down.', 'scotch'),
  entry('Sealer', 'A thin even coat before colour, sprayed and not sanded.'),
  entry('Session', 'A stretch that must not be broken, from its first coat until dust-free.'),
  entry('Shelf life', 'How long a pack keeps, unopened and opened.'),
  entry('Single-stage', 'Two-part colour with its own gloss, without clear.', 'direct gloss'),
  entry('Solids', 'The share of a paint that stays as film. The rest flies off.'),
  entry('Spot repair', 'Mending a small place; colour fades out, clear goes to an edge.'),
  entry('Strain', 'To pour paint through a sieve into the cup, every time.', 'filter'),
  entry('Substrate', 'What the part is made of.', 'ground'),
  entry('Surfacer', 'Two-part primer that builds much film and is blocked flat.', '2k primer'),
  entry('Tack cloth', 'A sticky cloth that takes dust off, without pressure, before a coat.', 'tack rag'),
  entry(
    'Test card',
    'A card sprayed first: for the pattern, the colour and whether the paints stand one another.',
  ),
  entry(
    'Transfer',
    'The share of the sprayed paint that lands while the fan is wholly on the part.',
    'transfer efficiency',
  ),
  entry('Wet edge', 'The edge of the last pass while it still flows into the next.'),
  entry('Wet on wet', 'The next coat goes on before the last is sanded or cured: the films merge.'),
  entry('Zinc', 'The skin of galvanised steel. Scuffed for epoxy, never ground through.', 'galvanised'),
];
