/** The invented workshop at Harbour Lane: one lean-to, four jobs at different stages and one that is done. */
import type { FreeHours, Job } from '@/model/job';
import type { Place } from '@/model/place';
import type { StockItem } from '@/model/stock';

export const DEMO_NOW = '2026-05-16T07:50';

export const HARBOUR_LANE: Place = {
  name: 'Harbour Lane lean-to',
  tz: 'Europe/London',
  lat: 53.42,
  lon: -3.08,
  elevationM: 12,
  shelter: 'lean-to',
  facing: 0,
  horizonDeg: [0, 0, 10, 20, 15, 0, 20, 10],
};

const evening: [string, string][] = [['17:00', '20:30']];
export const DEMO_HOURS: FreeHours = {
  weekly: {
    mon: evening,
    tue: evening,
    wed: [['13:00', '20:30']],
    thu: evening,
    fri: evening,
    sat: [['08:00', '20:00']],
    sun: [['09:00', '19:00']],
  },
  exceptions: [],
};

const common = {
  place: HARBOUR_LANE,
  placeId: 'lean-to',
  freeHours: DEMO_HOURS,
  risk: { rushSafe: 0.5 },
} as const;

export const DEMO_JOBS: readonly { id: string; job: Job }[] = [
  {
    id: 'tractor-bonnet',
    job: {
      ...common,
      name: 'Garden tractor bonnet and two mudguards',
      purpose: {
        grade: 'tidy',
        finish: 'gloss',
        colour: { name: 'Moss green', hex: '#55693A', kind: 'solid' },
        exposure: ['sun', 'fuel'],
      },
      equipment: { sprayer: 'aerosol', suppliedAir: true },
      parts: [
        {
          id: 'bonnet',
          name: 'Bonnet',
          lengthMm: 820,
          widthMm: 640,
          sides: 1,
          posture: 'flat',
          hiddenEdgePct: 18,
          substrate: 'steel',
          condition: 'failing-clear',
        },
        {
          id: 'guard-l',
          name: 'Left mudguard',
          lengthMm: 640,
          widthMm: 220,
          sides: 1,
          posture: 'sloped',
          hiddenEdgePct: 12,
          substrate: 'steel',
          condition: 'failing-clear',
        },
        {
          id: 'guard-r',
          name: 'Right mudguard',
          lengthMm: 640,
          widthMm: 220,
          sides: 1,
          posture: 'sloped',
          hiddenEdgePct: 12,
          substrate: 'steel',
          condition: 'failing-clear',
        },
      ],
      budget: { currency: 'GBP', amount: 200 },
      shelf: [{ productId: 'tamsel-filler', remainingMl: 400 }],
      state: {
        coats: [1, 2, 3].map((coat) => ({
          layerId: 'filler',
          coat,
          endedAt: `2026-05-15T18:${10 + coat * 14}`,
        })),
        activations: [],
      },
    },
  },
  {
    id: 'stand-mixer',
    job: {
      ...common,
      name: 'Stand-mixer shell',
      purpose: {
        grade: 'show',
        finish: 'gloss',
        colour: { name: 'Silver', hex: '#C9CED0', kind: 'metallic' },
        exposure: [],
      },
      equipment: { sprayer: 'aerosol', suppliedAir: true },
      parts: [
        {
          id: 'shell',
          name: 'Mixer shell',
          lengthMm: 520,
          widthMm: 400,
          sides: 1,
          posture: 'upright',
          hiddenEdgePct: 5,
          substrate: 'aluminium',
          condition: 'sound-paint',
        },
      ],
      budget: { currency: 'GBP', amount: 190 },
      state: {
        coats: [1, 2].map((coat) => ({
          layerId: 'filler',
          coat,
          endedAt: `2026-05-15T17:${20 + coat * 13}`,
        })),
        activations: [],
      },
    },
  },
  {
    id: 'cargo-bike',
    job: {
      ...common,
      name: 'Cargo-bike box panels',
      purpose: {
        grade: 'tidy',
        finish: 'satin',
        colour: { name: 'Petrol blue', hex: '#1E566B', kind: 'solid' },
        exposure: ['sun', 'stone-chips'],
      },
      equipment: { sprayer: 'aerosol', suppliedAir: false },
      parts: [
        {
          id: 'side-l',
          name: 'Left side',
          lengthMm: 620,
          widthMm: 300,
          sides: 1,
          posture: 'upright',
          hiddenEdgePct: 4,
          substrate: 'aluminium',
          condition: 'bare',
        },
        {
          id: 'side-r',
          name: 'Right side',
          lengthMm: 620,
          widthMm: 300,
          sides: 1,
          posture: 'upright',
          hiddenEdgePct: 4,
          substrate: 'aluminium',
          condition: 'bare',
        },
        {
          id: 'lid',
          name: 'Lid',
          lengthMm: 600,
          widthMm: 300,
          sides: 1,
          posture: 'flat',
          hiddenEdgePct: 6,
          substrate: 'aluminium',
          condition: 'bare',
        },
      ],
      budget: { currency: 'GBP', amount: 240 },
    },
  },
  {
    id: 'locker-lids',
    job: {
      ...common,
      name: 'Caravan locker lids',
      purpose: {
        grade: 'workhorse',
        finish: 'gloss',
        colour: { name: 'Shell white', hex: '#EDEAE0', kind: 'solid' },
        exposure: ['sun'],
      },
      equipment: { sprayer: 'aerosol', suppliedAir: false },
      parts: [
        {
          id: 'lid-1',
          name: 'Front lid',
          lengthMm: 900,
          widthMm: 400,
          sides: 1,
          posture: 'flat',
          hiddenEdgePct: 5,
          substrate: 'abs',
          condition: 'bare',
        },
        {
          id: 'lid-2',
          name: 'Rear lid',
          lengthMm: 800,
          widthMm: 400,
          sides: 1,
          posture: 'flat',
          hiddenEdgePct: 5,
          substrate: 'abs',
          condition: 'bare',
        },
      ],
      budget: { currency: 'GBP', amount: 210 },
    },
  },
];

