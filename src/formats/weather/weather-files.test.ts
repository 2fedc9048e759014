/** Weather files as they come: names and units guessed, holes, clock changes, bad cells by line and column, EPW. */
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HOUR, isoOf, msOf } from '@/core/time/instant';
import { parseEpw } from './epw';
import { takeWeatherFile } from './file';
import { guessTable, readTable, takeTable } from './table';
import { timeOf } from './times';

const TZ = 'Europe/London';
const at = (now: string, tz = TZ) => ({ tz, nowMs: msOf(now, tz) });
const table = (text: string) => {
  const read = readTable(text);
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  return read.value;
};
/** As guessed, confirmed as it stands. */
const taken = (text: string, now: string, tz = TZ) => {
  const t = table(text);
  return takeTable(t, guessTable(t).guess, at(now, tz));
};
const value = (text: string, now: string, tz = TZ) => {
  const made = taken(text, now, tz);
  if (!made.ok) throw new Error(JSON.stringify(made.faults));
  return made.value;
};
const faults = (text: string, now = '2026-05-16T08:00') => {
  const made = taken(text, now);
  return made.ok ? [] : made.faults;
};

/** Half hours in °F and mph, an hour and a half missing at noon and six hours in the evening. */
const HALF_HOURLY = (): string => {
  const lines = [
    'Date,Time,Air Temp (°F),Humidity (%),Dew Pt (F),Wind Speed (mph),Wind Dir (°),Gust mph,Rain (in),Pressure inHg',
  ];
  for (let i = 0; i < 96; i++) {
    if (i === 25 || i === 26 || (i > 74 && i < 88)) continue;
    const h = Math.floor((i % 48) / 2);
    const clock = `${h % 12 === 0 ? 12 : h % 12}:${i % 2 ? '30' : '00'} ${h < 12 ? 'AM' : 'PM'}`;
    const rain = i === 20 || i === 21 ? '0.04' : '0';
    lines.push(`05/${i < 48 ? 16 : 17}/2026,${clock},68,55,51,10,230,15,${rain},30.02`);
  }
  return lines.join('\r\n');
};

