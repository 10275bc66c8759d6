import { heldInWords, layerInWords, pullSentence, say, waterInWords } from '@hollow-moon/words';
import { caseOfPlan, toBakeCase, type FormulaData, type OvenUse } from '@hollow-moon/contract';
import {
  LAYER_HOLDS,
  USUAL_UNSURE,
  type Forecast,
  type LayerForecast,
  type OutStep,
  type PartKind,
  type Problem,
  type PullChoice,
  type Unsure,
} from '@hollow-moon/core';
import { memo, useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { fileName, keepAsFile, Notice, Read, Sheet, Soft, useWords } from '../design';
import { useSpread } from '../jobs';
import { BatchNotice } from './BatchNotice';
import { Moon } from '../moon';
import type { KitchenBook } from '../book/book';
import { CaseFold } from '../cases/CaseFold';
import { CompareFold, othersOf } from '../compare/CompareFold';
import { Conditions } from '../oven/Conditions';
import { CoolingFold } from '../cooling/CoolingFold';
import { History } from './History';
import { OvenUseFold } from '../oven/OvenUseFold';
import { pointsOf, ProbeFold, type ProbeOverlay } from '../probe/ProbeFold';
import { RemedyList } from '../remedies/RemedyList';
import { StirredCream } from '../stove/StirredCream';
import { SureFold } from '../certainty/SureFold';
import { useCompared } from '../compare/useCompared';
import type { Outlook } from './useOutlook';
import { WindowTable } from './WindowTable';
import { WorkingNote } from './WorkingNote';
import type { Edit } from '../drafts/edits';

interface PanelProps {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly outlook: Outlook;
  readonly onEdit: Edit;
  /** Controls, instrument and curves side by side. */
  readonly wide?: boolean;
}

/** Fillings that are cooked on the stove and then cooled. */
const STIRRED: ReadonlySet<PartKind> = new Set(['starch-cream', 'starch-pudding', 'curd']);

/** What is said of a filling that the oven does not set. */
function NoForecast({
  data,
  book,
  outlook: { judged },
}: Pick<PanelProps, 'data' | 'book' | 'outlook'>) {
  const { tell } = useWords();
  const stirred = judged.kind === 'by-sign' && STIRRED.has(data.family) ? judged.endC : undefined;
  return (
    <View className="gap-4">
      <Sheet title={say('forecast.forecast')}>
        <View className="items-center gap-3 py-4">
          <Moon
            state={undefined}
            shell={data.shell !== 'none'}
            size={120}
            label={say('forecast.no-forecast')}
          />
          <Read className="text-center" testID="no-forecast">
            {judged.kind === 'not-judged'
              ? tell(judged.reason)
              : judged.kind === 'judged'
                ? say('forecast.nothing-here-is-set-by-an')
                : tell(judged.treatment)}
          </Read>
          <Soft className="text-center">
            {judged.kind === 'by-sign'
              ? say('forecast.no-oven-sets-it-go-by')
              : say('forecast.its-list-ratios-and-tins-are')}
          </Soft>
        </View>
      </Sheet>
      {stirred ? <StirredCream key={data.family} data={data} book={book} endC={stirred} /> : null}
    </View>
  );
}

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
  chosen,
  onChoose,
}: {
  readonly forecast: Forecast | undefined;
  readonly out: readonly OutStep[];
  readonly missing: string | undefined;
  readonly problem: Problem | undefined;
  readonly batch: ReactNode;
  readonly working: ReactNode;
  readonly remedies: ReactNode;
  readonly chosen: PullChoice;
  readonly onChoose: (pull: PullChoice) => void;
}) {
  const temperature = useWords();
  return (
    <Sheet title={say('forecast.forecast')}>
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
            <Read className="text-lead" testID="forecast-sentence">
              {pullSentence(forecast, temperature, out)}
            </Read>
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
          <WindowTable forecast={forecast} chosen={chosen} onChoose={onChoose} />
        </>
      ) : null}
    </Sheet>
  );
});

/** What else is to be known before it is baked. */
const Cautions = memo(function Cautions({
  forecast: { cautions, safety, top, waterLostG },
}: {
  readonly forecast: Forecast;
}) {
  const words = useWords();
  const { degrees, unit, tell } = words;
  return (
    <>
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
    </>
  );
});

/** The bake as a file that others can compute; says why where it cannot be one. */
function useExport(data: FormulaData, { plan, forecast }: Outlook): () => string {
  const { tell } = useWords();
  // Read when something is pressed, so that the folds are not drawn again as a slider moves.
  const latest = useRef({ data, plan, forecast });
  useEffect(() => {
    latest.current = { data, plan, forecast };
  }, [data, plan, forecast]);
  return useCallback(() => {
    const { data, plan, forecast } = latest.current;
    const made = plan && forecast && caseOfPlan(data.name, plan, forecast.pullS);
    if (made?.ok) {
      keepAsFile(fileName(`${data.name} bake`, 'json'), 'application/json', toBakeCase(made.value));
    }
    return made && !made.ok ? tell(made.problem) : '';
  }, [tell]);
}

/** Whether there is a window, with what stands in its way and what would help. */
function VerdictOf({ data, outlook, onEdit }: Pick<PanelProps, 'data' | 'outlook' | 'onEdit'>) {
  const { plan, missing, forecast, settled, problem, tried, setTried } = outlook;
  const choosePull = useCallback(
    (pull: PullChoice) => setTried((before) => ({ ...before, pull })),
    [setTried],
  );
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
      chosen={tried.pull ?? 'best'}
      onChoose={choosePull}
    />
  );
}

