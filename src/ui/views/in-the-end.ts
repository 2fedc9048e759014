/** What a job came to, in rows: money against what was reckoned, what is left, hands. */
import type { InTheEnd } from '@/core/in-the-end';
import { counted, durationOf, type Format } from '@/words/format';

export interface EndRow {
  readonly name: string;
  readonly figure: string;
  readonly besides: string;
}

function handsRow({ plannedMin, begunMin, begun }: InTheEnd['hands']): EndRow {
  const besides =
    begun > 0
      ? `${durationOf(begunMin)} of it clocked, in ${counted(begun, 'task')}`
      : 'press “Begin” on Spray day and they are clocked';
  return { name: 'Hands', figure: durationOf(plannedMin), besides };
}

export function endRows(end: InTheEnd, currency: string, f: Format): EndRow[] {
  const said = (amount: number): string => f.money(amount, currency);
  const { used, again, leftWorth, kitShare, perM2 } = end;
  return [
    ...(used
      ? [
          {
            name: 'Paint used',
            figure: said(used.cost),
            besides: `${said(used.reckoned)} reckoned for the same paints`,
          },
        ]
      : []),
    {
      name: 'The same again, today',
      figure: said(again.total),
      besides: `paint ${said(again.paint)}, papers and cloths ${said(again.stuff)}${again.tax > 0 ? `, tax ${said(again.tax)}` : ''}`,
    },
    ...(kitShare > 0
      ? [{ name: 'Share of the kit', figure: said(kitShare), besides: 'over the jobs it is spread on' }]
      : []),
    {
      name: 'Left, and worth',
      figure: said(leftWorth),
      besides: 'what was bought and keeps; an activated can is dead',
    },
    ...(perM2 === null
      ? []
      : [{ name: 'A square metre', figure: said(perM2), besides: 'with its kit, less what is left' }]),
    handsRow(end.hands),
  ];
}
