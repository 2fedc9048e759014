/** Hatchings and textures, once per page: substrates, paint kinds, ribbon fills. */
import { GRAIN } from '@/ui/tokens/tints';
export function DrawingDefs() {
  return (
    <svg width="0" height="0" className="pos-absolute" aria-hidden="true">
      <defs>
        <Substrates />
        <GrainyPaints />
        <SmoothPaints />
        <Marks />
      </defs>
    </svg>
  );
}

/** Hatchings of what a part is made of. */
function Substrates() {
  return (
    <>
      <pattern id="h-steel" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V7" stroke={GRAIN.steel} strokeWidth="1.5" />
      </pattern>
      <pattern
        id="h-aluminium"
        width="9"
        height="9"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path d="M0 0V9" stroke={GRAIN.aluminium} strokeWidth="1.6" />
        <path d="M3 0V9" stroke={GRAIN.aluminium} strokeWidth=".7" />
      </pattern>
      <pattern
        id="h-plastic"
        width="8"
        height="8"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path d="M0 0V8M0 0H8" stroke={GRAIN.plastic} strokeWidth="1" />
      </pattern>
      <pattern id="h-wood" width="40" height="12" patternUnits="userSpaceOnUse">
        <path
          d="M0 3c8-2 14 2 22 0s12-1 18 0M0 9c10 1 16-2 24 0s10 1 16 0"
          fill="none"
          stroke={GRAIN.wood}
          strokeWidth="1"
        />
      </pattern>
      <pattern id="x-rust" width="14" height="12" patternUnits="userSpaceOnUse">
        <g fill={GRAIN.rust}>
          <circle cx="2" cy="3" r="1.6" />
          <circle cx="8" cy="2" r="1" />
          <circle cx="12" cy="7" r="1.9" />
          <circle cx="5" cy="9" r="1.2" />
        </g>
      </pattern>
    </>
  );
}

/** Paints one sees the grain of. */
function GrainyPaints() {
  return (
    <>
      <pattern id="x-filler" width="26" height="22" patternUnits="userSpaceOnUse">
        <g fill={GRAIN.light} opacity=".42">
          <circle cx="3" cy="4" r="1.2" />
          <circle cx="15" cy="2" r=".8" />
          <circle cx="21" cy="9" r="1.3" />
          <circle cx="8" cy="13" r=".9" />
        </g>
        <g fill={GRAIN.dark} opacity=".28">
          <circle cx="10" cy="6" r=".9" />
          <circle cx="24" cy="16" r=".8" />
          <circle cx="4" cy="18" r="1" />
          <circle cx="17" cy="18" r=".8" />
        </g>
      </pattern>
      <pattern id="x-metallic" width="28" height="13" patternUnits="userSpaceOnUse">
        <path d="M2 3h5M16 2.4h4M9 8h4.5M22 9.6h4" stroke={GRAIN.light} strokeWidth="1.1" opacity=".6" />
        <path d="M10 4.5h4M1 10.6h5M20 6h3" stroke={GRAIN.flake} strokeWidth=".9" opacity=".3" />
      </pattern>
      <pattern id="x-solid" width="7" height="7" patternUnits="userSpaceOnUse">
        <circle cx="2" cy="2" r=".55" fill={GRAIN.light} opacity=".32" />
        <circle cx="5.5" cy="5.5" r=".55" fill={GRAIN.speck} opacity=".22" />
      </pattern>
    </>
  );
}

/** Paints one looks through, or that lie flat. */
function SmoothPaints() {
  return (
    <>
      <pattern id="x-epoxy" width="14" height="14" patternUnits="userSpaceOnUse">
        <path d="M2 5l2-3 2 3zM9 12l2-3 2 3z" fill={GRAIN.light} opacity=".34" />
      </pattern>
      <pattern id="x-promoter" width="5" height="8" patternUnits="userSpaceOnUse">
        <path d="M2.5 0V8" stroke={GRAIN.promoter} strokeWidth=".8" opacity=".6" />
      </pattern>
      <pattern id="x-etch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(30)">
        <path d="M0 0V6" stroke={GRAIN.etch} strokeWidth=".8" opacity=".4" />
      </pattern>
      <pattern
        id="x-clear"
        width="90"
        height="90"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(24)"
      >
        <rect x="8" width="13" height="90" fill={GRAIN.light} opacity=".5" />
        <rect x="26" width="4" height="90" fill={GRAIN.light} opacity=".5" />
      </pattern>
    </>
  );
}

/** Fills of the ribbon, the sheet and the packs. */
function Marks() {
  return (
    <>
      <pattern id="p-hidden" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V5" stroke={GRAIN.light} strokeWidth="2.2" opacity=".7" />
      </pattern>
      <pattern id="p-no" width="6" height="6" patternUnits="userSpaceOnUse">
        <path d="M0 0L6 6M6 0L0 6" stroke="var(--oxide)" strokeWidth=".8" opacity=".62" />
      </pattern>
      <pattern id="p-warn" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V6" stroke="var(--amber-ink)" strokeWidth="1.4" opacity=".75" />
      </pattern>
      <pattern id="p-future" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V5" stroke="var(--mark)" strokeWidth="1" />
      </pattern>
      <pattern id="p-rain" width="6" height="7" patternUnits="userSpaceOnUse">
        <path d="M4.5 .5L2.5 5.5" stroke="var(--water)" strokeWidth="1.3" />
      </pattern>
      <pattern id="p-heel" width="5" height="4" patternUnits="userSpaceOnUse">
        <path d="M0 2H5" stroke="var(--ink-3)" strokeWidth="1" />
      </pattern>
    </>
  );
}
