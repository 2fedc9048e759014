'use client';
/** The fall of one paint: from the film that stays to what must be ready, each step on the one before. */
import type { Material } from '@/model/plan';
import { useNarrow } from '../shell/use-width-of-page';
import { useFormat } from '../theme/providers';
import { fallRows } from '../views/bars';
import { smallVolume } from '../views/materials';
import { fallInWords, fallSteps } from '../views/waterfall';
import { later } from '../parts/later';

const BarsChart = later(
  <div className="barswait" />,
  () => import('../parts/bars-chart').then((m) => m.default),
  { isHeavy: true },
);

export function Fall({ material, name }: { material: Material; name: string }) {
  const f = useFormat();
  const isNarrow = useNarrow();
  const text = (ml: number): string => smallVolume(ml, f);
  return (
    <figure role="img" aria-label={`${name}: ${fallInWords(fallSteps(material), text)}`}>
      <BarsChart rows={fallRows(material, text)} left={isNarrow ? 124 : 196} right={72} />
    </figure>
  );
}
