'use client';
/** Which sections of the stages are open: as the reader left them in this browser, else as each section says. */
import { useSyncExternalStore } from 'react';

const KEY = 'pellucid.sections';
export type OpenSections = Readonly<Record<string, boolean>>;
const NONE: OpenSections = {};

const listeners = new Set<() => void>();
let known: { readonly text: string | null; readonly open: OpenSections } = { text: null, open: NONE };

function parsed(text: string | null): OpenSections {
  if (text === null) return NONE;
  try {
    const value: unknown = JSON.parse(text);
    return typeof value === 'object' && value !== null ? (value as OpenSections) : NONE;
  } catch {
    return NONE;
  }
}

/** The same object while nothing changed; a browser that keeps nothing has nothing open but the usual. */
function read(): OpenSections {
  let text: string | null = null;
  try {
    text = localStorage.getItem(KEY);
  } catch {
    return known.open;
  }
  if (text !== known.text) known = { text, open: parsed(text) };
  return known.open;
}

function write(open: OpenSections): void {
  const text = JSON.stringify(open);
  known = { text, open };
  try {
    localStorage.setItem(KEY, text);
  } catch {
    // Kept until the page goes.
  }
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** On paper everything stands open: what is folded cannot be pressed there. */
let isOnPaper = false;
function onPaper(listener: () => void): () => void {
  const turn = (to: boolean) => (): void => {
    isOnPaper = to;
    listener();
  };
  const [before, after] = [turn(true), turn(false)];
  window.addEventListener('beforeprint', before);
  window.addEventListener('afterprint', after);
  return () => {
    window.removeEventListener('beforeprint', before);
    window.removeEventListener('afterprint', after);
  };
}

export interface Sections {
  readonly isOpen: (id: string, usual: boolean) => boolean;
  readonly set: (ids: readonly string[], open: boolean) => void;
}

export function useSections(stage: string): Sections {
  const open = useSyncExternalStore(subscribe, read, () => NONE);
  const isPrinted = useSyncExternalStore(
    onPaper,
    () => isOnPaper,
    () => false,
  );
  const keyOf = (id: string): string => `${stage}/${id}`;
  return {
    isOpen: (id, usual) => isPrinted || (open[keyOf(id)] ?? usual),
    set: (ids, isOpen) =>
      write({ ...read(), ...Object.fromEntries(ids.map((id) => [keyOf(id), isOpen] as const)) }),
  };
}
