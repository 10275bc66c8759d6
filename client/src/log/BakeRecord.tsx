import { type StoredBake } from '@hollow-moon/contract';
import { format } from 'date-fns';
import { router } from 'expo-router';
import { Text, View } from 'react-native';
import { secondsInto } from '../bake/progress';
import { Button, Labelled, Read, Sheet, Soft, Title, useWords } from '../design';
import { listed, minutes, say, spanOfMinutes, wobbleWidth } from '@hollow-moon/words';
import { Curves } from '../curves/Curves';
import { useTitle } from '../layout';
import { Moon } from '../moon';
import { lastMoon, RESULT_MARKS } from './outcome';

const centreReadings = ({ readings }: StoredBake) =>
  readings.filter(({ place }) => place === 'centre');

/** A reading this near to the pull, s, is the reading at the pull; one from long before says nothing of it. */
const AT_PULL_S = 180;

/** What the middle read at the pull, where somebody read it then. */
const readingAtPull = (bake: StoredBake, pulledS: number | undefined) =>
  pulledS === undefined
    ? undefined
    : centreReadings(bake)
        .filter(({ atS }) => Math.abs(atS - pulledS) <= AT_PULL_S)
        .sort((a, b) => Math.abs(a.atS - pulledS) - Math.abs(b.atS - pulledS))[0];

/** How it came out, and with what it was baked. */
function AsItCameOut({ bake }: { readonly bake: StoredBake }) {
  const { quantity } = useWords();
  const { data } = bake;
  const lastWobble = bake.wobbles.at(-1);
  return (
    <Sheet>
      <View className="flex-row items-center gap-4">
        <Moon
          state={lastMoon({ ...data, lastWobbleMm: lastWobble?.diameterMm ?? null })}
          shell={data.shell !== 'none'}
          size={84}
          label={say('log.as-it-was-at-the-last')}
        />
        <View className="min-w-0 flex-1 gap-1">
          <Read className="font-read-strong text-title" testID="record-result">
            {data.result
              ? `${RESULT_MARKS[data.result]} ${say(`result.${data.result}`)}`
              : say('log.not-judged')}
          </Read>
          {data.faults.length > 0 ? (
            <Read>{listed(data.faults.map((fault) => say(`fault.${fault}`)))}</Read>
          ) : null}
          {data.note ? <Read testID="record-note">{data.note}</Read> : null}
        </View>
      </View>
      <View className="flex-row flex-wrap gap-x-6 gap-y-2">
        <Labelled label={say('log.tin')}>
          <Read>{`${data.vesselCount} × ${data.vesselName}`}</Read>
        </Labelled>
        <Labelled label={say('log.oven')}>
          <Read>{`${data.ovenName}, ${quantity({ ovenC: data.setC })}`}</Read>
        </Labelled>
        <Labelled label={say('log.poured-at')}>
          <Read>{quantity({ celsius: data.fillingStartC })}</Read>
        </Labelled>
      </View>
    </Sheet>
  );
}

/** Pull, probe and wobble: as they were foreseen, and as they were. */
function ForeseenAndDone({
  bake,
  pulledS,
}: {
  readonly bake: StoredBake;
  readonly pulledS: number | undefined;
}) {
  const { put, quantity } = useWords();
  const { window } = bake.data.foreseen;
  const lastReading = readingAtPull(bake, pulledS);
  const lastWobble = bake.wobbles.at(-1);
  const table: [string, string, string][] = [
    [
      say('log.pulled-at'),
      window
        ? say('log.min', {
            spanOfMinutes: spanOfMinutes(window.earliest.timeS, window.latest.timeS),
          })
        : say('log.no-window'),
      pulledS === undefined ? '–' : say('log.min-2', { pulledS: minutes(pulledS) }),
    ],
    [
      say('log.probe-at-the-pull'),
      window ? quantity({ celsius: window.best.probeC }) : '–',
      lastReading ? quantity({ celsius: lastReading.celsius }) : say('log.not-read'),
    ],
    [
      say('log.wobble'),
      window ? quantity(wobbleWidth(window.best.wobbleMm / 1000)) : '–',
      lastWobble
        ? put('log.cm-2', {
            diameter: { widthMm: lastWobble.diameterMm },
            motion: say(`motion.${lastWobble.motion}`),
          })
        : say('log.not-looked-at'),
    ],
  ];
  return (
    <View role="table" aria-label={say('log.foreseen-and-done')} className="gap-1">
      <View role="row" className="flex-row">
        <Text role="columnheader" className="flex-1 font-read text-small text-ink-soft">
          {' '}
        </Text>
        <Text role="columnheader" className="flex-1 font-read text-small text-ink-soft">
          {say('log.foreseen')}
        </Text>
        <Text role="columnheader" className="flex-1 font-read text-small text-ink-soft">
          {say('log.done')}
        </Text>
      </View>
      {table.map(([label, foreseen, done]) => (
        <View key={label} role="row" className="flex-row border-t border-line py-2">
          <Text role="cell" className="flex-1 font-read text-base text-ink">
            {label}
          </Text>
          <Text role="cell" className="flex-1 font-figures text-base text-ink">
            {foreseen}
          </Text>
          <Text role="cell" className="flex-1 font-figures text-base text-ink">
            {done}
          </Text>
        </View>
      ))}
    </View>
  );
}

/** One bake: what was foreseen and what was done, on the same axes. */
export function BakeRecord({ bake }: { readonly bake: StoredBake }) {
  const { data } = bake;
  useTitle(data.formulaName);
  const { window, setC, curdleC, pullS, curve } = data.foreseen;
  const pulledS = data.pulledAt === null ? undefined : secondsInto(data, Date.parse(data.pulledAt));
  const column = (index: 1 | 2 | 3) => curve.map((point) => [point[0], point[index]] as const);
  const readings = centreReadings(bake);
  return (
    <View className="gap-4" testID="bake-record">
      <View>
        <Title>{data.formulaName}</Title>
        <Soft>{format(new Date(data.startedAt), 'EEEE d MMMM yyyy, HH:mm')}</Soft>
      </View>
      <AsItCameOut bake={bake} />
      <Sheet title={say('log.foreseen-and-done')}>
        <ForeseenAndDone bake={bake} pulledS={pulledS} />
        <Curves
          rim={column(1)}
          halfRadius={column(2)}
          centre={column(3)}
          setC={setC}
          curdleC={curdleC ?? undefined}
          window={
            window ? [window.earliest.timeS, window.best.timeS, window.latest.timeS] : undefined
          }
          pullS={pullS}
          readings={readings.map((each) => [each.atS, each.celsius] as const)}
          pulledS={pulledS}
          label={say('log.foreseen-temperatures-and-the-readings-taken')}
        />
      </Sheet>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={say('log.open-the-formula')}
          onPress={() => router.navigate(`/formulas/${data.formulaId}`)}
        />
        <Button
          label={say('log.add-to-this-record')}
          onPress={() => router.navigate(`/bake/${bake.id}`)}
        />
      </View>
    </View>
  );
}
