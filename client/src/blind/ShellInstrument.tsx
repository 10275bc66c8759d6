import { CRISP_UP_TO, shadeOf, type BlindForecast, type BlindPlan } from '@hollow-moon/core';
import { useCallback, useState } from 'react';
import { View } from 'react-native';
import { Labelled, Read, Sheet, swatchOf, useWords } from '../design';
import { Dial, type DialScale } from '../dial';
import { minutes, say } from '@hollow-moon/words';
import { ShellSection } from './ShellSection';
import { BANDS_PX, ShellStrip, ShellTrack } from './ShellStrip';

/** A colour with its name, to hold against the shell in hand. */
function Swatch({ lightness, name }: { readonly lightness: number; readonly name: string }) {
  return (
    <View className="flex-row items-center gap-2">
      <View
        className="h-9 w-9 rounded-full border border-ink"
        style={{ backgroundColor: swatchOf(lightness) }}
      />
      <Read>{name}</Read>
    </View>
  );
}

/** The shell at a moment of its bake, over one scrubber: cut, colours, heat and water. */
export function ShellInstrument({
  forecast,
  plan,
}: {
  readonly forecast: BlindForecast;
  readonly plan: BlindPlan;
}) {
  const { degrees, unit } = useWords();
  const [scrubbed, setScrubbed] = useState<number>();
  const { frames, endS } = forecast;
  const timeS = Math.min(scrubbed ?? endS, endS);
  const frame = frames.find((each) => each.timeS >= timeS) ?? frames[frames.length - 1]!;
  const stage = plan.stages[frame.stage] ?? plan.stages[plan.stages.length - 1]!;
  const weighted = plan.weights !== 'none' && stage.weighted && timeS < endS;
  const { base, rim } = frame.places;
  const track = useCallback((x: DialScale) => <ShellTrack frames={frames} x={x} />, [frames]);
  const place = say('blind.min-in-the-oven', { timeS: minutes(frame.timeS) });
  return (
    <Sheet>
      <ShellSection
        frame={frame}
        weights={weighted}
        inTin={!stage.outOfRing}
        label={say('blind.the-shell-cut-through-base', {
          place,
          shadeOf: say(`shade.${shadeOf(base.lightness)}`),
          shadeOf2: say(`shade.${shadeOf(rim.lightness)}`),
        })}
      />
      <View className="flex-row flex-wrap justify-between gap-3">
        <Labelled label={say('blind.base')}>
          <Swatch lightness={base.lightness} name={say(`shade.${shadeOf(base.lightness)}`)} />
        </Labelled>
        <Labelled label={say('blind.rim')}>
          <Swatch lightness={rim.lightness} name={say(`shade.${shadeOf(rim.lightness)}`)} />
        </Labelled>
        <Labelled label={say('blind.base-below')}>
          <Read className="font-figures text-lead">{`${degrees(base.outsideC)} ${unit}`}</Read>
        </Labelled>
        <Labelled label={say('blind.its-water')}>
          <Read className="font-figures text-lead" testID="base-water">
            {say(base.activity <= CRISP_UP_TO ? 'blind.water-crisp' : 'blind.water-not-crisp', {
              water: (base.water * 100).toFixed(base.water < 0.1 ? 1 : 0),
            })}
          </Read>
        </Labelled>
      </View>
      <Dial
        track={track}
        trackPx={BANDS_PX}
        endS={endS}
        label={say('blind.minutes-of-the-shell')}
        hand={{
          atS: timeS,
          says: say('blind.hand-says', {
            place,
            base: say(`shade.${shadeOf(base.lightness)}`),
            rim: say(`shade.${shadeOf(rim.lightness)}`),
          }),
          onTime: setScrubbed,
          testID: 'shell-scrubber',
        }}
      />
      <Read className="text-center" testID="shell-place">
        {place}
      </Read>
      <ShellStrip forecast={forecast} plan={plan} timeS={timeS} />
    </Sheet>
  );
}
