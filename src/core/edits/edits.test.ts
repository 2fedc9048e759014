/** Edits of a job: what is added, moved or taken out leaves the rest in step and no trace behind. */
import { flatPart } from '@/demo/test-part';
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import type { Job, Part } from '@/model/job';
import {
  addFitting,
  chooseSchool,
  patchSheet,
  putSheets,
  removeFitting,
  removeSheet,
  setMinutes,
  withoutAside,
} from './choices';
import { looseMl, setAside, setHave, setLoose, setRunOut } from './in-hand';
import { asSuggested, changeLayers, moveLayer, patchLayer, removeLayer, withLayers } from './layers';
import { closeJob, logOf, nothingUsed, reopenJob, retime, setNote, setOutcome, setUsed } from './log';
import {
  addDent,
  addPart,
  addPreset,
  addZone,
  forgetTest,
  freshPart,
  learnPart,
  patchPart,
  copyPart,
  patchParts,
  patchZone,
  removeDent,
  removePart,
  removeZone,
  setShape,
  zoneCm2,
  zonePct,
} from './parts';
import {
  addHours,
  blockDay,
  isDay,
  removeHours,
  setDeadline,
  setExposure,
  setHours,
  unblockDay,
} from './purpose';
import { FIELD_TESTS, answerOf, isGainsaid, type FieldTest, type TestId } from '../surface/field-tests';
import { addCorner, addTube, freshShape, otherCurve, removeLastCorner, removeTube, withFace } from './shapes';
import { pinStart, shiftStart, unpinStart, withStarts } from './starts';

const demo = DEMO_JOBS[0]!.job;
const part = (id: string, over: Partial<Part> = {}): Part =>
  flatPart({ id, name: id, lengthMm: 400, widthMm: 300, hiddenEdgePct: 5, ...over });
const job = (over: Partial<Job> = {}): Job => ({ ...demo, parts: [part('a'), part('b')], ...over });
const layer = (only?: string[]) => ({
  role: 'base' as const,
  productId: 'orrin-base',
  coats: 3,
  ...(only ? { only } : {}),
});
const testOf = (id: TestId): FieldTest => FIELD_TESTS.find((t) => t.id === id)!;
const onlys = (j: Job) => j.system!.layers.map((l) => l.only);

