'use client';
/** What the menu holds: the main pages, units and theme. */
import Popover from '@mui/material/Popover';
import { MainLinks } from './main-links';
import { ThemeSwitch, UnitSwitch } from './switches';

interface MenuSheetProps {
  readonly at: HTMLElement | null;
  readonly onClose: () => void;
}

export function MenuSheet({ at, onClose }: MenuSheetProps) {
  return (
    <Popover
      open={at !== null}
      anchorEl={at}
      onClose={onClose}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
      transformOrigin={{ vertical: 'top', horizontal: 'right' }}
      slotProps={{ paper: { className: 'headmenu', role: 'dialog', 'aria-label': 'Menu' } }}
    >
      <MainLinks onGo={onClose} />
      <div className="headset">
        <span>Units</span>
        <UnitSwitch />
      </div>
      <div className="headset">
        <span>Theme</span>
        <ThemeSwitch />
      </div>
    </Popover>
  );
}