/** What is set: oven, bath and tin, what is done to them over the bake, and where it goes after it. */
function Controls({
  data,
  book,
  outlook,
  onEdit,
}: Pick<PanelProps, 'data' | 'book' | 'outlook' | 'onEdit'>) {
  const { tell } = useWords();
  const { forecast, answered, problem, tried, setTried } = outlook;
  const { ovenUse } = data;
  // A draft says nothing of the hours after it: those of the last full answer stay till the next.
  const [cooled, setCooled] = useState(forecast?.cooling);
  if (forecast?.cooling && forecast.cooling !== cooled) setCooled(forecast.cooling);
  const use = useCallback(
    (change: Partial<OvenUse>) =>
      onEdit('ovenUse', (data) => ({ ...data, ovenUse: { ...data.ovenUse, ...change } })),
    [onEdit],
  );
  // Only where a sign is waited for, so that the fold is not drawn again as a slider moves.
  const awaited = ovenUse.steps.some(({ on }) => on) ? forecast?.steps : undefined;
  return (
    <>
      <Conditions
        data={data}
        book={book}
        tried={tried}
        onTried={setTried}
        onEdit={onEdit}
        problem={problem}
        bath={forecast?.bath}
      />
      <OvenUseFold
        of={ovenUse}
        setC={answered?.setC ?? data.setC}
        inBath={data.bath !== null}
        vesselCount={data.vesselCount}
        problem={problem}
        foreseen={awaited}
        pullS={awaited && forecast ? forecast.pullS : 0}
        onUse={use}
      />
      <CoolingFold
        out={ovenUse.out}
        cooling={forecast && cooled}
        problem={problem?.path === 'out' ? tell(problem) : undefined}
        onUse={use}
      />
    </>
  );
}

type Places = Readonly<
  Record<'verdict' | 'history' | 'controls' | 'sure' | 'against' | 'probe' | 'foot', ReactNode>
>;

/** One under the other, or controls, instrument and folds side by side. */
function Arranged({
  wide,
  verdict,
  history,
  controls,
  sure,
  against,
  probe,
  foot,
}: Places & { readonly wide: boolean }) {
  if (wide) {
    return (
      <View className="flex-row items-start gap-4">
        <View className="w-80 gap-4">{controls}</View>
        <View className="min-w-0 flex-1 gap-4">
          {verdict}
          {history}
          <View className="flex-row items-start gap-4">
            <View className="min-w-0 flex-1 gap-4">
              {sure}
              {probe}
            </View>
            <View className="min-w-0 flex-1 gap-4">
              {against}
              {foot}
            </View>
          </View>
        </View>
      </View>
    );
  }
  return (
    <View className="gap-4">
      {verdict}
      {history}
      {controls}
      {sure}
      {against}
      {probe}
      {foot}
    </View>
  );
}

/** What will happen in the oven: verdict, instrument, curves, and what the time depends on. */
export function ForecastPanel({ data, book, outlook, onEdit, wide = false }: PanelProps) {
  const { bakes, plan, live, forecast, answered, settled, tried } = outlook;
  const [unsure, setUnsure] = useState<Unsure>(() => ({
    ...USUAL_UNSURE,
    ...(bakes ? { setK: Number(bakes.setUncertaintyK.toFixed(1)) } : {}),
  }));
  // Asked of a draft, the runs would be of a bake that is gone by then.
  const spread = useSpread(settled ? plan : undefined, forecast?.pullS, unsure);
  const { compared, choose } = useCompared(plan);
  const others = useMemo(() => othersOf(compared), [compared]);
  const [laid, setLaid] = useState<ProbeOverlay>();
  const recorded = useMemo(() => laid && pointsOf(laid), [laid]);
  const takeAlong = useExport(data, outlook);
  if (!bakes) return <NoForecast data={data} book={book} outlook={outlook} />;
  const shown = { data, book, outlook, onEdit };
  return (
    <Arranged
      wide={wide}
      verdict={<VerdictOf {...shown} />}
      history={
        forecast ? (
          <History
            key={tried.pull ?? 'best'}
            live={live}
            forecast={forecast}
            shell={data.shell !== 'none'}
            setUncertaintyK={bakes.setUncertaintyK}
            out={data.ovenUse.out}
            waterMm={data.bath?.levelMm}
            spread={spread.spread}
            others={others}
            recorded={recorded}
            wide={wide}
          />
        ) : null
      }
      controls={<Controls {...shown} />}
      sure={
        forecast && answered ? (
          <SureFold
            forecast={forecast}
            plan={answered}
            unsure={unsure}
            onUnsure={setUnsure}
            state={spread}
            ready={settled}
          />
        ) : null
      }
      against={
        forecast && answered ? (
          <CompareFold plan={answered} forecast={forecast} compared={compared} onChoose={choose} />
        ) : null
      }
      probe={forecast ? <ProbeFold forecast={forecast} laid={laid} onLaid={setLaid} /> : null}
      foot={
        <>
          <CaseFold onTakeAlong={forecast && plan ? takeAlong : undefined} />
          {forecast ? <Cautions forecast={forecast} /> : null}
        </>
      }
    />
  );
}