describe('parts', () => {
  it('a new part is like the last, under a number that is free', () => {
    const j = job({ parts: [part('part-2'), part('part-3', { substrate: 'abs' })] });
    expect(freshPart(j)).toMatchObject({ id: 'part-4', name: 'Part 4', substrate: 'abs' });
    expect(addPart(j).parts.map((p) => p.id)).toEqual(['part-2', 'part-3', 'part-4']);
  });
  it('electro-coat lies on metal only: a plastic part from the list is bare, and so is one that proves to be plastic', () => {
    const coated = job({ parts: [part('a', { condition: 'e-coat' })] });
    expect(addPreset(coated, 'bumper').parts[1]).toMatchObject({ substrate: 'pp', condition: 'bare' });
    expect(addPreset(coated, 'bonnet').parts[1]).toMatchObject({ substrate: 'steel', condition: 'e-coat' });
    const after = (test: TestId, answer: string): Part =>
      learnPart(
        coated,
        'a',
        test,
        testOf(test).answers.find((x) => x.id === answer)!,
      ).parts[0]!;
    expect(after('sliver', 'sinks')).toMatchObject({ substrate: 'abs', condition: 'bare' });
    expect(after('magnet', 'none')).toMatchObject({ substrate: 'aluminium', condition: 'e-coat' });
  });
  it('a test is kept with its answer, is gainsaid by a change by hand, and can be made again; a new part has had none', () => {
    const magnet = testOf('magnet');
    const made = learnPart(job(), 'a', 'magnet', magnet.answers[0]!);
    expect(made.parts[0]!.tests).toEqual({ magnet: 'holds' });
    expect(answerOf(made.parts[0]!, magnet)!.means).toBe('steel');
    expect(isGainsaid(made.parts[0]!, magnet.answers[0]!)).toBe(false);
    expect(isGainsaid(patchPart(made, 'a', { substrate: 'abs' }).parts[0]!, magnet.answers[0]!)).toBe(true);
    const twice = learnPart(made, 'a', 'water', testOf('water').answers[1]!);
    expect(twice.parts[0]).toMatchObject({ silicone: true, tests: { magnet: 'holds', water: 'beads' } });
    expect(forgetTest(twice, 'a', 'magnet').parts[0]!.tests).toEqual({ water: 'beads' });
    expect(forgetTest(made, 'a', 'magnet').parts[0]).not.toHaveProperty('tests');
    expect(freshPart(job({ parts: [made.parts[0]!] }))).not.toHaveProperty('tests');
  });
  it('a copied part stands beside it, in the same layers, zones with it; several are changed at once', () => {
    const j = job({ system: { layers: [layer(), layer(['a', 'a--z1']), layer(['b'])] } });
    const copied = copyPart(j, 'a');
    expect(copied.parts.map((p) => p.id)).toEqual(['a', 'part-3', 'b']);
    expect(copied.parts[1]!.name).toBe('a, copy');
    expect(onlys(copied)).toEqual([undefined, ['a', 'part-3', 'a--z1', 'part-3--z1'], ['b']]);
    expect(copyPart(j, 'nobody')).toBe(j);
    const two = patchParts(copied, ['a', 'b'], { condition: 'chipped' });
    expect(two.parts.map((p) => p.condition)).toEqual(['chipped', copied.parts[1]!.condition, 'chipped']);
  });
  it('a layer for a part that is taken out keeps its place and goes on all; one for others keeps them', () => {
    const j = job({ system: { layers: [layer(['a']), layer(['a', 'b']), layer(), layer(['a--z1', 'b'])] } });
    expect(onlys(removePart(j, 'a'))).toEqual([undefined, ['b'], undefined, ['b']]);
    expect(removePart(j, 'a').parts.map((p) => p.id)).toEqual(['b']);
  });
  it('a zone taken out moves the next ones up, in the layers too', () => {
    const zoned = part('a', {
      zones: [
        { sharePct: 10, condition: 'rust' },
        { sharePct: 20, condition: 'filled' },
        { sharePct: 30, condition: 'bare' },
      ],
    });
    const j = job({
      parts: [zoned],
      system: { layers: [layer(['a--z1']), layer(['a--z2', 'a--z3']), layer(['a--z3'])] },
    });
    const left = removeZone(j, 'a', 1);
    expect(left.parts[0]!.zones!.map((z) => z.sharePct)).toEqual([10, 30]);
    expect(onlys(left)).toEqual([['a--z1'], ['a--z2'], ['a--z2']]);
  });
  it('a zone begins as a tenth, of rust unless the part is rust; a dent comes and goes', () => {
    expect(addZone(job(), 'a').parts[0]!.zones).toEqual([{ sharePct: 10, condition: 'rust' }]);
    const rusty = job({ parts: [part('a', { condition: 'rust' })] });
    expect(addZone(rusty, 'a').parts[0]!.zones![0]!.condition).toBe('filled');
    expect(patchZone(addZone(job(), 'a'), 'a', 0, { sharePct: 25 }).parts[0]!.zones![0]!.sharePct).toBe(25);
    expect(zoneCm2(25, 0.2)).toBe(500);
    expect(zonePct(500, 0.2)).toBe(25);
    expect(zonePct(5000, 0.2)).toBe(100);
    expect(removeDent(addDent(job(), 'b'), 'b', 0).parts[1]!.dents).toEqual([]);
  });
  it('a patch reaches one part; a flat part has no shape at all', () => {
    expect(patchPart(job(), 'b', { lengthMm: 9 }).parts.map((p) => p.lengthMm)).toEqual([400, 9]);
    const curved = setShape(job(), 'a', { kind: 'curved', riseMm: 20 });
    expect(curved.parts[0]!.shape).toEqual({ kind: 'curved', riseMm: 20 });
    expect(setShape(curved, 'a', undefined).parts[0]).not.toHaveProperty('shape');
  });
});

describe('shapes', () => {
  const size = { lengthMm: 400, widthMm: 300 };
  it('each begins at about the size of the part', () => {
    expect(freshShape('flat', size)).toBeUndefined();
    expect(freshShape('curved', size)).toEqual({ kind: 'curved', riseMm: 24 });
    expect(freshShape('tube', size)).toEqual({ kind: 'tube', diameterMm: 300, ends: 0 });
    expect(freshShape('known', size)).toEqual({ kind: 'known', areaM2: 0.12 });
    expect(freshShape('cone', size)).toMatchObject({ topMm: 300, bottomMm: 210, heightMm: 400 });
  });
  it('a curve goes from its rise to its girth and back', () => {
    const girth = otherCurve({ kind: 'curved', riseMm: 24 }, 300);
    expect(girth.girthMm).toBe(300);
    expect(otherCurve(girth, 300)).toEqual({ kind: 'curved', riseMm: 24 });
  });
  it('faces keep their order, tubes and corners come and go at the end', () => {
    const box = { kind: 'box' as const, heightMm: 100, faces: ['top' as const, 'left' as const] };
    expect(withFace(box, 'front', true).faces).toEqual(['top', 'front', 'left']);
    expect(withFace(box, 'top', false).faces).toEqual(['left']);
    const frame = { kind: 'frame' as const, tubes: [{ lengthMm: 500, diameterMm: 30, count: 1 }] };
    expect(removeTube(addTube(frame), 0)).toEqual(frame);
    const square = freshShape('polygon', size);
    if (square?.kind !== 'polygon') throw new Error('a polygon');
    expect(addCorner(square).pointsMm.at(-1)).toEqual([0, 350]);
    expect(removeLastCorner(addCorner(square))).toEqual(square);
  });
});

