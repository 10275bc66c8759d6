import { type StoredBake } from '@hollow-moon/contract';
import { format } from 'date-fns';
import { router } from 'expo-router';
import { Text, View } from 'react-native';
import { foreseenMoon, secondsInto } from '../bake/progress';
import { BakeDial } from '../bake/BakeDial';
import type { KitchenBook } from '../book/book';
import { deedInWords } from '../deeds';
import { Button, Figure, Fold, Labelled, Read, Sheet, Soft, Title, useWords } from '../design';
import { captionOf, listed, minutes, say, spanOfMinutes, wobbleWidth } from '@hollow-moon/words';
import { Margin, useTitle } from '../layout';
import { DonenessKey, Moon, moonInWords, type MoonState } from '../moon';
import { PicturesFold } from '../pictures';
import { centreReadings } from './centre';
import { differenceInWords } from './difference';
import { OfDay } from './OfDay';
import { OvenFold } from './OvenFold';
import { RecordCurves } from './RecordCurves';
import { lastMoon, RESULT_MARKS } from './outcome';

/** A reading this near to the pull, s, is the reading at the pull; one from long before says nothing of it. */
const AT_PULL_S = 180;

/** What the middle read at the pull, where somebody read it then. */
const readingAtPull = (bake: StoredBake, pulledS: number | undefined) =>
  pulledS === undefined
    ? undefined
    : centreReadings(bake)
        .filter(({ atS }) => Math.abs(atS - pulledS) <= AT_PULL_S)
        .sort((a, b) => Math.abs(a.atS - pulledS) - Math.abs(b.atS - pulledS))[0];

/** A moon with its minute and what it is. */
function MoonOf({
  state,
  shell,
  minute,
  title,
  about,
  label,
}: {
  readonly state: MoonState | undefined;
  readonly shell: boolean;
  readonly minute: string;
  readonly title: string;
  readonly about: string;
  readonly label: string;
}) {
  return (
    <View className="min-w-0 flex-1 items-center gap-1">
      <Soft>{title}</Soft>
      <Moon state={state} shell={shell} size={132} label={label} />
      <Figure value={minute} unit={minute === '–' ? '' : 'min'} size="figure" />
      <Soft className="text-center">{about}</Soft>
    </View>
  );
}

/** With what it was baked. */
function BakedWith({ data }: { readonly data: StoredBake['data'] }) {
  const { quantity } = useWords();
  return (
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
  );
}

/** The bake as it was foreseen beside the bake as it was, and the difference in words. */
function TwoMoons({
  bake,
  kitchenId,
  pulledS,
}: {
  readonly bake: StoredBake;
  readonly kitchenId: string;
  readonly pulledS: number | undefined;
}) {
  const words = useWords();
  const { quantity } = words;
  const { data } = bake;
  const { window, pullS } = data.foreseen;
  const shell = data.shell !== 'none';
  const reading = readingAtPull(bake, pulledS);
  const lastWobble = bake.wobbles.at(-1);
  const bestS = window?.best.timeS ?? pullS;
  const foreseen = foreseenMoon({ ...data, pulledAt: null }, bestS);
  const done = lastMoon({ ...data, lastWobbleMm: lastWobble?.diameterMm ?? null });
  const difference = differenceInWords(data, { pulledS, probeC: reading?.celsius }, words);
  const result = data.result
    ? `${RESULT_MARKS[data.result]} ${say(`result.${data.result}`)}`
    : say('log.not-judged');
  return (
    <Sheet>
      <Read className="font-read-strong text-lead" testID="record-result">
        {result}
      </Read>
      {difference ? <Read testID="difference">{difference}</Read> : null}
      {data.faults.length > 0 ? (
        <Read>{listed(data.faults.map((fault) => say(`fault.${fault}`)))}</Read>
      ) : null}
      <View className="flex-row gap-4">
        <MoonOf
          state={foreseen.moon}
          shell={shell}
          title={say('log.foreseen')}
          minute={window ? minutes(window.best.timeS) : '–'}
          about={window ? quantity({ celsius: window.best.probeC }) : say('log.no-window')}
          label={say('log.moon-foreseen', {
            moon: moonInWords(foreseen.moon, captionOf(foreseen.wobbleMm / 1000, words)),
          })}
        />
        <MoonOf
          state={done}
          shell={shell}
          title={say('log.done')}
          minute={pulledS === undefined ? '–' : minutes(pulledS)}
          about={reading ? quantity({ celsius: reading.celsius }) : say('log.not-read')}
          label={say('log.moon-done', {
            moon: done
              ? moonInWords(
                  done,
                  lastWobble ? captionOf(lastWobble.diameterMm / 1000, words) : undefined,
                )
              : say('log.no-wobble-noted'),
          })}
        />
      </View>
      <BakeDial
        data={data}
        noted={{ readings: centreReadings(bake), wobbles: bake.wobbles, deeds: bake.deeds }}
        pulledS={pulledS}
      />
      <DonenessKey spoils={undefined} />
      {data.note ? (
        <View className="border-l-4 border-line pl-3">
          <Soft>{say('log.note')}</Soft>
          <Read testID="record-note">{data.note}</Read>
        </View>
      ) : null}
      <BakedWith data={data} />
      {data.ofDay ? <OfDay kitchenId={kitchenId} bakeId={bake.id} ofDay={data.ofDay} /> : null}
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
  const then = bake.data.believed?.window;
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
    <View className="gap-2">
      {then ? (
        <Read testID="record-believed">
          {put('log.believed', {
            span: spanOfMinutes(then.earliest.timeS, then.latest.timeS),
            best: minutes(then.best.timeS),
            probe: { celsius: then.best.probeC },
          })}
        </Read>
      ) : null}
      <Table rows={table} />
    </View>
  );
}