const toolbox = (layerId: string, day: string, times: readonly string[]) =>
  times.map((t, i) => ({ layerId, coat: i + 1, endedAt: `2026-05-${day}T${t}` }));
/** A job that is closed, with what was used and how it came out. */
export const DEMO_FINISHED: readonly { id: string; job: Job }[] = [
  {
    id: 'toolbox-lid',
    job: {
      ...common,
      name: 'Toolbox lid',
      purpose: {
        grade: 'workhorse',
        finish: 'satin',
        colour: { name: 'Rust red', hex: '#8C3B2E', kind: 'solid' },
        exposure: [],
      },
      equipment: { sprayer: 'aerosol', suppliedAir: false },
      parts: [
        {
          id: 'lid',
          name: 'Lid',
          lengthMm: 560,
          widthMm: 240,
          sides: 1,
          posture: 'flat',
          hiddenEdgePct: 20,
          substrate: 'steel',
          condition: 'bare',
        },
      ],
      budget: { currency: 'GBP', amount: 120 },
      system: {
        layers: [
          { role: 'etch', productId: 'tamsel-etch', coats: 1 },
          { role: 'filler', productId: 'tamsel-filler', coats: 2 },
          { role: 'base', productId: 'orrin-base', coats: 3 },
          { role: 'clear', productId: 'halden-1k-satin', coats: 3 },
        ],
      },
      state: {
        coats: [
          ...toolbox('etch', '08', ['17:25']),
          ...toolbox('filler', '08', ['18:02', '18:20']),
          ...toolbox('base', '09', ['10:31', '10:46', '11:02']),
          ...toolbox('clear', '09', ['11:30', '11:47', '12:04']),
        ],
        activations: [],
      },
      log: {
        closedAt: '2026-05-10T16:30',
        note: 'Second base coat was dry at the far edge: closer next time. Lid on two blocks was easier than on the bench.',
        used: [
          { by: 'cans', productId: 'tamsel-etch', cans: 0.25 },
          { by: 'weight', productId: 'tamsel-filler', beforeG: 418, afterG: 204 },
          { by: 'weight', productId: 'orrin-base', beforeG: 421, afterG: 186 },
          { by: 'cans', productId: 'halden-1k-satin', cans: 0.75 },
        ],
        outcomes: [
          { layerId: 'etch', mark: 4 },
          { layerId: 'filler', mark: 4 },
          { layerId: 'base', mark: 2, remark: 'a dry stripe at the far edge' },
          { layerId: 'clear', mark: 3 },
        ],
      },
    },
  },
];

/** What stands on the shelf at Harbour Lane: some of it good, some of it not. */
export const DEMO_STOCK: readonly StockItem[] = [
  {
    id: 'shelf-filler',
    productId: 'tamsel-filler',
    part: 'base',
    name: 'Tamsel filler primer',
    batch: 'K-0412',
    sizeMl: 400,
    remainingMl: 240,
    openedOn: '2026-04-18',
    boughtOn: '2026-04-11',
  },
  {
    id: 'shelf-base',
    productId: 'orrin-base',
    part: 'base',
    name: 'Orrin base',
    colour: 'Shell white',
    sizeMl: 400,
    remainingMl: 150,
    openedOn: '2025-08-02',
    boughtOn: '2025-07-30',
    note: 'left from the shed sign',
  },
  {
    id: 'shelf-hardener',
    productId: 'tamsel-surfacer.hardener',
    part: 'hardener',
    name: 'Tamsel surfacer hardener',
    sizeMl: 250,
    remainingMl: 180,
    openedOn: '2026-03-10',
    boughtOn: '2026-02-20',
  },
  {
    id: 'shelf-etch',
    productId: 'tamsel-etch',
    part: 'base',
    name: 'Tamsel etch primer',
    batch: 'B-77',
    sizeMl: 400,
    remainingMl: 310,
    openedOn: '2023-06-04',
    boughtOn: '2023-05-28',
  },
  {
    id: 'shelf-degreaser',
    productId: 'degreaser',
    part: 'cleaner',
    name: 'Degreaser',
    sizeMl: 1000,
    remainingMl: 620,
    openedOn: '2026-01-15',
    boughtOn: '2026-01-15',
  },
];
