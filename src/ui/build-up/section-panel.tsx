'use client';
/** The section through the film, to scale, and its drawing as a file. */
import { useRef, useState } from 'react';
import Button from '@mui/material/Button';
import type { Job } from '@/model/job';
import { FilmSection } from '../drawings/film-section';
import { useWidth } from '../drawings/use-width';
import { saveDrawing } from '../parts/save-drawing';
import { StackTable } from '../parts/stack-table';
import { drawingName } from '../views/build-up';
import { gaugeFor } from '../views/stack';
import type { Stack } from '../views/stack';
import { COAT_TINT } from '@/ui/tokens/tints';
import { Said } from '@/ui/parts/said';

interface SectionPanelProps {
  readonly stack: Stack;
  readonly job: Job;
  readonly selected: string | null;
  readonly onSelect: (layerId: string | null) => void;
}

/** Widths of the section on a desk: until it is measured, at least, at most, px. */
const USUAL_W = 360;
const LEAST_W = 340;
const LARGE_W = 434;

export function SectionPanel({ stack, job, selected, onSelect }: SectionPanelProps) {
  const drawing = useRef<HTMLDivElement>(null);
  const [box, width] = useWidth(USUAL_W);
  const max = gaugeFor(stack.totalUm);
  const common = { stack, gaugeMax: max, selected, onSelect };
  return (
    <section className="panel" aria-label="Section through the film">
      <div className="hd">
        Section through the film <span className="r">to scale, dry film</span>
      </div>
      <div className="desk-only mt-8 mb-10" ref={drawing}>
        <div ref={box}>
          <FilmSection
            {...common}
            pxPerUm={Math.min(2.88, 440 / max)}
            width={Math.min(LARGE_W, Math.max(LEAST_W, width))}
            size="large"
          />
        </div>
      </div>
      <div className="phone-only mt-8 mb-10">
        <FilmSection {...common} pxPerUm={Math.min(1.72, 300 / max)} width={334} size="phone" />
      </div>
      <SectionKey />
      <SaveButtons name={drawingName(job)} find={() => drawing.current?.querySelector('svg') ?? null} />
      <StackTable stack={stack} />
    </section>
  );
}

function SectionKey() {
  return (
    <p className="cap row">
      <svg width="34" height="10" aria-hidden="true">
        <path d="M1 8l4-6 4 6 4-6 4 6 4-6 4 6 4-6 4 6" fill="none" stroke="var(--ink)" strokeWidth="1.2" />
      </svg>
      sanded seam
      <svg width="30" height="12" aria-hidden="true" className="ml-12">
        <g fill={COAT_TINT.sample}>
          <circle cx="4" cy="9" r="2" />
          <circle cx="11" cy="9" r="2" />
          <circle cx="18" cy="9" r="2" />
          <circle cx="25" cy="9" r="2" />
          <circle cx="7" cy="4" r="1.3" />
          <circle cx="14" cy="4" r="1.3" />
          <circle cx="21" cy="4" r="1.3" />
        </g>
      </svg>
      wet on wet, films merge
      <span className="ml-12">dashed outline: planned; dashed line: blocked down to here</span>
    </p>
  );
}

function SaveButtons({ name, find }: { name: string; find: () => SVGSVGElement | null }) {
  const [said, setSaid] = useState<string | null>(null);
  const save = (as: 'svg' | 'png'): void => {
    const svg = find();
    if (svg) void saveDrawing(svg, name, as).catch((e: Error) => setSaid(e.message));
  };
  return (
    <div className="row desk-only mt-6">
      <span className="small muted">Save the drawing</span>
      <Button size="small" variant="outlined" onClick={() => save('svg')}>
        SVG
      </Button>
      <Button size="small" variant="outlined" onClick={() => save('png')}>
        PNG
      </Button>
      <Said>{said}</Said>
    </div>
  );
}
