import { NumberField, Choice } from '../design';
import type { OvenUse } from '@hollow-moon/contract';
import { STANDINGS } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';

const STANDING_OPTIONS = STANDINGS.map((value) => ({ value, label: say(`standing.${value}`) }));

/** How it stands in the oven: into a hot one or not, on what, under and in what. */
export function StandingChoice({
  use: { entersAtC, standing, foil, wrapped },
  inBath,
  problem,
  onUse,
}: {
  readonly use: OvenUse;
  readonly inBath: boolean;
  /** What is wrong with the temperature it goes in at. */
  readonly problem: string | undefined;
  readonly onUse: (change: Partial<OvenUse>) => void;
}) {
  return (
    <>
      <Choice
        label={say('oven.when-it-goes-in')}
        value={entersAtC === null ? 'hot' : 'cold'}
        options={[
          { value: 'hot', label: say('oven.oven-is-hot') },
          { value: 'cold', label: say('oven.not-yet') },
        ]}
        onChange={(value) => onUse({ entersAtC: value === 'hot' ? null : 20 })}
      />
      {entersAtC === null ? null : (
        <NumberField
          unit="°C"
          label={say('oven.it-really-stands-at')}
          value={entersAtC}
          onChange={(value) => onUse({ entersAtC: value })}
          problem={problem}
          className="w-36"
          testID="enters-at"
        />
      )}
      <Choice
        label={say('oven.stands-on')}
        value={standing}
        options={STANDING_OPTIONS}
        onChange={(value) => onUse({ standing: value })}
      />
      <Choice
        label={say('oven.over-it')}
        value={foil ? 'foil' : 'open'}
        options={[
          { value: 'open', label: say('oven.nothing') },
          { value: 'foil', label: say('oven.foil-loosely') },
        ]}
        onChange={(value) => onUse({ foil: value === 'foil' })}
      />
      {inBath ? (
        <Choice
          label={say('oven.round-it-in-the-bath')}
          value={wrapped ? 'wrapped' : 'bare'}
          options={[
            { value: 'bare', label: say('oven.bare') },
            { value: 'wrapped', label: say('oven.bag-or-foil') },
          ]}
          onChange={(value) => onUse({ wrapped: value === 'wrapped' })}
        />
      ) : null}
    </>
  );
}
