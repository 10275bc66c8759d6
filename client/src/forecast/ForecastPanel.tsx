import { caseOfPlan, toBakeCase, type FormulaData } from '@hollow-moon/contract';
import {
  LAYER_HOLDS,
  USUAL_UNSURE,
  type LaidForecast,
  type PullChoice,
  type Unsure,
} from '@hollow-moon/core';
import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { fileName, keepAsFile, Notice, Read, Sheet, Soft } from '../design';
import { useSpread } from '../jobs';
import { Moon } from '../moon';
import type { KitchenBook } from '../store/kitchen';
import { useTemperature } from '../store/useTemperature';
import { CaseFold } from './CaseFold';
import { CompareFold, othersOf } from './CompareFold';
import { Conditions } from './Conditions';
import { CoolingFold } from './CoolingFold';
import { History } from './History';
import { OvenUseFold } from './OvenUseFold';
import { pointsOf, ProbeFold, type LaidOver } from './ProbeFold';
import { RemedyList } from './RemedyList';
import { StirredCream } from './StirredCream';
import { SureFold } from './SureFold';
import { useCompared } from './useCompared';
import type { Outlook } from './useOutlook';
import { WindowTable } from './WindowTable';
import { heldInWords, layerInWords, sentence } from './words';
import { WorkingNote } from './WorkingNote';

interface PanelProps {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly outlook: Outlook;
  readonly onEdit: (field: string, data: FormulaData) => void;
  /** Controls, instrument and curves side by side. */
  readonly wide?: boolean;
}

/** Fillings that are cooked on the stove and then cooled. */
const STIRRED: ReadonlySet<string> = new Set(['starch-cream', 'starch-pudding', 'curd']);

/** What is said of a filling that the oven does not set. */
function NoForecast({
  data,
  book,
  outlook: { judged },
}: Pick<PanelProps, 'data' | 'book' | 'outlook'>) {
  const stirred = judged.kind === 'by-sign' && STIRRED.has(data.family) ? judged.endC : undefined;
  return (
    <View className="gap-4">
      <Sheet title="Forecast">
        <View className="items-center gap-3 py-4">
          <Moon state={undefined} shell={data.shell !== 'none'} size={120} label="No forecast" />
          <Read className="text-center" testID="no-forecast">
            {judged.kind === 'not-judged'
              ? judged.reason
              : judged.kind === 'judged'
                ? 'Nothing here is set by an oven.'
                : judged.treatment}
          </Read>
          <Soft className="text-center">
            {judged.kind === 'by-sign'
              ? 'No oven sets it: go by that sign. Ratios, end point and tins are on the bench.'
              : 'Its list, ratios and tins are kept and computed all the same.'}
          </Soft>
        </View>
      </Sheet>
      {stirred ? <StirredCream key={data.family} data={data} book={book} endC={stirred} /> : null}
    </View>
  );
}

/** What becomes of something under or over the filling: a line, or a warning where it does not set. */
function LayerOutcome({ laid }: { readonly laid: LaidForecast }) {
  const says = layerInWords(laid, useTemperature());
  return laid.set !== undefined && laid.set < LAYER_HOLDS ? (
    <Notice kind="danger" testID="layer-outcome">
      {says}
    </Notice>
  ) : (
    <Soft testID="layer-outcome">{says}</Soft>
  );
}

