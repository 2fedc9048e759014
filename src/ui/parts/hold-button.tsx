'use client';
/**
 * For what cannot be taken back at the bench: press and hold, or press and press again to confirm.
 * The twin serves keyboards, switches and gloves that cannot hold still.
 */
import { useEffect, useRef, useState } from 'react';
import Button, { type ButtonProps } from '@mui/material/Button';

const HOLD_MS = 900;
const ASK_MS = 6000;

/** A timer that is stopped with the page. */
function useHeld(onHeld: () => void) {
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const [holding, setHolding] = useState(false);
  const stop = (): void => {
    if (timer.current) clearTimeout(timer.current);
    timer.current = null;
    setHolding(false);
  };
  const start = (): void => {
    setHolding(true);
    timer.current = setTimeout(() => {
      stop();
      onHeld();
    }, HOLD_MS);
  };
  useEffect(
    () => () => {
      if (timer.current) clearTimeout(timer.current);
    },
    [],
  );
  return { holding, start, stop };
}

/** A question that is withdrawn when it is not answered. */
function useAsked(): readonly [boolean, (asked: boolean) => void] {
  const [asked, setAsked] = useState(false);
  useEffect(() => {
    if (!asked) return;
    const back = setTimeout(() => setAsked(false), ASK_MS);
    return () => clearTimeout(back);
  }, [asked]);
  return [asked, setAsked];
}

type HoldButtonProps = Omit<ButtonProps, 'onClick'> & {
  readonly onConfirm: () => void;
  readonly confirmText: string;
};

export function HoldButton({ onConfirm, confirmText, children, ...rest }: HoldButtonProps) {
  const [asked, setAsked] = useAsked();
  const fired = useRef(false);
  const confirm = (): void => {
    setAsked(false);
    onConfirm();
  };
  const { holding, start, stop } = useHeld(() => {
    fired.current = true;
    confirm();
  });
  const press = (): void => {
    fired.current = false;
    start();
  };
  const click = (): void => {
    if (fired.current) fired.current = false;
    else if (asked) confirm();
    else setAsked(true);
  };
  return (
    <Button
      {...rest}
      data-holding={holding}
      className={`${rest.className ?? ''} hold`}
      onPointerDown={press}
      onPointerUp={stop}
      onPointerLeave={stop}
      onPointerCancel={stop}
      onContextMenu={(e) => e.preventDefault()}
      onClick={click}
    >
      <span>
        {asked ? confirmText : children}
        <small>{asked ? 'press again to confirm' : 'hold, or press twice'}</small>
      </span>
    </Button>
  );
}
