'use client';
/** One layer in the list: product, coats, order, and the figures of its sheet with where they come from. */
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import ListSubheader from '@mui/material/ListSubheader';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import TextField from '@mui/material/TextField';
import type { Mark } from '@/model/marks';
import type { SystemLayer } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf } from '@/words/format';
import { COLOURED } from '@/core/coating/tint';
import { KIND_NAMES } from '@/words/names';
import { over, paintOf } from '../drawings/ink';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';

export function ProductSelect({
  value,
  products,
  label,
  onChange,
}: {
  value: string;
  products: readonly Product[];
  label: string;
  onChange: (p: Product) => void;
}) {
  const kinds = [...new Set(products.map((p) => p.kind))];
  const known = products.some((p) => p.id === value);
  return (
    <Select
      size="small"
      value={known || value === '' ? value : ''}
      displayEmpty
      aria-label={label}
      onChange={(e) => {
        const p = products.find((x) => x.id === e.target.value);
        if (p) onChange(p);
      }}
      sx={{ maxWidth: '100%' }}
      renderValue={(v) => products.find((p) => p.id === v)?.name ?? (v === '' ? label : v)}
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

const markOf = (p: Product, field: string): Mark => p.provenance.byField?.[field] ?? p.provenance.rest;

function Figure({ label, text, mark }: { label: string; text: string; mark: Mark }) {
  return (
    <div>
      <dt className="small muted">{label}</dt>
      <dd style={{ fontWeight: 600, whiteSpace: 'nowrap' }}>
        {text}
        <ProvenanceMark mark={mark} />
      </dd>
    </div>
  );
}

export interface LayerRowProps {
  readonly layer: PlanLayer;
  readonly index: number;
  readonly count: number;
  readonly product: Product;
  readonly products: readonly Product[];
  readonly jobHex: string;
  readonly selected: boolean;
  readonly onSelect: () => void;
  readonly onChange: (patch: Partial<SystemLayer>) => void;
  readonly onMove: (by: 1 | -1) => void;
  readonly onRemove: () => void;
}

export function LayerRow({
  layer,
  index,
  count,
  product: p,
  products,
  jobHex,
  selected,
  onSelect,
  onChange,
  onMove,
  onRemove,
}: LayerRowProps) {
  const f = useFormat();
  const paint = paintOf(p, layer.hex ?? jobHex);
  const name = `${p.name}, layer ${index + 1}`;
  return (
    <div className="layer" data-selected={selected}>
      <button
        type="button"
        className="pick"
        aria-pressed={selected}
        aria-label={`Show ${name} in the section`}
        onClick={onSelect}
      >
        <svg width="40" height="40" aria-hidden="true">
          <rect width="40" height="40" fill={over(paint.fill, paint.alpha)} />
          <rect width="40" height="40" fill={`url(#${paint.texture})`} />
          <rect x=".5" y=".5" width="39" height="39" fill="none" stroke="var(--ink)" />
        </svg>
      </button>
      <div style={{ minWidth: 0 }}>
        <ProductSelect
          value={layer.productId}
          products={products}
          label={`Product of layer ${index + 1}`}
          onChange={(x) => onChange({ productId: x.id, role: x.role, coats: x.coats })}
        />
        <p className="small muted" style={{ marginTop: 3 }}>
          {KIND_NAMES[p.kind]}, {p.carrier}
          {p.isocyanate ? ', isocyanate' : ''}
          {layer.partIds.length === 1 ? ', one part only' : ''}
        </p>
      </div>
      <div className="row end" style={{ justifyContent: 'flex-end' }}>
        <div
          className="row"
          role="group"
          aria-label={`Coats of ${name}`}
          style={{ gap: 0, border: '1px solid var(--ink-3)', borderRadius: 5, background: 'var(--panel)' }}
        >
          <IconButton
            size="small"
            aria-label="One coat less"
            disabled={layer.coats <= 1}
            onClick={() => onChange({ coats: layer.coats - 1 })}
            sx={{ width: 32, height: 32, borderRadius: 0 }}
          >
            −
          </IconButton>
          <b style={{ minWidth: 58, textAlign: 'center', fontWeight: 600 }}>
            {layer.coats} {layer.coats === 1 ? 'coat' : 'coats'}
          </b>
          <IconButton
            size="small"
            aria-label="One coat more"
            disabled={layer.coats >= 8}
            onClick={() => onChange({ coats: layer.coats + 1 })}
            sx={{ width: 32, height: 32, borderRadius: 0 }}
          >
            +
          </IconButton>
        </div>
        <b className="num" style={{ minWidth: 58 }}>
          {f.film(layer.coats * layer.filmUmPerCoat)}
        </b>
      </div>
      {selected && (
        <div style={{ gridColumn: '1 / -1', display: 'grid', gap: 8 }}>
          <dl style={{ display: 'flex', flexWrap: 'wrap', gap: '6px 22px' }}>
            <Figure label="Film a coat" text={f.film(p.filmUmPerCoat)} mark={markOf(p, 'filmUmPerCoat')} />
            <Figure
              label="Solids"
              text={`${(p.solidsFrac * 100).toFixed(1).replace('.0', '')} %`}
              mark={markOf(p, 'solidsFrac')}
            />
            <Figure
              label={`Flash at ${f.temp(p.refTempC)}`}
              text={durationOf(p.flashMin)}
              mark={markOf(p, 'flashMin')}
            />
            <Figure label="Handle" text={durationOf(p.handleMin)} mark={markOf(p, 'handleMin')} />
            {p.sandMin !== undefined && (
              <Figure label="Sand" text={durationOf(p.sandMin)} mark={markOf(p, 'sandMin')} />
            )}
            {p.potLifeMin !== undefined && (
              <Figure label="Pot life" text={durationOf(p.potLifeMin)} mark={markOf(p, 'potLifeMin')} />
            )}
            <Figure
              label="Panel"
              text={`${f.temp(p.tempMinC)} to ${f.temp(p.tempMaxC)}`}
              mark={markOf(p, 'tempMinC')}
            />
            <Figure label="Dew gap" text={`${f.gap(p.dewGapMinK)} or more`} mark={markOf(p, 'dewGapMinK')} />
            <Figure label="Humidity" text={`to ${f.pct(p.rhMaxFrac)}`} mark={markOf(p, 'rhMaxFrac')} />
            <Figure label="Wind" text={`to ${f.speed(p.windMaxMs)}`} mark={markOf(p, 'windMaxMs')} />
          </dl>
          {COLOURED.has(p.kind) && (
            <div className="row">
              <TextField
                size="small"
                type="color"
                label="Colour of this layer"
                value={layer.hex ?? jobHex}
                onChange={(e) => onChange({ hex: e.target.value })}
                sx={{ width: 150 }}
                slotProps={{ inputLabel: { shrink: true } }}
              />
              {layer.hex ? (
                <Button size="small" onClick={() => onChange({ hex: '' })}>
                  As the job
                </Button>
              ) : (
                <span className="small muted">as the job; a stripe or second tone has its own</span>
              )}
            </div>
          )}
          <div className="row">
            <Button size="small" variant="outlined" disabled={index === count - 1} onClick={() => onMove(1)}>
              Move up
            </Button>
            <Button size="small" variant="outlined" disabled={index === 0} onClick={() => onMove(-1)}>
              Move down
            </Button>
            <Button size="small" disabled={count === 1} onClick={onRemove} sx={{ color: 'var(--oxide-ink)' }}>
              Take this layer out
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}
