import { type Forecast, type ForecastPlan, type Matters, type Unsure } from '@hollow-moon/core';
import { memo } from 'react';
import { View } from 'react-native';
import { Button, Figure, Fold, Labelled, NumberField, Read, Soft, useWords } from '../design';
import { say, minutes } from '@hollow-moon/words';
import { SPREAD_RUNS, useJob, type SpreadState } from '../jobs';
import { spanOfMinutes } from '../forecast/words';

const FIELDS: readonly (readonly [keyof Unsure, label: string, unit: string])[] = [
  ['ovenK', 'Oven ±', '°C'],
  ['startK', 'Filling ±', '°C'],
  ['depthMm', 'Depth ±', 'mm'],
  ['setK', 'Set ±', '°C'],
];

const tenth = (share: number): string => `${Math.round(share * 10)} in 10`;

/** "3 min sooner or 4 later": what one input's uncertainty does to the time. */
function effect({ upS, downS }: Matters): string {
  const [sooner, later] = upS < downS ? [upS, downS] : [downS, upS];
  const min = (seconds: number) =>
    (Math.abs(seconds) / 60).toFixed(Math.abs(seconds) < 570 ? 1 : 0);
  return `${min(sooner)} min sooner or ${min(later)} later`;
}

/** How far the window can be trusted: many runs with the inputs off by as much as they are known to be. */
export const SureFold = memo(function SureFold({
  forecast,
  plan,
  unsure,
  onUnsure,
  state,
  ready,
}: {
  readonly forecast: Forecast;
  readonly plan: ForecastPlan;
  readonly unsure: Unsure;
  readonly onUnsure: (unsure: Unsure) => void;
  readonly state: SpreadState;
  /** Whether the forecast is the full answer to the plan: only such a one is run. */
  readonly ready: boolean;
}) {
  const { degrees } = useWords();
  const { spread, progress, begin, cancel } = state;
  const asked = spread !== undefined;
  const matters = useJob('matters', asked ? { plan, unsure, pullS: forecast.pullS } : undefined);
  const readable = Object.values(unsure).every((value) => Number.isFinite(value) && value >= 0);
  const spreadSays = spread?.bestS
    ? `${spanOfMinutes(spread.bestS[0], spread.bestS[2])} min in 8 bakes of 10`
    : spread
      ? 'hardly ever a window'
      : `not worked out yet: ${SPREAD_RUNS} runs`;
  return (
    <Fold title="How sure is it?" summary={spreadSays} testID="how-sure">
      {() => (
        <>
          <Read>
            Ovens, fillings and levels are never quite what they are taken to be. Say by how much
            they may be off, and the bake is run {String(SPREAD_RUNS)} times.
          </Read>
          <View className="flex-row flex-wrap gap-2">
            {FIELDS.map(([name, label, unit]) => (
              <NumberField
                key={name}
                label={label}
                unit={unit}
                value={unsure[name]}
                onChange={(value) => onUnsure({ ...unsure, [name]: value })}
                problem={unsure[name] < 0 ? 'Not less than none.' : undefined}
                className="w-28"
                testID={`unsure-${name}`}
              />
            ))}
          </View>
          {progress === undefined ? (
            <View className="self-start">
              <Button
                label={spread ? 'Run them again' : `Run it ${SPREAD_RUNS} times`}
                weight={spread ? 'plain' : 'main'}
                disabled={!readable || !ready}
                onPress={begin}
                testID="run-spread"
              />
            </View>
          ) : (
            <View role="status" className="flex-row items-center justify-between">
              <Soft>{`${Math.round(progress * SPREAD_RUNS)} of ${SPREAD_RUNS} bakes run`}</Soft>
              <Button label="Stop" weight="quiet" onPress={cancel} />
            </View>
          )}
          {spread ? (
            <View className="gap-2" testID="spread">
              {spread.bestS && spread.safest ? (
                <>
                  <View className="flex-row flex-wrap gap-x-6 gap-y-2">
                    <Labelled label="Best pull, 8 bakes in 10">
                      <Figure
                        value={spanOfMinutes(spread.bestS[0], spread.bestS[2])}
                        unit="min"
                        size="title"
                        testID="spread-best"
                      />
                    </Labelled>
                    <Labelled label="Look first at">
                      <Figure
                        value={minutes(spread.earliestS![0])}
                        unit="min"
                        size="title"
                        testID="spread-first"
                      />
                    </Labelled>
                  </View>
                  <Read>
                    {`By the clock alone ${minutes(spread.safest.timeS)} min is safest, and comes out in ${tenth(spread.safest.share)}. The wobble knows better: begin to look at ${minutes(spread.earliestS![0])} min.`}
                  </Read>
                </>
              ) : (
                <Read>Hardly any of the runs has a window: change the plan first.</Read>
              )}
              {spread.withWindow < spread.runs ? (
                <Soft>{`In ${spread.runs - spread.withWindow} of ${spread.runs} there is no window at all.`}</Soft>
              ) : null}
            </View>
          ) : null}
          {asked && matters.answer && matters.answer.length > 0 ? (
            <View className="gap-1" testID="matters">
              <Soft>What the time hangs on, most first:</Soft>
              <View role="list" className="gap-1">
                {matters.answer.map((each) => (
                  <View
                    key={each.input}
                    role="listitem"
                    className="flex-row flex-wrap items-baseline justify-between gap-x-3 border-t border-line pt-1"
                  >
                    <Read>{say(`unsure.${each.input}`)}</Read>
                    <Read className="font-figures">{effect(each)}</Read>
                  </View>
                ))}
              </View>
            </View>
          ) : null}
          {spread ? (
            <Soft>
              {`The grey band in the curves is the middle of the filling in 8 bakes of 10, pulled at ${minutes(forecast.pullS)} min (${degrees(forecast.setC)} sets).`}
            </Soft>
          ) : null}
        </>
      )}
    </Fold>
  );
});
