/** What kind of paint it is, its gloss, and whether it holds isocyanate. */
import type { Clause } from './clause';
import type { Finds } from './finds';

const KINDS: readonly (readonly [RegExp, string])[] = [
  [/adhesion promoter|plastic primer|plastic promoter/, 'adhesion-promoter'],
  [/etch(?:ing)? primer|wash primer|acid primer/, 'etch-primer'],
  [/epoxy/, 'epoxy-primer'],
  [/spray filler|polyester filler|sprayable filler/, 'spray-filler'],
  [/2k (?:filler|surfacer|primer surfacer)|urethane (?:primer|surfacer)/, 'surfacer'],
  [/filler primer|primer filler|high[- ]build primer|primer surfacer/, 'filler-primer'],
  [/sealer/, 'sealer'],
  [/candy|mid-?coat|flake/, 'mid-coat'],
  [/base ?coat|colou?r coat/, 'basecoat'],
  [/enamel/, 'enamel'],
  [/heat[- ]?(?:resistant|proof) (?:paint|coating)|exhaust paint|high[- ]temp/, 'heat-paint'],
  [/clear ?coat|clear lacquer|\bclear\b(?! of)/, 'clear'],
];

function glossOf(word: string): string {
  if (/satin|semi/.test(word)) return 'satin';
  return /matt|flat/.test(word) ? 'matte' : 'gloss';
}

export function readKind({ text, low }: Clause, finds: Finds): void {
  // A clause of figures speaks of waits, not of what the paint is.
  const kind = /\d\s*(?:min|h\b|°)/.test(low) ? undefined : KINDS.find(([say]) => say.test(low));
  if (kind) finds.add('kind', kind[1], text);
  const gloss = /\b(high gloss|gloss|satin|semi-?gloss|semi-?matt?e?|matte?|flat)\b/.exec(low);
  if (gloss && !/gloss meter/.test(low)) finds.add('gloss', glossOf(gloss[1]!), text);
}

export function readIsocyanate({ text, low }: Clause, finds: Finds): void {
  const denied = /(?:no|free (?:of|from)|without|contains no) (?:iso|diiso)|isocyanate[- ]free/.test(low);
  if (/isocyanat|diisocyanat|hdi\b|mdi\b/.test(low) && !denied) finds.add('isocyanate', true, text);
  else if (/isocyanate[- ]free|(?:no|without|free (?:of|from)) (?:di)?isocyanat/.test(low))
    finds.add('isocyanate', false, text);
}
