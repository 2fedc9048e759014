/** The plan as plain text, for the terminal and for `--text`. */
import { coatsText } from './coats';
import { hazardSeverity } from '@/core/cautions/hazards';
import { agendaOf } from '@/core/schedule/agenda';
import type { Job } from '@/model/job';
import type { Caution, Material, Plan, SeamRecord, Session, Task, Visit } from '@/model/plan';
import { CAUSE_LIMITS, groundName, taskName } from './names';
import { durationOf, percentOf, type Format } from './format';
import { movedLine } from './moved-line';
import { mixLine } from './mix-line';
import { say } from './say';
import { lineName, packName } from './shopping';
import { sayCaution } from './sentences/cautions';
import { sayHazard } from './sentences/hazards';
import { toldText } from './sentences/head';

const VERDICTS: Readonly<Record<SeamRecord['verdict'], string>> = {
  ok: 'ok  ',
  care: 'care',
  no: 'NO  ',
  unknown: '?   ',
};

function headLines(job: Job, plan: Plan, f: Format): string[] {
  const odds = plan.chance === null ? '' : `${percentOf(plan.chance)} % of futures end well.`;
  return [
    job.name,
    plan.kind === 'planned' ? `Planned. ${odds}` : 'Blocked.',
    ...plan.blockers.map((b) => `  STOP  ${say(b, f)}`),
  ];
}

function seamLine(s: SeamRecord, f: Format): string {
  const wayOut = s.wayOut && s.verdict !== 'ok' ? ` ${say(s.wayOut, f)}` : '';
  return `  ${VERDICTS[s.verdict]}  ${groundName(s.below)} under ${s.above}: ${say(s.reason, f)}${wayOut}`;
}

function buildUpLines(plan: Plan, f: Format): string[] {
  return [
    'Build-up, bottom first',
    ...plan.seams.map((s) => seamLine(s, f)),
    ...plan.layers.map(
      (l) => `        ${l.id}: ${l.productId}, ${coatsText(l)} x ${f.film(l.filmUmPerCoat)}`,
    ),
  ];
}

/** What is poured from several tins is told tin by tin: a sum beside a hardener would read as a ratio. */
function materialLines(material: Material, f: Format): string[] {
  const packs = (list: Material['packs']): string =>
    list.map((p) => `${p.count} ${p.unit}${p.count === 1 ? '' : 's'} of ${f.volume(p.size)}`).join(', ') ||
    'on the shelf';
  const name = `${material.productId}${material.colour ? `, ${material.colour.name}` : ''}`;
  const spread = `give or take ${f.volume(material.spreadMl)}`;
  if (material.ingredients.length === 1)
    return [`  ${name}: ${f.volume(material.needMl)} (${spread}); ${packs(material.packs)}`];
  return [
    `  ${name}, mixed (${spread} in all):`,
    ...material.ingredients.map((g) => `    ${g.part}: ${f.volume(g.needMl)}; ${packs(g.packs)}`),
  ];
}

function consumableLine(
  { id, params, packs, have, packSize, unit }: Plan['consumables'][number],
  f: Format,
): string {
  const name = lineName({ key: id, name: null, part: null, params });
  return `  ${name}: ${have ? 'here' : `${packs} × ${packName({ packSize, unit }, f)}`}`;
}

function buyingLines({ cost, materials, consumables, buying }: Plan, f: Format): string[] {
  const on = (trip: Material['trip']): Material[] => materials.filter((m) => m.trip === trip);
  const money = (x: number): string => f.money(x, cost.currency);
  return [
    `To buy: ${money(cost.total)} of ${money(cost.budget)}`,
    ...on('first').flatMap((m) => materialLines(m, f)),
    ...consumables.map((c) => consumableLine(c, f)),
    ...(cost.prep > 0 ? [`  paper, cleaner, tape, protection together: ${money(cost.prep)}`] : []),
    ...(buying.isStaged
      ? [`On a second trip, once what lies below stands sanded: ${money(buying.later)}`]
      : []),
    ...on('later').flatMap((m) => materialLines(m, f)),
  ];
}

const SIGNS: Readonly<Record<Caution['severity'], string>> = { stop: '!!', mind: ' !' };

/** A task, and what can hurt at its moment. */
function taskLines(t: Task, f: Format): string[] {
  const hazards = t.cautions.map(
    (cell) => `         ${SIGNS[hazardSeverity(cell)]} ${toldText(sayHazard(cell))}`,
  );
  return [`  ${f.time(t.startsAt)}  ${taskName(t).padEnd(9)} ${say(t.detail, f)}`, ...hazards];
}

function sessionLines(session: Session, currency: string, f: Format): string[] {
  const moved = movedLine(session, currency, f);
  const first = session.failures[0];
  const risk = first ? `; risk: ${CAUSE_LIMITS[first.cause] ?? first.cause}` : '';
  return [
    '',
    `${f.dayTime(session.startsAt)} to ${f.time(session.endsAt)}  (${percentOf(session.chance)} %${risk})`,
    ...session.tasks.flatMap((t) => taskLines(t, f)),
    ...session.mixes.map((m) => `         ${mixLine(m, m.productId, f)}`),
    ...session.activations.map(
      (a) =>
        `         ${a.productId}: prudent until ${f.dayTime(a.prudentUntil)}, dead at ${f.dayTime(a.usableUntil)}`,
    ),
    `  ${f.time(session.handleAt)}  handle-dry (${f.day(session.handleAt)}); until then no rain, dew or cold`,
    ...(moved === null ? [] : [`         ${moved}`]),
  ];
}

function visitLines(visit: Visit, f: Format): string[] {
  const left = visit.leftMin > 0 ? `, after it ${durationOf(visit.leftMin)} remains` : '';
  return [
    '',
    `${f.dayTime(visit.startsAt)} to ${f.time(visit.endsAt)}${left}`,
    ...visit.tasks.flatMap((t) => taskLines(t, f)),
  ];
}

/** Visits and sessions in the order they begin. */
const dayLines = (plan: Plan, f: Format): string[] =>
  agendaOf(plan).flatMap((e) =>
    e.kind === 'visit' ? visitLines(e.of, f) : sessionLines(e.of, plan.cost.currency, f),
  );

function cautionLines({ cautions }: Plan, f: Format): string[] {
  const lines = cautions.map((c) => `${SIGNS[c.severity]} ${toldText(sayCaution(c, f))}`);
  return lines.length > 0 ? ['', ...lines] : [];
}

export function planText(job: Job, plan: Plan, f: Format): string {
  return [
    ...headLines(job, plan, f),
    '',
    ...buildUpLines(plan, f),
    '',
    ...buyingLines(plan, f),
    ...dayLines(plan, f),
    ...cautionLines(plan, f),
  ].join('\n');
}
