/** The heaviest job that is accepted: as many parts as it may have, each a frame of many tubes, sprayed by gun. */
import { DEMO_JOBS } from '@/demo/jobs';
import type { Job, Part } from '@/model/job';

const MOST_PARTS = 40;
const MOST_TUBES = 30;

function frame(n: number, salt: number): Part {
  const tubes = Array.from({ length: MOST_TUBES }, (_, i) => ({
    lengthMm: 300 + ((n * 37 + i * 11 + salt) % 500),
    diameterMm: 16 + ((n + i) % 30),
    count: 1 + (i % 3),
  }));
  return {
    id: `frame-${n}`,
    name: `Frame ${n}`,
    lengthMm: 800,
    widthMm: 400,
    sides: 1,
    posture: 'upright',
    hiddenEdgePct: 5,
    substrate: n % 2 === 0 ? 'steel' : 'aluminium',
    condition: n % 3 === 0 ? 'rust' : 'bare',
    shape: { kind: 'frame', tubes },
  };
}

/** @param salt makes one like no other, so that no plan is remembered for it */
export function heavyJob(salt: number, parts = MOST_PARTS): Job {
  const { state: _state, system: _system, shelf: _shelf, ...job } = DEMO_JOBS[0]!.job;
  return { ...job, name: `Heavy ${salt}`, parts: Array.from({ length: parts }, (_, n) => frame(n, salt)) };
}
