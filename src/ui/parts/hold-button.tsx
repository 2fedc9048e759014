'use client';
/**
 * For what cannot be taken back at the bench: press and hold, or press and press again to confirm.
 * The twin serves keyboards, switches and gloves that cannot hold still.
 */
import { useEffect, useRef, useState } from 'react';
import Button, { type ButtonProps } from '@mui/material/Button';

const HOLD_MS = 900;
const ASK_MS = 6000;

export function HoldButton({
  onConfirm,
  confirmText,
  children,
  ...rest
}: Omit<ButtonProps, 'onClick'> & { onConfirm: () => void; confirmText: string }) {
  const [asked, setAsked] = useState(false);
  const [holding, setHolding] = useState(false);
  const hold = useRef<ReturnType<typeof setTimeout> | null>(null);
  const fired = useRef(false);
  const stop = (): void => {
    if (hold.current) clearTimeout(hold.current);
    hold.current = null;
    setHolding(false);
  };
  useEffect(
    () => () => {
      if (hold.current) clearTimeout(hold.current);
    },
    [],
  );
  useEffect(() => {
    if (!asked) return;
    const back = setTimeout(() => setAsked(false), ASK_MS);
    return () => clearTimeout(back);
  }, [asked]);
  return (
    <Button
      {...rest}
      data-holding={holding}
      className={`${rest.className ?? ''} hold`}
      onPointerDown={() => {
        fired.current = false;
        setHolding(true);
        hold.current = setTimeout(() => {
          fired.current = true;
          stop();
          setAsked(false);
          onConfirm();
        }, HOLD_MS);
      }}
      onPointerUp={stop}
      onPointerLeave={stop}
      onPointerCancel={stop}
      onContextMenu={(e) => e.preventDefault()}
      onClick={() => {
        if (fired.current) {
          fired.current = false;
          return;
        }
        if (asked) {
          setAsked(false);
          onConfirm();
        } else setAsked(true);
      }}
    >
      <span>
        {asked ? confirmText : children}
        <small>{asked ? 'press again to confirm' : 'hold, or press twice'}</small>
      </span>
    </Button>
  );
}
