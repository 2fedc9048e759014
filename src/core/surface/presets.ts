/** Common parts to start from: typical sizes from memory, every one to be corrected with a tape. */
import type { Part } from '@/model/job';

export interface PartPreset {
  readonly id: string;
  readonly name: string;
  readonly part: Pick<Part, 'lengthMm' | 'widthMm' | 'sides' | 'posture' | 'hiddenEdgePct' | 'substrate'> &
    Partial<Pick<Part, 'shape' | 'count'>>;
}

const of = (
  id: string,
  name: string,
  [lengthMm, widthMm]: readonly [number, number],
  over: Partial<PartPreset['part']> = {},
): PartPreset => ({
  id,
  name,
  part: { lengthMm, widthMm, sides: 1, posture: 'flat', hiddenEdgePct: 8, substrate: 'steel', ...over },
});

export const PART_PRESETS: readonly PartPreset[] = [
  of('bonnet', 'Car bonnet', [1400, 1100], { shape: { kind: 'curved', riseMm: 70 }, hiddenEdgePct: 10 }),
  of('wing', 'Car wing', [1100, 600], {
    shape: { kind: 'curved', riseMm: 90 },
    posture: 'upright',
    hiddenEdgePct: 12,
  }),
  of('door', 'Car door, outside', [1050, 700], {
    shape: { kind: 'curved', riseMm: 40 },
    posture: 'upright',
    hiddenEdgePct: 12,
  }),
  of('bumper', 'Bumper cover', [1700, 450], {
    shape: { kind: 'curved', riseMm: 120 },
    posture: 'upright',
    hiddenEdgePct: 10,
    substrate: 'pp',
  }),
  of('mirrors', 'Mirror shells, pair', [240, 150], {
    shape: { kind: 'ellipsoid', heightMm: 140, share: 0.5 },
    posture: 'upright',
    count: 2,
    hiddenEdgePct: 10,
    substrate: 'abs',
  }),
  of('tank', 'Motorcycle tank', [560, 300], {
    shape: { kind: 'ellipsoid', heightMm: 240, share: 0.8 },
    posture: 'sloped',
    hiddenEdgePct: 5,
  }),
  of('side-covers', 'Side covers, pair', [320, 220], {
    shape: { kind: 'curved', riseMm: 40 },
    posture: 'upright',
    count: 2,
    substrate: 'abs',
  }),
  of('fairing', 'Fairing half', [700, 450], {
    shape: { kind: 'curved', riseMm: 110 },
    posture: 'upright',
    hiddenEdgePct: 10,
    substrate: 'fibreglass',
  }),
  of('mudguard', 'Mudguard', [640, 220], {
    shape: { kind: 'curved', riseMm: 60 },
    posture: 'sloped',
    hiddenEdgePct: 12,
  }),
  of('frame', 'Bicycle frame', [1000, 600], {
    shape: {
      kind: 'frame',
      tubes: [
        { lengthMm: 560, diameterMm: 32, count: 2 },
        { lengthMm: 540, diameterMm: 35, count: 1 },
        { lengthMm: 120, diameterMm: 36, count: 1 },
        { lengthMm: 520, diameterMm: 16, count: 2 },
        { lengthMm: 420, diameterMm: 19, count: 2 },
      ],
    },
    posture: 'upright',
    hiddenEdgePct: 5,
  }),
  of('wheel', 'Wheel, face', [400, 400], {
    shape: { kind: 'tube', diameterMm: 400, ends: 1 },
    posture: 'flat',
    count: 4,
    hiddenEdgePct: 25,
    substrate: 'aluminium',
  }),
  of('toolbox', 'Toolbox, outside', [520, 240], {
    shape: { kind: 'box', heightMm: 220, faces: ['top', 'front', 'back', 'left', 'right'] },
  }),
  of('case', 'Small case or cabinet', [420, 320], {
    shape: { kind: 'box', heightMm: 160, faces: ['top', 'front', 'back', 'left', 'right'] },
    substrate: 'wood',
  }),
  of('bucket', 'Bucket or lampshade', [300, 300], {
    shape: { kind: 'cone', topMm: 300, bottomMm: 220, heightMm: 280, ends: 'none' },
  }),
  of('panel', 'Instrument panel', [480, 220], {
    posture: 'sloped',
    hiddenEdgePct: 6,
    substrate: 'aluminium',
  }),
  of('lid', 'Locker lid', [900, 400], { hiddenEdgePct: 5, substrate: 'abs' }),
];
