/** How processor time grows, one small plot a quantity. */
export interface Curve {
  readonly name: string;
  /** What it grows with, and milliseconds. */
  readonly points: readonly (readonly [x: number, ms: number])[];
}

const W = 220;
const H = 180;
const EDGE = 36;
const FONT = 'font-family="sans-serif" font-size="12"';

function plotOf({ name, points }: Curve, nth: number): string {
  const mostX = Math.max(...points.map(([x]) => x));
  const mostY = Math.max(...points.map(([, y]) => y), 1);
  const x = (v: number): number => nth * W + EDGE + (v / mostX) * (W - 2 * EDGE);
  const y = (v: number): number => H - EDGE - (v / mostY) * (H - 2 * EDGE);
  const line = points
    .map(([a, b], i) => `${i === 0 ? 'M' : 'L'}${x(a).toFixed(1)} ${y(b).toFixed(1)}`)
    .join('');
  const dots = points.map(
    ([a, b]) =>
      `<circle cx="${x(a).toFixed(1)}" cy="${y(b).toFixed(1)}" r="3" fill="#0B5D66"/><text x="${x(a).toFixed(1)}" y="${H - EDGE + 16}" text-anchor="middle" fill="#586460" ${FONT}>${a}</text>`,
  );
  const top = `<text x="${nth * W + EDGE - 4}" y="${y(mostY) + 4}" text-anchor="end" fill="#586460" ${FONT}>${mostY.toFixed(0)}</text>`;
  const axis = `<path d="M${nth * W + EDGE} ${EDGE}V${H - EDGE}H${nth * W + W - EDGE}" fill="none" stroke="#C6CEC6"/>`;
  const head = `<text x="${nth * W + W / 2}" y="16" text-anchor="middle" fill="#1B2422" ${FONT}>ms by ${name}</text>`;
  return `${axis}<path d="${line}" fill="none" stroke="#0B5D66" stroke-width="2"/>${dots.join('')}${top}${head}`;
}

export const growthPlot = (curves: readonly Curve[]): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${W * curves.length}" height="${H}" viewBox="0 0 ${W * curves.length} ${H}"><rect width="100%" height="100%" fill="#FBFCFA"/>${curves.map(plotOf).join('')}</svg>\n`;
