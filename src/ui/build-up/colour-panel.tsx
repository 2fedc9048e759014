'use client';
/** What the colour does with its coats: the depth of a candy, or the primer it hides soonest. */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { ProvenanceMark } from '../parts/mark';
import { colourView, type ColourView } from '../views/colour';

interface ColourPanelProps {
  readonly job: Job;
  readonly products: readonly Product[];
}

export function ColourPanel({ job, products }: ColourPanelProps) {
  const view = colourView(job, products);
  if (!view) return null;
  const { hex } = job.purpose.colour;
  return (
    <section className="panel" aria-label="Colour">
      <div className="hd">
        <small>a sketch on a screen: judge the card in daylight, under clear</small>
      </div>
      {view.kind === 'candy' && <Depths view={view} />}
      {view.kind === 'hiding' && <Shades view={view} hex={hex} />}
    </section>
  );
}

type OfKind<K extends ColourView['kind']> = Extract<ColourView, { kind: K }>;

function Depths({ view }: { view: OfKind<'candy'> }) {
  return (
    <>
      <p className="cap mt-8 mb-8">
        Depth by coats over a silver ground, {view.coats} as named
        <ProvenanceMark mark="ID" />
      </p>
      <ol className="swatches">
        {view.depths.map((d, n) => (
          <li key={n} data-on={d.on}>
            <span style={{ background: d.hex }} />
            {n}
          </li>
        ))}
      </ol>
      <p className="cap">
        Light goes through every coat twice, so each takes its share again. Count the coats the same on every
        part, and stop one early: clear darkens it a shade.
      </p>
    </>
  );
}

function Shades({ view, hex }: { view: OfKind<'hiding'>; hex: string }) {
  return (
    <>
      <p className="cap mt-8 mb-8">
        Coats of {view.filmUm} µm until the primer shows no more
        <ProvenanceMark mark="M" />
      </p>
      <ol className="swatches">
        {view.shades.map((shadeView) => (
          <li key={shadeView.shade} data-on={shadeView.best}>
            <span style={{ background: `linear-gradient(115deg, ${shadeView.primer} 0 46%, ${hex} 46%)` }} />
            {shadeView.shade}
            <br />
            <b>
              {shadeView.coats} {shadeView.coats === 1 ? 'coat' : 'coats'}
            </b>
          </li>
        ))}
      </ol>
      <p className="cap">A primer near the lightness of the colour saves coats{view.hint}.</p>
    </>
  );
}
