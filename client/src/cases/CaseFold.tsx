import { say } from '@hollow-moon/words';
import { fromBakeCase, resultToCsv } from '@hollow-moon/contract';
import type { BakeCase } from '@hollow-moon/core';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg, { Path, Text as SvgText } from 'react-native-svg';
import {
  Button,
  CHART_TEXT,
  colours,
  heatLevels,
  LevelLines,
  FileButton,
  fileName,
  Fold,
  keepAsFile,
  Notice,
  Read,
  Soft,
  useWords,
} from '../design';
import { useJob } from '../jobs';
import type { Answer } from '../jobs/jobs';
import {} from '../curves/Curves';
import { OTHER_STROKES } from '../curves/drawn';

const HEIGHT = 180;

/** The probes of a case over its time. */
function CaseCurves({ result }: { readonly result: Answer<'case'> }) {
  const { degrees, unit } = useWords();
  const [width, setWidth] = useState(320);
  const { timesS, probes } = result;
  const all = probes.flatMap(({ temperatureC }) => temperatureC);
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const endS = timesS[timesS.length - 1]!;
  const x = scaleLinear()
    .domain([0, endS])
    .range([36, width - 8]);
  const y = scaleLinear()
    .domain([least, most])
    .nice()
    .range([HEIGHT - 22, 8]);
  const strokes = [undefined, ...OTHER_STROKES];
  return (
    <View onLayout={({ nativeEvent }) => setWidth(Math.max(240, nativeEvent.layout.width))}>
      <Svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={say('cases.probes-of-the-case-over-time')}
      >
        <LevelLines
          levels={heatLevels(y.domain()[0]!, y.domain()[1]!, unit, 4)}
          y={y}
          from={36}
          to={width - 8}
          shown={degrees}
        />
        {probes.map(({ name, temperatureC }, index) => (
          <Path
            key={name}
            d={
              line<number>()
                .x((_, at) => x(timesS[at]!))
                .y((c) => y(c))(temperatureC) ?? ''
            }
            fill="none"
            stroke={index === 0 ? colours.ink : colours.water}
            strokeWidth={2}
            strokeDasharray={strokes[index % strokes.length]}
          />
        ))}
        <SvgText {...CHART_TEXT} x={36} y={HEIGHT - 4}>
          {say('cases.0-min')}
        </SvgText>
        <SvgText {...CHART_TEXT} x={width - 8} y={HEIGHT - 4} textAnchor="end">
          {String(Math.round(endS / 60))}
        </SvgText>
      </Svg>
    </View>
  );
}

/** What a case came to: its probes, the water it lost, and the way to keep it. */
function CaseResult({
  result,
  onClose,
}: {
  readonly result: Answer<'case'>;
  readonly onClose: () => void;
}) {
  const { degrees, put, unit } = useWords();
  return (
    <View className="gap-2" testID="case-result">
      <Read className="font-read-strong">{result.name}</Read>
      <CaseCurves result={result} />
      <View role="list">
        {result.probes.map(({ name, temperatureC, extents }) => (
          <View
            key={name}
            role="listitem"
            className="flex-row flex-wrap gap-x-3 border-t border-line py-1"
          >
            <Read className="min-w-24">{name}</Read>
            <Read className="font-figures">
              {say('cases.ends-at-hottest', {
                at: degrees(temperatureC.at(-1)!),
                max: degrees(Math.max(...temperatureC)),
                unit,
              })}
            </Read>
            {Object.entries(extents).map(([reaction, values]) => (
              <Soft key={reaction}>{`${reaction} ${Math.round(values.at(-1)! * 100)} %`}</Soft>
            ))}
          </View>
        ))}
      </View>
      <Soft>
        {put('cases.loses-g-of-water-the', {
          lost: { grams: result.waterLostKg * 1000 },
          toExponential: (Math.abs(result.energy.residual) * 100).toExponential(1),
        })}
      </Soft>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={say('cases.as-csv')}
          onPress={() => keepAsFile(fileName(result.name, 'csv'), 'text/csv', resultToCsv(result))}
        />
        <Button label={say('cases.put-it-away')} weight="quiet" onPress={onClose} />
      </View>
    </View>
  );
}

/** Bake cases: the forecast as plain numbers to take along, and one from elsewhere to compute here. */
export const CaseFold = memo(function CaseFold({
  onTakeAlong,
}: {
  /** Answers with what stands in the way, or nothing. */
  readonly onTakeAlong: (() => string) | undefined;
}) {
  const { tell } = useWords();
  const [opened, setOpened] = useState<BakeCase>();
  const [problem, setProblem] = useState('');
  const { answer, settled, broke } = useJob('case', opened && { data: opened });
  const result = settled ? answer : undefined;
  return (
    <Fold
      title={say('cases.bake-cases')}
      summary={say('cases.this-forecast-as-plain-numbers-or')}
      id="cases"
    >
      {() => (
        <>
          <View className="flex-row flex-wrap gap-2">
            {onTakeAlong ? (
              <Button
                label={say('cases.take-the-bake-along')}
                testID="save-case"
                onPress={() => setProblem(onTakeAlong())}
              />
            ) : null}
            <FileButton
              label={say('cases.open-a-case')}
              accept=".json,application/json"
              testID="case-file"
              onText={(text) => {
                const read = fromBakeCase(text);
                setProblem(
                  read.ok
                    ? ''
                    : `${tell(read.problem)}${read.problem.path ? ` ${say('cases.at', { path: read.problem.path })}` : ''}`,
                );
                setOpened(read.ok ? read.value : undefined);
              }}
            />
          </View>
          <Soft>{say('cases.a-bake-case-holds-everything-a')}</Soft>
          {problem ? (
            <Notice kind="danger" testID="case-problem">
              {problem}
            </Notice>
          ) : null}
          {opened && broke ? (
            <Notice kind="danger">{say('cases.this-case-could-not-be-computed')}</Notice>
          ) : null}
          {opened && !result && !broke ? (
            <Soft>{say('cases.computing', { name: opened.name })}</Soft>
          ) : null}
          {opened && result ? (
            <CaseResult result={result} onClose={() => setOpened(undefined)} />
          ) : null}
        </>
      )}
    </Fold>
  );
});