describe('a table of any names', () => {
  it('half-hourly in °F and mph: 68 °F is 20 °C, 10 mph 4.47 m/s, two times 0.04 in of rain 2.03 mm in the hour', () => {
    const t = table(HALF_HOURLY());
    const { guess, isDateUnsure } = guessTable(t);
    expect(guess.time).toEqual([0, 1]);
    expect(guess.isDayFirst).toBe(false);
    expect(isDateUnsure).toBe(false);
    expect(guess.of).toEqual({
      temp: { column: 2, unit: '°F' },
      rh: { column: 3, unit: '%' },
      dew: { column: 4, unit: '°F' },
      wind: { column: 5, unit: 'mph' },
      from: { column: 6, unit: '°' },
      gust: { column: 7, unit: 'mph' },
      rain: { column: 8, unit: 'in' },
    });
    expect(guess.unsure).toEqual([]);
    const made = value(HALF_HOURLY(), '2026-05-16T08:00');
    const m = made.forecast.members[0]!;
    expect(msOf(made.forecast.start, TZ)).toBe(msOf('2026-05-16T00:00', TZ));
    expect(m.airTempC[5]).toBeCloseTo(20, 3);
    expect(m.windMs[5]).toBeCloseTo(4.4704, 3);
    expect(m.gustMs[5]).toBeCloseTo(6.7056, 3);
    expect(m.rainMm[10]).toBeCloseTo(2.032, 2);
    expect(m.rainMm[11]).toBe(0);
    expect(made.forecast.windFromDeg![5]).toBe(230);
  });
  it('a hole of an hour and a half is bridged and counted, one of six hours ends the forecast and is said', () => {
    const made = value(HALF_HOURLY(), '2026-05-16T08:00');
    expect(made.bridgedH).toBe(1);
    expect(isoOf(made.openFromMs!, TZ).slice(0, 16)).toBe('2026-05-17T14:00');
    expect(made.forecast.members[0]!.airTempC).toHaveLength(38);
    // Asked after the hole, the stretch behind it counts.
    const after = value(HALF_HOURLY(), '2026-05-17T20:30');
    expect(isoOf(msOf(after.forecast.start, TZ), TZ).slice(0, 16)).toBe('2026-05-17T20:00');
  });
  it('three-hourly figures are bridged; rain is shared over the hours to the next', () => {
    const text = `valid,t2m,rh,ff (kn),rr mm\n${[0, 3, 6, 9, 12, 15, 18, 21]
      .map((h) => `2026-05-16T${String(h).padStart(2, '0')}:00Z,${10 + h},0.6,10,${h === 9 ? 6 : 0}`)
      .join('\n')}`;
    const t = table(text);
    expect(guessTable(t).guess.of.rh).toEqual({ column: 2, unit: '0–1' });
    const made = value(text, '2026-05-16T08:00');
    const m = made.forecast.members[0]!;
    expect(m.airTempC.slice(0, 4)).toEqual([10, 11, 12, 13]);
    expect(m.rhPct[4]).toBe(60);
    expect(m.windMs[0]).toBeCloseTo(5.144, 3);
    expect(m.rainMm.slice(8, 13)).toEqual([0, 2, 2, 2, 0]);
    expect(made.bridgedH).toBe(14);
  });
  it('semicolons and decimal commas, day first, oktas; a dew point instead of the humidity', () => {
    const text = `Station Hafen;;\nDatum;Temperatur °C;Taupunkt °C;Wind km/h;Bewölkung (okta)\n16.05.2026 08:00;12,5;7,0;18;4\n16.05.2026 09:00;13,5;7,0;18;8\n16.05.2026 10:00;14,5;7,0;18;0`;
    const made = value(text, '2026-05-16T08:00');
    const m = made.forecast.members[0]!;
    expect(m.airTempC).toEqual([12.5, 13.5, 14.5]);
    expect(m.cloudFrac).toEqual([0.5, 1, 0]);
    expect(m.windMs[0]).toBe(5);
    // Saturation 1001.8 Pa over 1449.5 Pa (ASHRAE Fundamentals, moist air).
    expect(m.rhPct[0]).toBeCloseTo(69.1, 0);
  });
  it('what the names do not settle is asked about; a name that the figures contradict is not believed', () => {
    const bare = guessTable(
      table('time,temp,hum,wind\n2026-05-16T08:00,18,55,3\n2026-05-16T09:00,18,55,3\n'),
    ).guess;
    expect(bare.unsure).toContain('wind');
    const wrong = guessTable(
      table(
        'time,temp °C,RH %,wind m/s\n2026-05-16T08:00,68,0.55,3\n2026-05-16T09:00,70,0.6,3\n2026-05-16T10:00,71,0.6,3\n',
      ),
    ).guess;
    expect(wrong.of.temp!.unit).toBe('°F');
    expect(wrong.of.rh!.unit).toBe('0–1');
    expect(wrong.unsure).toEqual(expect.arrayContaining(['temp', 'rh']));
    expect(guessTable(table('date,t\n3.4.2026,5\n4.4.2026,6\n')).isDateUnsure).toBe(true);
    const two = 'time,temp °C,temp °C,RH %,wind m/s\n2026-05-16T08:00,1,2,60,3\n2026-05-16T09:00,1,2,60,3\n';
    expect(guessTable(table(two)).guess.rivals).toEqual([{ q: 'temp', column: 2 }]);
    expect(takeWeatherFile(two, at('2026-05-16T08:00'))).toMatchObject({
      ok: false,
      faults: [{ path: 'column “temp °C”', expected: expect.stringMatching(/take one out/) }],
    });
  });
  it('doubled and unordered hours, bad cells and impossible figures are named by line and column; nothing is taken', () => {
    const head = 'time,temp °C,RH %,wind m/s\n';
    const line = (t: string, rest = '15,60,3'): string => `2026-05-16T${t}:00,${rest}\n`;
    expect(faults(head + line('08') + line('08') + line('10'))).toEqual([
      {
        path: 'line 3, time',
        expected: 'one line for each time (2026-05-16 08:00 is in line 2 too; take one out)',
      },
    ]);
    expect(faults(head + line('10') + line('09'))[0]!.path).toBe('line 3, time');
    expect(faults(head + line('10') + line('09'))[0]!.expected).toMatch(/sort the lines/);
    expect(faults(head + line('08') + line('09', '15,120,3'))[0]).toEqual({
      path: 'line 3, column “RH %”',
      expected: 'a humidity from 0 to 100 %, in the column’s % (got 120; is the unit right?)',
    });
    expect(faults(head + line('08') + line('09', 'mild,60,3'))[0]!.path).toBe('line 3, column “temp °C”');
    const from = 'time,temp °C,rh %,wind m/s,wind direction\n';
    expect(faults(`${from}${line('08', '15,60,3,90')}${line('09', '15,60,3,400')}`)[0]).toEqual({
      path: 'line 3, column “wind direction”',
      expected: 'a direction from 0 to 360°, in the column’s ° (got 400; is the unit right?)',
    });
    const odd = ['NW', 'VRB', '999', '-1', 'calm', '', 'o']
      .map((d, i) => line(`0${i}`, `15,60,3,${d}`))
      .join('');
    expect(faults(from + odd)).toEqual([]);
    const words = ['NW', 'nnw', 'O', 'S'].map((d, i) => line(`0${i + 5}`, `15,60,3,${d}`)).join('');
    expect(value(from + words, '2026-05-16T06:00').forecast.windFromDeg).toEqual([315, 337.5, 90, 180]);
    expect(faults(`${head}half past eight,15,60,3\n${line('09')}`)[0]!.path).toBe('line 2, time');
    expect(faults('time,temp\n2026-05-16T08:00,15\n2026-05-16T09:00,15\n').map((f) => f.expected)).toEqual([
      expect.stringMatching(/humidity or the dew point/),
      expect.stringMatching(/wind/),
    ]);
    expect(readTable('nothing here').ok).toBe(false);
  });
  it('a night of 23 and one of 25 hours: civil times without an offset stay an hour apart or say that they are doubled', () => {
    const rows = (date: string, from: number, n: number): string =>
      Array.from({ length: n }, (_, i) => `${date}T${String(from + i).padStart(2, '0')}:00,10,60,3`).join(
        '\n',
      );
    const spring = value(`time,temp °C,RH %,wind m/s\n${rows('2026-03-29', 2, 8)}`, '2026-03-29T04:00');
    expect(spring.forecast.members[0]!.airTempC.length).toBeGreaterThan(6);
    const offset = ['00:30+01:00', '01:30+01:00', '01:30+00:00', '02:30+00:00'].map(
      (t) => `2026-10-25T${t},9,70,2`,
    );
    const autumn = value(`time,temp °C,RH %,wind m/s\n${offset.join('\n')}`, '2026-10-25T01:00');
    expect(autumn.forecast.members[0]!.airTempC).toHaveLength(4);
    expect(autumn.bridgedH).toBe(0);
  });
});

