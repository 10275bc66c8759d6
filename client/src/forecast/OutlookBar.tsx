import { say } from '@hollow-moon/words';
import type { Bakes, Forecast } from '@hollow-moon/core';
import { memo } from 'react';
import { Pressable, Text, View } from 'react-native';
import { Button, icons, Soft, useRadioKeys } from '../design';
import { Moon, moonInWords } from '../moon';
import { moonAtPull } from './moonOf';

/** The sides of a formula. */
export type Side = 'bench' | 'shell' | 'forecast';

const SIDE_NAMES: Readonly<Record<Side, string>> = {
  bench: say('formulas.bench'),
  shell: say('formulas.shell'),
  forecast: say('formulas.forecast'),
};

interface OutlookBarProps {
  /** The outlook in a line. */
  readonly says: string;
  /** How the oven sets it; `undefined` where it does not. */
  readonly bakes: Bakes | undefined;
  readonly forecast: Forecast | undefined;
  /** Something has to be done to the list first: an amount is missing, nothing sets it, or it stays liquid. */
  readonly toTheList: boolean;
  readonly shell: boolean;
  /** False for a formula that is not in the book yet. */
  readonly mayBake: boolean;
  readonly onBake: (forecast: Forecast) => void;
  /** Begins what no oven sets: its parts are made one after the other. */
  readonly onMake: () => void;
}

/** The next thing to do: bake it, or make it. */
function Begin({ bakes, forecast, toTheList, mayBake, onBake, onMake }: OutlookBarProps) {
  const hopeless = forecast?.verdict.kind === 'no-window';
  return bakes ? (
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
      {...(toTheList ? {} : { icon: icons.bake })}
      weight={toTheList ? 'plain' : 'main'}
      disabled={!mayBake}
      onPress={onMake}
      testID="make-it"
    />
  );
}

/** The verdict as text, and what to do where it cannot be baked yet. */
function Verdict({ says, mayBake }: Pick<OutlookBarProps, 'says' | 'mayBake'>) {
  return (
    <View className="min-w-0 flex-1">
      <Text
        numberOfLines={mayBake ? 3 : 2}
        className="font-read-strong text-small text-ink"
        testID="outlook-verdict"
      >
        {says}
      </Text>
      {mayBake ? null : (
        <Soft numberOfLines={1}>{say('forecast.keep-the-formula-then-bake-it')}</Soft>
      )}
    </View>
  );
}

/** The verdict and the next thing to do, over what is seen on a wide screen. */
export const OutlookBar = memo(function OutlookBar(props: OutlookBarProps) {
  const moon = moonAtPull(props.forecast);
  return (
    <View testID="outlook" className="no-print min-w-0 flex-1 flex-row items-center gap-3">
      <Moon {...moon} shell={props.shell} size={40} label={moonInWords(moon.state)} />
      <View role="status" className="min-w-0 flex-1">
        <Verdict {...props} />
      </View>
      <Begin {...props} />
    </View>
  );
});

/**
 * The foot of a formula on a phone: its sides under the thumb, of which the forecast's is the verdict itself, and the
 * next thing to do.
 */
export const FormulaFoot = memo(function FormulaFoot({
  side,
  onSide,
  ...props
}: OutlookBarProps & { readonly side: Side; readonly onSide: (side: Side) => void }) {
  const moon = moonAtPull(props.forecast);
  const sides: readonly Side[] = props.shell
    ? ['bench', 'shell', 'forecast']
    : ['bench', 'forecast'];
  const keysOf = useRadioKeys(sides, side, onSide);
  return (
    <View
      testID="outlook"
      className="no-print min-h-14 flex-row items-stretch gap-1 border-t border-line bg-sheet pr-2"
    >
      <Text role="status" className="sr-only">
        {props.says}
      </Text>
      <View
        role="radiogroup"
        aria-label={say('formulas.show')}
        className="min-w-0 flex-1 flex-row items-stretch"
      >
        {sides.map((each) => {
          const here = each === side;
          return (
            <Pressable
              key={each}
              role="radio"
              testID={`side-${each}`}
              aria-checked={here}
              onPress={() => onSide(each)}
              {...keysOf(each)}
              className={`min-w-14 flex-row items-center justify-center gap-2 border-t-4 px-2 active:opacity-70 ${each === 'forecast' ? 'min-w-0 flex-1 justify-start' : ''} ${here ? 'border-ink bg-ground' : 'border-transparent'}`}
            >
              {each === 'forecast' ? (
                <>
                  <Text className="sr-only">{`${SIDE_NAMES.forecast}. `}</Text>
                  <View className="max-[359px]:hidden">
                    <Moon {...moon} shell={props.shell} size={32} label={moonInWords(moon.state)} />
                  </View>
                  <Verdict {...props} />
                </>
              ) : (
                <Text
                  className={`text-base ${here ? 'font-read-strong text-ink' : 'font-read text-ink-soft'}`}
                >
                  {SIDE_NAMES[each]}
                </Text>
              )}
            </Pressable>
          );
        })}
      </View>
      <View className="justify-center">
        <Begin {...props} shell={props.shell} />
      </View>
    </View>
  );
});
