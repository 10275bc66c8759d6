import type { BakeData, Reading } from '@hollow-moon/contract';
import { captionOf, clock, minutes, say, spanOfMinutes } from '@hollow-moon/words';
import { Text, View } from 'react-native';
import { Button, Figure, Labelled, Notice, Read, Sheet, Soft, Title, useWords } from '../design';
import { Moon, moonInWords } from '../moon';
import { foreseenAt, gapOf, type Gap } from './foreseen';
import { MadeParts } from './MadeParts';
import { foreseenMoon, nextToDo, secondsInto, type Standing } from './progress';
import { SendState } from './SendState';

const PHASE_COLOUR: Partial<Record<Standing['phase'], string>> = {
  open: 'text-yolk-text',
  past: 'text-scorch',
};

/** The moon as it is foreseen for now, and the clock. */
function MoonAndClock({
  data,
  standing,
}: {
  readonly data: BakeData;
  readonly standing: Standing;
}) {
  const { moon, wobbleMm } = foreseenMoon(data, standing.elapsedS);
  const caption = captionOf(wobbleMm / 1000, useWords());
  return (
    <View className="flex-row items-center gap-3">
      <Moon
        state={moon}
        shell={data.shell !== 'none'}
        size={118}
        {...(caption ? { caption } : {})}
        label={say('bake.foreseen-now', { moonInWords: moonInWords(moon, caption) })}
      />
      <View className="min-w-0 flex-1">
        <Text
          role="timer"
          testID="bake-clock"
          // With its hour the clock is half as wide again.
          className={`font-figures-strong text-ink ${standing.elapsedS < 3600 ? 'text-big' : 'text-figure'}`}
        >
          {clock(standing.elapsedS)}
        </Text>
        <Text
          role="status"
          testID="bake-says"
          className={`font-read-strong text-lead ${PHASE_COLOUR[standing.phase] ?? 'text-ink'}`}
        >
          {standing.says}
        </Text>
      </View>
    </View>
  );
}

/** When to pull, and what the probe should say. */
function WindowFigures({
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
    <View className="flex-row flex-wrap gap-x-6 gap-y-2">
      <Labelled label={behindS === 0 ? say('bake.pull') : say('bake.pull-by-reading')}>
        <Figure
          value={spanOfMinutes(window.earliest.timeS + behindS, window.latest.timeS + behindS)}
          unit="min"
          size="title"
        />
      </Labelled>
      <Labelled label={say('bake.best')}>
        <Figure
          value={minutes(window.best.timeS + behindS)}
          unit={say('bake.min-at', { probeC: degrees(window.best.probeC), unit })}
          size="title"
        />
      </Labelled>
      <Labelled label={say('bake.probe-foreseen-now')}>
        {now === undefined ? (
          <Soft>{say('bake.no-forecast-so-late')}</Soft>
        ) : (
          <Figure value={degrees(now.centreC)} unit={unit} size="title" testID="probe-now" />
        )}
      </Labelled>
    </View>
  );
}

/** The pull, or that it was pulled, and the way back from a pull too soon. */
function Pull({
  data,
  elapsedS,
  onNote,
}: {
  readonly data: BakeData;
  readonly elapsedS: number;
  readonly onNote: (change: Partial<BakeData>) => void;
}) {
  return data.pulledAt === null ? (
    <Button
      label={data.parts.length > 0 ? say('bake.finish-it') : say('bake.pull-it')}
      weight="main"
      className="min-h-16"
      testID="pull-it"
      onPress={() => onNote({ pulledAt: new Date().toISOString() })}
    />
  ) : (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <Read testID="pulled-at">
        {data.parts.length > 0
          ? say('bake.finished-after', { clock: clock(elapsedS) })
          : say('bake.pulled-at-min', { elapsedS: minutes(elapsedS) })}
      </Read>
      {data.result === null ? (
        <Button
          label={data.parts.length > 0 ? say('bake.go-on') : say('bake.not-yet-back-in-the-oven')}
          onPress={() => onNote({ pulledAt: null })}
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

/** What is in the oven and how far it is: moon, clock, what to do next, window and pull. */
export function BakeHead({
  id,
  data,
  standing,
  readings,
  now,
  onNote,
}: {
  readonly id: string;
  readonly data: BakeData;
  readonly standing: Standing;
  readonly readings: readonly Reading[];
  readonly now: number;
  readonly onNote: (change: Partial<BakeData>) => void;
}) {
  const { degrees, unit } = useWords();
  const toDo = nextToDo(data, now, (celsius) => `${degrees(celsius)} ${unit}`);
  const gap = data.pulledAt === null ? gapOf(data, readings) : undefined;
  const made = data.parts.length > 0;
  const sinceS = secondsInto(data, now);
  return (
    <Sheet>
      <Title>{data.formulaName}</Title>
      <Where data={data} />
      {made ? (
        <>
          <Read className="font-read-strong text-lead" testID="bake-says">
            {standing.says}
          </Read>
          <MadeParts data={data} now={now} onNote={onNote} />
        </>
      ) : (
        <MoonAndClock data={data} standing={standing} />
      )}
      {toDo ? (
        <Read className="font-read-strong text-lead" testID="to-do">
          {toDo}
        </Read>
      ) : null}
      {gap ? <GapNotice gap={gap} /> : null}
      <WindowFigures data={data} elapsedS={sinceS} behindS={gap?.behindS ?? 0} />
      <Pull data={data} elapsedS={standing.elapsedS} onNote={onNote} />
      {data.pulledAt === null && sinceS < STRAY_S ? (
        <View className="self-start">
          <Button
            label={say('bake.cancel-this-start')}
            weight="quiet"
            testID="cancel-start"
            onPress={() => onNote({ archived: true })}
          />
        </View>
      ) : null}
      <SendState id={id} data={data} />
    </Sheet>
  );
}