describe('layers', () => {
  it('they move, change and go; those that were suggested become chosen', () => {
    const list = [layer(['a']), layer(['b']), layer()];
    expect(moveLayer(list, 0, 1).map((l) => l.only)).toEqual([['b'], ['a'], undefined]);
    expect(moveLayer(list, 2, -2).map((l) => l.only)).toEqual([undefined, ['a'], ['b']]);
    expect(removeLayer(list, 1)).toHaveLength(2);
    expect(patchLayer(list, 0, { hex: '#112233' })[0]).toHaveProperty('hex', '#112233');
    expect(patchLayer(patchLayer(list, 0, { hex: '#112233' }), 0, { hex: '' })[0]).not.toHaveProperty('hex');
    const suggested = asSuggested(job());
    const chosen = changeLayers(suggested, (l) => l.slice(1));
    expect(chosen.system!.layers.length).toBeGreaterThan(0);
    expect(asSuggested(chosen)).toEqual(suggested);
  });
  it('starts set by hand belonged to the sessions of the old build-up', () => {
    const set = pinStart(job(), 's1', Date.parse('2026-05-16T10:00:00+01:00'));
    expect(withLayers(set, [layer()])).not.toHaveProperty('starts');
  });
});

describe('starts', () => {
  it('one is pinned, moved from where it is set, and chosen again', () => {
    const at = Date.parse('2026-05-16T10:00:00+01:00');
    const set = pinStart(pinStart(job(), 's1', at), 's2', at + 3_600_000);
    const moved = shiftStart(set, { id: 's1', startsAt: '2026-05-16T06:00:00+01:00' }, -1_800_000);
    expect(Date.parse(moved.starts!.find((s) => s.sessionId === 's1')!.at)).toBe(at - 1_800_000);
    expect(moved.starts).toHaveLength(2);
    expect(unpinStart(unpinStart(moved, 's1'), 's2')).not.toHaveProperty('starts');
    expect(withStarts(set, [])).not.toHaveProperty('starts');
  });
});

describe('small choices leave no trace once they are the default again', () => {
  it('a school, own minutes, fittings', () => {
    const chosen = chooseSchool(job(), 'sealer', 'always');
    expect(chosen.schools).toEqual({ sealer: 'always' });
    expect(chooseSchool(chosen, 'sealer', 'patchy')).not.toHaveProperty('schools');
    expect(setMinutes(job(), 's1.mask', 40).minutes).toEqual({ 's1.mask': 40 });
    expect(setMinutes(setMinutes(job(), 's1.mask', 40), 's1.mask', null)).not.toHaveProperty('minutes');
    const { fittings: _none, ...bare } = job();
    const one = addFitting(bare, '  badge ');
    expect(one.fittings).toEqual(['badge']);
    expect(addFitting(bare, '  ')).toEqual(bare);
    expect(removeFitting(one, 0)).not.toHaveProperty('fittings');
  });
  it('sheets of one’s own replace those of the same id, and a figure put right is marked as own', () => {
    const sheet = { ...structuredClone(demo.products?.[0] ?? ({} as never)), id: 'own-x' };
    const { products: _none, ...bare } = job();
    const withOne = putSheets(bare, [{ ...sheet, name: 'one', provenance: { mark: 'M' } } as never]);
    const again = putSheets(withOne, [{ ...sheet, name: 'two', provenance: { mark: 'M' } } as never]);
    expect(again.products!.map((p) => p.name)).toEqual(['two']);
    const right = patchSheet(again, 'own-x', { flashMin: 12 });
    expect(right.products![0]).toMatchObject({ flashMin: 12, provenance: { byField: { flashMin: 'own' } } });
    expect(removeSheet(right, 'own-x')).not.toHaveProperty('products');
  });
});

