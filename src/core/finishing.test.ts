/** Flatting and polishing in the plan: not before the film takes it, in free hours, its papers bought, ticked away. */
import { describe, expect, it } from 'vitest';
import { allTasks, ms, NOW } from '@/demo/test-kit';
import { hours, job, panel, planned } from '@/demo/work-kit';
import type { Job } from '@/model/job';
import { wantOf } from '@/usecases/shopping/wants';
import { formatFor } from '@/words/format';
import { sayTask } from '@/words/sentences/tasks';
import { removeFitting, toggleFittingNew } from './edits/choices';
import { addFound, setFinish, setOwnFinish, withoutFound } from './edits/finish';
import { plainTick, withTick } from './schedule/work/tick';
import { HOUR, MINUTE } from './time/instant';
import { storedJob } from '@/usecases/test-stored';

const WISH = { peel: 'light', tool: 'hand' } as const;
const layers = [
  { role: 'base', productId: 'orrin-base', coats: 3 },
  { role: 'clear', productId: 'halden-gun-gloss', coats: 3 },
] as const;
const order = layers.flatMap((l) =>
  Array.from({ length: l.coats }, (_, i) => ({ layerId: l.role, coat: i + 1 })),
);
/** All on by seven in the morning of the day; free from nine to twelve, every day. */
const allOn = (over: Partial<Job> = {}): Job =>
  job(layers, {
    parts: [panel('p', { lengthMm: 1000, widthMm: 1000 })],
    freeHours: {
      weekly: Object.fromEntries(
        Object.keys(hours({}).weekly).map((d) => [d, [['09:00', '12:00']]]),
      ) as Job['freeHours']['weekly'],
      exceptions: [],
    },
    state: { coats: order.map((c, i) => ({ ...c, endedAt: `2026-05-16T0${1 + i}:00` })), activations: [] },
    ...over,
  });

describe('finishing in the plan', () => {
  it('is none where nobody wished it, and none while coats are to come', () => {
    expect(planned(allOn()).finish).toEqual([]);
    const open = setFinish(allOn(), WISH);
    const some = { ...open, state: { ...open.state!, coats: open.state!.coats.slice(0, 4) } };
    expect(planned(some).finish).toEqual([]);
  });
  it('edges taped, P1500, P2000, P3000, compound, polish on a square metre: 2 and five times 35 min by hand', () => {
    const { finish } = planned(setFinish(allOn(), WISH));
    expect(finish.map((t) => t.id)).toEqual([
      'finish.tape',
      'finish.sand-p1500',
      'finish.sand-p2000',
      'finish.sand-p3000',
      'finish.compound',
      'finish.polish',
    ]);
    // By hand: 30 min a square metre and pass, 60 for compound and polish together, 5 to lay it out.
    expect(finish.map((t) => t.minutes)).toEqual([2, 35, 35, 35, 35, 35]);
    expect(finish.map((t) => t.sheets)).toEqual([0, 2, 2, 2, 0, 0]);
    const pads = ['tape', 'block', 'soft-pad', 'soft-pad', 'cloth', 'cloth'];
    expect(finish.map((t) => t.pad)).toEqual(pads);
  });
  it('begins once its sheet lets it, in free hours, one after the other and never two at once', () => {
    const { finish } = planned(setFinish(allOn(), WISH));
    const first = ms(finish[0]!.startsAt!);
    const lastCoat = ms('2026-05-16T06:00:00+01:00');
    // A two-part clear from a gun: a day at least, whatever the sheet calls its polish.
    expect(first - lastCoat).toBeGreaterThanOrEqual(16 * HOUR);
    for (const [i, t] of finish.entries()) {
      const clock = [t.startsAt!.slice(11, 16), t.endsAt!.slice(11, 16)];
      expect(clock[0]! >= '09:00' && clock[1]! <= '12:00').toBe(true);
      expect(ms(t.endsAt!) - ms(t.startsAt!)).toBe(t.minutes * MINUTE);
      if (i > 0) expect(ms(t.startsAt!)).toBeGreaterThanOrEqual(ms(finish[i - 1]!.endsAt!));
    }
  });
  it('what is ticked is gone from it, and from the shopping list', () => {
    const wished = setFinish(allOn(), WISH);
    const grits = (j: Job): string[] =>
      planned(j)
        .consumables.map((c) => c.id)
        .filter((id) => id.startsWith('paper') || id === 'compound' || id === 'polish');
    expect(grits(wished)).toEqual([
      'paper-p1500-wet',
      'paper-p2000-wet',
      'paper-p3000-wet',
      'compound',
      'polish',
    ]);
    const ticked = withTick(wished, plainTick('finish.sand-p1500', 'sand', NOW));
    expect(grits(ticked)).not.toContain('paper-p1500-wet');
    expect(
      planned(ticked)
        .finish.map((t) => t.id)
        .slice(0, 2),
    ).toEqual(['finish.tape', 'finish.sand-p2000']);
  });
  it('is bought with the rest before a coat is on; a paper of both is one line with both sums', () => {
    const before = { ...allOn(), state: { coats: [], activations: [] } };
    const plain = planned(before).consumables;
    const wished = planned(setFinish(before, WISH)).consumables;
    expect(wished.find((c) => c.id === 'compound')).toMatchObject({ need: 20, packs: 1 });
    expect(new Set(wished.map((c) => c.id)).size).toBe(wished.length);
    for (const c of plain) expect(wished.find((w) => w.id === c.id)!.need).toBeGreaterThanOrEqual(c.need);
  });
  it('stands on the shopping list of several jobs as on its own', () => {
    const ids = (j: Job): string[] => wantOf(storedJob(j, 'a')).consumables.map((c) => c.id);
    const wished = setFinish(allOn(), WISH);
    expect(ids(wished)).toEqual(planned(wished).consumables.map((c) => c.id));
    expect(ids(wished)).toContain('paper-p1500-wet');
    expect(ids(allOn())).toEqual([]);
  });
  it('a film that carries nothing asks for nothing', () => {
    const thin = allOn({
      system: {
        layers: [
          { role: 'base', productId: 'orrin-base', coats: 3 },
          { role: 'clear', productId: 'halden-gun-matte', coats: 3 },
        ],
      },
    });
    const { finish, consumables } = planned(setFinish(thin, WISH));
    expect(finish).toEqual([]);
    expect(consumables.map((c) => c.id)).not.toContain('compound');
  });
});