/** What will happen in the oven: verdict, instrument, curves, and what it hangs on. */
export function ForecastPanel({ data, book, outlook, onEdit, wide = false }: PanelProps) {
  const temperature = useTemperature();
  const { bakes, plan, missing, forecast, settled, problem, tried, setTried } = outlook;
  // Moon and section follow a slider first; words and figures come in the frame after.
  const told = useDeferredValue(forecast);
  const choosePull = useCallback(
    (pull: PullChoice) => setTried((before) => ({ ...before, pull })),
    [setTried],
  );
  const [unsure, setUnsure] = useState<Unsure>(() => ({
    ...USUAL_UNSURE,
    ...(bakes ? { setK: Number(bakes.setUncertaintyK.toFixed(1)) } : {}),
  }));
  // Asked of a draft, or before the words have caught up, the runs would be of a bake that is gone by then.
  const stands = settled && told === forecast;
  const spread = useSpread(stands ? plan : undefined, told?.pullS, unsure);
  // A draft says nothing of the hours after it: those of the last full answer stay till the next.
  const [cooled, setCooled] = useState(told?.cooling);
  if (told?.cooling && told.cooling !== cooled) setCooled(told.cooling);
  const { compared, choose } = useCompared(plan);
  const others = useMemo(() => othersOf(compared), [compared]);
  const [laid, setLaid] = useState<LaidOver>();
  const recorded = useMemo(() => laid && pointsOf(laid), [laid]);
  // Read when it is pressed, so that the fold is not drawn again as a slider moves.
  const latest = useRef({ name: data.name, plan, told });
  useEffect(() => {
    latest.current = { name: data.name, plan, told };
  }, [data.name, plan, told]);
  const takeAlong = useCallback(() => {
    const { name, plan, told } = latest.current;
    const made = plan && told && caseOfPlan(name, plan, told.pullS);
    if (made?.ok) {
      keepAsFile(fileName(`${name} bake`, 'json'), 'application/json', toBakeCase(made.value));
    }
    return made && !made.ok ? made.problem.message : '';
  }, []);
  if (!bakes) return <NoForecast data={data} book={book} outlook={outlook} />;
  const { out, steps } = data.ovenUse;
  // Only where a sign is waited for, so that the fold is not drawn again as a slider moves.
  const awaited = steps.some(({ on }) => on) ? told?.steps : undefined;
  const verdict = (
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
              {sentence(told, temperature, out)}
            </Read>
          ) : (
            <>
              <Notice kind="danger" testID="no-window">
                {`No window. ${sentence(told, temperature, out)}`}
              </Notice>
              {plan && settled ? <RemedyList data={data} plan={plan} onEdit={onEdit} /> : null}
            </>
          )}
          {told.laid.map((each) => (
            <LayerOutcome key={`${each.place}/${each.name}`} laid={each} />
          ))}
          <WindowTable forecast={told} chosen={tried.pull ?? 'best'} onChoose={choosePull} />
        </>
      ) : null}
    </Sheet>
  );
  const history = forecast ? (
    <History
      key={tried.pull ?? 'best'}
      forecast={forecast}
      shell={data.shell !== 'none'}
      setUncertaintyK={bakes.setUncertaintyK}
      out={out}
      waterMm={data.bath?.levelMm}
      spread={spread.spread}
      others={others}
      recorded={recorded}
      wide={wide}
    />
  ) : null;
  const controls = (
    <>
      <Conditions
        data={data}
        book={book}
        tried={tried}
        onTried={setTried}
        onEdit={onEdit}
        problem={problem}
        bath={told?.bath}
      />
      <OvenUseFold
        data={data}
        problem={problem}
        foreseen={awaited}
        pullS={awaited && told ? told.pullS : 0}
        onEdit={onEdit}
      />
      <CoolingFold
        data={data}
        cooling={told && cooled}
        problem={problem?.path === 'out' ? problem.message : undefined}
        onEdit={onEdit}
      />
    </>
  );
  const sure =
    told && plan ? (
      <SureFold
        forecast={told}
        plan={plan}
        unsure={unsure}
        onUnsure={setUnsure}
        state={spread}
        ready={stands}
      />
    ) : null;
  const against =
    told && plan ? (
      <CompareFold plan={plan} forecast={told} compared={compared} onChoose={choose} />
    ) : null;
  const probe = told ? <ProbeFold forecast={told} laid={laid} onLaid={setLaid} /> : null;
  const foot = (
    <>
      <CaseFold onTakeAlong={told && plan ? takeAlong : undefined} />
      {told ? (
        <>
          {told.cautions.map((caution) => (
            <Notice key={caution} kind="hint">
              {caution}
            </Notice>
          ))}
          <Soft testID="safety">
            {`The coldest spot reaches ${temperature.degrees(told.safety.coldestPeakC)} ${temperature.unit} and ${heldInWords(told.safety.timesPublished)}`}
          </Soft>
          <Soft testID="top">{`The top is ${told.top.shade === 'raw' ? 'not browned' : told.top.shade} at the pull; it loses about ${Math.round(told.waterLostG)} g of water a tin. The probe stands in the middle, half-way down. Trust the window and the wobble before the minute.`}</Soft>
        </>
      ) : null}
    </>
  );
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
