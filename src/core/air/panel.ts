/**
 * Temperature of a thin panel in air, sun and open sky: a heat balance of both faces.
 * What it holds of heat is in `mass`: sheet of 0.8 mm follows in minutes, castings and timber lag behind.
 */

/** Clear-sky long-wave deficit of a horizontal face, W/m². Source: ASHRAE sol-air term. */
export const SKY_DEFICIT_WM2 = 63;

/** Combined surface coefficient, W/m²K, wind at the part in m/s. Source: McAdams (see Watmuff et al. 1977). */
export function surfaceCoefficient(windMs: number): number {
  return 5.7 + 3.8 * windMs;
}

/** How a panel hangs. */
export interface Hung {
  /** 0.3 white … 0.9 black. */
  readonly absorptance: number;
  /** Air passes the back as it does the front. */
  readonly backFree: boolean;
}

/**
 * Panel temperature above (or below) the air, K.
 * @param sunWm2 irradiance on the face, W/m²
 * @param skyFrac share of a clear open sky the face sees, 0…1 (0 for upright faces)
 * @param windMs at the part
 */
export function panelExcessK(sunWm2: number, skyFrac: number, windMs: number, hung: Hung): number {
  return (hung.absorptance * sunWm2 - skyFrac * SKY_DEFICIT_WM2) / bothFacesWm2K(windMs, hung);
}

/** Heat that both faces of a part give to the air together, W/m²K. @param windMs at the part */
export function bothFacesWm2K(windMs: number, { backFree }: Pick<Hung, 'backFree'>): number {
  const front = surfaceCoefficient(windMs);
  // ASSUMED: a closed or lying back gives 1.5 W/m²K (0–3 met in practice); a measurement would settle it.
  return front + (backFree ? front : 1.5);
}

/**
 * Solar absorptance from the lightness of the finished colour, 0…1 → 0.9…0.3. ASSUMED straight line between
 * the trade's ends.
 */
export function absorptanceOf(lightnessFrac: number): number {
  return 0.9 - 0.6 * Math.min(Math.max(lightnessFrac, 0), 1);
}
