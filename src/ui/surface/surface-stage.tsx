'use client';
/** Surface: what is there, measured; what it is for; where and when. */
import { useState } from 'react';
import { measuredInAll } from '@/core/surface/area';
import { useDesk } from '../desk/job-desk';
import { PartSheet } from '../drawings/part-sheet';
import { later } from '../parts/later';
import { LinkButton } from '../parts/link-button';
import { Spine } from '../shell/spine';
import { Columns, SaveLine } from '../shell/stage-shell';
import { Verdict } from '../shell/verdict';
import { useFormat } from '../theme/providers';
import { named, TextBox } from '../parts/text-box';
import { HoursEditor } from './hours-editor';
import { PartsEditor } from './parts-editor';
import { PlaceEditor } from './place-editor';
import { PurposeEditor } from './purpose-editor';

const PhotosPanel = later(
  'Photographs before',
  () => import('../photos/photos-panel').then((m) => m.PhotosPanel),
  124,
);

export function SurfaceStage() {
  const desk = useDesk();
  const { job, plan } = desk;
  return (
    <Columns kind="cols-3">
      <Spine job={job} plan={plan} products={desk.products} title="What is planned">
        <p>
          <b>Measured first.</b> Area, substrate and what lies on it set every figure that follows.
        </p>
      </Spine>
      <div className="stack">
        <PartsPanel />
        <PhotosPanel moment="before" />
        <section className="panel" aria-label="Purpose">
          <div className="hd" style={{ marginBottom: 10 }}>
            Purpose <small>sets what follows</small>
          </div>
          <PurposeEditor />
        </section>
        <section className="panel" aria-label="Place and free hours">
          <div className="hd" style={{ marginBottom: 12 }}>
            Place and free hours <small>weather comes from the built-in simulated service</small>
          </div>
          <PlaceEditor />
          <div style={{ height: 12 }} />
          <HoursEditor />
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

function PartsPanel() {
  const f = useFormat();
  const { job } = useDesk();
  const [selected, setSelected] = useState<string | null>(null);
  const { areaM2, complete } = measuredInAll(job.parts);
  return (
    <section className="panel" aria-label="Parts">
      <div className="hd">
        Parts, laid flat to one scale <small>{f.area(areaM2)} in all, hidden edges hatched</small>
      </div>
      <div style={{ margin: '10px 0 14px' }}>
        {complete ? (
          <PartSheet parts={job.parts} f={f} selected={selected} onSelect={setSelected} />
        ) : (
          <p className="cap">Give every part its measures, and it is drawn here.</p>
        )}
      </div>
      <NameField />
      <PartsEditor selected={selected} onSelect={setSelected} />
      <SaveLine />
    </section>
  );
}

function NameField() {
  const desk = useDesk();
  const { name } = desk.job;
  return (
    <TextBox
      label="Name of the job"
      value={name}
      most={120}
      check={named(name)}
      onChange={(next) => desk.edit((j) => ({ ...j, name: next }))}
      sx={{ width: 'min(100%, 420px)', mb: 1.5 }}
    />
  );
}