describe('by machine', () => {
  it('takes foam under every paper, and pads that are bought once, not with each step', () => {
    const by = planned(setFinish(allOn(), { peel: 'light', tool: 'machine' }));
    const pads = ['tape', 'foam-pad', 'foam-pad', 'foam-pad', 'cutting-pad', 'polishing-pad'];
    expect(by.finish.map((t) => t.pad)).toEqual(pads);
    const bought = by.consumables.filter((c) => c.id.endsWith('-pad')).map((c) => [c.id, c.packs]);
    expect(bought).toEqual([
      ['foam-pad', 1],
      ['cutting-pad', 1],
      ['polishing-pad', 1],
    ]);
  });
});

describe('part by part', () => {
  const two = allOn({
    parts: [panel('p', { lengthMm: 1000, widthMm: 1000 }), panel('q', { lengthMm: 1000, widthMm: 500 })],
  });
  const wished = setFinish(two, WISH);
  const of = (j: Job, partId: string): string[] =>
    planned(j)
      .finish.filter((t) => t.partIds.includes(partId))
      .map((t) => t.id);
  it('one by machine, the other by hand, each with its own steps and minutes', () => {
    const mixed = setOwnFinish(wished, 'q', { peel: 'light', tool: 'machine' });
    expect(of(mixed, 'p')).toContain('finish.sand-p1500');
    expect(of(mixed, 'q')).toContain('finish.sand-p1500-machine');
    const q = planned(mixed).finish.find((t) => t.id === 'finish.sand-p1500-machine')!;
    // Half a square metre, 6 min a square metre and pass by machine, 5 to lay it out.
    expect(q.minutes).toBe(8);
    expect(q.partIds).toEqual(['q']);
  });
  it('one left but for its places; like the rest again it is as it was', () => {
    const left = setOwnFinish(wished, 'q', { ...WISH, scope: 'places' });
    expect(of(left, 'q')).toEqual([]);
    expect(of(left, 'p')).not.toEqual([]);
    expect(setOwnFinish(left, 'q', null)).toEqual(wished);
  });
});

