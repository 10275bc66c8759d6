import type { BakeData } from '@hollow-moon/contract';
import { clock, minutes, say, spanOfMinutes } from '@hollow-moon/words';
import { Text, View } from 'react-native';
import { Button, Figure, Labelled, Read, Sheet, Soft, Title, useWords } from '../design';
import { Moon, moonInWords } from '../moon';
import { foreseenCentreC, foreseenMoon, nextToDo, type Standing } from './progress';
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
  const caption =
    wobbleMm > 5 ? say('bake.cm', { wobbleMm: Math.round(wobbleMm / 5) / 2 }) : undefined;
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
        <Text role="timer" testID="bake-clock" className="font-figures-strong text-big text-ink">
          {clock(standing.elapsedS)}
        </Text>
        <Text
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
function WindowFigures({ data, elapsedS }: { readonly data: BakeData; readonly elapsedS: number }) {
  const { degrees, unit } = useWords();
  const { window } = data.foreseen;
  if (!window) return null;
  return (
    <View className="flex-row flex-wrap gap-x-6 gap-y-2">
      <Labelled label={say('bake.pull')}>
        <Figure
          value={spanOfMinutes(window.earliest.timeS, window.latest.timeS)}
          unit="min"
          size="title"
        />
      </Labelled>
      <Labelled label={say('bake.best')}>
        <Figure
          value={minutes(window.best.timeS)}
          unit={say('bake.min-at', { probeC: degrees(window.best.probeC), unit })}
          size="title"
        />
      </Labelled>
      <Labelled label={say('bake.probe-foreseen-now')}>
        <Figure value={degrees(foreseenCentreC(data, elapsedS))} unit={unit} size="title" />
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
      label={say('bake.pull-it')}
      weight="main"
      className="min-h-16"
      testID="pull-it"
      onPress={() => onNote({ pulledAt: new Date().toISOString() })}
    />
  ) : (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <Read testID="pulled-at">{say('bake.pulled-at-min', { elapsedS: minutes(elapsedS) })}</Read>
      {data.result === null ? (
        <Button
          label={say('bake.not-yet-back-in-the-oven')}
          onPress={() => onNote({ pulledAt: null })}
        />
      ) : null}
    </View>
  );
}

/** What is in the oven and how far it is: moon, clock, what to do next, window and pull. */
export function BakeHead({
  id,
  data,
  standing,
  now,
  onNote,
}: {
  readonly id: string;
  readonly data: BakeData;
  readonly standing: Standing;
  readonly now: number;
  readonly onNote: (change: Partial<BakeData>) => void;
}) {
  const { degrees, unit } = useWords();
  const toDo = nextToDo(data, now, (celsius) => `${degrees(celsius)} ${unit}`);
  return (
    <Sheet>
      <Title>{data.formulaName}</Title>
      <Soft>
        {say('bake.at', {
          vesselCount: data.vesselCount,
          vesselName: data.vesselName,
          ovenName: data.ovenName,
          setC: degrees(data.setC),
          unit,
        })}
      </Soft>
      <MoonAndClock data={data} standing={standing} />
      {toDo ? (
        <Read className="font-read-strong text-lead" testID="to-do">
          {toDo}
        </Read>
      ) : null}
      <WindowFigures data={data} elapsedS={standing.elapsedS} />
      <Pull data={data} elapsedS={standing.elapsedS} onNote={onNote} />
      <SendState id={id} data={data} />
    </Sheet>
  );
}
