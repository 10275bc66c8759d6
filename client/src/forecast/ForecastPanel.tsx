import type { FormulaData } from '@hollow-moon/contract';
import type { Forecast } from '@hollow-moon/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Notice, Read, Sheet, Soft } from '../design';
import { Moon } from '../moon';
import type { KitchenBook } from '../store/kitchen';
import { useTemperature } from '../store/useTemperature';
import { Conditions } from './Conditions';
import { Curves } from './Curves';
import { Instrument } from './Instrument';
import type { Outlook } from './useOutlook';
import { WindowTable } from './WindowTable';
import { sentence } from './words';
import { WorkingNote } from './WorkingNote';

const curveOf = (forecast: Forecast, probe: 'rim' | 'halfRadius' | 'centre') =>
  forecast.frames.map((frame) => [frame.timeS, frame.probeC[probe]] as const);

/** Fields of a plan that have a place of their own on the screen; a problem elsewhere is shown above. */
const PLACED = new Set(['setC', 'altitudeM']);

/** What will happen in the oven: verdict, instrument, curves, and what it hangs on. */
export function ForecastPanel({
  data,
  book,
  outlook,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly outlook: Outlook;
  readonly onEdit: (field: string, data: FormulaData) => void;
}) {
  const temperature = useTemperature();
  const [scrubbed, setScrubbed] = useState<number | undefined>(undefined);
  const { judged, missing, forecast, problem, tried, setTried } = outlook;
  const problemAt = (path: string) =>
    problem?.path === path && PLACED.has(path) ? problem.message : undefined;
  const timeS = scrubbed ?? forecast?.pullS ?? 0;

  if (judged.kind === 'not-judged') {
    return (
      <Sheet title="Forecast">
        <View className="items-center gap-3 py-4">
          <Moon state={undefined} shell={data.shell !== 'none'} size={120} label="Not judged" />
          <Read className="text-center">{judged.reason}</Read>
          <Soft className="text-center">
            Its list, ratios and tins are kept and computed all the same.
          </Soft>
        </View>
      </Sheet>
    );
  }
  const window =
    forecast?.verdict.kind === 'window'
      ? ([
          forecast.verdict.earliest.timeS,
          forecast.verdict.best.timeS,
          forecast.verdict.latest.timeS,
        ] as const)
      : undefined;
  return (
    <View className="gap-4">
      <Sheet title="Forecast">
        {missing ? <Notice kind="hint">{missing}</Notice> : null}
        {problem ? (
          <Notice kind="danger" testID="forecast-problem">
            {problem.message}
          </Notice>
        ) : null}
        <WorkingNote {...outlook} />
        {forecast ? (
          <>
            {window ? (
              <Read className="text-lead" testID="forecast-sentence">
                {sentence(forecast, temperature)}
              </Read>
            ) : (
              <Notice kind="danger" testID="no-window">
                {`No window. ${sentence(forecast, temperature)}`}
              </Notice>
            )}
            <WindowTable
              forecast={forecast}
              chosen={tried.pull ?? 'best'}
              onChoose={(pull) => {
                setTried({ ...tried, pull });
                setScrubbed(undefined);
              }}
            />
            <Instrument
              forecast={forecast}
              shell={data.shell !== 'none'}
              timeS={timeS}
              onTime={setScrubbed}
            />
          </>
        ) : null}
      </Sheet>
      {forecast ? (
        <Sheet title="Temperatures">
          <Curves
            rim={curveOf(forecast, 'rim')}
            halfRadius={curveOf(forecast, 'halfRadius')}
            centre={curveOf(forecast, 'centre')}
            setC={forecast.setC}
            setUncertaintyK={judged.setUncertaintyK}
            curdleC={forecast.curdleC}
            window={window}
            pullS={forecast.pullS}
            nowS={timeS}
            label="Temperatures at centre, half-way out and rim over time, with the setting and curdling bands"
          />
        </Sheet>
      ) : null}
      <Conditions
        data={data}
        book={book}
        tried={tried}
        onTried={setTried}
        onEdit={onEdit}
        problemAt={problemAt}
      />
      {forecast ? (
        <>
          {forecast.cautions.map((caution) => (
            <Notice key={caution} kind="hint">
              {caution}
            </Notice>
          ))}
          <Soft>{`Loses about ${Math.round(forecast.waterLostG)} g of water a tin. A prediction for a steady oven: trust the window and the wobble before the minute.`}</Soft>
        </>
      ) : null}
    </View>
  );
}
