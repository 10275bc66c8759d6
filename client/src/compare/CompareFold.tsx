import type { Forecast, ForecastPlan } from '@hollow-moon/core';
import { scaleLinear } from 'd3-scale';
import { memo, useMemo, useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import {
  Button,
  CHART_TEXT,
  colours,
  Fold,
  icons,
  Picker,
  Read,
  Soft,
  ticksTo,
  TimeTicks,
  useWords,
} from '../design';
import { say, minutes, type Words } from '@hollow-moon/words';
import { alternativesTo, centreOf, differenceInWords, type Alternative } from './alternatives';
import { OTHER_STROKES } from '../curves/Curves';
import type { Answer } from '../jobs/jobs';

const ROW = 44;
const BAR = 16;

interface Row {
  readonly name: string;
  readonly forecast: Forecast | undefined;
  readonly says: string;
  readonly stroke: string | undefined;
}

/** One window as a bar, under its name. */
function WindowRow({
  row,
  top,
  x,
  width,
}: {
  readonly row: Row;
  readonly top: number;
  readonly x: (timeS: number) => number;
  readonly width: number;
}) {
  const { name, forecast, stroke } = row;
  const verdict = forecast?.verdict;
  return (
    <G>
      <SvgText {...CHART_TEXT} x={stroke ? 32 : 4} y={top + 14} fill={colours.ink}>
        {name}
      </SvgText>
      {stroke ? (
        <Line
          x1={4}
          x2={26}
          y1={top + 10}
          y2={top + 10}
          stroke={colours.water}
          strokeWidth={2.5}
          strokeDasharray={stroke}
        />
      ) : null}
      <Line
        x1={4}
        x2={width - 6}
        y1={top + 20 + BAR / 2}
        y2={top + 20 + BAR / 2}
        stroke={colours.line}
      />
      {verdict?.kind === 'window' ? (
        <>
          <Rect
            x={x(verdict.earliest.timeS)}
            y={top + 20}
            width={Math.max(3, x(verdict.latest.timeS) - x(verdict.earliest.timeS))}
            height={BAR}
            fill={colours.yolk}
            stroke={colours.ink}
            strokeWidth={1}
          />
          <Line
            x1={x(verdict.best.timeS)}
            x2={x(verdict.best.timeS)}
            y1={top + 17}
            y2={top + 23 + BAR}
            stroke={colours.ink}
            strokeWidth={2.5}
          />
        </>
      ) : forecast ? (
        <G>
          <Path
            d={`M4 ${top + 20}h18M4 ${top + 20 + BAR}h18`}
            stroke={colours.scorch}
            strokeWidth={1.5}
          />
          <SvgText {...CHART_TEXT} x={28} y={top + 33} fill={colours.scorch}>
            {say('compare.no-window')}
          </SvgText>
        </G>
      ) : null}
    </G>
  );
}

/** Windows under one another on one axis of minutes: earliest to latest as a bar, the best as a line. */
function WindowBars({ rows }: { readonly rows: readonly Row[] }) {
  const [width, setWidth] = useState(320);
  const ends = rows.flatMap(({ forecast }) => {
    const verdict = forecast?.verdict;
    return verdict?.kind === 'window' ? [verdict.latest.timeS] : [];
  });
  const endS = Math.max(1800, ...ends) * 1.1;
  const x = scaleLinear()
    .domain([0, endS])
    .range([4, width - 6]);
  const stepMin = endS > 7200 ? 30 : endS > 3600 ? 20 : 10;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(Math.max(240, nativeEvent.layout.width))}>
      <Svg
        width={width}
        height={rows.length * ROW + 22}
        role="img"
        aria-label={rows.map(({ name, says }) => `${name}: ${says}`).join('. ')}
      >
        {rows.map((row, index) => (
          <WindowRow key={row.name} row={row} top={index * ROW} x={x} width={width} />
        ))}
        <TimeTicks
          ticks={ticksTo(endS / 60, stepMin)}
          x={(min) => Math.max(16, x(min * 60))}
          y={rows.length * ROW + 16}
          unit="min"
        />
      </Svg>
    </View>
  );
}

export interface Compared {
  readonly alternative: Alternative;
  readonly answer: Answer<'forecast'> | undefined;
}

const forecastIn = ({ answer }: Compared): Forecast | undefined =>
  answer?.ok ? answer.value : undefined;

/** The curves of what is compared, for the chart above. */
export const othersOf = (compared: readonly Compared[]) =>
  compared.flatMap((each) => {
    const forecast = forecastIn(each);
    return forecast ? [{ name: each.alternative.name, points: centreOf(forecast) }] : [];
  });

