import { soakOf } from '@cobbet/core/prepare/pulseWork';
import type { Pulse } from '@cobbet/core/prepare/pulses';
import type { RawWay } from '@cobbet/core/prepare/rawWay';
import { methodOf } from '@cobbet/core/prepare/usualWay';
import { Choice } from '../rows/Choice';

/** How a dried pulse is soaked and cooked. */
export function PulseChoices({
  pulse,
  way,
  soaks,
  onSet,
}: {
  pulse: Pulse;
  way: RawWay;
  /** Whether soaking it makes sense at all. */
  soaks: boolean;
  onSet: (way: RawWay) => void;
}) {
  const method = methodOf(way);
  return (
    <>
      {soaks && (
        <Choice
          label="soak"
          value={soakOf(pulse, method)}
          options={[
            { value: 'overnight', name: 'overnight' },
            { value: 'hot', name: 'hot' },
            ...(pulse.mustSoak ? [] : [{ value: 'none' as const, name: 'none' }]),
          ]}
          why={
            pulse.mustSoak
              ? 'It must be soaked and the water thrown away: raw it is poisonous.'
              : 'Overnight is even and needs no heat; hot is ready the same day; unsoaked cooks longest.'
          }
          onChange={(soak) => onSet({ ...way, soak })}
        />
      )}
      <Choice
        label="soda"
        value={method.soda ? 'yes' : 'no'}
        options={[
          { value: 'yes', name: 'a little' },
          { value: 'no', name: 'none' },
        ]}
        why={pulse.soda}
        onChange={(soda) => onSet({ ...way, soda: soda === 'yes' })}
      />
      <Choice
        label="pot"
        value={method.pressure ? 'pressure' : 'open'}
        options={[
          { value: 'open', name: 'open pot' },
          { value: 'pressure', name: 'pressure' },
        ]}
        why="Pressure is quicker; an open pot lets you skim and test."
        onChange={(pot) => onSet({ ...way, pressure: pot === 'pressure' })}
      />
    </>
  );
}
