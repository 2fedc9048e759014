/**
 * Reads the text of a label or data sheet: ratios, waits, windows, limits, film, cover, packs, in
 * metric and US units. It says what it understood and from which words, for the user to confirm;
 * of a range it takes the careful end: the longer least wait, the shorter longest, the lower cover.
 */
import { cFromF, ML_PER_US_FL_OZ, ML_PER_US_GALLON, M2_PER_FT2, UM_PER_MIL } from '@/core/units/convert';

export type LabelField =
  | 'mix'
  | 'flashMin'
  | 'nextMinMin'
  | 'nextBondMaxMin'
  | 'itselfMaxMin'
  | 'itselfForbiddenMin'
  | 'dustFreeMin'
  | 'touchDryMin'
  | 'handleMin'
  | 'sandMin'
  | 'cureMin'
  | 'potLifeMin'
  | 'coats'
  | 'filmUmPerCoat'
  | 'solidsFrac'
  | 'coverM2'
  | 'coverM2PerL'
  | 'tempMinC'
  | 'tempMaxC'
  | 'rhMaxFrac'
  | 'dewGapMinK'
  | 'packMl'
  | 'packG'
  | 'vocGPerL'
  | 'flashPointC'
  | 'tipMm'
  | 'densityGPerMl'
  | 'isocyanate'
  | 'gloss'
  | 'kind'
  | 'refTempC'
  | 'shelfClosedMonths'
  | 'shelfOpenMonths';
export type LabelValue =
  | number
  | boolean
  | string
  | readonly [number, number]
  | { readonly base: number; readonly hardener: number; readonly reducer: number };
export interface LabelFind {
  readonly field: LabelField;
  readonly value: LabelValue;
  /** the words it was read from */ readonly from: string;
  /** what the label gave where it was a range */ readonly range?: readonly [number, number];
}
export interface LabelReading {
  readonly found: readonly LabelFind[];
  /** lines with a figure that nothing was read from */ readonly unread: readonly string[];
}

const WORDS: Readonly<Record<string, number>> = {
  half: 0.5,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
};
const NUM = String.raw`(\d+(?:[.,]\d+)?|half an?|one|two|three|four|five|six|eight|ten|twelve|fifteen|twenty|thirty)`;
const DASH = String.raw`\s*(?:-|–|—|to|and|bis|\.\.\.|…)\s*`;
const TIME = String.raw`(seconds?|secs?|minutes?|mins?\.?|hours?|hrs?\.?|h\b|days?|weeks?|months?|years?)`;
const numberOf = (t: string): number => WORDS[t.toLowerCase().split(' ')[0]!] ?? Number(t.replace(',', '.'));
const minutesPer = (u: string): number =>
  /^s/.test(u)
    ? 1 / 60
    : /^mo/.test(u)
      ? 43_800
      : /^m/.test(u)
        ? 1
        : /^h/.test(u)
          ? 60
          : /^d/.test(u)
            ? 1440
            : /^w/.test(u)
              ? 10_080
              : 525_600;

interface Span {
  readonly lo: number;
  readonly hi: number;
  readonly at: number;
  readonly text: string;
}

/** Every stretch of time in a clause, minutes: "10–15 min", "30 min to 24 h", "half an hour". */
function spans(clause: string): Span[] {
  const re = new RegExp(String.raw`${NUM}(?:\s*${TIME})?(?:${DASH}${NUM})?\s*${TIME}`, 'gi');
  const out: Span[] = [];
  for (const m of clause.matchAll(re)) {
    const unit = m[4]!.toLowerCase();
    const first = numberOf(m[1]!) * minutesPer((m[2] ?? unit).toLowerCase());
    const second = m[3] === undefined ? first : numberOf(m[3]) * minutesPer(unit);
    if (Number.isFinite(first) && Number.isFinite(second))
      out.push({ lo: Math.min(first, second), hi: Math.max(first, second), at: m.index, text: m[0] });
  }
  return out;
}

