/** The table of hazards, moments and who is at risk, as text. Written from the cards themselves. */
import { HAZARD_LIST, SAFETY_MOMENTS, type AtRisk, type HazardCell, type SafetyMoment } from '@/core/cautions/hazards';
import { sayHazard } from '@/words/sentences/hazards';
import { toldText } from '@/words/sentences/head';

const MOMENT_NAMES: Readonly<Record<SafetyMoment, string>> = {
  shop: 'Bringing it home',
  strip: 'Taking the part down',
  clean: 'Wiping with solvent, treating rust',
  fill: 'Filling',
  sand: 'Sanding',
  ready: 'Just before the first coat',
  mix: 'Opening, mixing, activating',
  spray: 'Spraying',
  rinse: 'Cleaning the gun',
  leave: 'Leaving it to dry, coming back in',
  heat: 'Its first heat',
  move: 'Carrying it over, shutting it in to cure',
};
const RISK_NAMES: Readonly<Record<AtRisk, string>> = {
  painter: 'who paints',
  others: 'whoever is near',
  children: 'children',
  animals: 'animals',
  neighbours: 'neighbours',
  reactive: 'asthma, an earlier reaction, pregnancy',
};

const INTRO = `# What can hurt, whom, and when

One table, written from the cards (\`npm run -s docs\`); a test compares the two. Each line stands in the run
sheet, on paper and in \`--text\` on the first task of its moment in every visit and session it belongs to; the
screen shows two at a time, the severest first, and the rest one press away.

It is no safety sheet. The product's own sheet, the law of the place and trained people come first; where this
table and they differ, they are right. Named in it: NIOSH Alert 96-111 and Regulation (EU) 2020/1149 on
isocyanates, EN 12021 and OSHA 1910.134(i) on air to breathe, GHS phrases P410 + P412 on cans. The rest is
common practice without source. Nothing here blesses a cartridge mask for isocyanates.
`;

function momentLines(moment: SafetyMoment): string[] {
  const rows = HAZARD_LIST.filter(([, card]) => card.at[moment]).map(([hazard, { severity, who }]) => {
    const told = toldText(sayHazard(`${hazard}.${moment}` satisfies HazardCell));
    const sign = severity === 'stop' ? '**stop**' : 'mind';
    return `| ${sign} | ${hazard} | ${told} | ${who.map((w) => RISK_NAMES[w]).join(', ')} |`;
  });
  return [`## ${MOMENT_NAMES[moment]}`, '', '| | hazard | what is said | at risk |', '|---|---|---|---|', ...rows, ''];
}

export const safetyDoc = (): string =>
  [INTRO, ...SAFETY_MOMENTS.flatMap(momentLines)].join('\n').trimEnd() + '\n';
