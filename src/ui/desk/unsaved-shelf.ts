/** Text that the server has not taken yet, kept in the browser so that a closed page or a dead server loses nothing. */
import { isZone } from '@/model/zone';
import type { Unsaved } from './saver';

const KEY = (id: string): string => `pellucid.unsaved.${id}`;

export function keepUnsaved(id: string, unsaved: Unsaved | null): void {
  try {
    if (unsaved) localStorage.setItem(KEY(id), JSON.stringify(unsaved));
    else localStorage.removeItem(KEY(id));
  } catch {
    /* a full or forbidden store: the draft still lives on the page */
  }
}

/** A draft of an earlier page may hold half a zone, with which nothing can be reckoned: the one before it stays. */
function withWholeZone({ version, base, job }: Unsaved): Unsaved {
  if (isZone(job.place.tz)) return { version, base, job };
  return { version, base, job: { ...job, place: { ...job.place, tz: base.place.tz } } };
}

/** The text of a draft as it is kept, readable or not; null when there is none. */
export function unsavedText(id: string): string | null {
  try {
    return localStorage.getItem(KEY(id));
  } catch {
    return null;
  }
}

export function unsavedOf(id: string): Unsaved | null {
  const text = unsavedText(id);
  if (text === null) return null;
  try {
    const u = JSON.parse(text) as Partial<Unsaved>;
    return typeof u.version === 'number' && u.base && u.job ? withWholeZone(u as Unsaved) : null;
  } catch {
    return null;
  }
}
