/** The two plots of the report, as SVG of their own: costs with their errors, stated against come true. */
import type { Band, Row } from '@/backtest/summary';

const INK = '#1B2422';
const SOFT = '#586460';
const LAGOON = '#0B5D66';
const LINE = '#C6CEC6';
const FONT = 'font-family="sans-serif" font-size="12"';

const svg = (width: number, height: number, body: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}"><rect width="${width}" height="${height}" fill="#FBFCFA"/>${body}</svg>\n`;

const WIDTH = 720;
const NAMES = 205;
const ROW_H = 26;

/** One bar a policy, with a line of two standard errors either way. */
export function costPlot(rows: readonly (readonly [string, Row, ...unknown[]])[]): string {
  const most = Math.max(...rows.map(([, r]) => r.cost + 2 * r.costSe), 1);
  const scale = (WIDTH - NAMES - 70) / most;
  const bars = rows.map(([name, r], i) => {
    const y = 10 + i * ROW_H;
    const end = NAMES + r.cost * scale;
    const from = NAMES + (r.cost - 2 * r.costSe) * scale;
    const to = NAMES + (r.cost + 2 * r.costSe) * scale;
    const mid = y + ROW_H / 2 - 3;
    return [
      `<text x="${NAMES - 8}" y="${mid + 4}" text-anchor="end" fill="${INK}" ${FONT}>${name}</text>`,
      `<rect x="${NAMES}" y="${y}" width="${(end - NAMES).toFixed(1)}" height="${ROW_H - 8}" fill="${LAGOON}" fill-opacity="0.35" stroke="${LAGOON}"/>`,
      `<path d="M${from.toFixed(1)} ${mid}H${to.toFixed(1)}" stroke="${INK}" stroke-width="2"/>`,
      `<text x="${(to + 6).toFixed(1)}" y="${mid + 4}" fill="${SOFT}" ${FONT}>${r.cost.toFixed(1)}</text>`,
    ].join('');
  });
  return svg(WIDTH, 20 + rows.length * ROW_H, bars.join(''));
}

const SIDE = 320;
const EDGE = 40;

/** Dots on a square; the diagonal is honesty, the size of a dot how many cases it stands for. */
export function reliabilityPlot(bands: readonly Band[]): string {
  const at = (p: number): number => EDGE + p * (SIDE - 2 * EDGE);
  const up = (p: number): number => SIDE - at(p);
  const ticks = [0, 0.25, 0.5, 0.75, 1].map(
    (p) =>
      `<text x="${at(p)}" y="${SIDE - EDGE + 18}" text-anchor="middle" fill="${SOFT}" ${FONT}>${p * 100} %</text><text x="${EDGE - 6}" y="${up(p) + 4}" text-anchor="end" fill="${SOFT}" ${FONT}>${p * 100}</text>`,
  );
  const dots = bands.map(
    (b) =>
      `<circle cx="${at(b.stated).toFixed(1)}" cy="${up(b.came).toFixed(1)}" r="${Math.min(9, 2 + Math.sqrt(b.cases) / 8).toFixed(1)}" fill="${LAGOON}" fill-opacity="0.6" stroke="${LAGOON}"/>`,
  );
  return svg(
    SIDE,
    SIDE,
    `<rect x="${EDGE}" y="${EDGE}" width="${SIDE - 2 * EDGE}" height="${SIDE - 2 * EDGE}" fill="none" stroke="${LINE}"/><path d="M${at(0)} ${up(0)}L${at(1)} ${up(1)}" stroke="${LINE}"/>${ticks.join('')}${dots.join('')}<text x="${SIDE / 2}" y="16" text-anchor="middle" fill="${INK}" ${FONT}>came true, by what was stated</text>`,
  );
}
