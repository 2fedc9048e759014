/** One write of a random kind, through whatever door; each says what will stand when it is done. */
import { pick, type Chance } from './chance';
import { ANYTHING } from './ledger';
import { GONE, jobKey, NONE, photoKey, stockKey, tickKey } from './observe';

/** The ways to write: the data room itself, or the routes of a server. */
export interface Doors {
  nameJob(id: string, name: string): Promise<void>;
  removeJob(id: string): Promise<void>;
  restoreJob(id: string): Promise<void>;
  /** @returns the name that the job has again */
  undoJob(id: string): Promise<string>;
  fillItem(id: string, ml: number): Promise<void>;
  takeItem(id: string, ml: number): Promise<void>;
  tick(key: string, on: boolean): Promise<void>;
  /** @returns the photograph's id */
  addPhoto(): Promise<string>;
  notePhoto(id: string, note: string): Promise<void>;
  removePhoto(id: string): Promise<void>;
}
export interface Told {
  begin(key: string, value: string): void;
  ack(key: string, value: string): void;
}

export const JOB_IDS = ['bonnet', 'mixer', 'bike', 'lids'];
export const ITEM_IDS = ['can', 'tin', 'jar'];
export const TICK_IDS = ['tape', 'gloves', 'paper', 'wash'];
const MOST_PHOTOS = 12;
export const PACK_ML = 20_000;

export interface Writing {
  readonly doors: Doors;
  readonly chance: Chance;
  readonly standing: Map<string, string>;
  readonly told: Told;
}

async function write(
  { standing, told }: Writing,
  key: string,
  value: string,
  how: () => Promise<unknown>,
): Promise<void> {
  told.begin(key, value);
  const came = await how();
  const now = value === ANYTHING ? String(came) : value;
  told.ack(key, now);
  standing.set(key, now);
}

async function writeJob(w: Writing, n: number): Promise<void> {
  const { doors, chance, standing } = w;
  const id = pick(chance, JOB_IDS);
  const key = jobKey(id);
  if (standing.get(key) === GONE)
    return write(w, key, ANYTHING, async () => (await doors.restoreJob(id), doors.undoJob(id)));
  const what = chance();
  if (what < 0.08) return write(w, key, GONE, () => doors.removeJob(id));
  if (what < 0.2) return write(w, key, ANYTHING, () => doors.undoJob(id));
  return write(w, key, `${id} ${n}`, () => doors.nameJob(id, `${id} ${n}`));
}

async function writeItem(w: Writing): Promise<void> {
  const { doors, chance, standing } = w;
  const id = pick(chance, ITEM_IDS);
  const key = stockKey(id);
  const left = Number(standing.get(key));
  if (left > 50 && chance() < 0.5) return write(w, key, String(left - 7), () => doors.takeItem(id, 7));
  const ml = Math.floor(chance() * PACK_ML);
  return write(w, key, String(ml), () => doors.fillItem(id, ml));
}

/** @param n the number of this write, by which what it wrote is known */
export async function randomWrite(w: Writing, n: number): Promise<void> {
  const { doors, chance } = w;
  const what = chance();
  if (what < 0.5) return writeJob(w, n);
  if (what < 0.75) return writeItem(w);
  if (what < 0.88) {
    const id = pick(chance, TICK_IDS);
    const on = chance() < 0.6;
    return write(w, tickKey(id), on ? 'on' : NONE, () => doors.tick(id, on));
  }
  return writePhoto(w, n);
}

async function writePhoto({ doors, chance, standing, told }: Writing, n: number): Promise<void> {
  const ids = [...standing.keys()]
    .filter((key) => key.startsWith(photoKey('')))
    .map((key) => key.slice(photoKey('').length));
  if (ids.length < 2 || (ids.length < MOST_PHOTOS && chance() < 0.4)) {
    told.begin(photoKey('new'), ANYTHING);
    const key = photoKey(await doors.addPhoto());
    told.ack(key, '');
    standing.set(key, '');
    return;
  }
  const id = pick(chance, ids);
  const w = { doors, chance, standing, told };
  if (chance() < 0.6) return write(w, photoKey(id), `note ${n}`, () => doors.notePhoto(id, `note ${n}`));
  await write(w, photoKey(id), NONE, () => doors.removePhoto(id));
  standing.delete(photoKey(id));
}
