import type { Forecast, Pull, PullChoice } from '@hollow-moon/core';
import { memo } from 'react';
import { Pressable, Text, View } from 'react-native';
import { Figure, Soft, useRadioKeys, useWords } from '../design';
import { minutes, say, withUnit } from '@hollow-moon/words';

/** The pulls in their order. */
const PULLS: readonly PullChoice[] = ['earliest', 'best', 'latest'];

/**
 * Earliest, best and latest side by side. The one that is chosen is the one the instrument stands at, with what the
 * knife says and where it coasts to.
 */
export const Pulls = memo(function Pulls({
  forecast,
  chosen,
  onChoose,
}: {
  readonly forecast: Forecast;
  readonly chosen: PullChoice;
  readonly onChoose: (pull: PullChoice) => void;
}) {
  const { degrees, unit } = useWords();
  const keysOf = useRadioKeys(PULLS, chosen, onChoose);
  const { verdict } = forecast;
  if (verdict.kind === 'no-window') {
    // As high as the choice, so that a slider below does not jump under the thumb.
    return (
      <View className="min-h-20 justify-center rounded border-2 border-dashed border-scorch px-3">
        <Soft>{say('forecast.no-pull-to-choose')}</Soft>
      </View>
    );
  }
  const labels: Readonly<Record<PullChoice, string>> = {
    earliest: say('forecast.earliest'),
    best: say('forecast.best'),
    latest: verdict.latestIsLimit ? say('forecast.latest') : say('forecast.still-fine'),
  };
  const pull: Pull = verdict[chosen];
  return (
    <View className="min-h-20 gap-1">
      <View
        role="radiogroup"
        aria-label={say('forecast.when-to-pull')}
        className="flex-row overflow-hidden rounded border border-ink-soft"
      >
        {PULLS.map((choice) => {
          const here = choice === chosen;
          return (
            <Pressable
              key={choice}
              role="radio"
              aria-checked={here}
              onPress={() => onChoose(choice)}
              {...keysOf(choice)}
              className={`min-h-12 flex-1 flex-row items-center justify-center gap-2 border-b-4 px-1 active:opacity-70 ${choice === 'earliest' ? '' : 'border-l border-l-line'} ${here ? 'border-b-ink bg-ground' : 'border-b-transparent bg-sheet'}`}
            >
              <Soft>{labels[choice]}</Soft>
              <Figure value={minutes(verdict[choice].timeS)} testID={`pull-${choice}`} />
              <Text className="sr-only">
                {say('forecast.min-probe', {
                  probeC: withUnit(degrees(verdict[choice].probeC), unit),
                })}
              </Text>
            </Pressable>
          );
        })}
      </View>
      <Soft testID="pull-signs">
        {`${say('forecast.knife', { knife: pull.knife })} · ${say('forecast.coasts-to', { peakC: withUnit(degrees(pull.peakC), unit) })}`}
      </Soft>
    </View>
  );
});
