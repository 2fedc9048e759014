/** The plan as plain text, for the terminal and for `--text`. */
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { CAUSE_LIMITS, surfaceName, TASK_NAMES } from './names';
import { percentOf, type Format } from './format';
import { say, sayCaution } from './say';

export function planText(job: Job, plan: Plan, f: Format): string {
  const out: string[] = [];
  const line = (s = ''): void => {
    out.push(s);
  };
  line(job.name);
  line(
    plan.kind === 'planned'
      ? `Planned. ${plan.chance === null ? '' : `${percentOf(plan.chance)} % of futures end well.`}`
      : 'Blocked.',
  );
  for (const b of plan.blockers) line(`  STOP  ${say(b, f)}`);
  line();
  line('Build-up, bottom first');
  for (const s of plan.seams) {
    line(
      `  ${s.verdict === 'ok' ? 'ok  ' : s.verdict === 'care' ? 'care' : 'NO  '}  ${surfaceName(s.below)} under ${s.above}: ${say(s.reason, f)}${s.wayOut && s.verdict !== 'ok' ? ` ${say(s.wayOut, f)}` : ''}`,
    );
  }
  for (const l of plan.layers)
    line(`        ${l.id}: ${l.productId}, ${l.coats} x ${f.film(l.filmUmPerCoat)}`);
  line();
  line(
    `To buy: ${f.money(plan.cost.total, plan.cost.currency)} of ${f.money(plan.cost.budget, plan.cost.currency)}`,
  );
  const packs = (list: Plan['materials'][number]['packs']): string =>
    list.map((p) => `${p.count} ${p.unit} of ${f.volume(p.size)}`).join(', ');
  for (const m of plan.materials) {
    line(
      `  ${m.productId}${m.colour ? `, ${m.colour.name}` : ''}: ${f.volume(m.needMl)} (give or take ${f.volume(m.spreadMl)}); ${packs(m.packs) || 'on the shelf'}`,
    );
    for (const g of m.ingredients.slice(1))
      if (g.packs.length > 0) line(`    ${g.part}: ${f.volume(g.needMl)}; ${packs(g.packs)}`);
  }
  if (plan.cost.prep > 0)
    line(`  paper, cleaner, tape, protection: ${f.money(plan.cost.prep, plan.cost.currency)}`);
  for (const s of plan.sessions) {
    line();
    line(
      `${f.dayTime(s.startsAt)} to ${f.time(s.endsAt)}  (${percentOf(s.chance)} %${s.failures[0] ? `; risk: ${CAUSE_LIMITS[s.failures[0].cause] ?? s.failures[0].cause}` : ''})`,
    );
    for (const t of s.tasks)
      line(`  ${f.time(t.startsAt)}  ${TASK_NAMES[t.kind].padEnd(9)} ${say(t.detail, f)}`);
    for (const a of s.activations)
      line(
        `         ${a.productId}: prudent until ${f.dayTime(a.prudentUntil)}, dead at ${f.dayTime(a.usableUntil)}`,
      );
    line(`  ${f.time(s.handleAt)}  handle-dry (${f.day(s.handleAt)}); until then no rain, dew or cold`);
  }
  if (plan.cautions.length > 0) line();
  for (const c of plan.cautions) {
    const w = sayCaution(c, f);
    line(`${c.severity === 'stop' ? '!!' : ' !'} ${w.head}${w.head.endsWith('?') ? '' : '.'} ${w.body}`);
  }
  return out.join('\n');
}