/** Temperatures of a clause in °C; where both scales stand side by side, the Celsius one. */
function temps(clause: string): { lo: number; hi: number }[] {
  const re =
    /(-?\d+(?:[.,]\d+)?)\s*(?:°\s*)?(?:([CF])\b)?(?:\s*(?:-|–|to|and|bis|\.\.\.)\s*(-?\d+(?:[.,]\d+)?))?\s*(?:°\s*|deg(?:rees)?\.?\s*|º\s*)?([CF])\b/gi;
  const all: { lo: number; hi: number; scale: string }[] = [];
  for (const m of clause.matchAll(re)) {
    const scale = m[4]!.toUpperCase();
    const to = (x: string): number => (scale === 'F' ? cFromF(numberOf(x)) : numberOf(x));
    const a = to(m[1]!);
    const b = m[3] === undefined ? a : to(m[3]);
    all.push({ lo: Math.min(a, b), hi: Math.max(a, b), scale });
  }
  return all.some((t) => t.scale === 'C') ? all.filter((t) => t.scale === 'C') : all;
}

const num1 = (clause: string, unit: string): [number, number] | null => {
  const m = new RegExp(String.raw`${NUM}(?:${DASH}${NUM})?\s*${unit}`, 'i').exec(clause);
  if (!m) return null;
  const a = numberOf(m[1]!);
  const b = m[2] === undefined ? a : numberOf(m[2]);
  return Number.isFinite(a) && Number.isFinite(b) ? [Math.min(a, b), Math.max(a, b)] : null;
};

/** Waits by the words beside them: the least is taken long, the most short. */
const WAITS: readonly { field: LabelField; say: RegExp; take: 'hi' | 'lo' }[] = [
  {
    field: 'potLifeMin',
    say: /pot[- ]?life|working life|(?:use|usable|spray|apply)\b[^.]*\b(?:of|after|once) (?:activation|activated|mixing|mixed|pressing)|after activation|once activated|can (?:stays|remains) usable/,
    take: 'lo',
  },
  { field: 'sandMin', say: /sand(?:able|ed|ing)?\b|flat(?:ted|ting)?\b|rubbed down/, take: 'hi' },
  { field: 'dustFreeMin', say: /dust[- ]?(?:dry|free)/, take: 'hi' },
  {
    field: 'touchDryMin',
    say: /touch[- ]?dry|dry to (?:the )?touch|tack[- ]?free|surface dry|touchable/,
    take: 'hi',
  },
  {
    field: 'handleMin',
    say: /(?:ready|dry|safe) (?:to|for) (?:be )?handl|handl(?:e|ing|eable)|assembl|dry to fit/,
    take: 'hi',
  },
  {
    field: 'cureMin',
    say: /full(?:y)? (?:cure|hard|dry|through)|(?:complete|full) (?:cure|hardness)|cured after|hardens? (?:fully|through)/,
    take: 'hi',
  },
  {
    field: 'flashMin',
    say: /flash|between (?:the )?coats|each coat (?:for|dry)|intercoat|wait[^.]*before the next coat/,
    take: 'hi',
  },
];
const NEXT =
  /over-?coat|top-?coat|re-?coat|clear-?coat|lacquered over|paint(?:ed)? over|next (?:layer|product)|follow(?:ed)? (?:with|by)|second coat/;

const MONTH = 43_800;

