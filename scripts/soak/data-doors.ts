/** Writing through the data room, as the server does it. */
import { randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { DEMO_JOBS } from '@/demo/jobs';
import { storesIn } from './stores';
import { ITEM_IDS, JOB_IDS, PACK_ML, type Doors } from './writes';

export const PART_ID = DEMO_JOBS[0]!.job.parts[0]!.id;
/** The smallest picture that counts as whole. */
export const PICTURE = Uint8Array.from([255, 216, 255, 219, 0, 4, 1, 1, 255, 218, 0, 2, 1, 255, 217]);

/** A small workshop of known things, once. */
export function begin(folder: string): void {
  if (existsSync(join(folder, 'workshop.sqlite'))) return;
  const { db, jobs, stock } = storesIn(folder);
  JOB_IDS.forEach((id, i) => jobs.insert(id, { ...DEMO_JOBS[i]!.job, name: `${id} 0` }, i));
  const item = {
    productId: 'none',
    part: 'other',
    name: 'Thinner',
    sizeMl: PACK_ML,
    remainingMl: 100,
  } as const;
  ITEM_IDS.forEach((id, i) => stock.add(id, item, i));
  db.close();
}

export function dataDoors(folder: string): Doors {
  const { jobs, stock, ticks, photos } = storesIn(folder);
  let clock = 1000;
  // Each write is a step of its own: they are not of one minute.
  const later = (): number => (clock += 100_000);
  const must = (done: boolean, what: string): void => {
    if (!done) throw new Error(`not done: ${what}`);
  };
  return {
    nameJob: async (id, name) => {
      const { job, version } = jobs.load(id)!;
      must(jobs.update(id, version, { ...job, name }, later()).kind === 'saved', 'name');
    },
    removeJob: async (id) => must(jobs.remove(id, later()), 'remove'),
    restoreJob: async (id) => must(jobs.restore(id), 'restore'),
    undoJob: async (id) => {
      jobs.step(id, jobs.load(id)!.version, 'undo', later());
      return jobs.load(id)!.job.name;
    },
    fillItem: async (id, ml) => {
      const { id: _id, ...draft } = stock.load(id)!;
      must(stock.change(id, { ...draft, remainingMl: ml }, { kind: 'edited', note: '' }, later()), 'fill');
    },
    takeItem: async (id, ml) => must(stock.take(id, ml, '', later()).kind === 'taken', 'take'),
    tick: async (key, on) => ticks.set(key, on, later()),
    addPhoto: async () => {
      const id = randomUUID();
      must(
        photos.add(JOB_IDS[0]!, { id, partId: PART_ID, moment: 'before' }, PICTURE, later()) === 'kept',
        'add',
      );
      return id;
    },
    removePhoto: async (id) => must(photos.remove(id, later()), 'remove'),
    notePhoto: async (id, note) => must(photos.note(id, note), 'note'),
  };
}