describe('a run that was found', () => {
  const found = addFound(allOn(), { kind: 'run', partId: 'p', height: 'high' });
  it('is dressed alone where nothing else is wished: blade, P400, a frame, P1000, P1500, P2000, gloss', () => {
    const { finish } = planned(found);
    expect(finish.map((t) => [t.kind, t.gritP])).toEqual([
      ['level', null],
      ['level', 400],
      ['frame', null],
      ['level', 1000],
      ['flat', 1500],
      ['flat', 2000],
      ['compound', null],
      ['polish', null],
    ]);
    const ids = planned(found).consumables.map((c) => c.id);
    expect(ids.filter((id) => id.startsWith('paper'))).toEqual([
      'paper-p400-wet',
      'paper-p1000-wet',
      'paper-p1500-wet',
      'paper-p2000-wet',
    ]);
  });
  it('waits four times for sanding where it stands proud, twice where a nail catches; all flatting waits with it', () => {
    const at = (j: Job): number => ms(planned(j).finish[0]!.startsAt!);
    const low = addFound(allOn(), { kind: 'run', partId: 'p', height: 'low' });
    const plain = setFinish(allOn(), WISH);
    expect(at(found)).toBeGreaterThan(at(low));
    expect(at(low)).toBeGreaterThanOrEqual(at(plain));
    expect(at(setFinish(found, { ...WISH, scope: 'all' }))).toBe(at(found));
  });
  it('one that is found after another was dressed and taken off is not done already', () => {
    const first = planned(found).finish[0]!;
    const ticked = withTick(found, plainTick(first.id, 'sand', NOW));
    expect(planned(ticked).finish).toHaveLength(planned(found).finish.length - 1);
    const again = addFound(withoutFound(ticked, 'f1'), { kind: 'run', partId: 'p', height: 'high' });
    expect(again.finish!.found![0]!.id).toBe('f2');
    expect(planned(again).finish).toHaveLength(8);
  });
  it('stands before the ladder over all of it, and goes when it is taken off', () => {
    const both = setFinish(found, { ...WISH, scope: 'all' });
    const kinds = planned(both).finish.map((t) => t.found);
    expect(kinds.slice(0, 8).every((k) => k === 'run')).toBe(true);
    expect(kinds.slice(8).every((k) => k === null)).toBe(true);
    expect(withoutFound(found, 'f1')).toEqual(allOn());
    expect(withoutFound(both, 'f1').finish).toEqual({ ...WISH, scope: 'all' });
  });
});

describe('what goes back with new clips', () => {
  const bare = { ...allOn(), state: { coats: [], activations: [] }, fittings: ['Badge', 'Lamp', 'Seal'] };
  const lines = (j: Job) => planned(j).consumables.filter((c) => c.id === 'refit-new');
  it('is bought with the rest, one a fitting, and said before it comes off', () => {
    expect(lines(bare)).toEqual([]);
    const two = toggleFittingNew(toggleFittingNew(bare, 'Seal'), 'Badge');
    expect(lines(two)).toMatchObject([{ need: 2, packs: 2 }]);
    const [strip] = allTasks(planned(two)).filter((t) => t.kind === 'strip-down');
    expect(sayTask(strip!.detail, formatFor('metric'))).toBe(
      '3 fittings off, each into its lettered bag; new clips or gaskets for 2 of them at hand first.',
    );
    const [plain] = allTasks(planned(bare)).filter((t) => t.kind === 'strip-down');
    expect(sayTask(plain!.detail, formatFor('metric'))).toBe('3 fittings off, each into its lettered bag.');
  });
  it('taken off the list it takes its clips with it; pressed twice it has its own again', () => {
    const two = toggleFittingNew(bare, 'Seal');
    expect(removeFitting(two, 2)).not.toHaveProperty('fittingsNew');
    expect(removeFitting(two, 0).fittingsNew).toEqual(['Seal']);
    expect(toggleFittingNew(two, 'Seal')).not.toHaveProperty('fittingsNew');
    expect(toggleFittingNew(bare, 'No such')).not.toHaveProperty('fittingsNew');
  });
});
