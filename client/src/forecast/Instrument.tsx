import {
  extentOf,
  fillingOf,
  sectionReader,
  shadeOf,
  shapeFilledTo,
  stillAt,
  type Forecast,
  type OutStep,
  type Still,
} from '@hollow-moon/core';
import {
  captionOf,
  layersInWords,
  minutes,
  say,
  whereAfter,
  wobbleWidth,
} from '@hollow-moon/words';
import { memo, useMemo, useState } from 'react';
import { View } from 'react-native';
import { Figure, Soft, swatchOf, useWords } from '../design';
import { ForecastDial, windowInWords, windowOf } from '../dial';
import { DonenessKey, Moon, moonInWords, Section, sectionSize, WATER_PX } from '../moon';
import { useAppSelector } from '../state/state';
import { useLive, type Live } from './live';
import { moonOf } from './moonOf';

/** The minute, and what a probe and a nudge would say at it. */
function Readout({
  frame,
  surface,
  minute,
  place,
}: {
  readonly frame: Still['frame'];
  readonly surface: string;
  readonly minute: string;
  readonly place: string;
}) {
  const words = useWords();
  const { degrees, unit, measured } = words;
  const caption = captionOf(frame.wobble.diameterM, words);
  const { rimLightness } = frame;
  return (
    <View className="min-w-0 flex-1">
      <Figure value={minute} size="clock" testID="scrub-minute" />
      <Soft testID="scrub-place">{place}</Soft>
      <View className="mt-1 flex-row items-baseline gap-2">
        <Figure value={degrees(frame.probeC.centre)} unit={unit} testID="scrub-probe" />
        <Soft>{say('forecast.in-the-middle')}</Soft>
      </View>
      <View className="flex-row flex-wrap items-baseline gap-x-2">
        <Figure
          value={caption ? measured(wobbleWidth(frame.wobble.diameterM)).value : '0'}
          unit={say('forecast.of-cm', { surface })}
          testID="scrub-wobble"
        />
        <Soft>
          {caption
            ? say('forecast.moves', { motion: say(`motion.${frame.wobble.motion}`) })
            : say(frame.wobble.motion === 'still' ? 'forecast.still' : 'forecast.quivers')}
        </Soft>
      </View>
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

/** Readers of a forecast's fields at one level of its filling. */
function useReaders({ field }: Forecast, levelM: number | undefined) {
  return useMemo(() => {
    const shape = levelM === undefined ? field : shapeFilledTo(field, levelM);
    return { shape, readFilling: sectionReader(fillingOf(shape)), readAll: sectionReader(shape) };
  }, [field, levelM]);
}

/** The cut through it at that moment. */
function Cut({
  forecast,
  still: { frame, temperatureC, setExtent, curdledExtent },
  room,
  waterMm,
  place,
}: {
  readonly forecast: Forecast;
  readonly still: Still;
  readonly room: number;
  readonly waterMm: number | undefined;
  readonly place: string;
}) {
  const { degrees, unit } = useWords();
  const withLines = useAppSelector((state) => state.settings.isotherms);
  const { shape, readFilling, readAll } = useReaders(forecast, frame.levelM);
  const whole = useMemo(() => extentOf(forecast.field), [forecast.field]);
  const drawn = useMemo(
    () => ({
      set: readFilling(setExtent),
      curdled: curdledExtent && readFilling(curdledExtent),
      temperatures: withLines ? readAll(temperatureC) : undefined,
    }),
    [readFilling, readAll, setExtent, curdledExtent, temperatureC, withLines],
  );
  return (
    <Section
      shape={shape}
      whole={whole}
      {...drawn}
      crust={frame.rimLightness === undefined ? undefined : swatchOf(frame.rimLightness)}
      room={room}
      degrees={degrees}
      {...(waterMm !== undefined && frame.waterC !== undefined ? { waterMm } : {})}
      label={say('forecast.cut-through-the-middle-centre', {
        place,
        centre: degrees(frame.probeC.centre),
        rim: degrees(frame.probeC.rim),
        unit,
      })}
    />
  );
}

/** What the pictures show, and how much deeper than it is the cut is drawn. */
const Key = memo(function Key({
  forecast: { field, curdleC, spoils },
  lift,
}: {
  readonly forecast: Forecast;
  readonly lift: number;
}) {
  const words = useWords();
  return (
    <View>
      <View className="flex-row flex-wrap items-center justify-between gap-x-3">
        <DonenessKey spoils={curdleC === undefined ? undefined : spoils} />
        {lift > 1.05 ? <Soft>{say('forecast.depth-drawn', { lift: lift.toFixed(1) })}</Soft> : null}
      </View>
      {field.under.length + field.over.length > 0 ? (
        <Soft testID="layers-named">{layersInWords(field, words)}</Soft>
      ) : null}
    </View>
  );
});

/** From this width, px, the cut stands beside the moon instead of under it. */
const BESIDE_PX = 560;
/** Beside the moon then, px. */
const READOUT_PX = 168;
const WIDE_MOON_PX = 196;
const GAP_PX = 16;

/**
 * The instrument: the moon with its minute, the cut beside it, and the dial whose hand drives all three, so that ring,
 * wobble and cut are seen together.
 */
export const Instrument = memo(function Instrument({
  live,
  forecast: told,
  shell,
  out,
  waterMm,
  scrubbedS,
  untilS,
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
  /** Where the dial ends at the least, s. */
  readonly untilS: number;
  readonly onTime: (timeS: number) => void;
}) {
  const forecast = useLive(live, told);
  const [width, setWidth] = useState(320);
  const wide = width >= BESIDE_PX;
  const { field, pullS } = forecast;
  const timeS = scrubbedS ?? pullS;
  const still = useMemo(() => stillAt(forecast, timeS), [forecast, timeS]);
  const { frame } = still;
  const words = useWords();
  const caption = captionOf(frame.wobble.diameterM, words);
  const surface = words.quantity({ widthMm: field.fill.topRadiusM * 2000 });
  const minute = minutes(frame.inOven ? frame.timeS : frame.timeS - pullS);
  const place = frame.inOven
    ? say('forecast.in-the-oven')
    : say('forecast.after', { whereAfter: whereAfter(frame.timeS - pullS, out) });
  const at = say('forecast.at-minute', { minute, place });
  const moonPx = wide ? WIDE_MOON_PX : Math.min(176, width * 0.49);
  const cutPx = wide ? width - WIDE_MOON_PX - READOUT_PX - 2 * GAP_PX : width;
  const room = Math.max(160, cutPx) - (waterMm === undefined ? 0 : WATER_PX);
  const { lift } = useMemo(() => sectionSize(extentOf(field), room), [field, room]);
  const moon = moonInWords(frame.rings, caption);
  const cut = <Cut forecast={forecast} still={still} room={room} waterMm={waterMm} place={at} />;
  return (
    <View
      className="gap-2"
      testID="instrument"
      onLayout={({ nativeEvent }) => setWidth(Math.max(220, nativeEvent.layout.width))}
    >
      <View className="flex-row items-center gap-4">
        <Moon
          {...moonOf(frame)}
          shell={shell}
          size={moonPx}
          {...(caption ? { caption } : {})}
          label={say('forecast.from-above-of', { place: at, moonInWords: moon, surface })}
        />
        <View className="min-w-0 flex-1" {...(wide ? { style: { maxWidth: READOUT_PX } } : {})}>
          <Readout frame={frame} surface={surface} minute={minute} place={place} />
        </View>
        {wide ? cut : null}
      </View>
      {wide ? null : <View className="items-center">{cut}</View>}
      <ForecastDial
        forecast={forecast}
        untilS={untilS}
        label={say('forecast.minutes-of-the-bake', { window: windowInWords(windowOf(forecast)) })}
        hand={{
          atS: timeS,
          says: say('forecast.hand-says', {
            place: at,
            probe: words.quantity({ celsius: frame.probeC.centre }),
            moon,
          }),
          onTime,
          testID: 'scrubber',
        }}
      />
      <Key forecast={forecast} lift={lift} />
    </View>
  );
});
