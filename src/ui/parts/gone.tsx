'use client';
/** What was taken out, said where one is, with the way back. It goes by itself, or when the next is taken out. */
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import Button from '@mui/material/Button';
import { later } from './later';

const Snackbar = later(null, () => import('@mui/material/Snackbar').then((m) => m.default));

interface Gone {
  /** “Bonnet is taken out.” */
  readonly text: string;
  readonly back: () => void;
  /** Called once it can no longer be taken back. */
  readonly onEnd?: () => void;
}
interface GoneTold {
  readonly tell: (gone: Gone) => void;
  /** What it was taken out of has changed. */
  readonly changed: () => void;
}

const nothing = (): void => undefined;
const GoneContext = createContext<GoneTold>({ tell: nothing, changed: nothing });
const SHOWN_MS = 10_000;

export function GoneLine({ children }: { children: ReactNode }) {
  const [gone, setGone] = useState<Gone | null>(null);
  const now = useRef<Gone | null>(null);
  /** The change that took it out is still to come round. */
  const isFresh = useRef(false);
  const show = useCallback((next: Gone | null): void => {
    now.current = next;
    setGone(next);
  }, []);
  const end = useCallback((): void => {
    now.current?.onEnd?.();
    show(null);
  }, [show]);
  const told = useMemo(
    (): GoneTold => ({
      tell: (next) => {
        end();
        isFresh.current = true;
        show(next);
      },
      changed: () => {
        if (!isFresh.current) end();
        isFresh.current = false;
      },
    }),
    [end, show],
  );
  const back = (): void => {
    gone?.back();
    show(null);
  };
  return (
    <GoneContext value={told}>
      {children}
      {gone && (
        <Snackbar
          open
          autoHideDuration={SHOWN_MS}
          onClose={(_e, reason) => reason !== 'clickaway' && end()}
          message={gone.text}
          action={
            <Button size="small" onClick={back} className="goneback">
              Put it back
            </Button>
          }
        />
      )}
    </GoneContext>
  );
}

/** Tells what was taken out, and how it comes back. */
export const useGone = (): ((gone: Gone) => void) => useContext(GoneContext).tell;

/**
 * Once what it was taken out of is changed again, the way back is the usual undo: the line goes.
 * @param edits how often it was changed by hand
 */
export function useGoneWith(edits: number): void {
  const { changed } = useContext(GoneContext);
  const known = useRef(edits);
  useEffect(() => {
    if (known.current === edits) return;
    known.current = edits;
    changed();
  }, [edits, changed]);
}
