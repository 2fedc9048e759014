/** What follows from each choice of the purpose, said beside it. */
import type { Job, Purpose } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Format } from '@/words/format';

const BY_COLOUR: Readonly<Record<Purpose['colour']['kind'], string>> = {
  solid: 'three coats; the first may be patchy',
  metallic: 'four coats, the last a drop coat',
  pearl: 'over a ground of its own shade, light even coats',
  flake: 'metallic ground, flake from further off, then plenty of clear',
  candy: 'silver ground, depth by the number of coats, mask only when cured',
};

function afterGrade(plan: Plan): string {
  const grit = plan.seams.find((s) => s.above === 'base' && s.gritP)?.gritP;
  return grit ? `last grit before the colour P${grit}` : 'sets the last grit before the colour';
}

function afterFinish(job: Job, plan: Plan, f: Pick<Format, 'film'>): string {
  if (job.purpose.finish === 'matte') return 'matte cannot be flatted or polished';
  const top = plan.layers.at(-1);
  return top ? `top coat ${top.coats} × ${f.film(top.filmUmPerCoat)}` : '';
}

function afterExposure({ exposure }: Purpose): string {
  if (exposure.includes('fuel')) return '2K clear; petrol dissolves 1K';
  if (exposure.includes('brake-fluid')) return 'two-part top; brake fluid strips 1K';
  return exposure.includes('heat') ? 'heat paint on bare metal' : '';
}

export interface Following {
  readonly grade: string;
  readonly finish: string;
  readonly colour: string;
  readonly exposure: string;
  readonly sprayer: string;
  readonly kit: string;
  readonly deadline: string;
}

export function followingFrom(job: Job, plan: Plan, f: Pick<Format, 'film'>): Following {
  const { sprayer, suppliedAir } = job.equipment;
  return {
    grade: afterGrade(plan),
    finish: afterFinish(job, plan, f),
    colour: BY_COLOUR[job.purpose.colour.kind],
    exposure: afterExposure(job.purpose),
    sprayer: sprayer === 'aerosol' ? 'cans' : 'gun products where there are any, cans for the rest',
    kit: suppliedAir ? 'two-part clear may be proposed' : 'no isocyanate is proposed; one-part clear instead',
    deadline: job.purpose.deadline ? 'each day late counts as five of waiting, and is told' : 'no day set',
  };
}