/** @param text as pasted; at most what a label holds, longer texts are cut at 20,000 characters */
export function readLabel(text: string): LabelReading {
  const found: LabelFind[] = [];
  const unread: string[] = [];
  const add = (
    field: LabelField,
    value: LabelValue,
    from: string,
    range?: readonly [number, number],
  ): void => {
    if (typeof value === 'number' && !Number.isFinite(value)) return;
    if (!found.some((x) => x.field === field))
      found.push({ field, value, from: from.trim(), ...(range && range[0] !== range[1] ? { range } : {}) });
  };
  // A dot ends a sentence only before a space and a capital; figures and units keep theirs.
  const clauses = text
    .slice(0, 20_000)
    .replace(/\u00a0/g, ' ')
    .split(/\n|;|•|\||(?<=[a-z%)0-9°CF])\.\s+(?=[A-Z])/)
    // Several waits in one sentence stand between its commas.
    .flatMap((c) => (spans(c).length >= 2 && !NEXT.test(c.toLowerCase()) ? c.split(/,\s+(?=[a-zA-Z])/) : [c]))
    .map((c) => c.trim())
    .filter((c) => c !== '');
  for (const clause of clauses) {
    const before = found.length;
    const low = clause.toLowerCase();
    const times = spans(clause);
    const heat = temps(clause);
    readMix(low, clause, add);
    // Words before figures belong to them: each stretch takes the nearest word that names a wait.
    const window = readWindow(low, times, clause, add);
    for (const w of WAITS) {
      const at = low.search(w.say);
      if (at < 0 || times.length === 0 || (window && w.field === 'flashMin')) continue;
      const free = times.filter((s) => !owned(low, s, w, at));
      const s = nearest(free.length > 0 ? free : [], at);
      if (s) add(w.field, w.take === 'hi' ? s.hi : s.lo, clause, [s.lo, s.hi]);
    }
    if (
      /shelf[- ]?life|storage|best before|keeps? (?:for )?|unopened|once opened|after opening/.test(low) &&
      !/pot/.test(low)
    )
      for (const s of times.filter((x) => x.lo >= MONTH))
        add(
          /open(?:ed|ing)/.test(low.slice(Math.max(0, s.at - 40), s.at + s.text.length + 25)) &&
            !/unopened/.test(low)
            ? 'shelfOpenMonths'
            : 'shelfClosedMonths',
          Math.round(s.lo / MONTH),
          clause,
          [s.lo / MONTH, s.hi / MONTH],
        );
    if (heat.length > 0) {
      const flashPoint = /flash[- ]?point/.test(low);
      const t = heat[0]!;
      if (flashPoint) add('flashPointC', round(t.lo), clause);
      else if (
        /(?:not|never)[^.]*below|minimum|at least|\bmin\.? *(?:temp|application)|above|or (?:more|higher|warmer)/.test(
          low,
        ) &&
        t.lo === t.hi &&
        !times.length
      )
        add('tempMinC', round(t.lo), clause);
      else if (
        /(?:not|never)[^.]*above|maximum|at most|\bmax\.?\b/.test(low) &&
        t.lo === t.hi &&
        !times.length
      ) {
        if (!/50 *°? *c|122 *°? *f|120 *°? *f/.test(low)) add('tempMaxC', round(t.lo), clause);
      } else if (t.lo !== t.hi && !times.length && !/store|storage/.test(low)) {
        add('tempMinC', round(t.lo), clause);
        add('tempMaxC', round(t.hi), clause);
      } else if (times.length > 0 && /\bat\b|@|\(|bei/.test(low)) add('refTempC', round(t.hi), clause);
    }
    const rh = /(?:humidity|\brh\b)[^.%]*?(\d+)\s*%|(\d+)\s*%\s*(?:relative humidity|r\.?h)/i.exec(clause);
    if (rh && /below|under|max|less|not (?:exceed|above|over)|up to|humidity/i.test(clause) && !times.length)
      add('rhMaxFrac', Number(rh[1] ?? rh[2]) / 100, clause);
    const dew = /(\d+(?:[.,]\d+)?)\s*(?:°\s*)?([CFK])\b[^.]*(?:above|over)[^.]*dew/i.exec(clause);
    if (dew) {
      add(
        'dewGapMinK',
        dew[2]!.toUpperCase() === 'F' ? round((numberOf(dew[1]!) * 5) / 9) : numberOf(dew[1]!),
        clause,
      );
      remove(found, 'tempMinC', clause);
    }
    const coats = num1(
      clause,
      String.raw`(?:(?:thin|light|even|full|wet|medium|cross|single|normal|dust)[ ,-]*(?:and )?)*(?:coats?|layers?|passes)\b`,
    );
    if (coats && coats[1] <= 8 && coats[0] >= 1) add('coats', Math.round(coats[1]), clause, coats);
    const um = num1(clause, String.raw`(?:µm|μm|um\b|microns?|my\b)`);
    const mil = num1(clause, String.raw`mils?\b`);
    if ((um || mil) && !/wet/.test(low)) {
      const r = um ?? [mil![0] * UM_PER_MIL, mil![1] * UM_PER_MIL];
      add('filmUmPerCoat', round((r[0] + r[1]) / 2), clause, [r[0], r[1]]);
    }
    const solids =
      /solids[^.%]*?(\d+(?:[.,]\d+)?)\s*(?:[-–]\s*(\d+(?:[.,]\d+)?)\s*)?%|(\d+(?:[.,]\d+)?)\s*%\s*(?:volume )?solids/i.exec(
        clause,
      );
    if (solids && !/by weight|by mass|weight solids/.test(low)) {
      const a = numberOf(solids[1] ?? solids[3]!);
      const b = solids[2] ? numberOf(solids[2]) : a;
      add('solidsFrac', (a + b) / 200, clause, [a / 100, b / 100]);
    }
    const perL = num1(clause, String.raw`(?:m²|m2|sqm|sq\.? ?m)\s*(?:\/|per)\s*(?:l\b|lit(?:er|re)|ltr)`);
    const perGal = num1(clause, String.raw`(?:ft²|sq\.? ?ft\.?|square feet)\s*(?:\/|per)\s*gal`);
    const area = num1(clause, String.raw`(?:m²|m2|sqm|sq\.? ?m\b|square met(?:er|re)s?)`);
    const feet = num1(clause, String.raw`(?:ft²|sq\.? ?ft\.?|square feet)`);
    if (perL) add('coverM2PerL', perL[0], clause, perL);
    else if (perGal) add('coverM2PerL', round(((perGal[0] * M2_PER_FT2) / ML_PER_US_GALLON) * 1000), clause);
    else if (/cover|spread|enough|yield|sufficient/.test(low)) {
      if (area) add('coverM2', area[0], clause, area);
      else if (feet) add('coverM2', round(feet[0] * M2_PER_FT2), clause);
    }
    const voc = num1(clause, String.raw`g\s*\/\s*l\b`);
    if (voc && /voc/.test(low)) add('vocGPerL', voc[1], clause);
    const density = num1(clause, String.raw`(?:g\/ml|g\/cm³|g\/cm3|kg\/l)`);
    if (density && density[0] >= 0.3 && density[1] <= 3) add('densityGPerMl', density[0], clause);
    const tip = num1(clause, 'mm');
    if (tip && /nozzle|tip|needle|fluid|set-?up/.test(low) && tip[1] <= 6)
      add('tipMm', [tip[0], tip[1]], clause);
    readPack(clause, low, add);
    if (
      /isocyanat|diisocyanat|hdi\b|mdi\b/.test(low) &&
      !/(?:no|free (?:of|from)|without|contains no) (?:iso|diiso)|isocyanate[- ]free/.test(low)
    )
      add('isocyanate', true, clause);
    else if (/isocyanate[- ]free|(?:no|without|free (?:of|from)) (?:di)?isocyanat/.test(low))
      add('isocyanate', false, clause);
    readKind(low, clause, add);
    if (found.length === before && /\d/.test(clause)) unread.push(clause);
  }
  return { found, unread };
}

