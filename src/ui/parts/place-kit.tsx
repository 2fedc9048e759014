'use client';
/** What a place has and what troubles it: heater, fan, lamp, socket, dust, insects, what hides the sun. */
import { usualHeater } from '@/core/air/presets';
import { SHELTER_CARDS } from '@/core/air/shelter';
import { patched, withHeater, withHorizon, type PlacePatch } from '@/core/edits/place';
import { COMPASS, HEATERS } from '@/model/lists';
import type { Heater } from '@/model/place';
import { HEATER_NAMES } from '@/words/place-names';
import { ListChoice } from './list-choice';
import { MeasureBox } from './measure-box';
import { NumberBox } from './number-box';
import { Usual, type PlaceFieldsProps } from './place-fields';
import { Tick } from './tick';
import { TempBox } from './weather-box';

/** Heater of a place with walls: for the cure, never while it is sprayed. */
export function PlaceHeater({ place, onEdit, faultAt }: PlaceFieldsProps) {
  const { heater } = place;
  if (!SHELTER_CARDS[place.shelter].building) return null;
  return (
    <span className="row gap-6">
      <Tick isOn={heater !== undefined} onChange={(on) => onEdit(withHeater(on))}>
        a heater, for the cure
      </Tick>
      {heater && <HeaterFields heater={heater} onEdit={onEdit} faultAt={faultAt} />}
    </span>
  );
}

interface HeaterFieldsProps extends Pick<PlaceFieldsProps, 'onEdit' | 'faultAt'> {
  readonly heater: Heater;
}

function HeaterFields({ heater, onEdit, faultAt }: HeaterFieldsProps) {
  const usual = usualHeater();
  const set = (patch: Partial<Heater>): void => onEdit(patched({ heater: { ...heater, ...patch } }));
  return (
    <>
      <ListChoice
        label="Kind"
        value={heater.kind}
        options={HEATERS}
        names={HEATER_NAMES}
        width={190}
        onChange={(kind) => set({ kind })}
      />
      <Usual isUsual={heater.kW === usual.kW}>
        <NumberBox
          label="Power"
          unit="kW"
          value={heater.kW}
          min={0.1}
          max={100}
          step={0.1}
          width={104}
          onChange={(kW) => set({ kW })}
          fault={faultAt('heater.kW')}
        />
      </Usual>
      <Usual isUsual={heater.setC === usual.setC}>
        <TempBox
          label="Holds"
          value={heater.setC}
          min={5}
          max={60}
          width={104}
          onChange={(setC) => set({ setC })}
          fault={faultAt('heater.setC')}
        />
      </Usual>
      <NumberBox
        label="A kWh costs"
        value={heater.perKWh ?? null}
        min={0}
        max={100}
        step={0.01}
        width={116}
        onChange={(perKWh) => set({ perKWh })}
        fault={faultAt('heater.perKWh')}
      />
    </>
  );
}

/** Light and what troubles it. */
function PlaceTicks({ place, onEdit }: Pick<PlaceFieldsProps, 'place' | 'onEdit'>) {
  const set = (patch: PlacePatch): void => onEdit(patched(patch));
  return (
    <>
      <Tick isOn={place.lamp === true} onChange={(on) => set({ lamp: on || undefined })}>
        a lamp, to spray after dark
      </Tick>
      <Tick isOn={place.dusty === true} onChange={(on) => set({ dusty: on || undefined })}>
        a dusty floor
      </Tick>
      <Tick isOn={place.paintHere === true} onChange={(on) => set({ paintHere: on || undefined })}>
        cans and tins stand there
      </Tick>
      <Tick isOn={place.insects === true} onChange={(on) => set({ insects: on || undefined })}>
        insects at dusk
      </Tick>
    </>
  );
}

/** How much can stand there to dry. */
function PlaceRack({ place, onEdit, faultAt }: PlaceFieldsProps) {
  return (
    <MeasureBox
      kind="area"
      label="Rack holds"
      value={place.rackM2 ?? null}
      min={0.05}
      max={500}
      width={132}
      onChange={(rackM2) => onEdit(patched({ rackM2 }))}
      fault={faultAt('rackM2')}
    />
  );
}

/** What was learned here, stricter than any sheet. */
function OwnLimits({ place, onEdit, faultAt }: PlaceFieldsProps) {
  return (
    <>
      <NumberBox
        label="Wind here at most"
        unit="m/s"
        value={place.windMaxMs ?? null}
        min={0.3}
        max={10}
        step={0.1}
        width={150}
        onChange={(windMaxMs) => onEdit(patched({ windMaxMs: windMaxMs || undefined }))}
        fault={faultAt('windMaxMs')}
      />
      <NumberBox
        label="Over the dew point at least"
        unit="K"
        value={place.gapMinK ?? null}
        min={0}
        max={15}
        step={0.5}
        width={196}
        onChange={(gapMinK) => onEdit(patched({ gapMinK: gapMinK || undefined }))}
        fault={faultAt('gapMinK')}
      />
    </>
  );
}

export function PlaceKit({ place, onEdit, faultAt }: PlaceFieldsProps) {
  const set = (patch: PlacePatch): void => onEdit(patched(patch));
  const { roofed } = SHELTER_CARDS[place.shelter];
  return (
    <>
      <PlaceTicks place={place} onEdit={onEdit} />
      {roofed && (
        <NumberBox
          label="Fan takes out"
          unit="m³/h"
          value={place.extractM3h ?? null}
          min={0}
          max={50_000}
          step={50}
          width={140}
          onChange={(extractM3h) => set({ extractM3h: extractM3h || undefined })}
          fault={faultAt('extractM3h')}
        />
      )}
      <OwnLimits place={place} onEdit={onEdit} faultAt={faultAt} />
      <PlaceRack place={place} onEdit={onEdit} faultAt={faultAt} />
      <NumberBox
        label="Socket fused at"
        unit="A"
        value={place.fuseA ?? null}
        min={1}
        max={125}
        width={132}
        onChange={(fuseA) => set({ fuseA })}
        fault={faultAt('fuseA')}
      />
      <Usual isUsual={place.volts === undefined}>
        <NumberBox
          label="Mains"
          unit="V"
          value={place.volts ?? 230}
          min={90}
          max={480}
          width={104}
          onChange={(volts) => set({ volts })}
          fault={faultAt('volts')}
        />
      </Usual>
      <NumberBox
        label="Height above the sea"
        unit="m"
        value={place.elevationM ?? null}
        min={-430}
        max={6000}
        width={172}
        onChange={(elevationM) => set({ elevationM })}
        fault={faultAt('elevationM')}
      />
    </>
  );
}

/** How high houses and trees stand to the eight sides: a fist at arm's length is ten degrees. */
export function PlaceHorizon({ place, onEdit }: PlaceFieldsProps) {
  return (
    <div>
      <p className="cap mb-8">
        How high houses and trees stand, seen from the part, to each side. A fist at arm’s length is about
        10°.
      </p>
      <div className="row gap-8">
        {COMPASS.map((side, i) => (
          <NumberBox
            key={side}
            label={side}
            unit="°"
            value={place.horizonDeg?.[i] ?? 0}
            min={0}
            max={85}
            step={5}
            width={84}
            digits={0}
            onChange={(deg) => onEdit(withHorizon(i, deg))}
          />
        ))}
      </div>
    </div>
  );
}
