'use client';
/** Preparation in full: a ladder for every seam that is sanded, the filler, what is wiped and masked, which tests come first. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { Job } from '@/model/job';
import type { Seam } from '@/model/plan';
import type { Product } from '@/model/product';
import { cleaningPlan, testsNeeded } from '@/core/prep/cleaning';
import { fillerPlan, HARDENER_FRAC } from '@/core/prep/filler';
import { ladderOf } from '@/core/prep/ladder';
import { paperNeeds } from '@/core/prep/paper';
import { measured } from '@/core/surface/area';
import { surfaceName } from '@/words/names';
import { say } from '@/words/say';
import { useDesk } from '../desk/job-desk';
import { LadderDrawing } from '../drawings/ladder';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';

export function PrepPanel({
  job,
  seams,
  products,
  sessions,
  panelC,
  nameOf,
}: {
  job: Job;
  seams: readonly Seam[];
  products: readonly Product[];
  sessions: number;
  panelC: number;
  nameOf: (layerId: string) => string;
}) {
  const f = useFormat();
  const whole = job.parts.every((p) => measured(p) !== null);
  if (!whole) return null;
  const ladders = seams.map((s) => ({ s, rungs: ladderOf(s) })).filter((x) => x.rungs.length > 0);
  const clean = cleaningPlan(job.parts, seams, sessions);
  const filler = fillerPlan(
    job.parts.flatMap((p) => p.dents ?? []),
    panelC,
  );
  const all = ladders.flatMap((x) => x.rungs.map((r) => r.um));
  const one = (x: number): string => x.toFixed(1).replace('.0', '');
  return (
    <section className="panel" aria-label="Preparation">
      <div className="hd">
        Preparation{' '}
        <small>a step at most twice as fine as the one before; the last is what the next layer hides</small>
      </div>
      <ul className="ladders">
        {ladders.map(({ s, rungs }) => (
          <li key={`${s.below} ${s.above}`}>
            <p className="small">
              <b style={{ fontWeight: 650 }}>
                {s.below.startsWith('surface:') ? surfaceName(s.below) : nameOf(s.below)}
              </b>
              <br />
              <span className="muted">for {nameOf(s.above)}</span>
            </p>
            <LadderDrawing
              rungs={rungs}
              coarseUm={Math.max(...all)}
              fineUm={Math.min(...all)}
              title={`From ${surfaceName(s.below)} to ${nameOf(s.above)}`}
            />
          </li>
        ))}
      </ul>
      <p className="cap">
        Blue-grey is wet. A light dusting of another colour before the last blocking shows what is still low.
        By hand on edges, never a block
        <ProvenanceMark mark="CP" />; grain sizes FEPA 43
        <ProvenanceMark mark="P" />, minutes
        <ProvenanceMark mark="M" />.
      </p>
      <Fittings />
      <div className="prepcols">
        {filler && (
          <div>
            <h3>Body filler</h3>
            <ul className="cap">
              <li>
                {f.volume(filler.hollowMl)} of hollow, so mix {f.volume(filler.pasteMl)} of paste in all,{' '}
                {one(filler.pasteG)} g.
              </li>
              <li>
                Cream hardener {one(filler.hardenerG[1])} g ({one(filler.hardenerMl)} ml),{' '}
                {Math.round(HARDENER_FRAC * 100)} % by mass; the tin may say {one(filler.hardenerG[0])}–
                {one(filler.hardenerG[2])} g<ProvenanceMark mark="CP" />.
              </li>
              <li>
                {filler.layers === 1 ? 'One layer' : `${filler.layers} layers`}; at{' '}
                {f.temp(Math.round(panelC))} it works {one(filler.workMin[0])}–{one(filler.workMin[1])} min.
                To gain time mix less, never cut the hardener.
              </li>
            </ul>
          </div>
        )}
        <div>
          <h3>Cleaning and masking</h3>
          <ul className="cap">
            {clean.wipes.map((w, i) => (
              <li key={i}>
                {say(
                  {
                    code: w.code,
                    params: {
                      ...w.params,
                      above: nameOf(String(w.params.above ?? '')),
                      below: nameOf(String(w.params.below ?? '')),
                    },
                  },
                  f,
                )}
              </li>
            ))}
            <li>
              About {f.volume(clean.degreaserMl)} of degreaser, {clean.tackCloths} tack{' '}
              {clean.tackCloths === 1 ? 'cloth' : 'cloths'}, {one(clean.tapeM)} m of tape,{' '}
              {one(clean.coverM2)} m² of paper or sheet
              <ProvenanceMark mark="M" />.
            </li>
          </ul>
        </div>
        <div>
          <h3>Paper</h3>
          <ul className="cap">
            {paperNeeds(job.parts, seams).map((n) => (
              <li key={`${n.gritP}${n.wet}`}>
                {n.sheets} × P{n.gritP}
                {n.wet ? ', wet' : ''}, for {f.area(n.areaM2)}
              </li>
            ))}
            <li>
              Half-sheets or 150 mm discs
              <ProvenanceMark mark="M" />.
            </li>
          </ul>
        </div>
        <div>
          <h3>Tests before the day</h3>
          <ul className="cap">
            {testsNeeded(job.parts, seams, products).map((t) => (
              <li key={t.code}>{say(t, f)}</li>
            ))}
          </ul>
        </div>
      </div>
    </section>
  );
}

const bag = (i: number): string => String.fromCharCode(65 + i);

/** What comes off the object first, each into its lettered bag; it goes back in the other order. */
function Fittings() {
  const desk = useDesk();
  const list = desk.job.fittings ?? [];
  const [text, setText] = useState('');
  const set = (next: readonly string[]): void =>
    desk.edit(({ fittings: _f, ...j }) => (next.length > 0 ? { ...j, fittings: [...next] } : j));
  const add = (): void => {
    const t = text.trim().slice(0, 60);
    if (t !== '' && list.length < 26) {
      set([...list, t]);
      setText('');
    }
  };
  return (
    <div style={{ marginTop: 10 }}>
      <h3 style={{ fontSize: 14, fontWeight: 650, marginBottom: 4 }}>Comes off first, into lettered bags</h3>
      <ol className="row" aria-label="What comes off" style={{ gap: 8 }}>
        {list.map((x, i) => (
          <li
            key={`${i}${x}`}
            className="row"
            style={{ gap: 6, border: '1px solid var(--line)', padding: '2px 4px 2px 8px' }}
          >
            <b style={{ fontWeight: 650 }}>{bag(i)}</b>
            {x}
            <Button
              size="small"
              sx={{ minWidth: 30, px: 0.5 }}
              aria-label={`Take ${x} off the list`}
              onClick={() => set(list.filter((_y, k) => k !== i))}
            >
              ×
            </Button>
          </li>
        ))}
      </ol>
      <form
        className="row"
        style={{ marginTop: 6 }}
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <TextField
          size="small"
          label="Badge, lamp, hinge …"
          value={text}
          onChange={(e) => setText(e.target.value)}
          sx={{ width: 230 }}
        />
        <Button
          type="submit"
          size="small"
          variant="outlined"
          disabled={text.trim() === '' || list.length >= 26}
        >
          Add to the list
        </Button>
        {list.length > 1 && (
          <span className="small muted">
            Refit {list.map((_x, i) => bag(list.length - 1 - i)).join(', ')}.
          </span>
        )}
      </form>
    </div>
  );
}
