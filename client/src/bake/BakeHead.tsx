import type { BakeData, Noted, Reading } from '@hollow-moon/contract';
import type { Learnt } from '@hollow-moon/core/learning';
import { captionOf, clock, minutes, say, spanOfMinutes } from '@hollow-moon/words';
import { Text, View } from 'react-native';
import Svg, { Circle } from 'react-native-svg';
import { Button, colours, Figure, focusOn, Notice, Read, Sheet, Soft, useWords } from '../design';
import { Moon, moonInWords } from '../moon';
import { BakeDial } from './BakeDial';
import { COUNT_WORDS } from './counting';
import { foreseenAt, gapOf, isTold, type Gap } from './foreseen';
import { LearntNotice } from './LearntNotice';
import { MadeParts } from './MadeParts';
import { foreseenMoon, secondsInto, type Standing } from './progress';
import { SendState } from './SendState';
import { ToDo } from './ToDo';
import { Vessels } from './Vessels';
import type { OwnPull } from '../vessels/pulls';

/** The moon fills most of the width, ringed by how far the bake is on its way to the best pull. */
const MOON_PX = 210;
const RING_PX = 8;

/** The ring round the moon: it closes as the bake comes to its best. */
function ClosingRing({ share, past }: { readonly share: number; readonly past: boolean }) {
  const size = MOON_PX + 4 * RING_PX;
  const r = size / 2 - RING_PX / 2;
  const round = 2 * Math.PI * r;
  return (
    <View className="absolute" pointerEvents="none">
      <Svg width={size} height={size} aria-hidden>
        <Circle
          cx={size / 2}
          cy={size / 2}
          r={r}
          fill="none"
          stroke={colours.line}
          strokeWidth={2}
        />
        <Circle
          cx={size / 2}
          cy={size / 2}
          r={r}
          fill="none"
          stroke={past ? colours.scorch : colours.ink}
          strokeWidth={RING_PX}
          strokeDasharray={`${round * Math.min(1, share)} ${round}`}
          transform={`rotate(-90 ${size / 2} ${size / 2})`}
        />
      </Svg>
    </View>
  );
}

/** The moon as it is foreseen for now. */
function MoonNow({ data, standing }: { readonly data: BakeData; readonly standing: Standing }) {
  const { moon, wobbleMm } = foreseenMoon(data, standing.elapsedS);
  const caption = captionOf(wobbleMm / 1000, useWords());
  const size = MOON_PX + 4 * RING_PX;
  return (
    <View className="items-center justify-center self-center" style={{ width: size, height: size }}>
      <ClosingRing
        share={standing.elapsedS / (data.foreseen.window?.best.timeS ?? data.foreseen.pullS)}
        past={standing.phase === 'past'}
      />
      <Moon
        state={moon}
        shell={data.shell !== 'none'}
        size={MOON_PX}
        {...(caption ? { caption } : {})}
        label={say('bake.foreseen-now', { moonInWords: moonInWords(moon, caption) })}
      />
    </View>
  );
}

/** The clock on the wall: what is left, to be read from across the kitchen, and what to do in a line. */
function WallClock({ standing }: { readonly standing: Standing }) {
  const { count, elapsedS, phase, says } = standing;
  const big = `${count.to === 'over' ? '+' : ''}${clock(count.seconds)}`;
  return (
    <View>
      <View className="flex-row flex-wrap items-end justify-between gap-x-4">
        <Text
          testID="bake-count"
          // With its hour the clock is half as wide again.
          className={`font-figures-strong ${big.length > 5 ? 'text-big' : 'text-clock'} ${phase === 'past' ? 'text-scorch' : 'text-ink'}`}
        >
          {big}
        </Text>
        <View className="pb-2">
          <Soft>{COUNT_WORDS[count.to]}</Soft>
          {count.to === 'elapsed' ? null : (
            <View className="flex-row items-baseline gap-1">
              <Text role="timer" testID="bake-clock" className="font-figures text-base text-ink">
                {clock(elapsedS)}
              </Text>
              <Soft>{say('bake.in-the-oven-so-far')}</Soft>
            </View>
          )}
        </View>
      </View>
      {count.to === 'elapsed' ? (
        <Text role="timer" testID="bake-clock" className="sr-only">
          {clock(elapsedS)}
        </Text>
      ) : null}
      <Text
        role={phase === 'past' ? 'alert' : 'status'}
        testID="bake-says"
        className={`font-read-strong text-lead ${phase === 'past' ? 'text-scorch' : 'text-ink'}`}
      >
        {says}
      </Text>
    </View>
  );
}

/** What the window is and what the probe should say now, in a line. */
function WindowLine({
  data,
  elapsedS,
  behindS,
}: {
  readonly data: BakeData;
  readonly elapsedS: number;
  /** How far what was read has put it back. */
  readonly behindS: number;
}) {
  const { degrees, unit } = useWords();
  const { window } = data.foreseen;
  if (!window) return null;
  const now = foreseenAt(data, elapsedS);
  return (
    <View className="flex-row flex-wrap items-baseline justify-between gap-x-4">
      <Soft testID="bake-window">
        {say(behindS === 0 ? 'bake.window' : 'bake.window-by-reading', {
          span: spanOfMinutes(window.earliest.timeS + behindS, window.latest.timeS + behindS),
          best: minutes(window.best.timeS + behindS),
          probe: degrees(window.best.probeC),
          unit,
        })}
      </Soft>
      <Soft>
        {say('bake.probe-foreseen-now')}{' '}
        {now === undefined ? (
          say('bake.no-forecast-so-late')
        ) : (
          <Figure value={degrees(now.centreC)} unit={unit} size="base" testID="probe-now" />
        )}
      </Soft>
    </View>
  );
}

