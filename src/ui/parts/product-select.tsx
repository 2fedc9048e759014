'use client';
/** A product chosen by its kind. */
import ListSubheader from '@mui/material/ListSubheader';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import type { Product } from '@/model/product';
import { KIND_NAMES } from '@/words/names';

export interface ProductSelectProps {
  readonly value: string;
  readonly products: readonly Product[];
  readonly label: string;
  readonly onChange: (p: Product) => void;
}

export function ProductSelect({ value, products, label, onChange }: ProductSelectProps) {
  const kinds = [...new Set(products.map((p) => p.kind))];
  const known = products.some((p) => p.id === value);
  const choose = (id: string): void => {
    const p = products.find((x) => x.id === id);
    if (p) onChange(p);
  };
  const nameOf = (id: string): string => products.find((p) => p.id === id)?.name ?? (id === '' ? label : id);
  return (
    <Select
      size="small"
      value={known ? value : ''}
      displayEmpty
      aria-label={label}
      onChange={(e) => choose(e.target.value)}
      sx={{ maxWidth: '100%' }}
      renderValue={nameOf}
    >
      {kinds.flatMap((k) => [
        <ListSubheader key={k} sx={{ lineHeight: '30px' }}>
          {KIND_NAMES[k]}
        </ListSubheader>,
        ...products
          .filter((p) => p.kind === k)
          .map((p) => (
            <MenuItem key={p.id} value={p.id}>
              {p.name}
            </MenuItem>
          )),
      ])}
    </Select>
  );
}