describe('a file of any kind', () => {
  const json = readFileSync('examples/aluminium-box/forecast.json', 'utf8');
  const csv = readFileSync('examples/aluminium-box/forecast.csv', 'utf8');
  const now = at('2026-05-16T08:00');
  it('the agreed JSON and a CSV with its names are the same forecast', () => {
    const [a, b] = [takeWeatherFile(json, now), takeWeatherFile(csv, now)];
    if (!a.ok || !b.ok) throw new Error(JSON.stringify([a, b]));
    expect(b.value.forecast.members).toEqual(a.value.forecast.members);
    expect(msOf(b.value.forecast.start, TZ)).toBe(msOf(a.value.forecast.start, TZ));
  });
  it('cells without end, names without end and lines without end are refused at once', () => {
    const head = 'time,temp °C,RH %,wind m/s\n';
    const endless = `1${' '.repeat(500_000)}x`;
    expect(
      takeWeatherFile(`${head}2026-05-16T08:00,${endless},60,3\n2026-05-16T09:00,1,60,3\n`, now).ok,
    ).toBe(false);
    expect(takeWeatherFile(`${head}${endless},1,60,3\n2026-05-16T09:00,1,60,3\n`, now).ok).toBe(false);
    expect(takeWeatherFile(`time,${'wind'.repeat(200_000)},b\n2026-05-16T08:00,1,2\n`, now).ok).toBe(false);
    expect(takeWeatherFile(head + '2026-05-16T08:00,1,60,3\n'.repeat(18_001), now)).toMatchObject({
      faults: [{ path: '(the whole)', expected: expect.stringMatching(/at most 18000 lines/) }],
    });
  });
  it('empty, broken and any text at all are refused in a sentence and never throw (400 random, seed 8)', () => {
    expect(takeWeatherFile('  ', now)).toMatchObject({ ok: false });
    expect(takeWeatherFile('{"start":', now)).toMatchObject({ ok: false });
    fc.assert(
      fc.property(fc.string(), fc.nat(csv.length), (text, i) => {
        expect(takeWeatherFile(text, now).ok).toBe(false);
        const broken = takeWeatherFile(csv.slice(0, i) + text + csv.slice(i), now);
        if (!broken.ok) expect(broken.faults.length).toBeGreaterThan(0);
      }),
      { numRuns: 400, seed: 8 },
    );
  });
});

