import type { Forecast, Pull, PullChoice } from '@hollow-moon/core';
import { memo } from 'react';
import { Pressable, View } from 'react-native';
import { Figure, Labelled, Read, Soft, useRadioKeys, useWords } from '../design';
import { minutes, say, withUnit, wobbleWidth } from '@hollow-moon/words';

/** The pulls in their order. */
const PULLS: readonly PullChoice[] = ['earliest', 'best', 'latest'];

/**
 * Earliest, best and latest side by side: minute, probe, wobble and coast. The one that is chosen is
 * the one drawn below.
 */
export const WindowTable = memo(function WindowTable({
  forecast,
  chosen,
  onChoose,
}: {
  readonly forecast: Forecast;
  readonly chosen: PullChoice;
  readonly onChoose: (pull: PullChoice) => void;
}) {
  const { degrees, put, unit } = useWords();
  const keysOf = useRadioKeys(PULLS, chosen, onChoose);
  const { verdict } = forecast;
  if (verdict.kind === 'no-window') return null;
  const columns: [PullChoice, string, Pull][] = [
    ['earliest', say('forecast.earliest'), verdict.earliest],
    ['best', say('forecast.best'), verdict.best],
    [
      'latest',
      verdict.latestIsLimit ? say('forecast.latest') : say('forecast.still-fine'),
      verdict.latest,
    ],
  ];
  return (
    <View role="radiogroup" aria-label={say('forecast.when-to-pull')} className="flex-row gap-2">
      {columns.map(([choice, label, pull]) => (
        <Pressable
          key={choice}
          role="radio"
          aria-checked={choice === chosen}
          aria-label={say('forecast.min-probe', {
            label,
            timeS: minutes(pull.timeS),
            probeC: degrees(pull.probeC),
            unit,
          })}
          onPress={() => onChoose(choice)}
          {...keysOf(choice)}
          className={`flex-1 gap-1 rounded border-2 p-2 active:opacity-70 ${choice === chosen ? 'border-ink' : 'border-line'}`}
        >
          <Labelled label={label}>
            <Figure
              value={minutes(pull.timeS)}
              unit="min"
              size="figure"
              testID={`pull-${choice}`}
            />
          </Labelled>
          <Read>{say('forecast.probe', { probeC: withUnit(degrees(pull.probeC), unit) })}</Read>
          <Soft>
            {pull.wobble.diameterM > 0.005
              ? put('forecast.wobble-2', { diameterM: wobbleWidth(pull.wobble.diameterM) })
              : say('forecast.only-quivers')}
          </Soft>
          <Soft>{say('forecast.knife', { knife: pull.knife })}</Soft>
          <Soft>{say('forecast.coasts-to', { peakC: withUnit(degrees(pull.peakC), unit) })}</Soft>
        </Pressable>
      ))}
    </View>
  );
});
