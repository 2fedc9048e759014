'use client';
/** What the job is for: it drives grit, system and clear. */
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import type { Job, Purpose } from '@/model/job';
import { COLOUR_KINDS, EXPOSURES, FINISHES, GRADES, SPRAYERS } from '@/model/lists';
import type { Plan } from '@/model/plan';
import { COLOUR_KIND_NAMES, EXPOSURE_NAMES, GRADE_NAMES } from '@/words/names';
import type { Desk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/choice';
import { NumberBox } from '../parts/number-box';
import { useFormat } from '../theme/providers';

const SPRAYER_NAMES = {
  aerosol: 'cans',
  hvlp: 'HVLP gun',
  lvlp: 'LVLP gun',
  conventional: 'conventional gun',
} as const;
const FINISH_NAMES = { gloss: 'gloss', satin: 'satin', matte: 'matte' } as const;

function Line({ label, follows, children }: { label: string; follows: string; children: React.ReactNode }) {
  return (
    <div
      style={{
        display: 'grid',
        gridTemplateColumns: '86px minmax(0,1fr)',
        gap: '2px 8px',
        alignItems: 'center',
      }}
    >
      <span className="small muted">{label}</span>
      <div className="row">{children}</div>
      <span />
      <span className="small muted">{follows}</span>
    </div>
  );
}

export function PurposeEditor({ desk, plan }: { desk: Desk; plan: Plan }) {
  const f = useFormat();
  const { job } = desk;
  const { purpose } = job;
  const set = (patch: Partial<Purpose>): void =>
    desk.edit((j) => ({ ...j, purpose: { ...j.purpose, ...patch } }));
  const setJob = (patch: Partial<Job>): void => desk.edit((j) => ({ ...j, ...patch }));
  const grit = plan.seams.find((s) => s.above === 'base' && s.gritP)?.gritP;
  const top = plan.layers.at(-1);
  return (
    <div style={{ display: 'grid', gap: 10 }}>
      <Line
        label="Grade"
        follows={grit ? `last grit before the colour P${grit}` : 'sets the last grit before the colour'}
      >
        <ButtonChoice
          label="Grade"
          value={purpose.grade}
          options={GRADES}
          names={GRADE_NAMES}
          onChange={(grade) => set({ grade })}
        />
      </Line>
      <Line
        label="Finish"
        follows={
          purpose.finish === 'matte'
            ? 'matte cannot be flatted or polished'
            : top
              ? `top coat ${top.coats} × ${f.film(top.filmUmPerCoat)}`
              : ''
        }
      >
        <ButtonChoice
          label="Finish"
          value={purpose.finish}
          options={FINISHES}
          names={FINISH_NAMES}
          onChange={(finish) => set({ finish })}
        />
      </Line>
      <Line
        label="Colour"
        follows={
          {
            solid: 'three coats, first one patchy is right',
            metallic: 'four coats, the last a drop coat',
            pearl: 'over a ground of its own shade, light even coats',
            flake: 'metallic ground, flake from further off, then plenty of clear',
            candy: 'silver ground, depth by the number of coats, mask only when cured',
          }[purpose.colour.kind]
        }
      >
        <ButtonChoice
          label="Colour kind"
          value={purpose.colour.kind}
          options={COLOUR_KINDS}
          names={COLOUR_KIND_NAMES}
          onChange={(kind) => set({ colour: { ...purpose.colour, kind } })}
        />
        <input
          type="color"
          aria-label="Colour"
          value={purpose.colour.hex}
          onChange={(e) => set({ colour: { ...purpose.colour, hex: e.target.value } })}
          style={{
            width: 44,
            height: 34,
            padding: 2,
            border: '1px solid var(--ink-3)',
            borderRadius: 5,
            background: 'var(--panel)',
          }}
        />
        <TextField
          size="small"
          label="Colour name"
          value={purpose.colour.name}
          onChange={(e) => set({ colour: { ...purpose.colour, name: e.target.value.slice(0, 60) } })}
          sx={{ width: 150 }}
        />
      </Line>
      <Line
        label="Meets"
        follows={
          purpose.exposure.includes('fuel')
            ? '2K clear; petrol dissolves 1K'
            : purpose.exposure.includes('heat')
              ? 'heat paint on bare metal'
              : ''
        }
      >
        {EXPOSURES.map((e) => (
          <FormControlLabel
            key={e}
            label={EXPOSURE_NAMES[e]}
            sx={{ mr: 1 }}
            control={
              <Checkbox
                size="small"
                checked={purpose.exposure.includes(e)}
                onChange={(_x, on) =>
                  set({ exposure: on ? [...purpose.exposure, e] : purpose.exposure.filter((x) => x !== e) })
                }
              />
            }
          />
        ))}
      </Line>
      <Line
        label="Sprayed with"
        follows={
          job.equipment.sprayer === 'aerosol' ? 'cans' : 'gun products where there are any, cans for the rest'
        }
      >
        <ButtonChoice
          label="Sprayed with"
          value={job.equipment.sprayer}
          options={SPRAYERS}
          names={SPRAYER_NAMES}
          onChange={(sprayer) => setJob({ equipment: { ...job.equipment, sprayer } })}
        />
      </Line>
      <Line
        label="Kit"
        follows={
          job.equipment.suppliedAir
            ? 'two-part clear may be proposed'
            : 'no isocyanate is proposed; one-part clear instead'
        }
      >
        <FormControlLabel
          label="air-fed mask with breathing-grade air"
          control={
            <Checkbox
              size="small"
              checked={job.equipment.suppliedAir}
              onChange={(_x, on) => setJob({ equipment: { ...job.equipment, suppliedAir: on } })}
            />
          }
        />
      </Line>
      <Line
        label="Ready by"
        follows={purpose.deadline ? 'a caution when it will not be handle-dry by then' : 'no day set'}
      >
        <input
          className="field"
          type="date"
          aria-label="Ready by"
          value={purpose.deadline ?? ''}
          onChange={(e) => {
            const v = e.target.value;
            desk.edit((j) => {
              const { deadline: _d, ...rest } = j.purpose;
              return { ...j, purpose: /^\d{4}-\d\d-\d\d$/.test(v) ? { ...rest, deadline: v } : rest };
            });
          }}
        />
      </Line>
      <Line label="Budget" follows="paint only, in the currency of the prices">
        <NumberBox
          label="Budget"
          unit={job.budget.currency}
          value={job.budget.amount}
          min={0}
          max={1000000}
          step={10}
          width={140}
          onChange={(amount) => setJob({ budget: { ...job.budget, amount } })}
          fault={desk.faultAt('budget.amount')}
        />
      </Line>
    </div>
  );
}
