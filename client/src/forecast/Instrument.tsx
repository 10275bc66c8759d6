import {
  extentOf,
  sectionReader,
  shadeOf,
  shapeFilledTo,
  stillAt,
  type Forecast,
  type OutStep,
  type Still,
} from '@hollow-moon/core';
import { memo, useMemo, useState } from 'react';
import { View } from 'react-native';
import { Figure, Labelled, Range, Read, Soft, useWords } from '../design';
import {
  captionOf,
  layersInWords,
  minutes,
  say,
  whereAfter,
  wobbleWidth,
} from '@hollow-moon/words';
import { Moon, moonInWords, Section, sectionSize, WATER_PX } from '../moon';
import { useLive, type Live } from './live';
import { moonOf } from './moonOf';

/** What a probe and a nudge would say at that moment. */
function Signs({ frame, surface }: { readonly frame: Still['frame']; readonly surface: string }) {
  const words = useWords();
  const { degrees, unit, measured } = words;
  const caption = captionOf(frame.wobble.diameterM, words);
  const { rimLightness } = frame;
  return (
    <View className="flex-1 gap-2">
      <Labelled label={say('forecast.probe-centre')}>
        <Figure
          value={degrees(frame.probeC.centre)}
          unit={unit}
          size="figure"
          testID="scrub-probe"
        />
      </Labelled>
      <Labelled label={say('forecast.wobble')}>
        <Figure
          value={caption ? measured(wobbleWidth(frame.wobble.diameterM)).value : '0'}
          unit={say('forecast.of-cm', { surface })}
          size="title"
          testID="scrub-wobble"
        />
      </Labelled>
      <Soft>
        {caption
          ? say('forecast.moves', { motion: say(`motion.${frame.wobble.motion}`) })
          : say(frame.wobble.motion === 'still' ? 'forecast.still' : 'forecast.quivers')}
      </Soft>
      <Soft testID="scrub-air">
        {say(frame.inOven ? 'forecast.oven-air' : 'forecast.air', {
          airC: degrees(frame.airC),
          unit,
        })}
      </Soft>
      {rimLightness === undefined ? null : (
        <Soft testID="scrub-rim">
          {say('forecast.shells-rim', { shadeOf: say(`shade.${shadeOf(rimLightness)}`) })}
        </Soft>
      )}
    </View>
  );
}

/** The cut through it at that moment, with its key. */
function Cut({
  forecast,
  frame,
  temperatureC,
  width,
  waterMm,
  place,
}: {
  readonly forecast: Forecast;
  readonly frame: Still['frame'];
  readonly temperatureC: Still['temperatureC'];
  readonly width: number;
  readonly waterMm: number | undefined;
  readonly place: string;
}) {
  const words = useWords();
  const { degrees, unit } = words;
  const { field, setC, curdleC } = forecast;
  const { levelM } = frame;
  const shape = useMemo(
    () => (levelM === undefined ? field : shapeFilledTo(field, levelM)),
    [field, levelM],
  );
  const read = useMemo(() => sectionReader(shape), [shape]);
  const grid = useMemo(() => read(temperatureC), [read, temperatureC]);
  const sectionRoom = width - (waterMm === undefined ? 0 : WATER_PX);
  const whole = useMemo(() => extentOf(field), [field]);
  const drawn = sectionSize(whole, sectionRoom);
  return (
    <View className="items-center gap-1">
      <View style={{ width: drawn.width }}>
        <Section
          shape={shape}
          whole={whole}
          grid={grid}
          room={sectionRoom}
          setC={setC}
          curdleC={curdleC}
          degrees={degrees}
          {...(waterMm !== undefined && frame.waterC !== undefined ? { waterMm } : {})}
          label={say('forecast.cut-through-the-middle-centre', {
            place,
            centre: degrees(frame.probeC.centre),
            rim: degrees(frame.probeC.rim),
            unit,
          })}
        />
        <View className="flex-row justify-between">
          <Soft>{say('forecast.middle')}</Soft>
          <Soft>{say('forecast.rim')}</Soft>
        </View>
      </View>
      <Soft className="text-center">
        {say('forecast.heavy-line-sets', {
          more:
            curdleC === undefined
              ? ''
              : say('forecast.broken', { spoils: say(`spoils.${forecast.spoils}`) }),
          more2:
            drawn.lift > 1.05
              ? ` ${say('forecast.depth-drawn', { lift: drawn.lift.toFixed(1) })}`
              : '',
        })}
      </Soft>
      {field.under.length + field.over.length > 0 ? (
        <Soft className="text-center" testID="layers-named">
          {layersInWords(field, words)}
        </Soft>
      ) : null}
    </View>
  );
}

/** Moon and section over one scrubber: scrub time and see ring, wobble and temperatures together. */
export const Instrument = memo(function Instrument({
  live,
  forecast: told,
  shell,
  out,
  waterMm,
  scrubbedS,
  onTime,
}: {
  readonly live: Live;
  /** What the rest of the screen tells of; the picture may be a moment ahead of it. */
  readonly forecast: Forecast;
  readonly shell: boolean;
  /** Where it goes once it is out. */
  readonly out: readonly OutStep[];
  /** How far up a bath stands, mm. */
  readonly waterMm?: number | undefined;
  /** When it is looked at, s; at the pull until that is chosen. */
  readonly scrubbedS: number | undefined;
  readonly onTime: (timeS: number) => void;
}) {
  const forecast = useLive(live, told);
  const [width, setWidth] = useState(320);
  const { frames, field, pullS } = forecast;
  const timeS = scrubbedS ?? pullS;
  const endS = frames[frames.length - 1]!.timeS;
  const { frame, temperatureC } = useMemo(() => stillAt(forecast, timeS), [forecast, timeS]);
  const words = useWords();
  const caption = captionOf(frame.wobble.diameterM, words);
  const place = frame.inOven
    ? say('forecast.min-in-the-oven', { timeS: minutes(frame.timeS) })
    : say('forecast.min', {
        timeS: minutes(frame.timeS - pullS),
        whereAfter: whereAfter(frame.timeS - pullS, out),
      });
  const moonSize = Math.min(width, 260);
  const surface = words.quantity({ widthMm: field.fill.topRadiusM * 2000 });
  return (
    <View
      className="gap-3"
      onLayout={({ nativeEvent }) => setWidth(Math.max(220, nativeEvent.layout.width))}
    >
      <View className="flex-row items-center justify-between gap-3">
        <Moon
          {...moonOf(frame)}
          shell={shell}
          size={moonSize * 0.62}
          {...(caption ? { caption } : {})}
          label={say('forecast.from-above-of', {
            place,
            moonInWords: moonInWords(frame.rings, caption),
            surface,
          })}
        />
        <Signs frame={frame} surface={surface} />
      </View>
      <Cut
        forecast={forecast}
        frame={frame}
        temperatureC={temperatureC}
        width={width}
        waterMm={waterMm}
        place={place}
      />
      <Range
        label={say('forecast.time')}
        hideLabel
        value={Math.round(frame.timeS)}
        least={0}
        most={Math.round(endS)}
        step={15}
        onChange={onTime}
        shown={place}
        testID="scrubber"
      />
      <Read className="text-center" testID="scrub-place">
        {place}
      </Read>
    </View>
  );
});
