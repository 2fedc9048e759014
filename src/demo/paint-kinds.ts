/**
 * One paint of every kind and chemistry that the rules speak of, with its effect: what the printed table of
 * pairs and the tests walk. The figures are those of a built-in product of the same kind.
 */
import { CATALOGUE } from '@/core/coating/catalogue';
import type { Product } from '@/model/product';

interface PaintKind {
  readonly name: string;
  readonly product: Product;
}

function like(id: string, name: string, over: Partial<Product> = {}): PaintKind {
  const product = CATALOGUE.find((p) => p.id === id)!;
  return { name, product: { ...product, id: name, name, ...over } };
}

const WATER = { chemistry: 'waterborne' } as const;
const NITRO = { chemistry: '1k-nitro' } as const;

export const PAINT_KINDS: readonly PaintKind[] = [
  like('tamsel-promoter', 'adhesion promoter'),
  like('skerry-wood-sealer', 'shellac wood sealer'),
  like('tamsel-etch', 'etch primer'),
  like('tamsel-epoxy', '2K epoxy primer'),
  like('tamsel-spray-filler', 'polyester spray filler'),
  like('tamsel-surfacer', '2K surfacer'),
  like('tamsel-filler', '1K filler primer'),
  like('tamsel-filler', 'nitro filler primer', NITRO),
  like('tamsel-filler', 'alkyd primer', { chemistry: '1k-alkyd' }),
  like('tamsel-filler', 'waterborne primer', WATER),
  like('orrin-sealer', '2K sealer'),
  like('orrin-base', 'solid base'),
  like('orrin-metallic', 'metallic base'),
  like('orrin-pearl', 'pearl base'),
  like('orrin-base', 'waterborne base', WATER),
  like('orrin-metallic', 'waterborne metallic base', WATER),
  like('orrin-candy', 'candy'),
  like('orrin-flake', 'flake'),
  like('orrin-flake', 'pearl mid-coat', { effect: 'pearl' }),
  like('orrin-flake', 'plain mid-coat', { effect: 'none' }),
  like('skerry-enamel', 'alkyd enamel'),
  like('skerry-enamel', 'lacquer colour', { chemistry: '1k-acrylic' }),
  like('skerry-enamel', 'nitro colour', NITRO),
  like('skerry-enamel', 'waterborne enamel', WATER),
  like('skerry-single', '2K single-stage'),
  like('skerry-heat', 'heat paint'),
  like('halden-2k-gloss', '2K clear'),
  like('halden-1k-gloss', '1K clear'),
  like('halden-1k-gloss', 'nitro clear', NITRO),
  like('halden-1k-gloss', 'alkyd varnish', { chemistry: '1k-alkyd' }),
  like('halden-1k-gloss', 'waterborne clear', WATER),
];
