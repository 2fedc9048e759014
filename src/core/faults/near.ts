/** How near to its limit a value counts as a cause of faults, on the day and in a record alike. */

/** Share of a limit; kelvin of a gap, of a panel. */
const NEAR_SHARE = 0.8;
const NEAR_GAP_K = 2;
const NEAR_PANEL_K = 3;

/** Wind and humidity, in the unit of their limit. */
export const isNearMost = (value: number, most: number): boolean => value >= NEAR_SHARE * most;
export const isNearGap = (gapK: number, leastK: number): boolean => gapK <= leastK + NEAR_GAP_K;
export const isNearCold = (panelC: number, leastC: number): boolean => panelC <= leastC + NEAR_PANEL_K;
export const isNearHot = (panelC: number, mostC: number): boolean => panelC >= mostC - NEAR_PANEL_K;