const round = (x: number): number => Math.round(x * 10) / 10;
function remove(found: LabelFind[], field: LabelField, from: string): void {
  const i = found.findIndex((x) => x.field === field && x.from === from.trim());
  if (i >= 0) found.splice(i, 1);
}
function nearest(list: readonly Span[], at: number): Span | null {
  return list.reduce<Span | null>(
    (best, s) => (best === null || gap(s, at) < gap(best, at) ? s : best),
    null,
  );
}
/** A figure just after its word is nearer than one just before it. */
const gap = (s: Span, at: number): number => (s.at >= at ? s.at - at : (at - s.at - s.text.length) * 1.6 + 1);
/** True when another wait's word lies nearer to this stretch. */
function owned(low: string, s: Span, mine: (typeof WAITS)[number], at: number): boolean {
  return WAITS.some((w) => {
    if (w === mine) return false;
    const k = low.search(w.say);
    return k >= 0 && gap(s, k) < gap(s, at);
  });
}

type Add = (field: LabelField, value: LabelValue, from: string, range?: readonly [number, number]) => void;

function readMix(low: string, clause: string, add: Add): void {
  if (/\b(?:1[0-2]|0?[1-9]):[0-5]\d\b/.test(low) && !/ratio|mix|part|:\s*\d+\s*:/.test(low)) return;
  const plus =
    /\+\s*(\d+)(?:\s*[-–]\s*(\d+))?\s*%|(\d+)(?:\s*[-–]\s*(\d+))?\s*%\s*(?:thinner|reducer|fast thinner|standard thinner|of thinner)|(?:thin|reduce|dilute)[^.%]*?(\d+)(?:\s*[-–]\s*(\d+))?\s*%/.exec(
      low,
    );
  const plusPct = plus ? Number(plus[2] ?? plus[1] ?? plus[4] ?? plus[3] ?? plus[6] ?? plus[5]) : null;
  const three = /(\d+(?:[.,]\d+)?)\s*:\s*(\d+(?:[.,]\d+)?)(?:\s*:\s*(\d+(?:[.,]\d+)?))?/.exec(low);
  const parts = [
    ...low.matchAll(/(\d+(?:[.,]\d+)?|one|two|three|four|five|half)(?: a)? (?:volume )?parts?\b/g),
  ].map((m) => numberOf(m[1]!));
  let base: number | null = null;
  let second = 0;
  let third = 0;
  if (
    three &&
    /mix|ratio|hardener|activator|catalyst|reducer|thinner|vol|component|base|^\W*\d+\s*:/.test(low)
  ) {
    base = numberOf(three[1]!);
    second = numberOf(three[2]!);
    third = three[3] ? numberOf(three[3]) : 0;
  } else if (parts.length >= 2) {
    base = parts[0]!;
    second = parts[1]!;
    third = parts[2] ?? 0;
  }
  const byMass =
    /hardener[^.%]*?(\d+(?:[.,]\d+)?)(?:\s*[-–]\s*(\d+(?:[.,]\d+)?))?\s*%|(\d+(?:[.,]\d+)?)(?:\s*[-–]\s*(\d+(?:[.,]\d+)?))?\s*%\s*(?:of )?(?:cream )?hardener/.exec(
      low,
    );
  if (base === null && byMass) {
    const a = numberOf(byMass[1] ?? byMass[3]!);
    const b = (byMass[2] ?? byMass[4]) ? numberOf((byMass[2] ?? byMass[4])!) : a;
    base = 100;
    second = (a + b) / 2;
    add('mix', { base, hardener: second, reducer: 0 }, clause);
    return;
  }
  if (base === null && plusPct !== null) {
    add('mix', { base: 100, hardener: 0, reducer: plusPct }, clause);
    return;
  }
  if (base === null || !(base > 0)) return;
  // Two figures are colour and hardener, unless only a thinner is named.
  const thinnerOnly = /thinner|reducer/.test(low) && !/hardener|activator|catalyst/.test(low) && third === 0;
  add(
    'mix',
    thinnerOnly
      ? { base, hardener: 0, reducer: second }
      : {
          base,
          hardener: second,
          reducer: third > 0 ? third : plusPct !== null ? (base * plusPct) / 100 : 0,
        },
    clause,
  );
}

