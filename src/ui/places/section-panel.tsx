'use client';
/** What the place does to the weather: drawn to scale, and as a table of one hour. */
import { useMemo } from 'react';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { PlaceHour } from '@/core/place-air';
import type { Place } from '@/model/place';
import { PlaceDrawing } from '../drawings/place-section';
import { LinkButton } from '../parts/link-button';
import { useFormat } from '../theme/providers';
import { placeSection } from '../views/place-section';
import { clockAt } from '../views/readings';
import { COMPASS_NAMES, compassOf, hourOf, madeRows, placeName, sunSaid, sunToday } from '../views/places';

interface SectionPanelProps {
  readonly place: Place;
  /** As it is sprayed in; none without weather. */
  readonly hours: readonly PlaceHour[];
  readonly nowMs: number;
  /** A job that is sprayed here, to type a forecast in; null for none. */
  readonly jobId: string | null;
}

export function SectionPanel({ place, hours, nowMs, jobId }: SectionPanelProps) {
  const f = useFormat();
  const sun = useMemo(() => sunToday(place, nowMs), [place, nowMs]);
  const hour = hourOf(hours, nowMs);
  const said = sunSaid(place, sun, f);
  return (
    <section className="panel" aria-label="What the place does to the weather">
      <div className="hd">
        What the place does to the weather <small>section, to scale</small>
      </div>
      <div className="placemade">
        <div>
          <PlaceDrawing
            section={placeSection(place, sun)}
            label={`${placeName(place)} cut through. ${said ?? ''}`}
            windOutside={hour && `${f.speed(hour.outMs)} outside`}
            windAtPart={hour && `${f.speed(hour.windMs)} at the part`}
            facingSaid={place.facing === undefined ? null : COMPASS_NAMES[compassOf(place.facing)]}
            metreSaid={f.units === 'us' ? '3.3 ft' : '1 m'}
          />
          <p className="cap">
            {said ?? 'Say which way its open side looks, and the drawing shows when the sun gets in.'}
          </p>
        </div>
        <Made place={place} hour={hour} jobId={jobId} />
      </div>
    </section>
  );
}

interface MadeProps {
  readonly place: Place;
  readonly hour: PlaceHour | null;
  readonly jobId: string | null;
}

/** One hour: outside, what the place does, at a part in it. */
function Made({ place, hour, jobId }: MadeProps) {
  const f = useFormat();
  if (!hour)
    return (
      <div>
        <p className="cap mb-8">
          No forecast for this place yet. It is typed in on Window of a job that is sprayed here.
        </p>
        <LinkButton variant="outlined" href={jobId === null ? '/' : `/jobs/${jobId}/window#forecast`}>
          {jobId === null ? 'To the bench' : 'Type one in'}
        </LinkButton>
      </div>
    );
  return (
    <Table size="small" className="tbl madetable">
      <TableHead>
        <TableRow>
          <TableCell>{clockAt(hour.ms, place.tz, f)}</TableCell>
          <TableCell align="right">outside</TableCell>
          <TableCell align="right">the place</TableCell>
          <TableCell align="right">at the part</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {madeRows(place, hour, f).map((r) => (
          <TableRow key={r.name}>
            <TableCell>
              <b>{r.name}</b>
            </TableCell>
            <TableCell align="right">{r.out}</TableCell>
            <TableCell align="right">{r.how && <span className="made">{r.how}</span>}</TableCell>
            <TableCell align="right">
              <b>{r.here}</b>
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
