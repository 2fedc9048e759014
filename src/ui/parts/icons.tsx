/** Signs of the house: each says go, mind, stop, rest or 2K without colour. Decorative; the word stands beside. */
import { GROUND, TINT } from '@/ui/tokens/tints';
interface Size {
  readonly size?: number;
}
export const Brand = () => (
  <svg width="25" height="24" viewBox="0 0 25 24" aria-hidden="true">
    <path d="M1 17.5h23v5H1z" fill="var(--lagoon)" />
    <path d="M1 17.5l23-4v4z" fill="var(--lagoon)" opacity=".55" />
    <path d="M1 10h23v5.5L1 19z" fill="var(--lagoon)" opacity=".4" />
    <path d="M1 1.5h23v10H1z" fill={TINT.gloss} opacity=".42" />
    <path d="M6 1.5h4l-6 10H1V9.8z" fill={GROUND.white} opacity=".75" />
  </svg>
);
export const GoSign = ({ size = 18 }: Size) => (
  <svg width={size} height={size} viewBox="0 0 18 18" aria-hidden="true">
    <circle cx="9" cy="9" r="8" fill="var(--moss-tint)" stroke="var(--moss-ink)" strokeWidth="1.6" />
    <path d="M5.2 9.2l2.6 2.7 5-5.6" fill="none" stroke="var(--moss-ink)" strokeWidth="1.9" />
  </svg>
);
export const MindSign = ({ size = 24 }: Size) => (
  <svg width={size} height={size * 0.7} viewBox="0 0 26 18" aria-hidden="true">
    <path
      d="M2 7l4-3 14-3 4 3-1 4 1 4-4 2-14 3-4-2 1-4z"
      fill="var(--amber)"
      stroke="var(--amber-ink)"
      strokeWidth="1"
    />
    <path d="M7 6l-1 8M12 4.5l-1 8.500M17 4l-1 8" stroke="var(--amber-ink)" strokeWidth=".8" opacity=".6" />
  </svg>
);
export const StopSign = ({ size = 24, text = '!' }: Size & { text?: string }) => (
  <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden="true">
    <path d="M7.500 1h9L23 7.500v9L16.500 23h-9L1 16.500v-9z" fill="var(--oxide)" />
    <text
      x="12"
      y="16.200"
      fontSize={text.length > 1 ? 12 : 14}
      fontWeight="700"
      textAnchor="middle"
      fill="var(--on-oxide)"
    >
      {text}
    </text>
  </svg>
);
export const Anchor = ({ size = 18 }: Size) => (
  <svg width={size} height={size} viewBox="0 0 18 18" aria-hidden="true">
    <g fill="none" stroke="var(--ink)" strokeWidth="1.700">
      <circle cx="9" cy="3.500" r="2" />
      <path d="M9 5.500V16M5 8h8M2 10.500c.5 4 3.500 5.500 7 5.500s6.500-1.500 7-5.500" />
    </g>
  </svg>
);

const TASK_PATHS: Readonly<Record<string, string>> = {
  shop: 'M3 7h18l-2 8H6zM3 7L2 4M9 19a1.500 1.500 0 1 0 .01 0M17 19a1.500 1.500 0 1 0 .01 0',
  tape: 'M12 4a8 8 0 1 0 8 8M12 9a3 3 0 1 0 .01 0M12 4h9v5h-6',
  untape: 'M4 6h16v4H4zM4 10c4 2 4 8 9 9l7-3',
  rinse: 'M6 4h9v5H6zM15 5l5-2M9 9v4M8 17c1-2 1-2 2-4 1 2 1 2 2 4a2 2 0 1 1-4 0zM15 13l4 7',
  fit: 'M4 12l5 5L20 6M4 6h6M4 20h16',
  'strip-down': 'M5 8h14l-1 13H6zM9 8V5a3 3 0 0 1 6 0v3M12 12v5',
  fill: 'M4 19c4-1 7-4 9-8l5-7 2 2-6 7c-3 4-6 6-10 6zM13 11l2 2',
  sand: 'M3 15h18v5H3zM5 15l2-7h10l2 7M8 11h8',
  clean: 'M4 18c3-6 5-9 8-9s5 3 8 9M7 6h10M9 6V3h6v3',
  mask: 'M12 3a9 9 0 1 0 9 9h-5a4 4 0 1 1-4-4z',
  tack: 'M4 8c4-3 6 3 9 0s5-1 7 1v9c-3 2-5-1-8 1s-5 0-8 0z',
  check: 'M4 12l5 5L20 6',
  activate: 'M8 9h8v12H8zM10 9V6h4v3M9 4h6M12 12v6M9.500 15h5',
  coat: 'M4 8h7v5H4zM11 9l9-4M11 10.500h10M11 12l9 4M6 13v7h3v-7',
  flash: 'M12 3a9 9 0 1 0 .01 0M12 7v5l4 2',
  dry: 'M12 3a9 9 0 1 0 .01 0M12 7v5l4 2',
  bake: 'M5 20h14M8 16c-2-3 2-4 0-8M12 16c-2-3 2-4 0-8M16 16c-2-3 2-4 0-8',
  move: 'M3 12h13M11 7l5 5-5 5M20 4v16',
  unmask: 'M4 6h16v4H4zM4 10c4 2 4 8 9 9l7-3',
};
export const TaskIcon = ({ kind }: { kind: string }) => (
  <svg
    width="24"
    height="24"
    viewBox="0 0 24 24"
    aria-hidden="true"
    fill="none"
    stroke="var(--lagoon)"
    strokeWidth="1.600"
    strokeLinejoin="round"
  >
    <path d={TASK_PATHS[kind] ?? ''} />
  </svg>
);
/** Beside a line that opens. */
export const FoldSign = () => (
  <svg width="16" height="10" viewBox="0 0 16 10" aria-hidden="true">
    <path d="M1.500 1.500L8 8l6.500-6.500" fill="none" stroke="currentColor" strokeWidth="2.200" />
  </svg>
);
/** One place up in an order, or down. */
export const UpSign = ({ isDown = false }: { isDown?: boolean }) => (
  <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
    <path
      d={isDown ? 'M8 2v11M3.500 8.500L8 13l4.500-4.500' : 'M8 14V3M3.500 7.500L8 3l4.500 4.500'}
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
    />
  </svg>
);
/** Takes a row out. */
export const CloseSign = () => (
  <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
    <path d="M2 2l10 10M12 2L2 12" stroke="var(--oxide-ink)" strokeWidth="2.200" />
  </svg>
);
