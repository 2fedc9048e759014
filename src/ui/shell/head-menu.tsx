'use client';
/** The main pages, units and theme, behind one button. */
import { useId, useState } from 'react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import Button from '@mui/material/Button';
import Popover from '@mui/material/Popover';
import { ThemeSwitch, UnitSwitch } from './switches';

const MAIN = [
  ['/', 'Bench'],
  ['/shelf', 'Shelf'],
  ['/shopping', 'Shopping'],
  ['/workshop', 'Workshop'],
] as const;

const nothing = (): void => undefined;

/** @param onGo once one of them is taken */
export function MainLinks({ onGo = nothing }: { onGo?: () => void }) {
  const path = usePathname();
  // A job belongs to the bench.
  const current = (href: string): 'page' | 'true' | undefined => {
    if (path === href) return 'page';
    return href === '/' && path.startsWith('/jobs') ? 'true' : undefined;
  };
  return (
    <nav aria-label="Main" className="mainlinks">
      {MAIN.map(([href, name]) => (
        <Link key={href} href={href} aria-current={current(href)} onClick={onGo}>
          {name}
        </Link>
      ))}
    </nav>
  );
}

export function HeadMenu() {
  const [at, setAt] = useState<HTMLElement | null>(null);
  const id = useId();
  const close = (): void => setAt(null);
  return (
    <>
      <Button
        className="menubutton"
        variant="outlined"
        aria-haspopup="dialog"
        aria-expanded={at !== null}
        aria-controls={at ? id : undefined}
        onClick={(e) => setAt(e.currentTarget)}
        endIcon={<Chevron />}
      >
        Menu
      </Button>
      <Popover
        id={id}
        open={at !== null}
        anchorEl={at}
        onClose={close}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
        transformOrigin={{ vertical: 'top', horizontal: 'right' }}
        slotProps={{ paper: { className: 'headmenu', role: 'dialog', 'aria-label': 'Menu' } }}
      >
        <MainLinks onGo={close} />
        <div className="headset">
          <span>Units</span>
          <UnitSwitch />
        </div>
        <div className="headset">
          <span>Theme</span>
          <ThemeSwitch />
        </div>
      </Popover>
    </>
  );
}

const Chevron = () => (
  <svg width="12" height="8" viewBox="0 0 12 8" aria-hidden="true">
    <path d="M1 1.500h10l-5 5.500z" fill="currentColor" />
  </svg>
);
