/** Every fault has one card. */
import { FAULTS, type FaultCode } from '@/model/fault';
import type { FaultCard } from './card';
import { BELOW, OFF, SOFT } from './cards/coming-off';
import { COLOUR, DULL } from './cards/dull';
import { DANGER_CARDS, HAPPENED } from './cards/happened';
import { HANGS, HOLES } from './cards/holes';
import { THINGS } from './cards/things';

export const FAULT_CARDS: readonly FaultCard[] = [
  ...HOLES,
  ...HANGS,
  ...DULL,
  ...COLOUR,
  ...OFF,
  ...THINGS,
  ...BELOW,
  ...SOFT,
  ...HAPPENED,
  ...DANGER_CARDS,
];

const byCode = new Map(FAULT_CARDS.map((c) => [c.code, c]));

/** @throws Error where a code has no card: a test walks them all */
export function faultCard(code: FaultCode): FaultCard {
  const card = byCode.get(code);
  if (!card) throw new Error(`no card for ${code} among ${FAULTS.length}`);
  return card;
}
