'use client';
/** Where practitioners differ, and what the colour does with its coats: choices that change the plan, and what follows from them. */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { lightnessOf } from '@/core/coating/colour';
import { candyHex, coatsToHide, PRIMER_SHADES } from '@/core/coating/depth';
import { schoolOf, SCHOOLS } from '@/core/coating/schools';
import { SCHOOL_WORDS } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/choice';
import { ProvenanceMark } from '../parts/mark';

export function SchoolsPanel() {
  const desk = useDesk();
  const set = (id: string, value: string, first: string): void =>
    desk.edit(({ schools, starts: _s, ...j }) => {
      const { [id as keyof NonNullable<Job['schools']>]: _was, ...others } = schools ?? {};
      const next = value === first ? others : { ...others, [id]: value };
      return {
        ...j,
        ...(Object.keys(next).length > 0 ? { schools: next as NonNullable<Job['schools']> } : {}),
      };
    });
  return (
    <section className="panel" aria-label="Schools">
      <div className="hd">
        Where painters differ{' '}
        <small>
          the first is the default; a choice changes the plan and is taken over by the next new job
        </small>
      </div>
      <ul className="loglist">
        {SCHOOLS.map((s) => {
          const w = SCHOOL_WORDS[s.id]!;
          return (
            <li key={s.id} className="row">
              <span style={{ flex: '1 1 180px' }}>
                <b style={{ fontWeight: 600 }}>{w.ask}</b>
              </span>
              <ButtonChoice
                label={w.ask}
                value={schoolOf(desk.job, s.id)}
                options={s.options}
                names={w.options}
                onChange={(v) => set(s.id, v, s.options[0]!)}
              />
              <span className="small muted" style={{ flex: '1 1 100%' }}>
                {w.why}
                <ProvenanceMark mark="CP" />
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

export function ColourPanel({ job, products }: { job: Job; products: readonly Product[] }) {
  const { hex, kind, name } = job.purpose.colour;
  const colour =
    products.find((p) => p.kind === 'mid-coat') ??
    products.find((p) => p.kind === 'basecoat' || p.kind === 'single-stage' || p.kind === 'enamel');
  if (!colour) return null;
  const candy = kind === 'candy' && colour.effect === 'candy';
  const film = colour.filmUmPerCoat;
  const base =
    products.find((p) => p.kind === 'basecoat' || p.kind === 'single-stage' || p.kind === 'enamel') ?? colour;
  const hides = PRIMER_SHADES.map(([shade, l]) => ({
    shade,
    l,
    coats: coatsToHide(hex, l, base.filmUmPerCoat, base.hidesUm),
  }));
  const least = Math.min(...hides.map((x) => x.coats));
  const grey = (l: number, shade: string): string => (shade === 'red oxide' ? '#7A3B2C' : `oklch(${l} 0 0)`);
  return (
    <section className="panel" aria-label="Colour">
      <div className="hd">
        {name} <small>a sketch on a screen: judge the card in daylight, under clear</small>
      </div>
      {candy && (
        <>
          <p className="cap" style={{ margin: '8px 0' }}>
            Depth by coats over a silver ground, {colour.coats} as named
            <ProvenanceMark mark="ID" />
          </p>
          <ol className="swatches">
            {Array.from({ length: 9 }, (_, n) => (
              <li key={n} data-on={n === colour.coats}>
                <span style={{ background: candyHex(hex, n, colour.coats) }} />
                {n}
              </li>
            ))}
          </ol>
          <p className="cap">
            Light goes through every coat twice, so each takes its share again. Count the coats the same on
            every part, and stop one early: clear darkens it a shade.
          </p>
        </>
      )}
      {!candy && kind !== 'flake' && (
        <>
          <p className="cap" style={{ margin: '8px 0' }}>
            Coats of {film} µm until the primer shows no more
            <ProvenanceMark mark="M" />
          </p>
          <ol className="swatches">
            {hides.map((x) => (
              <li key={x.shade} data-on={x.coats === least}>
                <span
                  style={{ background: `linear-gradient(115deg, ${grey(x.l, x.shade)} 0 46%, ${hex} 46%)` }}
                />
                {x.shade}
                <br />
                <b>
                  {x.coats} {x.coats === 1 ? 'coat' : 'coats'}
                </b>
              </li>
            ))}
          </ol>
          <p className="cap">
            A primer near the lightness of the colour saves coats
            {lightnessOf(hex) > 0.75
              ? ': white or light grey here'
              : lightnessOf(hex) < 0.4
                ? ': dark grey or black here'
                : ''}
            .
          </p>
        </>
      )}
    </section>
  );
}
