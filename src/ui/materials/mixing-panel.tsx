'use client';
/**
 * Mixing for a gun: every pour of every session, with cup marks by volume and by weight, and the grade for
 * its hour.
 */
import { cupOf } from '@/core/material/session-pours';
import { durationOf } from '@/words/format';
import { Cup } from '../drawings/cup';
import type { Desk } from '../desk/job-desk';
import { CautionList } from '../parts/caution';
import { MeasureBox } from '../parts/measure-box';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { isoCautions, mixViews, MOST_CUPS, type MixView, type PourView } from '../views/mixing';

export function MixingPanel({ desk }: { desk: Desk }) {
  const mixes = mixViews(desk.job, desk.plan, desk.products, desk.air);
  if (mixes.length === 0) return null;
  const cupMl = cupOf(desk.job);
  return (
    <section className="panel" aria-label="Mixing">
      <div className="hd">
        <small>parts by volume; fill to each line in turn, or by the scale with the cup tared</small>
        <span className="r noprint">
          <MeasureBox
            kind="volume"
            label="Cup of the gun"
            value={cupMl}
            min={20}
            max={2000}
            step={50}
            width={132}
            onChange={(ml) => desk.edit((j) => ({ ...j, equipment: { ...j.equipment, cupMl: ml } }))}
            fault={desk.faultAt('equipment.cupMl')}
          />
        </span>
      </div>
      <div className="is-grid cols-repeat-auto-fit-minmax-min-100-320px-1fr row-0 colgap-28">
        {mixes.map((mix) => (
          <Mix key={mix.id} mix={mix} cupMl={cupMl} />
        ))}
      </div>
      <p className="cap">
        Weights by density, base and all, from memory where the sheet says nothing
        <ProvenanceMark mark="M" />; the sheet on the tin wins. Gun cup, strainer and test card take their
        share of the first pour.
      </p>
      <div className="cauts mt-8 maxw-480">
        <CautionList cautions={isoCautions(mixes)} />
      </div>
    </section>
  );
}

interface MixProps {
  readonly mix: MixView;
  readonly cupMl: number;
}

function Mix({ mix, cupMl }: MixProps) {
  const { product, pours } = mix;
  return (
    <article className="bt-1px-solid-line pt-10 pb-10">
      <h3 className="text-15 fw650">
        {product.name}, {mix.ratio ?? 'ready to spray'}
      </h3>
      <MixNote mix={mix} />
      <ul className="is-flex wrap-wrap row-8 colgap-18 mt-6">
        {pours.slice(0, MOST_CUPS).map((p, i) => (
          <PourItem key={i} pour={p} title={`${product.name}, pour ${i + 1}`} number={i + 1} cupMl={cupMl} />
        ))}
      </ul>
      {pours.length > MOST_CUPS && (
        <p className="cap">And {pours.length - MOST_CUPS} more pours. A larger cup saves most of them.</p>
      )}
    </article>
  );
}

function MixNote({ mix: { at, tempC, graded, potMin } }: { mix: MixView }) {
  const f = useFormat();
  const when = at ? `${f.dayTime(at)}, panel ${f.temp(tempC)}` : 'No start yet, so taken at 20 °C';
  const pot =
    potMin === null ? '' : `Pot life there ${durationOf(potMin)}; four fifths of it are planned with. `;
  const clean =
    potMin === null
      ? 'rinse before it dries.'
      : `gun clean by ${durationOf(potMin)} after mixing, or what sets in it ruins it.`;
  return (
    <p className="cap">
      {when}:{' '}
      {graded && (
        <>
          <b>{graded.grade}</b> {graded.what}
          <ProvenanceMark mark="CP" />.{' '}
        </>
      )}
      {pot}Strain every pour. Keep some gun wash; {clean}
    </p>
  );
}

interface PourItemProps {
  readonly pour: PourView;
  readonly title: string;
  readonly number: number;
  readonly cupMl: number;
}

function PourItem({ pour, title, number, cupMl }: PourItemProps) {
  const f = useFormat();
  return (
    <li>
      <p className="small">
        <b className="fw600">
          Pour {number}, {f.volume(pour.ml)}
        </b>{' '}
        {pour.what}
      </p>
      <Cup
        marks={pour.marks}
        cupMl={Math.max(cupMl, 1)}
        text={f.volume}
        weight={(g) => `${g.toFixed(0)} g`}
        title={title}
      />
    </li>
  );
}
