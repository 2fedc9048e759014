'use client';
/** Surface: what is there, measured; what it is for; where and when. */
import { useState } from 'react';
import TextField from '@mui/material/TextField';
import { measured } from '@/core/surface/area';
import { PartSheet } from '../drawings/part-sheet';
import { useDesk } from '../desk/job-desk';
import { Columns, SaveLine } from '../shell/stage-shell';
import { Spine } from '../shell/spine';
import { Verdict } from '../shell/verdict';
import { LinkButton } from '../parts/link-button';
import { useFormat } from '../theme/providers';
import { PhotosPanel } from '../photos/photos-panel';
import { PartsEditor } from './parts-editor';
import { HoursEditor, PlaceEditor } from './place-editor';
import { PurposeEditor } from './purpose-editor';

export function SurfaceStage() {
  const f = useFormat();
  const desk = useDesk();
  const [selected, setSelected] = useState<string | null>(null);
  const { job, plan } = desk;
  const figures = job.parts.map(measured);
  const drawable = figures.every((m) => m !== null);
  return (
    <Columns kind="cols-3">
      <Spine job={job} plan={plan} products={desk.products} title="What is planned">
        <p>
          <b>Measured first.</b> Area, substrate and what lies on it set every figure that follows.
        </p>
      </Spine>
      <div className="stack">
        <section className="panel" aria-label="Parts">
          <div className="hd">
            Parts, laid flat to one scale{' '}
            <small>
              {f.area(figures.reduce((a, m) => a + (m?.areaM2 ?? 0), 0))} in all, hidden edges hatched
            </small>
          </div>
          <div style={{ margin: '10px 0 14px' }}>
            {drawable ? (
              <PartSheet parts={job.parts} f={f} selected={selected} onSelect={setSelected} />
            ) : (
              <p className="cap">Give every part its measures, and it is drawn here.</p>
            )}
          </div>
          <TextField
            size="small"
            label="Name of the job"
            value={job.name}
            error={job.name.trim() === ''}
            helperText={job.name.trim() === '' ? 'Give it a name.' : undefined}
            onChange={(e) => desk.edit((j) => ({ ...j, name: e.target.value.slice(0, 120) }))}
            sx={{ width: 'min(100%, 420px)', mb: 1.5 }}
          />
          <PartsEditor desk={desk} selected={selected} onSelect={setSelected} />
          <SaveLine />
        </section>
        <PhotosPanel moment="before" />
        <section className="panel" aria-label="Purpose">
          <div className="hd" style={{ marginBottom: 10 }}>
            Purpose <small>sets what follows</small>
          </div>
          <PurposeEditor desk={desk} plan={plan} />
        </section>
        <section className="panel" aria-label="Place and free hours">
          <div className="hd" style={{ marginBottom: 12 }}>
            Place and free hours <small>weather comes from the built-in simulated service</small>
          </div>
          <PlaceEditor desk={desk} />
          <div style={{ height: 12 }} />
          <HoursEditor desk={desk} />
        </section>
        <div className="row">
          <span className="push" />
          <LinkButton variant="contained" href={`/jobs/${desk.id}/build-up`}>
            On to the build-up
          </LinkButton>
        </div>
      </div>
      <Verdict plan={plan} session={plan.sessions[0]} stage="surface" />
    </Columns>
  );
}
