/** Whether the job is saved, in words. */
import { fieldName } from '@/words/fields';
import type { SaveState } from '../desk/saver';
import { capital } from './session-name';

export interface SaveText {
  readonly text: string;
  readonly bad: boolean;
}

export function saveText(state: SaveState): SaveText {
  switch (state.kind) {
    case 'saved':
      return { text: 'Saved', bad: false };
    case 'saving':
      return { text: 'Saving', bad: false };
    case 'offline':
      return {
        text: 'Not saved yet: the server does not answer. Trying again; what you typed is kept in this browser.',
        bad: true,
      };
    case 'held':
      return { text: `${state.message} Trying again; what you typed is kept in this browser.`, bad: true };
    case 'clash':
      return {
        text: `Another tab changed ${state.paths.map(fieldName).join(' and ')} too. Whose shall stay?`,
        bad: true,
      };
    case 'refused': {
      const fault = state.faults[0];
      const where = fault ? ` ${capital(fieldName(fault.path))}: ${fault.expected}.` : '';
      return { text: `${state.message}${where}`, bad: true };
    }
  }
}
