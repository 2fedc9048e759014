'use client';
/** One finished job on a page of its own, to be printed and kept with the object. */
import type { ReactNode } from 'react';
import Button from '@mui/material/Button';
import type { LogbookRow } from '@/usecases/logbook';
import type { Photographed } from '@/model/photo';
import { LOG_MARKS } from '@/words/names';
import { CrossCut } from '../drawings/cross-cut';
import { FilmSpine } from '../drawings/film-spine';
import { PartSheet } from '../drawings/part-sheet';
import { CameChart } from '../parts/came-chart';
import { LinkButton } from '../parts/link-button';
import { useFormat } from '../theme/providers';
import { cameView } from '../views/air-came';
import { endRows } from '../views/in-the-end';
import { timeRows } from '../views/log';
import { recordLines } from '../views/logbook';
import { photoRows, wrongRows } from '../views/record';
import { stackOf } from '../views/stack';

interface RecordViewProps {
  readonly row: LogbookRow;
  readonly photos: readonly Photographed[];
}

export function RecordView({ row, photos }: RecordViewProps) {
  const { job, id } = row;
  return (
    <main id="main" className="body recordpage">
      <div className="row">
        <h1 className="text-20 fw650">{job.name}</h1>
        <span className="push" />
        <LinkButton href={`/jobs/${id}/log`} className="noprint">
          Open the job
        </LinkButton>
        <Button variant="contained" className="noprint" onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <Drawings row={row} />
      <Lines row={row} />
      <Times row={row} />
      <Wrong row={row} />
      <Tape row={row} />
      <Money row={row} />
      <Photos row={row} photos={photos} />
    </main>
  );
}

function Block({ name, children }: { name: string; children: ReactNode }) {
  return (
    <section className="panel" aria-label={name}>
      <div className="hd">{name}</div>
      {children}
    </section>
  );
}

type Of = Pick<RecordViewProps, 'row'>;

/** The object to scale, and the film as it lies on it. */
function Drawings({ row: { job, drawn, products } }: Of) {
  const f = useFormat();
  return (
    <section className="panel recorddrawn" aria-label="The object and its film">
      <figure className="m-0">
        <PartSheet parts={job.parts} f={f} selected={null} onSelect={() => undefined} />
        <figcaption className="cap">As it was before, to scale; with it the film that lies on it.</figcaption>
      </figure>
      <FilmSpine stack={stackOf(job, drawn, products)} mostPx={200} />
    </section>
  );
}

function Lines({ row }: Of) {
  const f = useFormat();
  const { colour, finish } = row.job.purpose;
  return (
    <Block name="What it is">
      <dl className="keys">
        <div>
          <dt>Colour</dt>
          <dd>
            {colour.name}, {finish}
          </dd>
        </div>
        {recordLines(row, f).map(({ name, value }) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
    </Block>
  );
}

function Times({ row: { job, drawn, products } }: Of) {
  const f = useFormat();
  const rows = timeRows(job, drawn, products);
  const came = cameView(job, [], f);
  return (
    <Block name="As it was done">
      <ol className="recordtimes">
        {rows.map((r) => (
          <li key={r.id}>
            <b className="num">
              {f.date(r.date)}, {r.clock}
            </b>{' '}
            {r.label}
          </li>
        ))}
      </ol>
      {rows.length === 0 && <p className="cap">Nothing was ticked.</p>}
      {came && <CameChart view={came} tz={job.place.tz} heightPx={170} />}
    </Block>
  );
}

function Wrong({ row: { job } }: Of) {
  const rows = wrongRows(job, useFormat());
  if (rows.length === 0) return null;
  return (
    <Block name="What went wrong">
      <ul className="loglist">
        {rows.map((r) => (
          <li key={r.key}>
            <b className="num">{r.when}</b> {r.what}
          </li>
        ))}
      </ul>
    </Block>
  );
}

function Tape({ row: { job } }: Of) {
  const f = useFormat();
  const { tape, looks = [] } = job.log ?? {};
  if (!tape && looks.length === 0) return null;
  return (
    <Block name="Looked at again">
      <ul className="loglist">
        {tape && (
          <li className="row">
            <CrossCut cls={tape.class} />
            <span>
              {f.date(tape.on)}: cross-cut and tape, class {tape.class}
            </span>
          </li>
        )}
        {looks.map((l) => (
          <li key={l.on}>
            {f.date(l.on)}: {LOG_MARKS[l.mark]}
          </li>
        ))}
      </ul>
    </Block>
  );
}

function Money({ row: { end, job } }: Of) {
  const f = useFormat();
  return (
    <Block name="Money and hands">
      <ul className="loglist">
        {endRows(end, job.budget.currency, f).map((r) => (
          <li key={r.name} className="row">
            <span className="grow-180">
              {r.name} <span className="small muted">{r.besides}</span>
            </span>
            <b className="num">{r.figure}</b>
          </li>
        ))}
      </ul>
    </Block>
  );
}

function Photos({ row: { job }, photos }: RecordViewProps) {
  const rows = photoRows(job, photos, useFormat());
  if (rows.length === 0) return null;
  return (
    <Block name="Photographs">
      <ul className="recordphotos">
        {rows.map((p) => (
          <li key={p.id}>
            <img src={`/api/photos/${p.id}`} alt={p.said} />
            <span className="small">{p.said}</span>
          </li>
        ))}
      </ul>
    </Block>
  );
}
