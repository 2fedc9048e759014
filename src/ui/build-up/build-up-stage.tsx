'use client';
/** Build-up: the layers, the section through them to scale, and the verdict on every seam. */
import { Fragment, useRef, useState } from 'react';
import dynamic from 'next/dynamic';
import Button from '@mui/material/Button';
import type { SystemLayer } from '@/model/job';
import type { PlanLayer, Seam } from '@/model/plan';
import { isoOf } from '@/core/time/instant';
import { withZones } from '@/core/surface/zones';
import { systemFor } from '@/core/coating/system';
import { surfaceName } from '@/words/names';
import { say } from '@/words/say';
import { FilmSection, StackTable } from '../drawings/film-section';
import { saveDrawing } from '../drawings/save-drawing';
import { groundHex, seamTag, stackOf } from '../drawings/stack';
import { useDesk } from '../desk/job-desk';
import { GoSign, MindSign, StopSign } from '../parts/icons';
import { LinkButton } from '../parts/link-button';
import { ProvenanceMark } from '../parts/mark';
import { Columns, SaveLine } from '../shell/stage-shell';
import { gaugeFor } from '../shell/spine';
import { Verdict } from '../shell/verdict';
import { useFormat } from '../theme/providers';
import { LayerRow, ProductSelect } from './layer-row';
import { OrderPanel } from './order-panel';
import { PrepPanel } from './prep-panel';
import { ColourPanel, SchoolsPanel } from './schools-panel';
import { RoutesPanel } from './routes-panel';

/** Not needed for the first look: fetched once the page stands. */
const SheetsPanel = dynamic(() => import('./sheets-panel').then((m) => m.SheetsPanel), {
  ssr: false,
  loading: () => (
    <section className="panel" aria-busy="true" style={{ minHeight: 92 }}>
      <div className="hd">Your own data sheets</div>
    </section>
  ),
});

const asSystem = (layers: readonly PlanLayer[], parts: number): SystemLayer[] =>
  layers.map((l) => ({
    role: l.role,
    productId: l.productId,
    coats: l.coats,
    ...(l.partIds.length < parts ? { only: l.partIds } : {}),
    ...(l.hex ? { hex: l.hex } : {}),
  }));

function SeamRow({
  seam,
  onTakeOn,
  onGiveBack,
}: {
  seam: Seam;
  onTakeOn: () => void;
  onGiveBack: () => void;
}) {
  const f = useFormat();
  const [line1, line2] = seamTag(seam);
  return (
    <div className="seamrow" data-verdict={seam.verdict}>
      {seam.verdict === 'ok' ? <GoSign size={22} /> : seam.verdict === 'care' ? <MindSign /> : <StopSign />}
      <p>
        <b style={{ fontWeight: 600 }}>{seam.verdict === 'no' ? 'No.' : `${line1}, ${line2}.`}</b>{' '}
        {say(seam.reason, f)}
        {seam.verdict !== 'ok' && seam.wayOut ? ` ${say(seam.wayOut, f)}` : ''}
        <ProvenanceMark mark={seam.mark} />
      </p>
      <span className="small muted end" style={{ textAlign: 'right' }}>
        <span>
          {seam.verdict === 'ok'
            ? 'ok'
            : seam.reason.code === 'seam-overridden'
              ? 'on you'
              : seam.verdict === 'care'
                ? 'with care'
                : 'does not hold'}
        </span>
        {seam.verdict === 'no' && (
          <Button size="small" sx={{ display: 'block' }} onClick={onTakeOn}>
            Take it on
          </Button>
        )}
        {seam.reason.code === 'seam-overridden' && (
          <Button size="small" sx={{ display: 'block' }} onClick={onGiveBack}>
            Give it back
          </Button>
        )}
      </span>
    </div>
  );
}

