/** A place as it is drawn: to one scale, inside its frame, and true to where the sun gets in. */
import { describe, expect, it } from 'vitest';
import { PRESETS, presetPlace } from '@/core/air/presets';
import { sizeOf } from '@/core/air/shelter';
import { sunOfDay } from '@/core/place-air';
import type { Place } from '@/model/place';
import { formatFor } from '@/words/format';
import { placeSection, SECTION } from './place-section';
import { compassOf, degOf, dryNames, placeChoices, placeSummary, sunSaid } from './places';
import { demo } from '@/demo/test-kit';

const AT = { tz: 'UTC', lat: 53, lon: 0 };
const DAY = Date.UTC(2026, 5, 21);
const f = formatFor('metric');
const drawn = (place: Place) => placeSection(place, sunOfDay(place, DAY));

describe('the section', () => {
  it('every kind lies inside its frame, with or without a side that looks somewhere and houses all round', () => {
    for (const preset of PRESETS)
      for (const facing of [undefined, 0, 90, 180, 270]) {
        const place: Place = {
          ...presetPlace(preset, AT),
          horizonDeg: [20, 20, 20, 20, 20, 20, 20, 20],
          ...(facing === undefined ? {} : { facing }),
        };
        const { walls, roof, sun, part, opposite, beam } = drawn(place);
        const points = [
          ...walls.flatMap((w) => [
            { x: w.x, y: w.y },
            { x: w.x + w.w, y: w.y + w.h },
          ]),
          ...(roof ?? []),
          ...sun,
          ...(beam ?? []),
          { x: part.x + part.w, y: part.y },
          ...(opposite ? [{ x: opposite.x + opposite.w, y: opposite.y }] : []),
        ];
        for (const p of points)
          expect([
            preset,
            facing,
            p.x >= 0 && p.x <= SECTION.width && p.y >= -1 && p.y <= SECTION.ground + 1,
          ]).toEqual([preset, facing, true]);
      }
  });
  it('is to scale: a metre of floor is as long as a metre of wall', () => {
    const place: Place = { ...AT, shelter: 'garage', depthM: 5, heightM: 2.5 };
    const { walls, scale, metre } = drawn(place);
    expect(sizeOf(place)).toMatchObject({ depthM: 5, heightM: 2.5 });
    expect(walls[0]!.h).toBeCloseTo(2.5 * scale, 6);
    expect(metre[1].x - metre[0].x).toBeCloseTo(scale, 6);
  });
  it('a door that is shut hangs down to the floor and lets no beam in; half open it hangs half way', () => {
    const garage = (door: NonNullable<Place['door']>): Place => ({
      ...AT,
      shelter: 'garage',
      facing: 180,
      door,
    });
    expect(drawn(garage('open')).walls).toHaveLength(2);
    expect(drawn(garage('shut')).walls).toHaveLength(3);
    expect(drawn(garage('shut')).beam).toBeNull();
    const [half, shut] = (['half', 'shut'] as const).map((d) => drawn(garage(d)).walls[2]!.h);
    expect(half! / shut!).toBeCloseTo(0.5, 6);
  });
  it('hours stand where they hide neither a mark nor one another', () => {
    const { sun } = drawn({ ...AT, shelter: 'lean-to', facing: 135 });
    const told = sun.filter((s) => s.label !== '');
    expect(told.length).toBeGreaterThan(2);
    for (const a of told)
      for (const b of told) {
        if (a === b) continue;
        expect(Math.abs(a.y - b.y) >= 12 || Math.abs(a.x - b.x) >= 40).toBe(true);
      }
  });
});

describe('a place in words', () => {
  it('the eighths of the compass there and back', () => {
    expect(['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'].map((s) => compassOf(degOf(s as 'N')))).toEqual([
      'N',
      'NE',
      'E',
      'SE',
      'S',
      'SW',
      'W',
      'NW',
    ]);
    expect(compassOf(359)).toBe('N');
    expect(compassOf(23)).toBe('NE');
  });
  it('kind, door, side, floor and where, south and west by their letters', () => {
    const place: Place = {
      tz: 'UTC',
      lat: -33.9,
      lon: -70.7,
      shelter: 'garage',
      door: 'half',
      facing: 90,
      widthM: 3,
      depthM: 6,
    };
    expect(placeSummary(place, f)).toBe(
      'garage, door half open; open to the east; 3000 mm × 6000 mm; 33.9° S, 70.7° W',
    );
  });
  it('when the sun is on the part; that nobody said which way it looks; that it does not rise', () => {
    const leanTo: Place = { ...AT, shelter: 'lean-to' };
    expect(sunSaid(leanTo, sunOfDay(leanTo, DAY), f)).toBeNull();
    const east = { ...leanTo, facing: 90 };
    expect(sunSaid(east, sunOfDay(east, DAY), f)).toMatch(/^Sun on the part 0[34]:\d\d–\d\d:\d\d\.$/);
    const arctic = { ...east, lat: 80 };
    expect(sunSaid(arctic, sunOfDay(arctic, Date.UTC(2026, 11, 21)), f)).toBe('The sun does not rise.');
  });
});

describe('what a job chooses from', () => {
  const job = demo('cargo-bike');
  const rows = [
    { id: 'lean-to', place: job.place },
    { id: 'yard', place: { ...AT, shelter: 'open', name: 'Yard' } as Place },
  ];
  it('the workshop’s places and one of its own; one that was taken off goes by the name the job has', () => {
    expect(placeChoices(job, rows).names).toEqual({
      'lean-to': 'Harbour Lane lean-to',
      yard: 'Yard',
      own: 'a place of its own',
    });
    expect(placeChoices(job, []).names).toMatchObject({ 'lean-to': 'Harbour Lane lean-to' });
  });
  it('it dries where it is sprayed, there shut and heated, or in another; never in the same one carried', () => {
    expect(dryNames(job, rows)).toEqual({
      options: ['here', 'heated', 'yard'],
      names: { here: 'where it is sprayed', heated: 'there, shut and heated', yard: 'in Yard' },
      value: 'here',
    });
    const kept = { ...job, dryIn: { kind: 'elsewhere', carry: 'at-once', place: rows[1]!.place } as const };
    expect(dryNames(kept, []).value).toBe('kept');
    expect(dryNames({ ...job, dryIn: { kind: 'heated' } }, rows).value).toBe('heated');
  });
});
