'use client';
/** The menu's button; what it holds is fetched when it is first asked for. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { later } from '../parts/later';

const MenuSheet = later(null, () => import('./menu-sheet').then((m) => m.MenuSheet));

export function HeadMenu() {
  const [at, setAt] = useState<HTMLElement | null>(null);
  const [isAsked, setAsked] = useState(false);
  return (
    <>
      <Button
        className="menubutton"
        variant="outlined"
        aria-haspopup="dialog"
        aria-expanded={at !== null}
        onClick={(e) => {
          setAsked(true);
          setAt(e.currentTarget);
        }}
        endIcon={<Chevron />}
      >
        Menu
      </Button>
      {isAsked && <MenuSheet at={at} onClose={() => setAt(null)} />}
    </>
  );
}

const Chevron = () => (
  <svg width="12" height="8" viewBox="0 0 12 8" aria-hidden="true">
    <path d="M1 1.500h10l-5 5.500z" fill="currentColor" />
  </svg>
);