describe('other languages', () => {
  it.each([
    ['Dato;Lufttemperatur;Relativ luftfuktighet;Vind', 'Norwegian'],
    ['Fecha;Temperatura;Humedad relativa;Viento', 'Spanish'],
    ['Datum;Temperatuur;Vochtigheid;Wind', 'Dutch'],
    ['Zeit;Temperatur;Feuchte;Wind', 'German'],
    ['Date;Température;Humidité;Vent', 'French'],
    ['Data;Temperatura;Umidità;Vento', 'Italian'],
  ])('%s (%s) is read with decimal commas', (head) => {
    const lines = ['08', '09', '10'].map((h) => `16.05.2026 ${h}:00;12,1;80;3,1`).join('\n');
    const m = value(`${head}\n${lines}\n`, '2026-05-16T08:00').forecast.members[0]!;
    expect([m.airTempC[0], m.rhPct[0], m.windMs[0]]).toEqual([12.1, 80, 3.1]);
  });
});

describe('times in files', () => {
  it('ISO, twelve-hour clocks, day or month first, seconds since 1970, 24:00', () => {
    const noon = Date.UTC(2026, 4, 16, 11);
    for (const cells of [
      ['2026-05-16T12:00'],
      ['2026-05-16', '12:00 PM'],
      ['2026-05-16 12:00:00'],
      [String(noon / 1000)],
      [String(noon)],
      ['16/05/2026 12:00'],
      ['2026-05-16T11:00Z'],
      ['2026-05-16T13:00+02:00'],
      ['2026/05/16', '12:00'],
      ['2026/5/16 12:00'],
      ['2026.05.16 12:00:00'],
      ['16/05/26 12:00'],
      ['16.05.26', '12:00'],
      ['20260516', '12:00'],
      ['20260516T1200'],
      ['202605161200'],
      ['20260516T110000Z'],
      ['16 May 2026 12:00'],
      ['16-May-2026 12:00:00 PM'],
      ['May 16, 2026 12:00 PM'],
      ['Sat 16 May 2026 12:00'],
    ])
      expect(timeOf(cells, true, TZ), cells.join(' ')).toBe(noon);
    expect(timeOf(['05/16/2026 12:00'], false, TZ)).toBe(noon);
    expect(timeOf(['2026-05-16 12:00 AM'], true, TZ)).toBe(Date.UTC(2026, 4, 15, 23));
    expect(timeOf(['2026-05-16 24:00'], true, TZ)).toBe(Date.UTC(2026, 4, 16, 23));
    for (const no of ['', 'noon', '2026-13-40T10:00', '31/02/2026 10:00', '2026-05-16 25:00', '13:00 PM'])
      expect(timeOf([no], true, TZ), no).toBeNull();
  });
});