const MOST = 2;

/** Another way of baking it to compare with, or this one as it stands now. */
function ChooseAnother({
  plan,
  options,
  chosen,
  onChoose,
}: {
  readonly plan: ForecastPlan;
  readonly options: readonly Alternative[];
  readonly chosen: readonly Alternative[];
  readonly onChoose: (chosen: readonly Alternative[]) => void;
}) {
  const [frozen, setFrozen] = useState(0);
  const free = options.filter(({ id }) => !chosen.some((each) => each.id === id));
  return (
    <View className="flex-row flex-wrap items-end gap-2">
      <View className="min-w-48 flex-1">
        <Picker
          label={say('compare.the-same-but')}
          testID="compare-with"
          value=""
          options={[
            { value: '', label: say('compare.choose') },
            ...free.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={(id) => {
            const found = free.find((each) => each.id === id);
            if (found) onChoose([...chosen, found]);
          }}
        />
      </View>
      <Button
        label={say('compare.this-as-it-is-now')}
        testID="compare-now"
        onPress={() => {
          setFrozen(frozen + 1);
          onChoose([
            ...chosen,
            {
              id: `now/${frozen}`,
              name: say('compare.as-it-was', { count: frozen + 1 }),
              plan,
            },
          ]);
        }}
      />
    </View>
  );
}

/** What is compared, and how it differs. */
function ComparedList({
  rows,
  chosen,
  onChoose,
}: {
  readonly rows: readonly Row[];
  readonly chosen: readonly Alternative[];
  readonly onChoose: (chosen: readonly Alternative[]) => void;
}) {
  return (
    <View role="list" testID="compared" className="gap-1">
      {rows.map(({ name, says }, index) => (
        <View key={name} role="listitem" className="flex-row items-center gap-2">
          <View className="min-w-0 flex-1">
            <Read>{name}</Read>
            <Soft>{says}</Soft>
          </View>
          <Button
            label={say('compare.leave-out', { name })}
            icon={icons.remove}
            iconOnly
            weight="quiet"
            onPress={() => onChoose(chosen.filter((_, at) => at !== index))}
          />
        </View>
      ))}
    </View>
  );
}

/** The plan as it stands, and under it what it is compared with. */
function rowsOf(forecast: Forecast, compared: readonly Compared[], tell: Words['tell']): Row[] {
  return [
    {
      name: say('compare.as-planned'),
      forecast,
      says:
        forecast.verdict.kind === 'window'
          ? say('compare.min', { timeS: minutes(forecast.verdict.best.timeS) })
          : say('compare.no-window'),
      stroke: undefined,
    },
    ...compared.map((each, index): Row => {
      const other = forecastIn(each);
      const problem = each.answer && !each.answer.ok ? tell(each.answer.problem) : '';
      return {
        name: each.alternative.name,
        forecast: other,
        says: other ? differenceInWords(forecast, other) : problem || say('compare.working-it-out'),
        stroke: OTHER_STROKES[index],
      };
    }),
  ];
}

/** One or two other ways of baking the same, against the plan as it stands. */
export const CompareFold = memo(function CompareFold({
  plan,
  forecast,
  compared,
  onChoose,
}: {
  readonly plan: ForecastPlan;
  readonly forecast: Forecast;
  readonly compared: readonly Compared[];
  readonly onChoose: (chosen: readonly Alternative[]) => void;
}) {
  const temperature = useWords();
  const { tell } = temperature;
  const options = useMemo(() => alternativesTo(plan, temperature), [plan, temperature]);
  const chosen = compared.map(({ alternative }) => alternative);
  const rows = rowsOf(forecast, compared, tell);
  return (
    <Fold
      title={say('compare.hold-against')}
      summary={
        chosen.length > 0
          ? chosen.map(({ name }) => name).join('; ')
          : say('compare.bath-or-none-cooler-hotter-another')
      }
      id="compare"
    >
      {() => (
        <>
          {chosen.length < MOST ? (
            <ChooseAnother plan={plan} options={options} chosen={chosen} onChoose={onChoose} />
          ) : null}
          {chosen.length > 0 ? (
            <>
              <WindowBars rows={rows} />
              <ComparedList rows={rows.slice(1)} chosen={chosen} onChoose={onChoose} />
              <Soft>{say('compare.their-middles-are-drawn-with-the')}</Soft>
            </>
          ) : (
            <Soft>{say('compare.each-is-the-plan-with-one')}</Soft>
          )}
        </>
      )}
    </Fold>
  );
});
