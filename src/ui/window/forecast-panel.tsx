'use client';
/** The forecast a plan rests on: where it is from, and a new one typed in. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { civilDate } from '@/core/time/instant';
import { spotOf } from '@/model/reading';
import type { ToldView } from '@/usecases/weather';
import { useDesk } from '../desk/job-desk';
import { FileButton } from '../parts/file-button';
import { Fold } from '../parts/fold';
import { useGone } from '../parts/gone';
import { MindSign } from '../parts/icons';
import { later } from '../parts/later';
import { Said } from '../parts/said';
import { send } from '../parts/send';
import { useFormat } from '../theme/providers';
import { weekFrom, type WeekValues } from '../views/days-form';
import { correctedSaid } from '../views/readings';
import { keptSaid, learnedSaid, sourceSaid } from '../views/weather-source';
import type { Faults } from '../parts/send';
import { useWeatherFile } from './use-weather-file';

/** Fetched when a forecast is typed in or brought in: most visits none is. */
const FileMapping = later(null, () => import('./file-mapping').then((m) => m.FileMapping));
const DaysForm = later(null, () => import('./days-form').then((m) => m.DaysForm));
const ForecastChart = later(
  'Outside and at the part',
  () => import('./forecast-chart').then((m) => m.ForecastChart),
  { heightPx: 280, isHeavy: true },
);
const ReadingsPanel = later('Readings', () =>
  import('../readings/readings-panel').then((m) => m.ReadingsPanel),
);
const KEPT = 'Kept. The plan follows it.';
const SILENT = 'The server does not answer. Try again in a moment.';

function useTyping() {
  const { job, clock, refresh } = useDesk();
  const { lat, lon, tz } = job.place;
  const [start, setStart] = useState<WeekValues | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [kept, setKept] = useState<string | null>(null);
  const gone = useGone();
  const open = async (): Promise<void> => {
    setSaid(null);
    setKept(null);
    const got = await send<ToldView>(`/api/weather?lat=${lat}&lon=${lon}`, 'GET');
    if (!got.answered) return setSaid(SILENT);
    setStart(weekFrom(civilDate(clock(), tz), tz, got.answer.days ?? null));
  };
  const takeOut = async (id: string): Promise<void> => {
    const r = await send(`/api/weather/${id}`, 'DELETE');
    if (!r.ok) return setSaid(r.error);
    refresh();
    const back = async (): Promise<void> => {
      const put = await send(`/api/weather/${id}`, 'POST');
      if (put.ok) refresh();
      else setSaid(put.error);
    };
    gone({ text: 'The forecast is taken out.', back: () => void back() });
  };
  const done = (words: string): void => {
    setStart(null);
    setKept(words);
    refresh();
  };
  return { spot: { lat, lon, tz }, start, said, kept, open, takeOut, done, cancel: () => setStart(null) };
}

export function ForecastPanel() {
  const f = useFormat();
  const { job, weather } = useDesk();
  const typing = useTyping();
  const { weather: from } = weather;
  const brought = useWeatherFile(typing.spot, (kept) => typing.done(keptSaid(kept, job.place.tz, f)));
  return (
    <section className="panel" aria-label="The forecast">
      <Source />
      <ReadHere />
      {typing.start ? (
        <DaysForm
          start={typing.start}
          spot={typing.spot}
          onDone={() => typing.done(KEPT)}
          onCancel={typing.cancel}
        />
      ) : (
        <div className="row mt-8 noprint">
          <Button
            variant={from.kind === 'none' ? 'contained' : 'outlined'}
            onClick={() => void typing.open()}
          >
            {from.kind === 'days' ? 'Correct it, or type in a newer one' : 'Type in a forecast'}
          </Button>
          <FileButton
            label="Bring a file in"
            accept=".csv,.txt,.tsv,.epw,.json,text/csv,application/json"
            onFiles={([file]) => {
              if (file) void brought.bring(file);
            }}
          />
          {(from.kind === 'days' || from.kind === 'file') && (
            <Button onClick={() => void typing.takeOut(from.id)}>Take it out</Button>
          )}
        </div>
      )}
      {weather.forecast && !typing.start && !brought.asked && <ForecastChart forecast={weather.forecast} />}
      {brought.asked && !typing.start && (
        <FileMapping
          name={brought.asked.name}
          table={brought.asked.table}
          mapping={brought.asked.mapping}
          isBusy={brought.isBusy}
          onChange={brought.change}
          onTake={brought.confirm}
          onCancel={brought.cancel}
        />
      )}
      {brought.refused && <Refused {...brought.refused} />}
      <p className="status" role="status">
        {typing.kept ?? ''}
      </p>
      <Said>{typing.said}</Said>
    </section>
  );
}

/** What was measured where the job is sprayed. */
function ReadHere() {
  const { id, job, refresh } = useDesk();
  return (
    <Fold summary="Readings at the part" className="mt-8">
      <ReadingsPanel spot={spotOf(id, job.placeId)} place={job.place} onChanged={refresh} />
    </Fold>
  );
}

/** Where the weather is from, and how earlier ones that were typed in came true. */
function Source() {
  const f = useFormat();
  const { job, nowMs, weather, air } = useDesk();
  const source = sourceSaid(weather, { nowMs, tz: job.place.tz }, f);
  const learned = learnedSaid(weather.weather, f);
  const corrected = correctedSaid(air.corrected, job.place.tz, f);
  return (
    <>
      <div className="row wrap-nowrap ai-flex-start">
        {source.isBad && <MindSign size={22} />}
        <p className="grow-240">{source.text}</p>
      </div>
      {learned !== null && <p className="cap mt-6">{learned}</p>}
      {corrected !== null && <p className="mt-6">{corrected}</p>}
    </>
  );
}

/** Why a file was not taken, by line and column; what is planned on stays. */
function Refused({ error, faults }: { error: string; faults: Faults }) {
  return (
    <div className="status" role="status" data-kind="bad">
      <p>{error} Nothing was changed.</p>
      {faults.map(({ path, expected }) => (
        <p key={`${path} ${expected}`}>
          {path}: expected {expected}
        </p>
      ))}
    </div>
  );
}
