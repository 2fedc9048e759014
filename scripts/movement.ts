/**
 * npm run backtest:movement [-- --worlds 8] [--write]: how stated chances move from look to look on hidden worlds, in
 * three kinds of place and five climates. --write makes docs/backtest/movement.md.
 */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { jobsOf, SHELTERS, type Shelter } from '@/backtest/jobs';
import { movementsOf, summed, type Movement, type Seen } from '@/backtest/movement';
import { Sky, worldOf } from '@/backtest/world';
import { CLIMATES } from '@/standins/climates';

const { values } = parseArgs({
  options: { worlds: { type: 'string', default: '8' }, write: { type: 'boolean', default: false } },
});
const most = Number(values.worlds);

/** No world of the backtest, nor of its fits. */
const FIRST_SEED = 7000;

/** By shelter; every world's sky is made once. */
function seenIn(): Map<Shelter, Seen[]> {
  const seen = new Map<Shelter, Seen[]>(SHELTERS.map((s) => [s, []]));
  for (const climate of CLIMATES)
    for (let n = 0; n < most; n++) {
      const sky = new Sky(worldOf(climate, FIRST_SEED + n));
      for (const [shelter, list] of seen)
        list.push(...movementsOf(sky, jobsOf('one-lot', shelter, sky.world)[0]!));
    }
  return seen;
}

const points = (x: number): string => (100 * x).toFixed(1);
const line = (m: Movement): string =>
  `| ${m.fromH} h → ${m.toH} h | ${m.cases} | ${points(m.drift)} ± ${points(m.driftSe)} | ${points(m.came)} | ${points(m.expected)} |`;

const tables = [...seenIn()].map(([shelter, seen]) => {
  const rows = summed(seen).map(line).join('\n');
  return `## ${shelter}\n\n| look, before the start | cases | mean movement | spread that came | spread expected |\n|---|---|---|---|---|\n${rows}\n`;
});
const text = `# How stated chances move

Every Saturday at ten of ${most} hidden worlds in each of five climates (seeds from ${FIRST_SEED}), looked at from six days off to two hours before: the chance at one look against that at the next, in points. The mean should not move; the spread (root mean square) is what the decision reckons with when it waits (\`core/schedule/decide/information.ts\`). Made by \`npm run backtest:movement -- --worlds ${most} --write\`.

${tables.join('\n')}`;
if (values.write) writeFileSync(join(process.cwd(), 'docs', 'backtest', 'movement.md'), text);
console.log(text);
