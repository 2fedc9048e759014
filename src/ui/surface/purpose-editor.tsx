'use client';
/** What the job is for: it drives grit, system and clear. */
import OutlinedInput from '@mui/material/OutlinedInput';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { patchColour, patchPurpose, setExposure } from '@/core/edits/purpose';
import type { Job } from '@/model/job';
import { COLOUR_KINDS, EXPOSURES, FINISHES, GRADES, SPRAYERS } from '@/model/lists';
import { COLOUR_KIND_NAMES, EXPOSURE_NAMES, GRADE_NAMES } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/button-choice';
import { useFormat } from '../theme/providers';
import { followingFrom } from '../views/purpose';
import { TextBox } from '../parts/text-box';
import { Line } from './purpose-line';

const SPRAYER_NAMES = {
  aerosol: 'cans',
  hvlp: 'HVLP gun',
  lvlp: 'LVLP gun',
  conventional: 'conventional gun',
} as const;
const FINISH_NAMES = { gloss: 'gloss', satin: 'satin', matte: 'matte' } as const;

export function PurposeEditor() {
  const f = useFormat();
  const { job, plan } = useDesk();
  const follows = followingFrom(job, plan, f);
  return (
    <div className="is-grid gap-10">
      <Line label="Grade" follows={follows.grade}>
        <GradeChoice />
      </Line>
      <Line label="Finish" follows={follows.finish}>
        <FinishChoice />
      </Line>
      <Line label="Colour" follows={follows.colour}>
        <ColourFields />
      </Line>
      <Line label="Meets" follows={follows.exposure}>
        <ExposureBoxes />
      </Line>
      <Line label="Sprayed with" follows={follows.sprayer}>
        <SprayerChoice />
      </Line>
      <Line label="Kit" follows={follows.kit}>
        <KitBox field="suppliedAir" label="air-fed mask with breathing-grade air" />
        <KitBox field="sander" label="random orbital sander" />
        {job.equipment.sprayer !== 'aerosol' && (
          <KitBox field="rinsesWithReducer" label="gun rinsed with its reducer, not gun wash" />
        )}
      </Line>
    </div>
  );
}

function GradeChoice() {
  const desk = useDesk();
  return (
    <ButtonChoice
      label="Grade"
      value={desk.job.purpose.grade}
      options={GRADES}
      names={GRADE_NAMES}
      onChange={(grade) => desk.edit((j) => patchPurpose(j, { grade }))}
    />
  );
}

function FinishChoice() {
  const desk = useDesk();
  return (
    <ButtonChoice
      label="Finish"
      value={desk.job.purpose.finish}
      options={FINISHES}
      names={FINISH_NAMES}
      onChange={(finish) => desk.edit((j) => patchPurpose(j, { finish }))}
    />
  );
}

function ColourFields() {
  const desk = useDesk();
  const { colour } = desk.job.purpose;
  return (
    <>
      <ButtonChoice
        label="Colour kind"
        value={colour.kind}
        options={COLOUR_KINDS}
        names={COLOUR_KIND_NAMES}
        onChange={(kind) => desk.edit((j) => patchColour(j, { kind }))}
      />
      <OutlinedInput
        type="color"
        size="small"
        className="wide-44"
        value={colour.hex}
        onChange={(e) => desk.edit((j) => patchColour(j, { hex: e.target.value }))}
        slotProps={{ input: { 'aria-label': 'Colour' } }}
      />
      <TextBox
        label="Colour name"
        value={colour.name}
        most={60}
        onChange={(name) => desk.edit((j) => patchColour(j, { name }))}
        sx={{ width: 150 }}
      />
    </>
  );
}

function ExposureBoxes() {
  const desk = useDesk();
  return EXPOSURES.map((what) => (
    <FormControlLabel
      key={what}
      label={EXPOSURE_NAMES[what]}
      sx={{ mr: 1 }}
      control={
        <Checkbox
          size="small"
          checked={desk.job.purpose.exposure.includes(what)}
          onChange={(_x, on) => desk.edit((j) => setExposure(j, what, on))}
        />
      }
    />
  ));
}

/** What the job is done with, one part of it changed. */
function useEquipment(): (patch: Partial<Job['equipment']>) => void {
  const desk = useDesk();
  return (patch) => desk.edit((j) => ({ ...j, equipment: { ...j.equipment, ...patch } }));
}

function SprayerChoice() {
  const { job } = useDesk();
  const set = useEquipment();
  return (
    <ButtonChoice
      label="Sprayed with"
      value={job.equipment.sprayer}
      options={SPRAYERS}
      names={SPRAYER_NAMES}
      onChange={(sprayer) => set({ sprayer })}
    />
  );
}

interface KitBoxProps {
  readonly field: 'suppliedAir' | 'sander' | 'rinsesWithReducer';
  readonly label: string;
}

function KitBox({ field, label }: KitBoxProps) {
  const { job } = useDesk();
  const set = useEquipment();
  return (
    <FormControlLabel
      label={label}
      control={
        <Checkbox
          size="small"
          checked={job.equipment[field] ?? false}
          onChange={(_x, on) => set({ [field]: on })}
        />
      }
    />
  );
}