/** "recoat within 1 h or after 48 h", "not between 1 and 24 h", "20 min to 24 h", "after 30 min", "within 24 h". True when it was a window. */
function readWindow(low: string, times: readonly Span[], clause: string, add: Add): boolean {
  if (!NEXT.test(low) || times.length === 0) return false;
  const self =
    /re-?coat|second coat|further coats?|another coat/.test(low) && !/clear|top-?coat|colou?r|base/.test(low);
  const not = /(?:not|never|avoid)[^.]*between/.test(low);
  if (not && times[0]!.lo !== times[0]!.hi) {
    add('itselfForbiddenMin', [times[0]!.lo, times[0]!.hi], clause);
    add('itselfMaxMin', times[0]!.lo, clause);
    return true;
  }
  if (/within|before|inside/.test(low) && /\bor\b[^.]*(?:after|wait)/.test(low) && times.length >= 2) {
    const a = times[0]!.lo;
    const b = times[1]!.hi;
    add('itselfForbiddenMin', [a, b], clause);
    add('itselfMaxMin', a, clause);
    return true;
  }
  if (
    /sand|flash|between coats/.test(low) &&
    times.length === 1 &&
    !/re-?coat|over-?coat|top-?coat|clear-?coat/.test(low)
  )
    return false;
  const first = times[0]!;
  const second = times[1];
  if (
    second &&
    /(?:up to|within|no later|at most|latest|max|and within|until|but)/.test(low.slice(first.at))
  ) {
    add('nextMinMin', first.hi, clause, [first.lo, first.hi]);
    add('nextBondMaxMin', second.lo, clause);
    return true;
  }
  if (first.lo !== first.hi && first.hi / Math.max(first.lo, 1) >= 6) {
    add('nextMinMin', first.lo, clause);
    add('nextBondMaxMin', first.hi, clause);
    return true;
  }
  const lead = low.slice(0, first.at);
  if (
    /(?:within|before|no later than|up to|inside|max\.?|latest)\s*$/.test(lead.trimEnd() + ' ') ||
    /within\s+$/.test(lead)
  ) {
    add(self ? 'itselfMaxMin' : 'nextBondMaxMin', first.lo, clause);
    return true;
  }
  add('nextMinMin', first.hi, clause, [first.lo, first.hi]);
  return true;
}