/** A year of EPW: 20 °C, dew point 10 °C, 52 %, 3 m/s, 4 tenths, no rain; what is missing as the format says it. */
function epw(change: (fields: string[], i: number) => void = () => undefined): string {
  const heads = [
    'LOCATION,Harbour,-,GBR,made,0,52.4,-3.1,0.0,60',
    ...Array.from({ length: 7 }, (_, i) => `HEAD ${i}`),
  ];
  const rows: string[] = [];
  for (let i = 0; i < 8760; i++) {
    const d = new Date(Date.UTC(2001, 0, 1) + i * HOUR);
    const f = Array<string>(35).fill('0');
    f.splice(
      0,
      9,
      '2001',
      String(d.getUTCMonth() + 1),
      String(d.getUTCDate()),
      String(d.getUTCHours() + 1),
      '0',
      '?',
      '20.0',
      '10.0',
      '52',
    );
    f[20] = '230';
    f[21] = '3.0';
    f[22] = '4';
    f[33] = '0.0';
    change(f, i);
    rows.push(f.join(','));
  }
  return [...heads, ...rows].join('\n');
}

describe('EPW', () => {
  const now = at('2026-05-16T08:00');
  it('reads dry bulb, humidity, wind, sky and rain by their fields; hour 1 begins at midnight of the standard time', () => {
    const text = epw((f, i) => {
      if (f[1] === '5' && f[2] === '16' && f[3] === '1') f[6] = '11.5';
      if (i === 5000) f[21] = '999';
    });
    const made = parseEpw(text, now);
    if (!made.ok) throw new Error(JSON.stringify(made.faults));
    expect(made.value.place).toBe('Harbour');
    const m = made.value.forecast.members[0]!;
    const startMs = msOf(made.value.forecast.start, TZ);
    // Midnight UTC, which is 01:00 by the clock in May.
    expect(m.airTempC[(Date.UTC(2026, 4, 16) - startMs) / HOUR]).toBe(11.5);
    expect(m.rhPct[60]).toBe(52);
    expect(m.windMs[60]).toBe(3);
    expect(m.cloudFrac[60]).toBe(0.4);
    expect(made.value.forecast.windFromDeg![60]).toBe(230);
    expect(startMs).toBeLessThanOrEqual(now.nowMs);
    expect(m.airTempC.length).toBeGreaterThan(14 * 24);
  });
  it('over the turn of the year the typical year goes on', () => {
    const made = parseEpw(epw(), at('2026-12-30T08:00'));
    expect(made.ok && made.value.forecast.members[0]!.airTempC.length).toBeGreaterThan(14 * 24);
  });
  it('garbled: head, length, hour and figure are named by line and field', () => {
    const told = (text: string) => {
      const made = parseEpw(text, now);
      return made.ok ? null : made.faults[0]!;
    };
    expect(told('LOCATION,Harbour')!.path).toBe('line 1');
    expect(told(epw().replace('-3.1,0.0', '-3.1,99'))!.path).toBe('line 1, field 9');
    expect(told(epw().slice(0, 90_000))!.expected).toMatch(/8760 hours/);
    expect(told(epw((f, i) => void (i === 9 && (f[3] = '25'))))!.path).toBe('line 18, fields 2–4');
    expect(told(epw((f, i) => void (i === 9 && (f[8] = 'damp'))))!.path).toBe(
      'line 18, field 9 (relative humidity)',
    );
    expect(told(epw((f, i) => void (i === 9 && (f[21] = '-4'))))!.expected).toBe(
      'a figure from 0 to 80 (got -4)',
    );
  });
});
