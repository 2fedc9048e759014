'use client';
/** One layer in the list: product, coats, order, and the figures of its sheet with where they come from. */
import ButtonBase from '@mui/material/ButtonBase';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import type { SystemLayer } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { COLOURED } from '@/core/coating/tint';
import { KIND_NAMES } from '@/words/names';
import { over, paintOf, type Paint } from '../views/ink';
import { ProvenanceMark } from '../parts/mark';
import { ProductSelect } from '../parts/product-select';
import { useFormat } from '../theme/providers';
import { layerLine, sheetFigures } from '../views/build-up';

const MOST_COATS = 8;

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

export function LayerRow(props: LayerRowProps) {
  const f = useFormat();
  const { layer, index, product, products, jobHex, selected, onSelect, onChange } = props;
  const name = `${product.name}, layer ${index + 1}`;
  return (
    <div className="layer" data-selected={selected}>
      <ButtonBase
        className="pick"
        aria-pressed={selected}
        aria-label={`Show ${name} in the section`}
        onClick={onSelect}
      >
        <PaintChip paint={paintOf(product, layer.hex ?? jobHex)} />
      </ButtonBase>
      <div className="minw-0">
        <ProductSelect
          value={layer.productId}
          products={products}
          label={`Product of layer ${index + 1}`}
          onChange={(x) => onChange({ productId: x.id, role: x.role, coats: x.coats })}
        />
        <p className="small muted mt-4">
          {layerLine(product, layer.partIds.length, KIND_NAMES[product.kind])}
        </p>
      </div>
      <div className="row end jc-flex-end">
        <Coats name={name} coats={layer.coats} onChange={(coats) => onChange({ coats })} />
        <b className="num minw-58">{f.film(layer.coats * layer.filmUmPerCoat)}</b>
      </div>
      {selected && <LayerDetail {...props} />}
    </div>
  );
}

function PaintChip({ paint }: { paint: Paint }) {
  return (
    <svg width="40" height="40" aria-hidden="true">
      <rect width="40" height="40" fill={over(paint.fill, paint.alpha)} />
      <rect width="40" height="40" fill={`url(#${paint.texture})`} />
      <rect x=".5" y=".5" width="39" height="39" fill="none" stroke="var(--ink)" />
    </svg>
  );
}

interface CoatsProps {
  readonly name: string;
  readonly coats: number;
  readonly onChange: (coats: number) => void;
}

function Coats({ name, coats, onChange }: CoatsProps) {
  const square = { width: 32, height: 32, borderRadius: 0 };
  return (
    <div className="row gap-0 b-1px-solid-ink-3 br-5 bg-panel" role="group" aria-label={`Coats of ${name}`}>
      <IconButton
        size="small"
        aria-label="One coat less"
        disabled={coats <= 1}
        onClick={() => onChange(coats - 1)}
        sx={square}
      >
        −
      </IconButton>
      <b className="minw-58 ta-center fw600">
        {coats} {coats === 1 ? 'coat' : 'coats'}
      </b>
      <IconButton
        size="small"
        aria-label="One coat more"
        disabled={coats >= MOST_COATS}
        onClick={() => onChange(coats + 1)}
        sx={square}
      >
        +
      </IconButton>
    </div>
  );
}

function LayerDetail({ layer, index, count, product, jobHex, onChange, onMove, onRemove }: LayerRowProps) {
  const f = useFormat();
  return (
    <div className="col-1--1 is-grid gap-8">
      <dl className="is-flex wrap-wrap row-6 colgap-24">
        {sheetFigures(product, f).map((figure) => (
          <div key={figure.label}>
            <dt className="small muted">{figure.label}</dt>
            <dd className="fw600 ws-nowrap">
              {figure.text}
              <ProvenanceMark mark={figure.mark} />
            </dd>
          </div>
        ))}
      </dl>
      {COLOURED.has(product.kind) && (
        <LayerColour hex={layer.hex} jobHex={jobHex} onChange={(hex) => onChange({ hex })} />
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
  );
}

interface LayerColourProps {
  readonly hex: string | undefined;
  readonly jobHex: string;
  /** An empty colour is the job's again. */
  readonly onChange: (hex: string) => void;
}

function LayerColour({ hex, jobHex, onChange }: LayerColourProps) {
  return (
    <div className="row">
      <TextField
        size="small"
        type="color"
        label="Colour of this layer"
        value={hex ?? jobHex}
        onChange={(e) => onChange(e.target.value)}
        sx={{ width: 150 }}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      {hex ? (
        <Button size="small" onClick={() => onChange('')}>
          As the job
        </Button>
      ) : (
        <span className="small muted">as the job; a stripe or second tone has its own</span>
      )}
    </div>
  );
}
