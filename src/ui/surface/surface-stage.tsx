'use client';
/** Surface: what is there, measured; what it is for; where and when. */
import { useDesk } from '../desk/job-desk';
import { later } from '../parts/later';
import { Spine } from '../shell/spine';
import { StageFrame } from '../shell/stage-frame';
import { useFormat } from '../theme/providers';
import { named, TextBox } from '../parts/text-box';
import { budgetLine, hoursLine, placeLine, purposeLine } from '../views/surface';
import { sourceSaid } from '../views/weather-source';
import { BudgetEditor } from './budget-editor';
import { HoursEditor } from './hours-editor';
import { PartsPanel } from './parts-panel';
import { PlaceEditor } from './place-editor';
import { PurposeEditor } from './purpose-editor';

const PhotosPanel = later(
  'Photographs before',
  () => import('../photos/photos-panel').then((m) => m.PhotosPanel),
  { heightPx: 124 },
);

export function SurfaceStage() {
  const f = useFormat();
  const { job } = useDesk();
  return (
    <StageFrame
      stage="surface"
      spine={
        <Spine title="What is planned">
          <p>
            <b>Measured first.</b> Area, substrate and what lies on it set every figure that follows.
          </p>
        </Spine>
      }
      sections={[
        { id: 'parts', name: 'Parts', count: job.parts.length, isLead: true, node: <PartsPanel /> },
        {
          id: 'photos',
          name: 'Photos',
          note: 'as it is before',
          isScreenOnly: true,
          node: <PhotosPanel moment="before" />,
        },
        { id: 'purpose', name: 'Purpose', note: purposeLine(job), opens: true, node: <PurposeSection /> },
        { id: 'place', name: 'Place', note: placeLine(job), node: <PlaceSection /> },
        { id: 'hours', name: 'Free hours', note: hoursLine(job), node: <HoursSection /> },
        { id: 'budget', name: 'Budget', note: budgetLine(job, f), node: <BudgetEditor /> },
      ]}
    />
  );
}

function PurposeSection() {
  return (
    <section aria-label="Purpose">
      <NameField />
      <PurposeEditor />
    </section>
  );
}

function PlaceSection() {
  const f = useFormat();
  const { nowMs, job, weather } = useDesk();
  const { text } = sourceSaid(weather, { nowMs, tz: job.place.tz }, f);
  return (
    <section aria-label="Place">
      <p className="cap mb-10">{text}</p>
      <PlaceEditor />
    </section>
  );
}

function HoursSection() {
  return (
    <section aria-label="Free hours">
      <HoursEditor />
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