describe('what is in hand', () => {
  const { shelf: _shelf, have: _have, ...bare } = job();
  const wanted = { ingredientId: 'orrin-base', colour: 'Moss green' };
  it('a colour is the same whatever its case; what is set aside is not loose', () => {
    const loose = setLoose(bare, wanted, 150);
    expect(looseMl(loose, { ...wanted, colour: 'moss GREEN' })).toBe(150);
    expect(looseMl(loose, { ...wanted, colour: 'Petrol blue' })).toBe(0);
    expect(looseMl(setAside(loose, wanted, 'item-1', 90), wanted)).toBe(150);
    expect(setLoose(loose, wanted, 0)).not.toHaveProperty('shelf');
  });
  it('what is set aside goes back as it came', () => {
    const aside = setAside(bare, wanted, 'item-1', 90);
    expect(aside.shelf).toEqual([
      { productId: 'orrin-base', remainingMl: 90, colour: 'Moss green', stockId: 'item-1' },
    ]);
    expect(setAside(aside, wanted, 'item-1', 0)).not.toHaveProperty('shelf');
    expect(withoutAside(aside, 'item-1')).not.toHaveProperty('shelf');
  });
  it('consumables and the chance of running out', () => {
    expect(setHave(setHave(bare, 'tape', true), 'tape', false)).not.toHaveProperty('have');
    expect(setRunOut(bare, 0.1, 0.05).risk.runOut).toBe(0.1);
    expect(setRunOut(bare, 0.05, 0.05).risk).not.toHaveProperty('runOut');
  });
});

describe('purpose, place and hours', () => {
  it('a deadline is a day or none; an exposure comes once', () => {
    expect(isDay('2026-05-16')).toBe(true);
    expect(isDay('16.5.2026')).toBe(false);
    expect(setDeadline(setDeadline(job(), '2026-06-01'), '').purpose).not.toHaveProperty('deadline');
    const sunny = setExposure(setExposure(job(), 'sun', true), 'sun', true);
    expect(sunny.purpose.exposure.filter((e) => e === 'sun')).toHaveLength(1);
    expect(setExposure(sunny, 'sun', false).purpose.exposure).not.toContain('sun');
  });
  it('hours are added in the evening, then late; a day is blocked once and freed', () => {
    const free = { ...demo.freeHours, weekly: { ...demo.freeHours.weekly, mon: [] }, exceptions: [] };
    const one = addHours(job({ freeHours: free }), 'mon');
    expect(one.freeHours.weekly.mon).toEqual([['17:00', '20:00']]);
    expect(addHours(one, 'mon').freeHours.weekly.mon[1]).toEqual(['20:30', '21:30']);
    expect(setHours(one, 'mon', 0, ['16:00', '19:00']).freeHours.weekly.mon).toEqual([['16:00', '19:00']]);
    expect(removeHours(one, 'mon', 0).freeHours.weekly.mon).toEqual([]);
    const blocked = blockDay(blockDay(one, '2026-05-17'), '2026-05-17');
    expect(blocked.freeHours.exceptions).toEqual([{ date: '2026-05-17', spans: [] }]);
    expect(unblockDay(blocked, '2026-05-17').freeHours.exceptions).toEqual([]);
  });
});

describe('the log', () => {
  const { log: _log, state: _state, ...bare } = job();
  it('the last word on a product counts; a remark before a mark means it came out well', () => {
    const used = setUsed(setUsed(bare, nothingUsed('orrin-base', 'weight')), {
      by: 'cans',
      productId: 'orrin-base',
      cans: 1.5,
    });
    expect(logOf(used).used).toEqual([{ by: 'cans', productId: 'orrin-base', cans: 1.5 }]);
    expect(logOf(setOutcome(bare, 'base', { remark: 'dry edge' })).outcomes).toEqual([
      { layerId: 'base', mark: 3, remark: 'dry edge' },
    ]);
    const marked = setOutcome(setOutcome(bare, 'base', { mark: 1 }), 'base', { remark: 'dry edge' });
    expect(logOf(marked).outcomes).toEqual([{ layerId: 'base', mark: 1, remark: 'dry edge' }]);
    expect(logOf(setNote(bare, 'thin coats')).note).toBe('thin coats');
  });
  it('closed and opened again; a late tick is put at its time, a date half typed changes nothing', () => {
    const closed = closeJob(bare, Date.parse('2026-05-20T12:00:00+01:00'));
    expect(closed.log!.closedAt).toMatch(/^2026-05-20T12:00/);
    expect(reopenJob(closed).log).not.toHaveProperty('closedAt');
    const ticked = retime(bare, 'base.c2', { date: '2026-05-16', clock: '11:30' });
    expect(ticked.state!.coats[0]).toMatchObject({ layerId: 'base', coat: 2 });
    expect(ticked.state!.coats[0]!.endedAt).toMatch(/^2026-05-16T11:30/);
    expect(retime(bare, 'base.c2', { date: '2026-05', clock: '11:30' })).toEqual(bare);
  });
});
