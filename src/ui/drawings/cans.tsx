/** Cans side by side: what each one is expected to spray, its heel, what stays sealed. */
import type { Material } from '@/model/plan';
import { inkOn, over, type Paint } from './ink';

export interface CanFill { readonly sizeMl: number; readonly useMl: number; readonly heelMl: number; readonly shelf: boolean; readonly sealed: boolean }

/** The expected spray shared out over the cans in order, shelf first; a can that nothing comes from stays sealed. */
export function canFills(m: Material): CanFill[] {
  const cans: { sizeMl: number; shelf: boolean }[] = [];
  for (let left = m.shelfMl; left > 0.5; left -= 400) cans.push({ sizeMl: Math.min(left, 400), shelf: true });
  for (const p of m.packs) for (let i = 0; i < p.count; i++) cans.push({ sizeMl: p.size, shelf: false });
  return cans.map((c, i) => {
    const before = cans.slice(0, i).reduce((a, x) => a + x.sizeMl * (1 - m.factors.heelFrac), 0);
    const heelMl = c.sizeMl * m.factors.heelFrac;
    const useMl = Math.max(0, Math.min(c.sizeMl - heelMl, m.sprayMl - before));
    return { ...c, useMl, heelMl, sealed: useMl < 0.5 };
  });
}

const W = 62, H = 128, GAP = 14;

export function Cans({ material, paint, name, text }: { material: Material; paint: Paint; name: string; text: (ml: number) => string }) {
  const fills = canFills(material);
  const fill = over(paint.fill, Math.max(0.75, paint.alpha));
  return (
    <svg width={Math.max(1, fills.length) * (W + GAP)} height={H + 62} role="img" aria-label={`${name}: ${fills.map((c, i) => `can ${i + 1}${c.shelf ? ' from the shelf' : ''} ${c.sealed ? 'stays sealed' : `sprays ${Math.round(c.useMl)} ml`}`).join(', ')}`}>
      {fills.map((c, i) => {
        const x = i * (W + GAP) + 2, top = 22, px = (H - 12) / c.sizeMl, useH = c.useMl * px, heelH = Math.max(3, c.heelMl * px), leftH = H - 12 - useH - heelH;
        return (
          <g key={i} transform={`translate(${x} 0)`}>
            <rect x={W / 2 - 12} y="2" width="24" height="8" fill="var(--ink)" />
            <rect x="1" y={top + 12} width={W - 2} height={leftH} fill={c.sealed ? over(paint.fill, 0.35 * paint.alpha) : 'var(--panel-2)'} />
            <rect x="1" y={top + 12 + leftH} width={W - 2} height={useH} fill={fill} />{useH > 0 && <rect x="1" y={top + 12 + leftH} width={W - 2} height={useH} fill={`url(#${paint.texture})`} />}
            <rect x="1" y={top + H - heelH} width={W - 2} height={heelH} fill="var(--panel-2)" /><rect x="1" y={top + H - heelH} width={W - 2} height={heelH} fill="url(#p-heel)" />
            <path d={`M${W / 2 - 14} 10L${W / 2 - 14} 14C${W / 2 - 20} 20 1 22 1 ${top + 12}V${top + H}H${W - 1}V${top + 12}C${W - 1} 22 ${W / 2 + 20} 20 ${W / 2 + 14} 14V10Z`} fill="none" stroke="var(--ink)" strokeWidth="1.500" />
            {useH > 30 && <text x={W / 2} y={top + 12 + leftH + useH / 2 + 5} fontSize="13" fontWeight="650" textAnchor="middle" fill={inkOn(fill)}>{text(c.useMl)}</text>}
            {c.sealed && <text x={W / 2} y={top + H / 2 + 6} fontSize="13" fontWeight="650" textAnchor="middle" fill={inkOn(over(paint.fill, 0.35 * paint.alpha))}>sealed</text>}
            {!c.sealed && leftH > 20 && <text x={W / 2} y={top + 12 + leftH / 2 + 5} fontSize="12.500" textAnchor="middle" fill="var(--ink-2)">{text(c.sizeMl - c.useMl - c.heelMl)} left</text>}
            <text x={W / 2} y={H + 40} fontSize="13" fontWeight="600" textAnchor="middle" fill="var(--ink)">can {i + 1}</text>
            <text x={W / 2} y={H + 56} fontSize="12.500" textAnchor="middle" fill="var(--ink-2)">{c.shelf ? 'on the shelf' : c.sealed ? 'in reserve' : ''}</text>
          </g>
        );
      })}
    </svg>
  );
}

const CAUSE_FILL: Readonly<Record<string, string>> = { film: 'var(--lagoon)', carrier: '#9FC2C4', overspray: '#CFE0E6', overrun: '#D8C19A', heel: '#C9CFC9', margin: '#E9D3A4', spare: 'var(--lagoon-tint)' };

/** The need as one bar, each cause its share. */
export function NeedBar({ material }: { material: Material }) {
  const total = Math.max(material.needMl, 1);
  const edges = material.breakdown.map((_, i) => material.breakdown.slice(0, i).reduce((a, b) => a + b.ml, 0) / total * 400);
  return (
    <svg viewBox="0 0 400 18" width="100%" height="18" preserveAspectRatio="none" aria-hidden="true">
      {material.breakdown.map((b, i) => <rect key={b.cause} x={edges[i]} y="0" width={b.ml / total * 400} height="18" fill={CAUSE_FILL[b.cause]} stroke="var(--panel)" strokeWidth=".8" />)}
    </svg>
  );
}
export const causeFill = (cause: string): string => CAUSE_FILL[cause] ?? '#ccc';
