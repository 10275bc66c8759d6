import type { FormulaData } from '@hollow-moon/contract';
import {
  LAYER_HOLDS,
  type Forecast,
  type LayerForecast,
  type OutStep,
  type Problem,
} from '@hollow-moon/core';
import { heldInWords, layerInWords, pullSentence, say, waterInWords } from '@hollow-moon/words';
import { memo, type ReactNode } from 'react';
import type { Edit } from '../drafts/edits';
import { Notice, Read, Sheet, Soft, useWords } from '../design';
import { RemedyList } from '../remedies/RemedyList';
import { BatchNotice } from './BatchNotice';
import type { Outlook } from './useOutlook';
import { WorkingNote } from './WorkingNote';

/** What becomes of something under or over the filling: a line, or a warning where it does not set. */
function LayerOutcome({ laid }: { readonly laid: LayerForecast }) {
  const says = layerInWords(laid, useWords());
  return laid.set !== undefined && laid.set < LAYER_HOLDS ? (
    <Notice kind="danger" testID="layer-outcome">
      {says}
    </Notice>
  ) : (
    <Soft testID="layer-outcome">{says}</Soft>
  );
}

// Remembered part by part: a slider passes through here at every step, and changes little of it.

/** Whether there is a window, and how to have it. */
const Verdict = memo(function Verdict({
  forecast,
  out,
  missing,
  problem,
  batch,
  working,
  remedies,
}: {
  readonly forecast: Forecast | undefined;
  readonly out: readonly OutStep[];
  readonly missing: string | undefined;
  readonly problem: Problem | undefined;
  readonly batch: ReactNode;
  readonly working: ReactNode;
  readonly remedies: ReactNode;
}) {
  const temperature = useWords();
  return (
    <Sheet>
      {missing ? <Notice kind="hint">{missing}</Notice> : null}
      {problem ? (
        <Notice kind="danger" testID="forecast-problem">
          {temperature.tell(problem)}
        </Notice>
      ) : null}
      {working}
      {batch}
      {forecast ? (
        <>
          {forecast.verdict.kind === 'window' ? (
            <Read testID="forecast-sentence">{pullSentence(forecast, temperature, out)}</Read>
          ) : (
            <>
              <Notice kind="danger" testID="no-window">
                {say('forecast.no-window', { sentence: pullSentence(forecast, temperature, out) })}
              </Notice>
              {remedies}
            </>
          )}
          {forecast.laid.map((each) => (
            <LayerOutcome key={`${each.place}/${each.name}`} laid={each} />
          ))}
        </>
      ) : null}
    </Sheet>
  );
});

/** What else is to be known before it is baked. */
export const Cautions = memo(function Cautions({
  forecast: { cautions, safety, top, waterLostG },
}: {
  readonly forecast: Forecast;
}) {
  const words = useWords();
  const { degrees, unit, tell } = words;
  return (
    <Sheet title={say('forecast.what-to-know')}>
      {cautions.map(tell).map((caution) => (
        <Notice key={caution} kind="hint">
          {caution}
        </Notice>
      ))}
      <Soft testID="safety">
        {say('forecast.the-coldest-spot-reaches', {
          coldestPeakC: degrees(safety.coldestPeakC),
          unit,
          heldInWords: heldInWords(safety.timesPublished),
        })}
      </Soft>
      <Soft testID="top">
        {say('forecast.the-top-is-at-the', {
          more: top.shade === 'raw' ? say('forecast.not-browned') : say(`shade.${top.shade}`),
          waterInWords: waterInWords(waterLostG, words),
        })}
      </Soft>
    </Sheet>
  );
});

/** Whether there is a window, with what stands in its way and what would help. */
export function VerdictOf({
  data,
  outlook,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly outlook: Outlook;
  readonly onEdit: Edit;
}) {
  const { plan, missing, forecast, settled, problem } = outlook;
  return (
    <Verdict
      forecast={forecast}
      out={data.ovenUse.out}
      missing={missing}
      problem={problem}
      batch={
        forecast && settled ? (
          <BatchNotice data={data} level={forecast.level} onEdit={onEdit} />
        ) : null
      }
      working={
        outlook.progress === undefined && !outlook.again ? null : <WorkingNote {...outlook} />
      }
      remedies={
        plan && settled && forecast?.verdict.kind === 'no-window' ? (
          <RemedyList data={data} plan={plan} onEdit={onEdit} />
        ) : null
      }
    />
  );
}