function readPack(clause: string, low: string, add: Add): void {
  if (/cover|per |\/|voc/.test(low) && !/contents?|net|can of|tin of/.test(low)) return;
  const ml = num1(clause, String.raw`ml\b`);
  const l = num1(clause, String.raw`(?:l\b|lit(?:er|re)s?\b|ltr\b)`);
  const floz = num1(clause, String.raw`(?:fl\.? ?oz\.?|fluid ounces?)`);
  const oz = num1(clause, String.raw`(?<!fl\.? ?)oz\.?\b`);
  const g = num1(clause, String.raw`g\b`);
  const qt = num1(clause, 'quarts?|qt\\b');
  const pint = num1(clause, 'pints?|pt\\b');
  const gal = num1(clause, 'gallons?|gal\\b');
  if (ml && ml[0] >= 20) add('packMl', ml[0], clause);
  else if (floz) add('packMl', Math.round(floz[0] * ML_PER_US_FL_OZ), clause);
  else if (gal) add('packMl', Math.round(gal[0] * ML_PER_US_GALLON), clause);
  else if (qt) add('packMl', Math.round((qt[0] * ML_PER_US_GALLON) / 4), clause);
  else if (pint) add('packMl', Math.round((pint[0] * ML_PER_US_GALLON) / 8), clause);
  else if (l && l[0] > 0 && l[0] <= 20) add('packMl', l[0] * 1000, clause);
  if (/net (?:wt|weight|mass)|contents|\boz\b/.test(low)) {
    if (g && g[0] >= 20) add('packG', g[0], clause);
    else if (oz && !floz) add('packG', Math.round(oz[0] * 28.349523125), clause);
  }
}

const KINDS: readonly [RegExp, string][] = [
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
function readKind(low: string, clause: string, add: Add): void {
  if (!/\d\s*(?:min|h\b|°)/.test(low))
    for (const [say, kind] of KINDS)
      if (say.test(low)) {
        add('kind', kind, clause);
        break;
      }
  const gloss = /\b(high gloss|gloss|satin|semi-?gloss|semi-?matt?e?|matte?|flat)\b/.exec(low);
  if (gloss && !/gloss meter/.test(low))
    add(
      'gloss',
      /satin|semi/.test(gloss[1]!) ? 'satin' : /matt|flat/.test(gloss[1]!) ? 'matte' : 'gloss',
      clause,
    );
}
