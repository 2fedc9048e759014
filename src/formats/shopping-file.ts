/** The shopping list as CSV and as plain text. */
import Papa from 'papaparse';
import { SHOPPING_GROUPS, type ShoppingGroup, type ShoppingLine, type ShoppingList } from '@/model/shopping';
import type { Format } from '@/words/format';
import { CAN_WAIT, countName, GROUP_NAMES, lineName, packName } from '@/words/shopping';

/** What a table program takes for a formula, also after spaces and in the full-width signs of other keyboards. */
const FORMULA = /^\s*[=+\-@\t\r＝＋－＠]/;

/** One row a line, header first; a cell that a table program would take for a formula is quoted as text. */
export function listCsv(list: ShoppingList, f: Format): string {
  const rows = [...list.lines]
    .sort((a, b) => SHOPPING_GROUPS.indexOf(a.group) - SHOPPING_GROUPS.indexOf(b.group))
    .map((shoppingLine) => ({
      group: GROUP_NAMES[shoppingLine.group],
      item: lineName(shoppingLine),
      count: shoppingLine.have ? 0 : shoppingLine.count,
      pack: packName(shoppingLine, f),
      each: shoppingLine.price.toFixed(2),
      total: shoppingLine.cost.toFixed(2),
      currency: list.currency,
      here: shoppingLine.have ? 'yes' : '',
      'can wait': shoppingLine.canWait ? 'yes' : '',
    }));
  return `${Papa.unparse(rows, { escapeFormulae: FORMULA, newline: '\r\n' })}\r\n`;
}

export function listText(list: ShoppingList, f: Format): string {
  const block = (title: string, lines: readonly ShoppingLine[]): string[] =>
    lines.length > 0 ? [title, ...lines.map(line), ''] : [];
  const line = (l: ShoppingLine): string =>
    `  [ ] ${countName(l, f).replace('×', 'x')}  ${lineName(l)}  ${f.money(l.cost, list.currency)}`;
  const lines = list.lines.filter((l) => !l.have);
  const now = (group: ShoppingGroup): ShoppingLine[] => lines.filter((l) => l.group === group && !l.canWait);
  const out = SHOPPING_GROUPS.flatMap((g) => block(GROUP_NAMES[g], now(g)));
  out.push(
    ...block(
      CAN_WAIT,
      lines.filter((l) => l.canWait),
    ),
  );
  if (list.tax > 0) out.push(`Tax ${list.taxPct} %: ${f.money(list.tax, list.currency)}`);
  out.push(`In all: ${f.money(list.total, list.currency)}`);
  return `${out.join('\n')}\n`;
}
