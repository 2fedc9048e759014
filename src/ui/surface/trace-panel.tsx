'use client';
/**
 * An outline traced on a picture of the part: two ends of a known length, then the corners. The picture never
 * leaves the page.
 */
import { useState } from 'react';
import Button from '@mui/material/Button';
import type { Dot } from '@/core/surface/trace';
import { FileButton } from '../parts/file-button';
import { ProvenanceMark } from '../parts/mark';
import { MeasureBox } from '../parts/measure-box';
import { onCanvas } from '../photos/small';
import { useFormat } from '../theme/providers';
import { traceOf, type Trace } from '../views/trace';
import { TraceCanvas, type Picture } from './trace-canvas';
import { Fold } from '@/ui/parts/fold';
import { Said } from '@/ui/parts/said';

type UseOutline = (pointsMm: [number, number][]) => void;

async function openPicture(file: File): Promise<Picture> {
  const c = await onCanvas(file);
  return { url: c.toDataURL('image/jpeg', 0.85), w: c.width, h: c.height, name: file.name };
}

export function TracePanel({ onUse }: { onUse: UseOutline }) {
  const [picture, setPicture] = useState<Picture | null>(null);
  const [dots, setDots] = useState<readonly Dot[]>([]);
  const [lengthMm, setLength] = useState(300);
  const [refusal, setRefusal] = useState<string | null>(null);
  const trace = traceOf(dots, lengthMm);
  const open = async (file: File): Promise<void> => {
    try {
      setPicture(await openPicture(file));
      setDots([]);
      setRefusal(null);
    } catch (e) {
      setRefusal(e instanceof Error ? e.message : 'This picture cannot be read.');
    }
  };
  return (
    <Fold summary="Trace it on a photograph">
      <div className="is-grid gap-8 pt-4 pb-4">
        <p className="small muted">
          Taken square on, from a few metres off, with a rule or a known edge in the same plane. The picture
          stays in this page and is not kept.
        </p>
        <div className="row">
          <FileButton
            size="small"
            label={picture ? 'Another picture' : 'Choose a picture'}
            accept="image/*"
            onFiles={([x]) => {
              if (x) void open(x);
            }}
          />
          {picture && <KnownLength lengthMm={lengthMm} onLength={setLength} dots={dots} onDots={setDots} />}
        </div>
        <Said>{refusal}</Said>
        {picture && (
          <>
            <p className="small fw600" role="status">
              {trace.step}
            </p>
            <TraceCanvas picture={picture} trace={trace} dots={dots} onDots={setDots} />
            <TraceEnd trace={trace} onUse={onUse} />
          </>
        )}
      </div>
    </Fold>
  );
}

interface KnownLengthProps {
  readonly lengthMm: number;
  readonly onLength: (mm: number) => void;
  readonly dots: readonly Dot[];
  readonly onDots: (dots: readonly Dot[]) => void;
}

function KnownLength({ lengthMm, onLength, dots, onDots }: KnownLengthProps) {
  const none = dots.length === 0;
  return (
    <>
      <MeasureBox
        kind="length"
        label="Known length"
        value={lengthMm}
        min={1}
        max={10_000}
        step={10}
        width={136}
        onChange={onLength}
      />
      <Button size="small" disabled={none} onClick={() => onDots(dots.slice(0, -1))}>
        Take the last point back
      </Button>
      <Button size="small" disabled={none} onClick={() => onDots([])}>
        From the start
      </Button>
    </>
  );
}

function TraceEnd({ trace, onUse }: { trace: Trace; onUse: UseOutline }) {
  const f = useFormat();
  const { outline } = trace;
  return (
    <div className="row">
      {outline && (
        <span className="small">
          {f.area(outline.areaM2)} in {trace.corners.length} corners, give or take {outline.sdPct} % for the
          clicking
          <ProvenanceMark mark="M" />; a slanting view adds its own.
        </span>
      )}
      {trace.faults.map((fault) => (
        <span key={fault} className="small ink-oxide-ink">
          {fault}
        </span>
      ))}
      <span className="push" />
      <Button
        size="small"
        variant="contained"
        disabled={!outline}
        onClick={() => {
          if (outline) onUse(outline.pointsMm);
        }}
      >
        Use this outline
      </Button>
    </div>
  );
}
