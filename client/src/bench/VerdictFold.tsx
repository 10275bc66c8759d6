import {
  standsIn,
  whyItStaysLiquid,
  type Band,
  type Finding,
  type BySign,
  type Made,
  type Judged,
  type PartVerdict,
} from '@hollow-moon/core';
import { Text, View } from 'react-native';
import { Fold, Figure, Labelled, Notice, Read, Soft, Why, useWords } from '../design';
import { endInWords, FIRMNESS_WORDS, say } from '@hollow-moon/words';

function Warnings({ of }: { readonly of: readonly Finding[] }) {
  const { tell } = useWords();
  return of.map(tell).map((warning) => (
    <Notice key={warning} kind="danger">
      {warning}
    </Notice>
  ));
}

function FirmnessLine({
  firmness,
  why,
}: {
  readonly firmness: Judged['firmness'];
  readonly why: Finding;
}) {
  const { tell } = useWords();
  return (
    <View>
      <Labelled label={say('bench.when-cold')}>
        <Read className="font-read-strong text-title" testID="firmness">
          {FIRMNESS_WORDS[firmness]}
        </Read>
      </Labelled>
      <Why about={say('bench.firmness')}>{tell(why)}</Why>
    </View>
  );
}

/** Where a custard sets and from where it curdles; each with its reason. */
function SetsAndCurdles({ verdict }: { readonly verdict: Judged }) {
  const { degrees, span, unit, tell } = useWords();
  const { setC, setUncertaintyK, curdleC, why } = verdict;
  return (
    <>
      <View>
        <Labelled label={say('bench.sets-at-2')}>
          <Figure
            value={degrees(setC)}
            unit={`± ${span(setUncertaintyK)} ${unit}`}
            size="figure"
            testID="sets-at"
          />
        </Labelled>
        <Why about={say('bench.setting-temperature')}>{tell(why.set)}</Why>
      </View>
      <View>
        <Labelled label={say('bench.curdles-from')}>
          {curdleC === undefined ? (
            <Read className="font-read-strong text-title">{say('bench.does-not')}</Read>
          ) : (
            <Figure
              value={degrees(curdleC)}
              unit={say('bench.above', {
                unit,
                margin: Number(degrees(curdleC)) - Number(degrees(setC)),
              })}
              size="figure"
              testID="curdles-from"
            />
          )}
        </Labelled>
        <Why about={say('bench.curdling-temperature')}>{tell(why.curdle)}</Why>
      </View>
    </>
  );
}

function JudgedCustard({ verdict }: { readonly verdict: Judged }) {
  const { firmness, why, warnings } = verdict;
  return (
    <>
      <View className="flex-row flex-wrap gap-x-6 gap-y-3">
        {/* What stays liquid has no temperature to set at, whatever its egg does in the heat. */}
        {whyItStaysLiquid(verdict) ? null : <SetsAndCurdles verdict={verdict} />}
        <FirmnessLine firmness={firmness} why={why.firmness} />
      </View>
      <Warnings of={warnings} />
    </>
  );
}

const STANDS = {
  unknown: '–',
  under: `▼ ${say('bench.band-low')}`,
  within: '✓',
  over: `▲ ${say('bench.band-high')}`,
} as const;