/** That it was pulled, and the way back from a pull too soon. */
function Pulled({
  data,
  elapsedS,
  onNote,
}: {
  readonly data: BakeData;
  readonly elapsedS: number;
  readonly onNote: (change: Partial<BakeData>) => void;
}) {
  if (data.pulledAt === null) return null;
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <Read testID="pulled-at">
        {data.parts.length > 0
          ? say('bake.finished-after', { clock: clock(elapsedS) })
          : say('bake.pulled-at-min', { elapsedS: minutes(elapsedS) })}
      </Read>
      {data.result === null ? (
        <Button
          label={data.parts.length > 0 ? say('bake.go-on') : say('bake.not-yet-back-in-the-oven')}
          onPress={() => {
            onNote({ pulledAt: null });
            focusOn('pull-it');
          }}
        />
      ) : null}
    </View>
  );
}

/** What a reading far from the forecast means, and what to do. */
function GapNotice({ gap }: { readonly gap: Gap }) {
  const { degrees, span, unit } = useWords();
  const values = {
    atMin: minutes(gap.atS),
    read: degrees(gap.celsius),
    apart: span(Math.abs(gap.gapK)),
    unit,
    min: Math.max(1, Math.round(Math.abs(gap.behindS) / 60)),
  };
  return (
    <Notice kind="hint" testID="gap">
      {gap.gapK < 0 ? say('bake.behind', values) : say('bake.ahead', values)}
    </Notice>
  );
}

/** So long a start may have been a slip of the thumb, s. */
const STRAY_S = 180;

/** The tin and the oven, or that there are none. */
function Where({ data }: { readonly data: BakeData }) {
  const { put } = useWords();
  return (
    <Soft>
      {data.parts.length > 0
        ? say('bake.made-in', { count: data.vesselCount, vesselName: data.vesselName })
        : put('bake.at', {
            vesselCount: data.vesselCount,
            vesselName: data.vesselName,
            ovenName: data.ovenName,
            set: { ovenC: data.setC },
          })}
    </Soft>
  );
}

/** What is in the oven and how far it is: clock, moon, dial, and what to do next. */
export function BakeHead({
  id,
  data,
  standing,
  noted,
  learnt,
  heeded,
  own,
  now,
  onNote,
  onWrong,
  onAfar,
}: {
  readonly id: string;
  readonly data: BakeData;
  readonly standing: Standing;
  readonly noted: Noted;
  readonly learnt: Learnt | undefined;
  /** Readings that are held against the forecast as it stands. */
  readonly heeded: readonly Reading[];
  /** Single vessels that were read by themselves. */
  readonly own: readonly OwnPull[];
  readonly now: number;
  readonly onNote: (change: Partial<BakeData>) => void;
  /** Asks what is wrong, where that does not stand beside it. */
  readonly onWrong: (() => void) | undefined;
  /** Shows its clock on the whole screen; nothing where it has none. */
  readonly onAfar: (() => void) | undefined;
}) {
  const gap = data.pulledAt === null ? gapOf(data, heeded) : undefined;
  const told = gap && isTold(gap, standing.phase) ? gap : undefined;
  const made = data.parts.length > 0;
  const sinceS = secondsInto(data, now);
  const { elapsedS, phase } = standing;
  return (
    <Sheet className={phase === 'past' ? 'border-l-8 border-l-scorch bg-scorch/10' : ''}>
      <Where data={data} />
      {made ? (
        <>
          <Read className="font-read-strong text-lead" testID="bake-says">
            {standing.says}
          </Read>
          <MadeParts data={data} now={now} onNote={onNote} />
        </>
      ) : (
        <WallClock standing={standing} />
      )}
      <ToDo id={id} data={data} noted={noted} now={now} onWrong={onWrong} onAfar={onAfar} />
      {told ? <GapNotice gap={told} /> : null}
      {learnt ? <LearntNotice data={data} noted={noted} learnt={learnt} heeded={heeded} /> : null}
      {made ? null : <Vessels {...{ id, data, noted, own, elapsedS: sinceS }} />}
      <Pulled data={data} elapsedS={elapsedS} onNote={onNote} />
      {made ? null : (
        <>
          <MoonNow data={data} standing={standing} />
          <BakeDial
            data={data}
            noted={noted}
            behindS={gap?.behindS ?? 0}
            nowS={elapsedS}
            pulledS={data.pulledAt === null ? undefined : elapsedS}
          />
          <WindowLine data={data} elapsedS={sinceS} behindS={gap?.behindS ?? 0} />
        </>
      )}
      {data.pulledAt === null && sinceS < STRAY_S ? (
        <View className="self-start">
          <Button
            label={say('bake.cancel-this-start')}
            weight="quiet"
            testID="cancel-start"
            onPress={() => {
              onNote({ archived: true });
              focusOn('bring-back');
            }}
          />
        </View>
      ) : null}
      <SendState id={id} data={data} />
    </Sheet>
  );
}
