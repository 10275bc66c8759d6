import type { Bakes, Forecast } from '@hollow-moon/core';
import { memo } from 'react';
import { View } from 'react-native';
import { Button, icons, Read, Soft, useWords } from '../design';
import { Moon, moonInWords } from '../moon';
import { say, withUnit } from '@hollow-moon/words';
import { moonAtPull } from './moonOf';

/** The verdict and the next thing to do, in view and under the thumb whatever is scrolled above. */
export const OutlookBar = memo(function OutlookBar({
  says,
  bakes,
  forecast,
  shell,
  mayBake,
  onBake,
  onMake,
}: {
  /** The outlook in a line. */
  readonly says: string;
  /** How the oven sets it; `undefined` where it does not. */
  readonly bakes: Bakes | undefined;
  readonly forecast: Forecast | undefined;
  readonly shell: boolean;
  /** False for a formula that is not in the book yet. */
  readonly mayBake: boolean;
  readonly onBake: (forecast: Forecast) => void;
  /** Begins what no oven sets: its parts are made one after the other. */
  readonly onMake: () => void;
}) {
  const { degrees, unit } = useWords();
  const moon = moonAtPull(forecast);
  const hopeless = forecast?.verdict.kind === 'no-window';
  const best = forecast?.verdict.kind === 'window' ? forecast.verdict.best : undefined;
  return (
    <View
      testID="outlook"
      className="no-print min-h-16 flex-row items-center gap-3 border-t border-line bg-sheet px-4 py-2"
    >
      <Moon {...moon} shell={shell} size={40} label={moonInWords(moon.state)} />
      <View role="status" className="min-w-0 flex-1">
        <Read numberOfLines={3} className="font-read-strong" testID="outlook-verdict">
          {says}
        </Read>
        {bakes || !mayBake ? (
          <Soft numberOfLines={1}>
            {!mayBake
              ? say('forecast.keep-the-formula-then-bake-it')
              : best
                ? say('forecast.probe-in-the-middle', {
                    probeC: withUnit(degrees(best.probeC), unit),
                  })
                : ''}
          </Soft>
        ) : null}
      </View>
      {bakes ? (
        <Button
          label={hopeless ? say('forecast.bake-anyway') : say('forecast.bake-it')}
          {...(hopeless ? {} : { icon: icons.bake })}
          weight={hopeless ? 'plain' : 'main'}
          disabled={!forecast || !mayBake}
          onPress={() => forecast && onBake(forecast)}
          testID="bake-it"
        />
      ) : (
        <Button
          label={say('forecast.make-it')}
          icon={icons.bake}
          weight="main"
          disabled={!mayBake}
          onPress={onMake}
          testID="make-it"
        />
      )}
    </View>
  );
});
