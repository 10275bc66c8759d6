import type { FormulaData } from '@hollow-moon/contract';
import {
  bathSize,
  insideOf,
  type BathForecast,
  type Problem,
  type Vessel,
} from '@hollow-moon/core';
import { memo } from 'react';
import { View } from 'react-native';
import { Choice, Notice, NumberField, Range, Soft, useWords } from '../design';
import { say, minutes, withUnit } from '@hollow-moon/words';

/** A kettle, ml. Common practice: 1.7 l, filled to 1.5. */
const KETTLE_ML = 1500;

const litres = (ml: number): string =>
  `${(Math.round(ml / 50) * 0.05).toFixed(2).replace(/0$/, '')} l`;

type Bath = NonNullable<FormulaData['bath']>;

/** The pan, how far the water comes up, and how hot it is poured. */
function BathFields({
  bath,
  problem,
  onBath,
}: {
  readonly bath: Bath;
  readonly problem: Problem | undefined;
  readonly onBath: (bath: Bath) => void;
}) {
  const { degrees, unit, tell } = useWords();
  const set = (change: Partial<Bath>) => onBath({ ...bath, ...change });
  const at = (path: string) => (problem?.path === `bath.${path}` ? tell(problem) : undefined);
  return (
    <>
      <View className="flex-row flex-wrap gap-3">
        <NumberField
          label={say('oven.pan-long')}
          unit="cm"
          value={bath.panLengthMm / 10}
          onChange={(cm) => set({ panLengthMm: cm * 10 })}
          problem={at('panLengthMm')}
          className="w-28"
          testID="pan-length"
        />
        <NumberField
          label={say('oven.and-broad')}
          unit="cm"
          value={bath.panBreadthMm / 10}
          onChange={(cm) => set({ panBreadthMm: cm * 10 })}
          className="w-28"
          testID="pan-breadth"
        />
        <NumberField
          label={say('oven.water-comes-up')}
          unit="mm"
          value={bath.levelMm}
          onChange={(levelMm) => set({ levelMm })}
          problem={at('levelMm')}
          className="w-32"
          testID="bath-level"
        />
      </View>
      <Range
        label={say('oven.water-poured-at')}
        testID="water-slider"
        value={bath.waterC}
        least={10}
        most={100}
        step={1}
        shown={degrees(bath.waterC)}
        unit={unit}
        onChange={(waterC) => set({ waterC })}
      />
    </>
  );
}

/** How much water that is, and what becomes of it. */
function BathOutcome({
  bath,
  vessel,
  vesselCount,
  foreseen,
}: {
  readonly bath: Bath;
  readonly vessel: Vessel | undefined;
  readonly vesselCount: number;
  readonly foreseen: BathForecast | undefined;
}) {
  const { degrees, unit, units, quantity } = useWords();
  const water = (ml: number) =>
    units.weights === 'cups' ? quantity({ millilitres: ml }) : litres(ml);
  const size = vessel ? bathSize({ ...bath, vessels: vesselCount }, vessel) : undefined;
  return (
    <>
      {size?.ok ? (
        <Soft testID="bath-water">
          {say('oven.takes-of-water', {
            litres: water(size.value.waterMl),
            kettles: Math.ceil(size.value.waterMl / KETTLE_ML),
            more2:
              foreseen && foreseen.driesAtS === undefined
                ? ` ${say('oven.at-the-pull-it-is-at', { atPullC: withUnit(degrees(foreseen.atPullC), unit), litres: water(foreseen.leftMl) })}`
                : '',
          })}
        </Soft>
      ) : null}
      {foreseen?.simmersAtS === undefined ? null : (
        <Notice kind="danger" testID="bath-simmers">
          {say('oven.lower-the-oven-or-pour-cooler', {
            simmersAtS: minutes(foreseen.simmersAtS),
          })}
        </Notice>
      )}
      {foreseen?.driesAtS === undefined ? null : (
        <Notice kind="danger" testID="bath-dries">
          {say('oven.pour-more-or-top-it-up', { driesAtS: minutes(foreseen.driesAtS) })}
        </Notice>
      )}
    </>
  );
}

/** Whether the vessels stand in water, how much of it, and what becomes of it. */
export const BathChoice = memo(function BathChoice({
  bath,
  vessel,
  vesselCount,
  foreseen,
  problem,
  onBath,
}: {
  readonly bath: FormulaData['bath'];
  readonly vessel: Vessel | undefined;
  readonly vesselCount: number;
  /** What the forecast says of it. */
  readonly foreseen: BathForecast | undefined;
  readonly problem: Problem | undefined;
  readonly onBath: (bath: FormulaData['bath']) => void;
}) {
  const begin = () =>
    onBath({
      panLengthMm: 380,
      panBreadthMm: 280,
      // Half-way up: common practice.
      levelMm: vessel ? Math.round(insideOf(vessel).heightMm / 2) : 20,
      waterC: 90,
    });
  return (
    <>
      <Choice
        label={say('oven.round-the-vessels')}
        value={bath ? 'bath' : 'dry'}
        onChange={(value) => (value === 'bath' ? begin() : onBath(null))}
        options={[
          { value: 'dry', label: say('oven.dry-oven') },
          { value: 'bath', label: say('oven.water-bath') },
        ]}
      />
      {bath ? (
        <>
          <BathFields bath={bath} problem={problem} onBath={onBath} />
          <BathOutcome bath={bath} vessel={vessel} vesselCount={vesselCount} foreseen={foreseen} />
        </>
      ) : null}
    </>
  );
});
