import { DEMO_JOBS } from '@/demo/jobs';
import { plan } from '@/core/plan';
import { simulatedForecast } from '@/standins/weather';
import { bestTurns } from '@/core/together';
const NOW = Date.parse('2026-05-16T07:50:00+01:00');
const jobs = DEMO_JOBS.map((d) => ({ id: d.id, job: d.job }));
const s = new Map(jobs.map((j) => [j.id, simulatedForecast(j.job.place, NOW)]));
for (let k = 0; k < 2; k++) {
let each: string[] = [];
const t0 = performance.now();
const t = bestTurns(jobs, (id, around) => { const a = performance.now(); const p = plan({ job: jobs.find((j) => j.id === id)!.job, ...s.get(id)!, nowMs: NOW, around }); each.push(id.slice(0,4)+(performance.now() - a).toFixed(0)); return p; }, 100);
console.log(performance.now() - t0, t.hours, t.atLeast, t.plans, t.turns.map(x=>x.id).join(' '), each.join(' '));
}
