/** Text that the server has not taken yet, kept in the browser so that a closed page or a dead server loses nothing. */
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

export function unsavedOf(id: string): Unsaved | null {
  try {
    const text = localStorage.getItem(KEY(id));
    if (text === null) return null;
    const u = JSON.parse(text) as Partial<Unsaved>;
    return typeof u.version === 'number' && u.base && u.job ? (u as Unsaved) : null;
  } catch {
    return null;
  }
}
