/** Logs of sensors as people have them: names, units and zones of any kind, each fault by line and column. */
import { describe, expect, it } from 'vitest';
import { readSensorLog } from './log';

const LONDON = 'Europe/London';
const ok = (text: string, tz = LONDON) => {
  const log = readSensorLog(text, tz);
  if (!log.ok) throw new Error(JSON.stringify(log.faults));
  return log.value;
};
const faults = (text: string) => {
  const log = readSensorLog(text, LONDON);
  return log.ok ? [] : log.faults;
};

describe('a log of a thermo-hygrometer', () => {
  it('in °F with per cent, every ten minutes, in summer time', () => {
    const { readings, taken } = ok(
      'Timestamp,Temperature (°F),Relative Humidity (%)\n2026-05-16 07:50,53.2,84\n2026-05-16 08:00,54.0,82\n',
    );
    expect(readings).toEqual([
      { ms: Date.UTC(2026, 4, 16, 6, 50), airC: 11.8, rhPct: 84 },
      { ms: Date.UTC(2026, 4, 16, 7, 0), airC: 12.2, rhPct: 82 },
    ]);
    expect(taken).toEqual([
      'temperature from “Temperature (°F)” in °F',
      'humidity from “Relative Humidity (%)” in %',
    ]);
  });
  it('with decimal commas and semicolons; a surface probe beside the air is the part', () => {
    const { readings } = ok(
      'Datum;Zeit;Air temp °C;Surface temp °C;Feuchte\n16.05.2026;07:50;11,8;10,2;84\n',
    );
    expect(readings).toEqual([{ ms: Date.UTC(2026, 4, 16, 6, 50), airC: 11.8, rhPct: 84, panelC: 10.2 }]);
  });
  it('a surface thermometer alone; an anemometer alone, in mph', () => {
    expect(ok('time,panel temp C\n2026-05-16T08:00Z,14.5\n2026-05-16T09:00Z,15\n').readings[0]).toEqual({
      ms: Date.UTC(2026, 4, 16, 8),
      panelC: 14.5,
    });
    expect(ok('time,wind mph\n2026-05-16T08:00Z,4.5\n2026-05-16T09:00Z,5\n').readings[0]).toMatchObject({
      windMs: 2,
    });
  });
  it('lines in which a device says its name and number before the head; a surface by its short name', () => {
    const head = '"Device","H5"\n"Serial","1"\n\n"Time","Celsius(°C)","Humidity(%rh)","Serial Number"\n';
    const { readings } = ok(
      `${head}"16/05/2026 07:50:00","11.8","84","12"\n"16/05/2026 08:00:00","11.9","83","12"\n`,
    );
    expect(readings[0]).toEqual({ ms: Date.UTC(2026, 4, 16, 6, 50), airC: 11.8, rhPct: 84 });
    const surf = ok(
      'No.,Date,Time,Temp,Hum,Surf Temp\n1,2026/05/16,07:50,11.8,84,12.1\n2,2026/05/16,08:00,11.9,83,12.3\n',
    );
    expect(surf.readings[0]).toMatchObject({ airC: 11.8, rhPct: 84, panelC: 12.1 });
  });
  it('an empty cell is no figure', () => {
    expect(ok('time,temp C,rh %\n2026-05-16T08:00Z,14.5,\n2026-05-16T09:00Z,15,60\n').readings[0]).toEqual({
      ms: Date.UTC(2026, 4, 16, 8),
      airC: 14.5,
    });
  });
  it('what cannot be taken is named by line and column', () => {
    expect(
      faults('time,temp C,rh %\n2026-05-16T08:00Z,14.5,140\n2026-05-16T09:00Z,15,60\n')[0],
    ).toMatchObject({ path: 'line 2, column “rh %”' });
    expect(faults('time,temp C\n2026-05-16T09:00Z,14.5\n2026-05-16T08:00Z,15\n')[0]!.path).toBe(
      'line 3, time',
    );
    expect(
      faults('time,temp C,temp 2 C\n2026-05-16T08:00Z,14.5,15\n2026-05-16T09:00Z,15,16\n')[0]!.expected,
    ).toMatch(/“temp C” and “temp 2 C” could both be/);
    expect(faults('time,pressure hPa\n2026-05-16T08:00Z,1014\n2026-05-16T09:00Z,1013\n')[0]!.path).toBe(
      'columns',
    );
    expect(faults('hello\n')[0]!.path).toBe('line 1');
  });
});
