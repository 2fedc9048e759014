'use client';
/** The figures of one sheet of one's own, put right by hand; each then counts as one's own. */
import { patchSheet } from '@/core/edits/choices';
import type { Product } from '@/model/product';
import { LABEL_FIELDS } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { NumberBox } from '../parts/number-box';
import { figuresOf } from '../views/sheets';
import { named, TextBox } from '../parts/text-box';

interface SheetEditorProps {
  readonly sheet: Product;
  /** its place in the job's own sheets, by which its faults are named */
  readonly index: number;
}

export function SheetEditor({ sheet, index }: SheetEditorProps) {
  const desk = useDesk();
  const change = (patch: Partial<Product>): void => desk.edit((j) => patchSheet(j, sheet.id, patch));
  const [pack, ...packs] = sheet.packs;
  return (
    <div className="row gap-12 mt-8">
      <TextBox
        label="Name"
        value={sheet.name}
        most={80}
        check={named(sheet.name)}
        onChange={(name) => change({ name })}
        sx={{ width: 200 }}
      />
      {figuresOf(sheet).map(({ field, unit, min, max }) => (
        <NumberBox
          key={field}
          label={LABEL_FIELDS[field] ?? field}
          unit={unit}
          width={156}
          min={min}
          max={max}
          step={unit === '0–1' ? 0.01 : 1}
          whole={field === 'coats'}
          value={sheet[field] as number}
          onChange={(v) => change({ [field]: v })}
          fault={desk.faultAt(`products[${index}].${field}`)}
        />
      ))}
      <NumberBox
        label="Price of a pack"
        unit={desk.job.budget.currency}
        width={150}
        min={0}
        max={100000}
        value={pack!.price}
        onChange={(price) => change({ packs: [{ ...pack!, price }, ...packs] })}
      />
    </div>
  );
}
