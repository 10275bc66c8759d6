import { caseOfPlan, toBakeCase, type FormulaData } from '@hollow-moon/contract';
import type { PullChoice } from '@hollow-moon/core';
import { useCallback, useDeferredValue } from 'react';
import { View } from 'react-native';
import { Button, fileName, keepAsFile, Notice, Read, Sheet, Soft } from '../design';
import { Moon } from '../moon';
import type { KitchenBook } from '../store/kitchen';
import { useTemperature } from '../store/useTemperature';
import { Conditions } from './Conditions';
import { History } from './History';
import type { Outlook } from './useOutlook';
import { planFor } from './plan';
import { WindowTable } from './WindowTable';
import { sentence } from './words';
import { WorkingNote } from './WorkingNote';

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
  const { judged, missing, forecast, problem, tried, setTried } = outlook;
  // Moon and section follow a slider first; words and figures come in the frame after.
  const told = useDeferredValue(forecast);
  const choosePull = useCallback(
    (pull: PullChoice) => setTried((before) => ({ ...before, pull })),
    [setTried],
  );
  if (judged.kind !== 'judged') {
    return (
      <Sheet title="Forecast">
        <View className="items-center gap-3 py-4">
          <Moon state={undefined} shell={data.shell !== 'none'} size={120} label="No forecast" />
          <Read className="text-center" testID="no-forecast">
            {judged.kind === 'not-judged' ? judged.reason : judged.treatment}
          </Read>
          <Soft className="text-center">
            {judged.kind === 'by-sign'
              ? 'Go by that sign: its time is not forecast yet. Ratios, end point and tins are on the bench.'
              : 'Its list, ratios and tins are kept and computed all the same.'}
          </Soft>
        </View>
      </Sheet>
    );
  }
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
        {told ? (
          <>
            {told.verdict.kind === 'window' ? (
              <Read className="text-lead" testID="forecast-sentence">
                {sentence(told, temperature)}
              </Read>
            ) : (
              <Notice kind="danger" testID="no-window">
                {`No window. ${sentence(told, temperature)}`}
              </Notice>
            )}
            <WindowTable forecast={told} chosen={tried.pull ?? 'best'} onChoose={choosePull} />
          </>
        ) : null}
      </Sheet>
      {forecast ? (
        <History
          key={tried.pull ?? 'best'}
          forecast={forecast}
          shell={data.shell !== 'none'}
          setUncertaintyK={judged.setUncertaintyK}
        />
      ) : null}
      <Conditions
        data={data}
        book={book}
        tried={tried}
        onTried={setTried}
        onEdit={onEdit}
        problem={problem}
        bath={told?.bath}
      />
      {told ? (
        <>
          {told.cautions.map((caution) => (
            <Notice key={caution} kind="hint">
              {caution}
            </Notice>
          ))}
          <View className="self-start">
            <Button
              label="Take the bake along"
              testID="save-case"
              onPress={() => {
                const wish = planFor(data, book, tried);
                const made =
                  'plan' in wish ? caseOfPlan(data.name, wish.plan, told.pullS) : undefined;
                if (made?.ok) {
                  keepAsFile(
                    fileName(`${data.name} bake`, 'json'),
                    'application/json',
                    toBakeCase(made.value),
                  );
                }
              }}
            />
          </View>
          <Soft>
            A bake case: everything this forecast is computed from, in plain numbers another program
            can check.
          </Soft>
          <Soft>{`Loses about ${Math.round(told.waterLostG)} g of water a tin. A prediction for a steady oven: trust the window and the wobble before the minute.`}</Soft>
        </>
      ) : null}
    </View>
  );
}
