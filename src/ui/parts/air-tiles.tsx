'use client';
/** The air at the part as four tiles, each with its limit and a sign. */
import { useFormat } from '../theme/providers';
import type { AirNow } from '@/core/air/view';
import { airTiles, splitUnit, type AirTile, type Limits } from '../views/air';
import { GoSign, StopSign } from './icons';

export function AirTiles({ air, limits }: { air: AirNow; limits: Limits | undefined }) {
  const f = useFormat();
  return (
    <ul className="tiles" aria-label="The air at the part now">
      {airTiles(air, limits, f).map((t) => (
        <Tile key={t.name} tile={t} />
      ))}
    </ul>
  );
}

function Tile({ tile }: { tile: AirTile }) {
  const [figure, unit] = splitUnit(tile.text);
  return (
    <li>
      <b>
        {figure}
        <small>{unit}</small>
      </b>
      <span>{tile.name}</span>
      {tile.limit && (
        <span className="lim">
          {tile.limit}
          {tile.ok ? <GoSign size={16} /> : <StopSign size={21} />}
          <span className="sr">{tile.ok ? 'inside' : 'outside'}</span>
        </span>
      )}
    </li>
  );
}
