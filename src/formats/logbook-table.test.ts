/** The table that loses nothing: out and in again, through any values, a spreadsheet's line ends, and bad cells. */
import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { demoYear } from '@/demo/year';
import type { Job } from '@/model/job';
import { parseJob } from './job-file';
import { readTable, recordsTable } from './logbook-table';

const jobs = demoYear().map((j) => j.job);
const again = (text: string): readonly unknown[] => {
  const r = readTable(text);
  if (!r.ok) throw new Error(r.said);
  return r.jobs;
};

describe('records as a table', () => {
  it('a year of jobs comes in as it went out, and is read as jobs', () => {
    const back = again(recordsTable(jobs));
    expect(back).toEqual(JSON.parse(JSON.stringify(jobs)));
    for (const job of back) expect(parseJob(job).ok).toBe(true);
  });
  it('whatever stands in it: formulas, quotes, line ends, empty lists, keys with a slash', () => {
    fc.assert(
      fc.property(fc.array(fc.dictionary(fc.string(), fc.jsonValue()), { maxLength: 4 }), (list) => {
        const plain = JSON.parse(JSON.stringify(list)) as Record<string, unknown>[];
        const isSafe = !JSON.stringify(plain).match(/__proto__|constructor|prototype/);
        fc.pre(isSafe);
        expect(again(recordsTable(plain as unknown as Job[]))).toEqual(plain);
      }),
      { numRuns: 300 },
    );
  });
  it('no cell begins a formula', () => {
    const nasty = { ...jobs[0]!, name: '=1+1', log: { ...jobs[0]!.log!, note: '@cmd' } };
    const { data } = Papa.parse<{ type: string; value: string }>(recordsTable([nasty]), { header: true });
    for (const { type, value } of data) if (type === 'text') expect(value).not.toMatch(/^[=+\-@]/);
    expect(again(recordsTable([nasty]))[0]).toMatchObject({ name: '=1+1', log: { note: '@cmd' } });
  });
  it('as another program saves it: line feeds alone, a byte order mark, TRUE in capitals', () => {
    const text = `\uFEFF${recordsTable(jobs)
      .replace(/\r\n/g, '\n')
      .replace(/,boolean,true/g, ',boolean,TRUE')}`;
    expect(again(text)).toEqual(JSON.parse(JSON.stringify(jobs)));
  });
  it('with semicolons and decimal commas, as half of Europe saves it', () => {
    const plain = JSON.parse(JSON.stringify(jobs.slice(0, 2))) as Job[];
    const { data } = Papa.parse<string[]>(recordsTable(plain));
    const saved = data.map((row) =>
      row[2] === 'number' ? [...row.slice(0, 3), row[3]!.replace('.', ',')] : row,
    );
    expect(again(Papa.unparse(saved, { delimiter: ';' }))).toEqual(plain);
  });
  it('a figure that a spreadsheet shortened is refused, not taken for another', () => {
    const table = recordsTable(jobs.slice(0, 1)).replace(/(\/log\/trace\/0\/ms,number,)\d+/, '$11.77891E+12');
    expect(readTable(table)).toMatchObject({ ok: false, said: expect.stringContaining('1.77891E+12') });
  });
  it('says which line is wrong and how, and brings nothing', () => {
    const table = recordsTable(jobs.slice(0, 1));
    const bad = table.replace(/(\/parts\/0\/lengthMm,number,)\d+/, '$1wide');
    expect(readTable(bad)).toMatchObject({
      ok: false,
      said: expect.stringMatching(/^Line \d+: “wide” is no number/),
    });
    expect(readTable('a,b\r\n1,2')).toMatchObject({
      ok: false,
      said: expect.stringContaining('no column “record”'),
    });
    const cut = table
      .split('\r\n')
      .filter((l) => !l.includes('/parts/0,group'))
      .join('\r\n');
    expect(readTable(cut)).toMatchObject({ ok: false, said: expect.stringContaining('Keep the order') });
    expect(readTable('record,path,type,value\r\n1,,group,\r\n1,/__proto__/x,text,y').ok).toBe(false);
  });
});