export function BuildUpStage() {
  const f = useFormat();
  const desk = useDesk();
  const { job, plan, products } = desk;
  const system = systemFor(job);
  const stack = stackOf(job, system, products);
  const [selected, setSelected] = useState<string | null>(system.layers.at(-1)?.id ?? null);
  const max = gaugeFor(stack.totalUm);
  const setLayers = (change: (layers: SystemLayer[]) => SystemLayer[]): void =>
    desk.edit((j) => {
      const now = systemFor(j);
      // Starts set by hand belong to the sessions of the old build-up.
      const { starts: _starts, ...rest } = j;
      return {
        ...rest,
        system: {
          layers: change(j.system ? [...j.system.layers] : asSystem(now.layers, withZones(j).parts.length)),
        },
      };
    });
  const override = (s: Seam, on: boolean): void => {
    const idOf = (id: string): string => system.layers.find((l) => l.id === id)?.productId ?? id;
    const below = idOf(s.below);
    const above = idOf(s.above);
    desk.edit(({ overrides, ...j }) => {
      const left = (overrides ?? []).filter((o) => o.below !== below || o.above !== above);
      const next = on ? [...left, { below, above, at: isoOf(desk.clock(), j.place.tz) }] : left;
      return { ...j, ...(next.length > 0 ? { overrides: next } : {}) };
    });
  };
  const drawing = useRef<HTMLDivElement>(null);
  const save = (as: 'svg' | 'png'): void => {
    const svg = drawing.current?.querySelector('svg');
    if (svg)
      void saveDrawing(
        svg,
        job.name
          .toLowerCase()
          .replace(/[^a-z0-9]+/g, '-')
          .slice(0, 40) || 'build-up',
        as,
      ).catch((e: Error) => setSaid(e.message));
  };
  const [said, setSaid] = useState<string | null>(null);
  const nameOf = (id: string): string =>
    id.startsWith('surface:')
      ? surfaceName(id)
      : (system.products.get(system.layers.find((l) => l.id === id)?.productId ?? '')?.name ?? id);
  const indexOf = (l: PlanLayer): number => system.layers.indexOf(l);
  const zoned = withZones(job).parts;
  const surfaces = zoned.filter(
    (p, i) => zoned.findIndex((x) => x.substrate === p.substrate && x.condition === p.condition) === i,
  );
  const stackFaults = system.blockers.filter((b) => b.code !== 'seam-no');
  return (
    <Columns kind="cols-build">
      <section className="panel" aria-label="Section through the film">
        <div className="hd">
          Section through the film <span className="r">to scale, dry film</span>
        </div>
        <div className="desk-only" ref={drawing} style={{ margin: '8px 0 10px' }}>
          <FilmSection
            stack={stack}
            pxPerUm={Math.min(2.88, 440 / max)}
            width={434}
            gaugeMax={max}
            size="large"
            selected={selected}
            onSelect={setSelected}
          />
        </div>
        <div className="phone-only" style={{ margin: '8px 0 10px' }}>
          <FilmSection
            stack={stack}
            pxPerUm={Math.min(1.72, 300 / max)}
            width={334}
            gaugeMax={max}
            size="phone"
            selected={selected}
            onSelect={setSelected}
          />
        </div>
        <p className="cap row">
          <svg width="34" height="10" aria-hidden="true">
            <path
              d="M1 8l4-6 4 6 4-6 4 6 4-6 4 6 4-6 4 6"
              fill="none"
              stroke="var(--ink)"
              strokeWidth="1.2"
            />
          </svg>
          sanded seam
          <svg width="30" height="12" aria-hidden="true" style={{ marginLeft: 12 }}>
            <g fill="#55693A">
              <circle cx="4" cy="9" r="2" />
              <circle cx="11" cy="9" r="2" />
              <circle cx="18" cy="9" r="2" />
              <circle cx="25" cy="9" r="2" />
              <circle cx="7" cy="4" r="1.3" />
              <circle cx="14" cy="4" r="1.3" />
              <circle cx="21" cy="4" r="1.3" />
            </g>
          </svg>
          wet on wet, films merge
          <span style={{ marginLeft: 12 }}>dashed outline: planned; dashed line: blocked down to here</span>
        </p>
        <div className="row desk-only" style={{ marginTop: 6 }}>
          <span className="small muted">Save the drawing</span>
          <Button size="small" variant="outlined" onClick={() => save('svg')}>
            SVG
          </Button>
          <Button size="small" variant="outlined" onClick={() => save('png')}>
            PNG
          </Button>
          {said && (
            <span className="status" data-kind="bad" role="alert">
              {said}
            </span>
          )}
        </div>
        <StackTable stack={stack} />
      </section>
      <section className="panel" aria-label="Layers" style={{ paddingBottom: 6 }}>
        <div className="hd" style={{ marginBottom: 10 }}>
          Layers, top down <small>{system.suggested ? 'suggested for this surface' : 'chosen by hand'}</small>
          <span className="r row">
            {!system.suggested && (
              <Button size="small" onClick={() => desk.edit(({ system: _s, starts: _t, ...j }) => j)}>
                Back to the suggestion
              </Button>
            )}
            <ProductSelect
              value=""
              products={products}
              label="Add a layer"
              onChange={(p) => setLayers((ls) => [...ls, { role: p.role, productId: p.id, coats: p.coats }])}
            />
          </span>
        </div>
        {stackFaults.map((b, i) => (
          <div key={i} className="seamrow" data-verdict="no">
            <StopSign />
            <p>
              <b style={{ fontWeight: 600 }}>{say(b, f)}</b>
            </p>
            <span />
          </div>
        ))}
        {[...system.layers].reverse().map((l) => (
          <Fragment key={l.id}>
            <LayerRow
              layer={l}
              index={indexOf(l)}
              count={system.layers.length}
              product={system.products.get(l.productId)!}
              products={products}
              jobHex={groundHex(job, system.products.get(l.productId)!)}
              selected={selected === l.id}
              onSelect={() => setSelected(selected === l.id ? null : l.id)}
              onChange={(patch) =>
                setLayers((ls) =>
                  ls.map((x, i) => {
                    if (i !== indexOf(l)) return x;
                    const { hex, ...rest } = { ...x, ...patch };
                    return hex ? { ...rest, hex } : rest;
                  }),
                )
              }
              onMove={(by) => {
                const i = indexOf(l);
                setLayers((ls) => {
                  const out = [...ls];
                  const [x] = out.splice(i, 1);
                  out.splice(i + by, 0, x!);
                  return out;
                });
                setSelected(null);
              }}
              onRemove={() => {
                setLayers((ls) => ls.filter((_x, i) => i !== indexOf(l)));
                setSelected(null);
              }}
            />
            {system.seams
              .filter((s) => s.above === l.id)
              .map((s) => (
                <SeamRow
                  key={s.below}
                  seam={s}
                  onTakeOn={() => override(s, true)}
                  onGiveBack={() => override(s, false)}
                />
              ))}
          </Fragment>
        ))}
        {surfaces.map((p) => (
          <div key={p.id} className="layer" style={{ gridTemplateColumns: '42px 1fr' }}>
            <svg width="40" height="40" aria-hidden="true">
              <rect width="40" height="40" fill="#BAC2C4" />
              <rect
                width="40"
                height="40"
                fill={`url(#${p.substrate === 'steel' ? 'h-steel' : p.substrate === 'aluminium' ? 'h-aluminium' : 'h-plastic'})`}
              />
              <rect x=".5" y=".5" width="39" height="39" fill="none" stroke="var(--ink)" />
            </svg>
            <span style={{ textTransform: 'none' }}>
              <b style={{ fontWeight: 650 }}>
                {capital(surfaceName(`surface:${p.substrate}/${p.condition}`))}
              </b>
            </span>
          </div>
        ))}
        {system.why.length > 0 && (
          <details className="how">
            <summary>Why this system</summary>
            <ul className="cap" style={{ display: 'grid', gap: 4, paddingBottom: 8 }}>
              {system.why.map((w, i) => (
                <li key={i}>{say(w, f)}</li>
              ))}
            </ul>
          </details>
        )}
        <SaveLine />
        <div className="row" style={{ padding: '4px 0 10px' }}>
          <span className="push" />
          <LinkButton variant="contained" href={`/jobs/${desk.id}/materials`}>
            On to the materials
          </LinkButton>
        </div>
      </section>
      <div className="below">
        <OrderPanel desk={desk} nameOf={nameOf} />
        <RoutesPanel
          job={job}
          chosen={system.layers}
          onTake={(r) => desk.edit(({ starts: _s, ...j }) => ({ ...j, system: { layers: [...r.layers] } }))}
        />
        <PrepPanel
          job={withZones(job)}
          seams={system.seams}
          products={system.layers.map((l) => system.products.get(l.productId)!)}
          sessions={Math.max(1, plan.sessions.length)}
          panelC={desk.air.now.panelC}
          nameOf={nameOf}
        />
        <SchoolsPanel />
        <ColourPanel job={job} products={system.layers.map((l) => system.products.get(l.productId)!)} />
        <SheetsPanel />
      </div>
      <Verdict plan={plan} session={plan.sessions[0]} stage="build-up" />
    </Columns>
  );
}

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
