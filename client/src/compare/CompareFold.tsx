import type { Forecast, ForecastPlan } from '@hollow-moon/core';
import { memo, useMemo, useState } from 'react';
import { View } from 'react-native';
import Svg, { Line } from 'react-native-svg';
import { Button, colours, Fold, icons, Picker, Read, Soft, useWords } from '../design';
import { ForecastDial } from '../dial';
import { say, minutes, type Words } from '@hollow-moon/words';
import { alternativesTo, centreOf, differenceInWords, type Alternative } from './alternatives';
import {} from '../curves/Curves';
import { OTHER_STROKES } from '../curves/drawn';
import type { Answer } from '../jobs/jobs';

interface Row {
  readonly name: string;
  readonly forecast: Forecast | undefined;
  readonly says: string;
  readonly stroke: string | undefined;
}

/** Height of a ring where several stand under each other, px. */
const RING_PX = 26;

/** What it is, with the stroke of its curve. */
function Name({ name, stroke }: Pick<Row, 'name' | 'stroke'>) {
  return (
    <View className="flex-row items-center gap-2">
      {stroke ? (
        <Svg width={24} height={8} aria-hidden>
          <Line
            x1={0}
            x2={24}
            y1={4}
            y2={4}
            stroke={colours.water}
            strokeWidth={2.5}
            strokeDasharray={stroke}
          />
        </Svg>
      ) : null}
      <Soft>{name}</Soft>
    </View>
  );
}

/** The bakes under one another, each on a dial of the same minutes. */
function Dials({ rows }: { readonly rows: readonly Row[] }) {
  const untilS = Math.max(0, ...rows.map(({ forecast }) => forecast?.frames.at(-1)?.timeS ?? 0));
  return (
    <View className="gap-1">
      {rows.map(({ name, forecast, says, stroke }) => (
        <View key={name}>
          <Name name={name} stroke={stroke} />
          {forecast ? (
            <ForecastDial
              forecast={forecast}
              untilS={untilS}
              trackPx={RING_PX}
              label={`${name}: ${says}`}
            />
          ) : null}
        </View>
      ))}
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
              <Dials rows={rows} />
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
