'use client';
/** The logbook: what was done, not what was planned; found by words, two side by side, out and in. */
import { useState } from 'react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { Logbook, LogbookRow } from '@/usecases/logbook';
import type { LearnedItem } from '@/usecases/learned-item';
import { ASPECTS } from '@/model/rubric';
import { queryOf } from '@/formats/logbook-query';
import type { LogbookAsked } from '@/model/logbook-asked';
import { counted } from '@/words/format';
import { FilmSection } from '../drawings/film-section';
import { later } from '../parts/later';
import { ListChoice } from '../parts/list-choice';
import { Tick } from '../parts/tick';
import { useFormat } from '../theme/providers';
import { ANY, ASPECT_NAMES, logbookFilters, nextLook } from '../views/logbook';
import { stackOf } from '../views/stack';
import { BringIn } from './bring-in';
import { LearnedPanel } from './learned-panel';
import { YearPanel } from './year-panel';

const CompareDialog = later(null, () => import('./compare-dialog').then((m) => m.CompareDialog));

interface LogbookViewProps {
  readonly book: Logbook;
  readonly learned: readonly LearnedItem[];
  /** The demo’s records. */
  readonly isInvented: boolean;
  readonly asked: LogbookAsked;
  /** yyyy-mm-dd */
  readonly today: string;
}

export function LogbookView({ book, learned, isInvented, asked, today }: LogbookViewProps) {
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [isComparing, setComparing] = useState(false);
  const toggle = (id: string, isOn: boolean): void =>
    setChosen((was) => (isOn ? [...was.filter((x) => x !== id), id].slice(-2) : was.filter((x) => x !== id)));
  const pair = chosen.flatMap((id) => book.rows.find((r) => r.id === id) ?? []);
  return (
    <main id="main" className="body logbookpage">
      <div className="stack minw-0">
        <LogbookHead book={book} asked={asked} pair={pair} onCompare={() => setComparing(true)} />
        <ul className="records">
          {book.rows.map((row) => (
            <Record
              key={row.id}
              row={row}
              today={today}
              isChosen={chosen.includes(row.id)}
              onChoose={(isOn) => toggle(row.id, isOn)}
            />
          ))}
        </ul>
        {book.rows.length === 0 && <Nothing asked={asked} />}
      </div>
      <div className="stack minw-0">
        {isInvented && <p className="cap">These records are invented: the demo’s year.</p>}
        <YearPanel book={book} />
        <LearnedPanel items={learned} />
        <BringIn asked={asked} />
      </div>
      {isComparing && pair.length === 2 && (
        <CompareDialog pair={[pair[0]!, pair[1]!]} onClose={() => setComparing(false)} />
      )}
    </main>
  );
}

const Nothing = ({ asked }: { asked: LogbookAsked }) => (
  <section className="panel">
    <p>
      {queryOf(asked) === ''
        ? 'No job is closed yet. Under Finish & log a job is closed; then it stands here.'
        : 'No record is like what is asked for.'}
    </p>
    {queryOf(asked) !== '' && <Link href="/logbook">Show all of them</Link>}
  </section>
);

interface LogbookHeadProps {
  readonly book: Logbook;
  readonly asked: LogbookAsked;
  readonly pair: readonly LogbookRow[];
  readonly onCompare: () => void;
}

function LogbookHead({ book, asked, pair, onCompare }: LogbookHeadProps) {
  const router = useRouter();
  const [typed, setTyped] = useState(asked.words ?? '');
  const go = (patch: LogbookAsked): void => {
    const query = queryOf({ ...asked, words: typed.trim(), ...patch });
    router.push(query === '' ? '/logbook' : `/logbook?${query}`);
  };
  return (
    <form
      className="row noprint"
      role="search"
      onSubmit={(e) => {
        e.preventDefault();
        go({});
      }}
    >
      <h1 className="text-20 fw650">{counted(book.total, 'finished job')}</h1>
      <span className="push" />
      <Filters book={book} asked={asked} onAsk={go} />
      <TextField
        size="small"
        label="Find a product, fault or part"
        value={typed}
        onChange={(e) => setTyped(e.target.value.slice(0, 200))}
      />
      <Button type="submit" variant="outlined">
        Find in it
      </Button>
      <Button variant="outlined" disabled={pair.length !== 2} onClick={onCompare}>
        Compare two
      </Button>
    </form>
  );
}

interface FiltersProps {
  readonly book: Logbook;
  readonly asked: LogbookAsked;
  readonly onAsk: (patch: LogbookAsked) => void;
}

/** By year, sprayer and whether anything went wrong; a list of one is none. */
function Filters({ book, asked, onAsk }: FiltersProps) {
  const filters = logbookFilters(book, asked);
  return filters.map(({ key, label, value, options, names }) => (
    <ListChoice
      key={key}
      label={label}
      value={value}
      options={options}
      names={names}
      width={112}
      onChange={(to) => onAsk({ [key]: to === ANY ? '' : to })}
    />
  ));
}

interface RecordProps {
  readonly row: LogbookRow;
  readonly today: string;
  readonly isChosen: boolean;
  readonly onChoose: (isOn: boolean) => void;
}

function Record({ row, today, isChosen, onChoose }: RecordProps) {
  const f = useFormat();
  const { job } = row;
  const look = nextLook(row, today, f);
  return (
    <li className="panel record" data-on={isChosen}>
      <Link href={`/jobs/${row.id}/log`} className="row wrap-nowrap">
        <FilmSection
          stack={stackOf(job, row.drawn, row.products)}
          pxPerUm={0.4}
          width={58}
          gaugeMax={150}
          size="mini"
        />
        <span className="flex-1">
          <b className="fw650">{job.name}</b>
          <br />
          <span className="small muted">
            {f.date(row.closedOn)}, {f.area(row.areaM2)}, {f.film(row.filmUm)}, {counted(row.coats, 'coat')}
          </span>
        </span>
      </Link>
      <Marks row={row} />
      <p className="small muted">
        {row.used.map((u) => `${u.name} ${f.volume(u.usedMl)}`).join(', ') || 'nothing logged'}
        {row.cost > 0 && `; ${f.money(row.cost, job.budget.currency)} of paint`}
      </p>
      {look && <p className="small">{look}</p>}
      <div className="row">
        <Tick isOn={isChosen} onChange={onChoose}>
          compare
        </Tick>
        <span className="push" />
        <Link
          href={`/logbook/${row.id}`}
          className="go"
          prefetch={false}
          aria-label={`Record of ${job.name}`}
        >
          Record
        </Link>
      </div>
    </li>
  );
}

/** Five marks as bars that are counted, not coloured. */
function Marks({ row }: { row: LogbookRow }) {
  const { rubric } = row.job.log ?? {};
  if (!rubric) return <p className="small muted">not marked yet</p>;
  return (
    <ul className="marks">
      {ASPECTS.map((a) => (
        <li key={a}>
          <span className="bars" aria-hidden="true">
            {[0, 1, 2, 3].map((i) => (
              <i key={i} data-on={(rubric[a] ?? 0) > 3 - i} />
            ))}
          </span>
          <span className="small">
            {ASPECT_NAMES[a]} {rubric[a] ?? '–'}
          </span>
        </li>
      ))}
    </ul>
  );
}
