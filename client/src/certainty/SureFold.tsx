import {
  type Forecast,
  type ForecastPlan,
  type Matters,
  type Spread,
  type Unsure,
} from '@hollow-moon/core';
import { memo } from 'react';
import { View } from 'react-native';
import { Button, Figure, Fold, Labelled, NumberField, Read, Soft, useWords } from '../design';
import { minutes, say, spanOfMinutes } from '@hollow-moon/words';
import { SPREAD_RUNS, useJob, type SpreadState } from '../jobs';

const FIELDS: readonly (readonly [keyof Unsure, label: string])[] = [
  ['ovenK', say('certainty.oven')],
  ['startK', say('certainty.filling')],
  ['depthMm', say('certainty.depth')],
  ['setK', say('certainty.set')],
];

const tenth = (share: number): string => say('certainty.in-10', { share: Math.round(share * 10) });

/** "3 min sooner or 4 later": what one input's uncertainty does to the time. */
function effect({ upS, downS }: Matters): string {
  const [sooner, later] = upS < downS ? [upS, downS] : [downS, upS];
  const min = (seconds: number) =>
    (Math.abs(seconds) / 60).toFixed(Math.abs(seconds) < 570 ? 1 : 0);
  return say('certainty.min-sooner-or-later', { min: min(sooner), min2: min(later) });
}

/** By how much the cook's inputs may be off. */
function UnsureFields({
  unsure,
  onUnsure,
}: {
  readonly unsure: Unsure;
  readonly onUnsure: (unsure: Unsure) => void;
}) {
  return (
    <View className="flex-row flex-wrap gap-2">
      {FIELDS.map(([name, label]) => {
        const field = {
          label,
          value: unsure[name],
          onChange: (value: number) => onUnsure({ ...unsure, [name]: value }),
          problem: unsure[name] < 0 ? say('certainty.not-less-than-none') : undefined,
          className: 'w-28',
          testID: `unsure-${name}`,
        };
        return name === 'depthMm' ? (
          <NumberField key={name} {...field} unit="mm" />
        ) : (
          <NumberField unit="°C" key={name} {...field} difference />
        );
      })}
    </View>
  );
}

/** Begins the runs; while they go, how far they are and a way to stop them. */
function Runs({
  state: { spread, progress, begin, cancel },
  may,
}: {
  readonly state: SpreadState;
  readonly may: boolean;
}) {
  return progress === undefined ? (
    <View className="self-start">
      <Button
        label={
          spread
            ? say('certainty.run-them-again')
            : say('certainty.run-it-times', { SPREADRUNS: SPREAD_RUNS })
        }
        weight={spread ? 'plain' : 'main'}
        disabled={!may}
        onPress={begin}
        testID="run-spread"
      />
    </View>
  ) : (
    <View role="status" className="flex-row items-center justify-between">
      <Soft>
        {say('certainty.of-bakes-run', {
          progress: Math.round(progress * SPREAD_RUNS),
          SPREADRUNS: SPREAD_RUNS,
        })}
      </Soft>
      <Button label={say('certainty.stop')} weight="quiet" onPress={cancel} />
    </View>
  );
}

/** What came of the runs. */
function SpreadFigures({ spread }: { readonly spread: Spread }) {
  return (
    <View className="gap-2" testID="spread">
      {spread.bestS && spread.safest ? (
        <>
          <View className="flex-row flex-wrap gap-x-6 gap-y-2">
            <Labelled label={say('certainty.best-pull-8-bakes-in-10')}>
              <Figure
                value={spanOfMinutes(spread.bestS[0], spread.bestS[2])}
                unit="min"
                size="title"
                testID="spread-best"
              />
            </Labelled>
            <Labelled label={say('certainty.look-first-at')}>
              <Figure
                value={minutes(spread.earliestS![0])}
                unit="min"
                size="title"
                testID="spread-first"
              />
            </Labelled>
          </View>
          <Read>
            {say('certainty.by-the-clock-alone-min', {
              timeS: minutes(spread.safest.timeS),
              tenth: tenth(spread.safest.share),
              earliestS: minutes(spread.earliestS![0]),
            })}
          </Read>
        </>
      ) : (
        <Read>{say('certainty.hardly-any-of-the-runs-has')}</Read>
      )}
      {spread.withWindow < spread.runs ? (
        <Soft>
          {say('certainty.in-of-there-is', {
            runs: spread.runs - spread.withWindow,
            runs2: spread.runs,
          })}
        </Soft>
      ) : null}
    </View>
  );
}

/** Which inputs the time depends on most, the strongest first. */
function MattersList({ matters }: { readonly matters: readonly Matters[] }) {
  return (
    <View className="gap-1" testID="matters">
      <Soft>{say('certainty.what-the-time-hangs-on-most')}</Soft>
      <View role="list" className="gap-1">
        {matters.map((each) => (
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
  );
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
  const { spread } = state;
  const asked = spread !== undefined;
  const matters = useJob('matters', asked ? { plan, unsure, pullS: forecast.pullS } : undefined);
  const readable = Object.values(unsure).every((value) => Number.isFinite(value) && value >= 0);
  const spreadSays = spread?.bestS
    ? say('certainty.min-in-8-bakes-of', {
        spanOfMinutes: spanOfMinutes(spread.bestS[0], spread.bestS[2]),
      })
    : spread
      ? say('certainty.hardly-ever-a-window')
      : say('certainty.not-worked-out-yet-runs', { SPREADRUNS: SPREAD_RUNS });
  return (
    <Fold title={say('certainty.how-sure-is-it')} summary={spreadSays} id="how-sure">
      {() => (
        <>
          <Read>{say('certainty.ovens-fillings-and-levels-are-never', { runs: SPREAD_RUNS })}</Read>
          <UnsureFields unsure={unsure} onUnsure={onUnsure} />
          <Runs state={state} may={readable && ready} />
          {spread ? <SpreadFigures spread={spread} /> : null}
          {asked && matters.answer && matters.answer.length > 0 ? (
            <MattersList matters={matters.answer} />
          ) : null}
          {spread ? (
            <Soft>
              {say('certainty.the-grey-band-in-the-curves', {
                pullS: minutes(forecast.pullS),
                setC: degrees(forecast.setC),
              })}
            </Soft>
          ) : null}
        </>
      )}
    </Fold>
  );
});
