'use client';
/** The search, by its button or by the key /: what it looks through is fetched with its first letter. */
import { useEffect, useState } from 'react';
import IconButton from '@mui/material/IconButton';
import { isText } from '../desk/use-undo-keys';
import { later } from '../parts/later';

const FindDialog = later(null, () => import('./find-dialog').then((m) => m.default));

export function Find() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (e.key !== '/' || e.ctrlKey || e.metaKey || e.altKey || isText(e.target)) return;
      e.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <IconButton className="findbutton" aria-label="Find" title="Find (/)" onClick={() => setOpen(true)}>
        <svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true">
          <circle cx="7.500" cy="7.500" r="5.500" fill="none" stroke="currentColor" strokeWidth="2" />
          <path d="M11.500 11.500l5 5" stroke="currentColor" strokeWidth="2.400" />
        </svg>
      </IconButton>
      {open && <FindDialog onClose={() => setOpen(false)} />}
    </>
  );
}