/** Signs, as they were foreseen and as they were. */
function Table({ rows }: { readonly rows: readonly (readonly [string, string, string])[] }) {
  return (
    <View role="table" aria-label={say('log.foreseen-and-done')} className="gap-1">
      <View role="row" className="flex-row gap-3">
        <Text role="columnheader" className="flex-1 font-read text-small text-ink-soft">
          {say('log.sign')}
        </Text>
        <Text role="columnheader" className="flex-1 font-read text-small text-ink-soft">
          {say('log.foreseen')}
        </Text>
        <Text role="columnheader" className="flex-1 font-read text-small text-ink-soft">
          {say('log.done')}
        </Text>
      </View>
      {rows.map(([label, foreseen, done]) => (
        <View key={label} role="row" className="flex-row gap-3 border-t border-line py-2">
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

/** What went wrong on the way and what was done, by the minute. */
function Deeds({ deeds }: Pick<StoredBake, 'deeds'>) {
  const words = useWords();
  return (
    <View role="list" className="gap-1">
      {deeds.map((deed) => (
        <View key={deed.id} role="listitem" className="flex-row items-baseline gap-3 py-2">
          <Text className="w-16 font-figures text-base text-ink-soft">
            {say('bake.min', { atS: Math.round(deed.atS / 60) })}
          </Text>
          <Read className="flex-1">{deedInWords(deed, words)}</Read>
        </View>
      ))}
    </View>
  );
}

/** One bake: what was foreseen and what was done, on the same axes. */
export function BakeRecord({
  bake,
  book,
}: {
  readonly bake: StoredBake;
  readonly book: KitchenBook;
}) {
  const { data } = bake;
  useTitle(data.formulaName);
  const words = useWords();
  const pulledS = data.pulledAt === null ? undefined : secondsInto(data, Date.parse(data.pulledAt));
  const readings = centreReadings(bake);
  const made = data.parts.length > 0;
  return (
    <View className="gap-2" testID="bake-record">
      <Margin>
        <View>
          <View testID="record-title">
            <Title>{data.formulaName}</Title>
          </View>
          <Soft>{format(new Date(data.startedAt), 'EEEE d MMMM yyyy, HH:mm')}</Soft>
        </View>
      </Margin>
      <TwoMoons bake={bake} kitchenId={book.kitchen.id} pulledS={pulledS} />
      <View>
        <Fold
          id="foreseen-and-done"
          title={say('log.foreseen-and-done')}
          summary={say('log.foreseen-in-short', { readings: readings.length })}
          begin
        >
          {() => <ForeseenAndDone bake={bake} pulledS={pulledS} />}
        </Fold>
        {bake.deeds.length > 0 ? (
          <Fold
            id="record-deeds"
            title={say('deeds.title')}
            summary={deedInWords(bake.deeds[0]!, words)}
          >
            {() => <Deeds deeds={bake.deeds} />}
          </Fold>
        ) : null}
        {made ? null : (
          <Fold
            id="record-curves"
            title={say('log.temperatures')}
            summary={say('log.curves-in-short')}
          >
            {() => <RecordCurves bake={bake} pulledS={pulledS} />}
          </Fold>
        )}
        {made ? null : <OvenFold bake={bake} book={book} />}
        <PicturesFold kitchenId={book.kitchen.id} bakeId={bake.id} />
      </View>
      <Margin>
        <View className="flex-row flex-wrap gap-2">
          <Button
            label={say('log.open-the-formula')}
            weight="main"
            onPress={() => router.navigate(`/formulas/${data.formulaId}`)}
          />
          <Button
            label={say('log.add-to-this-record')}
            onPress={() => router.navigate(`/bake/${bake.id}`)}
          />
        </View>
      </Margin>
    </View>
  );
}
