/** What hangs on the socket of a place: heater and compressor, each alone and together. */
import type { Job } from '@/model/job';
import type { Caution } from '@/model/plan';

/** Mains where the place says none, V. */
const USUAL_V = 230;
/** What a small compressor draws while it runs, kW. From memory. */
const COMPRESSOR_KW = 1.5;

const ampere = (kW: number, volts: number): number => Math.round((kW * 10_000) / volts) / 10;

/** A compressor, a sander or an electric heater is plugged in. */
export const usesMains = ({ place, equipment }: Job): boolean =>
  equipment.sprayer !== 'aerosol' || equipment.sander === true || place.heater?.kind === 'electric';

/** A heater that trips the fuse by itself, or beside the compressor; none where the fuse is not known. */
export function fuseTrips({ place, equipment }: Job): readonly Caution['params'][] {
  const { heater, fuseA, volts = USUAL_V } = place;
  if (fuseA === undefined) return [];
  const heaterA = heater?.kind === 'electric' ? ampere(heater.kW, volts) : 0;
  const compressorA = equipment.sprayer === 'aerosol' ? 0 : ampere(COMPRESSOR_KW, volts);
  const alone = [heaterA, compressorA].some((a) => a > fuseA);
  if (!alone && heaterA + compressorA <= fuseA) return [];
  return [{ heaterA, compressorA, fuseA, alone: Number(alone) }];
}
