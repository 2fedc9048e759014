'use client';
/** Where it is sprayed and where it dries: a place of the workshop, or one of the job's own. */
import Button from '@mui/material/Button';
import { dryWhere, editPlace, takePlace } from '@/core/edits/place';
import { CARRIES } from '@/model/lists';
import type { Job } from '@/model/job';
import { CARRY_NAMES } from '@/words/place-names';
import { useDesk } from '../desk/job-desk';
import { ListChoice } from '../parts/list-choice';
import { later } from '../parts/later';
import { LinkButton } from '../parts/link-button';
import { OwnShelter } from '../parts/own-shelter';
import { useFormat } from '../theme/providers';
import { DRY_HERE, DRY_HEATED, dryNames, OWN_PLACE, placeChoices, placeSummary } from '../views/places';
import { usePlaces } from './use-places';

const OwnPlace = later('Its own place', () => import('./own-place').then((m) => m.OwnPlace));

export function PlaceEditor() {
  const desk = useDesk();
  const f = useFormat();
  const { job } = desk;
  const { rows, keep, said } = usePlaces();
  const { options, names } = placeChoices(job, rows);
  const isOwn = job.placeId === undefined || !options.includes(job.placeId);
  const choose = (id: string): void => {
    const row = rows.find((r) => r.id === id);
    if (row) desk.edit((j) => takePlace(j, row.id, row.place));
    else desk.edit((j) => editPlace(j, (p) => p));
  };
  return (
    <>
      <div className="row gap-12 mb-10">
        <ListChoice
          label="Sprayed in"
          value={isOwn ? OWN_PLACE : job.placeId!}
          options={options}
          names={names}
          width="min(100%, 230px)"
          onChange={choose}
        />
        <DryChoice rows={rows} />
        <LinkButton href="/places" size="small">
          Places of the workshop
        </LinkButton>
      </div>
      {!isOwn && (
        <p className="cap mb-8">
          {placeSummary(job.place, f)}. Described on Places; a change there counts here.{' '}
          <Button size="small" onClick={() => choose(OWN_PLACE)}>
            Describe it for this job alone
          </Button>
        </p>
      )}
      <OwnShelter place={job.place} />
      {isOwn && <OwnPlace onKeep={() => void keep(job)} said={said} />}
    </>
  );
}

function DryChoice({ rows }: { readonly rows: ReturnType<typeof usePlaces>['rows'] }) {
  const desk = useDesk();
  const { job } = desk;
  const { options, names, value } = dryNames(job, rows);
  const set = (dryIn: Job['dryIn']): void => desk.edit((j) => dryWhere(j, dryIn));
  const choose = (id: string): void => {
    if (id === DRY_HERE) return set(undefined);
    if (id === DRY_HEATED) return set({ kind: 'heated' });
    const row = rows.find((r) => r.id === id);
    if (row) set({ kind: 'elsewhere', placeId: row.id, place: row.place, carry: 'handle-dry' });
  };
  const { dryIn } = job;
  return (
    <>
      <ListChoice
        label="Dries"
        value={value}
        options={options}
        names={names}
        width="min(100%, 250px)"
        onChange={choose}
      />
      {dryIn?.kind === 'elsewhere' && (
        <ListChoice
          label="Carried"
          value={dryIn.carry}
          options={CARRIES}
          names={CARRY_NAMES}
          width={190}
          onChange={(carry) => set({ ...dryIn, carry })}
        />
      )}
    </>
  );
}