/** A ratio and where it lies between what is usual, drawn and in words. */
function BandLine({ band }: { readonly band: Band }) {
  const { name, value, shownAs, least, most } = band;
  const stands = standsIn(band);
  const { quantity } = useWords();
  const shown = (of: number) => quantity(shownAs === 'share' ? { share: of } : { ratio: of });
  // The usual band takes the middle half of the line.
  const width = most - least;
  const share = value === undefined ? 0 : 0.25 + (0.5 * (value - least)) / width;
  const at = Math.min(0.98, Math.max(0.02, share));
  return (
    <View
      className="gap-1"
      testID={`band-${name}`}
      aria-label={say('bench.usually-to', {
        name: say(`band.${name}`),
        more: value === undefined ? say('bench.unknown') : shown(value),
        shown: shown(least),
        shown2: shown(most),
      })}
    >
      <View className="flex-row items-baseline justify-between gap-2">
        <Read>{say(`band.${name}`)}</Read>
        <Text className="font-figures-strong text-base text-ink">
          {value === undefined ? '–' : shown(value)}
          <Text
            className={`font-read text-small ${stands === 'under' || stands === 'over' ? 'text-scorch' : 'text-ink-soft'}`}
          >{` ${STANDS[stands]}`}</Text>
        </Text>
      </View>
      <View className="h-2 rounded bg-ground">
        <View className="absolute bottom-0 left-1/4 right-1/4 top-0 bg-yolk opacity-60" />
        {value === undefined ? null : (
          <View
            className="absolute -top-1 h-4 w-1 bg-ink"
            style={{ left: `${Number((at * 100).toFixed(1))}%` }}
          />
        )}
      </View>
      <Soft>{say('bench.usually-to-2', { shown: shown(least), shown2: shown(most) })}</Soft>
    </View>
  );
}

/** What is done, where it is done, and how it goes wrong; also within a component's sheet. */
export function JudgedBySign({ verdict }: { readonly verdict: BySign | Made }) {
  const temperature = useWords();
  const end = verdict.endC && endInWords(verdict.endC, temperature);
  const { setBy, treatment, fails, bands, warnings, source } = verdict;
  return (
    <>
      <View className="flex-row flex-wrap gap-x-6 gap-y-3">
        {end ? (
          <Labelled
            label={
              verdict.kind === 'made' ? say('bench.done-at') : say('bench.done-at-in-the-middle')
            }
          >
            <Figure value={end.figure} unit={end.unit} size="figure" testID="done-at" />
          </Labelled>
        ) : null}
        {verdict.kind === 'by-sign' ? (
          <FirmnessLine firmness={verdict.firmness} why={verdict.firmnessWhy} />
        ) : null}
      </View>
      <Labelled label={say('bench.set-by')}>
        <Read testID="set-by">{temperature.tell(setBy)}</Read>
      </Labelled>
      <Labelled label={say('bench.do')}>
        <Read testID="treatment">{temperature.tell(treatment)}</Read>
      </Labelled>
      <Labelled label={say('bench.mind')}>
        <Read>{temperature.tell(fails)}</Read>
      </Labelled>
      <Warnings of={warnings} />
      <View className="gap-3">
        {bands.map((band) => (
          <BandLine key={band.name} band={band} />
        ))}
      </View>
      <Soft>{temperature.tell(source)}</Soft>
    </>
  );
}

/** Whether it will set, what it needs for that, and how firm it will be; each with its reason. */
export function VerdictFold({ verdict }: { readonly verdict: PartVerdict }) {
  const { degrees, tell, unit } = useWords();
  const liquid = whyItStaysLiquid(verdict);
  const inShort = liquid
    ? tell(liquid)
    : verdict.kind === 'judged'
      ? say('bench.sets-in-short', {
          setC: degrees(verdict.setC),
          unit,
          firmness: FIRMNESS_WORDS[verdict.firmness].toLowerCase(),
        })
      : tell(verdict.kind === 'not-judged' ? verdict.reason : verdict.setBy);
  return (
    <Fold
      id="verdict"
      title={verdict.kind === 'made' ? say('bench.will-it-do') : say('bench.will-it-set')}
      summary={inShort}
      begin
    >
      {() => (
        <>
          {verdict.kind === 'judged' ? (
            <JudgedCustard verdict={verdict} />
          ) : verdict.kind === 'not-judged' ? (
            <Notice kind="hint" testID="not-judged">
              {tell(verdict.reason)}
            </Notice>
          ) : (
            <JudgedBySign verdict={verdict} />
          )}
        </>
      )}
    </Fold>
  );
}
