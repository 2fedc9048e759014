/**
 * What is never planned, found by what people type: solvent or film can weaken it, or somebody eats or drinks
 * from it, or a life hangs on it. The maker, the law or a trained person decides. Common practice, no source.
 */
import type { Job } from '@/model/job';
import type { Notice } from '@/model/marks';

interface RefusedThing {
  readonly what: string;
  /** Words in small letters that name it. */
  readonly words: RegExp;
}

/** A rack for helmets is a rack. */
const IS_FURNITURE =
  /^[\s-]*(rack|stand|shelf|shelves|locker|cabinet|sign|holder|hanger|hook|trolley|cage|board|box|chest|case|trailer|store|cupboard)s?\b/;

const THINGS: readonly RefusedThing[] = [
  { what: 'helmet', words: /\b(helmets?|visors?|face ?shields?|hard ?hats?)\b/ },
  {
    what: 'belt',
    words:
      /\b(seat ?belts?|safety ?belts?|belt buckles?|harness(es)?|carabiners?|climbing gear|lifejackets?)\b/,
  },
  { what: 'airbag', words: /\b(air ?bags?|steering[ -]?wheel (pad|cover|centre|center))\b/ },
  {
    what: 'brake',
    words:
      /\b(brakes?(?! ?(fluid|cleaner))|callipers?|calipers?|brake ?(discs?|drums?|levers?|lines?|hoses?))\b/,
  },
  { what: 'tyre', words: /\b(tyres?|tires?|inner ?tubes?)\b/ },
  {
    what: 'cylinder',
    words:
      /\b((gas|propane|butane|lpg|oxygen|acetylene|co2|scuba|diving|nitrogen|helium)[ -]?(cylinders?|bottles?|tanks?)|fire ?extinguishers?|pressure vessels?|air ?receivers?|compressor tanks?)\b/,
  },
  {
    what: 'tank-inside',
    words:
      /\b(inside of (a |the |my )?(\w+ )?tank|tank (inside|interior|lining|liner)s?|(fuel|petrol|gas) tank(,| -)? ?inside)\b/,
  },
  {
    what: 'food',
    words:
      /\b((frying|sauce|roasting|cake|baking)[ -]?(pans?|trays?|tins?)|saucepans?|grill (grates?|racks?|plates?)|barbecue grates?|bbq grates?|chopping[ -]?boards?|cutting[ -]?boards?|cutlery|mugs?|teapots?|kettles?|(fruit|salad|dog|cat|feeding|mixing)[ -]?bowls?|plates? to eat|worktops?|countertops?|food|lunch ?box(es)?)\b/,
  },
  {
    what: 'water',
    words:
      /\b(drinking[ -]?(water|glass(es)?|bottles?|troughs?)|potable|water (tanks?|bottles?|pipes?|jugs?)|cisterns?)\b/,
  },
  {
    what: 'toy',
    words:
      /\b(toys?|dolls?( ?house)?s?|rattles?|cots?|cribs?|high ?chairs?|prams?|rocking ?horses?|teethers?)\b/,
  },
  {
    what: 'structural',
    words:
      /\b(structural|roll ?cages?|crumple zones?|chassis (rails?|repairs?|welds?)|sill repairs?|cracked (frame|fork|swingarm)s?|frame cracks?|subframe repairs?)\b/,
  },
];

function thingIn(text: string): string | null {
  const small = text.toLowerCase();
  for (const { what, words } of THINGS) {
    const found = words.exec(small);
    if (found && !IS_FURNITURE.test(small.slice(found.index + found[0].length))) return what;
  }
  return null;
}

/** One refusal for each part that is named so, or one for the job. */
export function notPlanned(job: Pick<Job, 'name' | 'parts'>): Notice[] {
  const named = [...job.parts.map((p) => p.name ?? p.id.replaceAll('-', ' ')), job.name];
  const found = new Map<string, string>();
  for (const text of named) {
    const what = thingIn(text);
    if (what !== null && !found.has(what)) found.set(what, text);
  }
  return [...found].map(([what, text]) => ({ code: 'not-planned', params: { what, text } }));
}
