import { caseOfPlan, toBakeCase, type FormulaData, type OvenUse } from '@hollow-moon/contract';
import {
  USUAL_UNSURE,
  whyItStaysLiquid,
  type PartKind,
  type PullChoice,
  type Unsure,
} from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { SureFold } from '../certainty/SureFold';
import { CompareFold, othersOf } from '../compare/CompareFold';
import { useCompared } from '../compare/useCompared';
import { CoolingFold } from '../cooling/CoolingFold';
import { Button, fileName, keepAsFile, Question, Read, Sheet, Soft, useWords } from '../design';
import type { Edit } from '../drafts/edits';
import { useSpread } from '../jobs';
import { Moon } from '../moon';
import { ConditionsFold, OvenStrips } from '../oven/Conditions';
import { OvenUseFold } from '../oven/OvenUseFold';
import { pointsOf, ProbeFold, type ProbeOverlay } from '../probe/ProbeFold';
import { StirredCream } from '../stove/StirredCream';
import { History } from './History';
import { Pulls } from './Pulls';
import type { Outlook } from './useOutlook';
import { Cautions, VerdictOf } from './Verdict';

const CaseFold = lazy(() =>
  import('../cases/CaseFold').then(({ CaseFold }) => ({ default: CaseFold })),
);

interface PanelProps {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly outlook: Outlook;
  readonly onEdit: Edit;
  /** Goes to the list, where it does not stand beside this. */
  readonly onBench?: () => void;
  /** Moon and cut side by side, and the curves on the dial's axis. */
  readonly wide?: boolean;
}

/** Fillings that are cooked on the stove and then cooled. */
const STIRRED: ReadonlySet<PartKind> = new Set(['starch-cream', 'starch-pudding', 'curd']);

/** What is said of a filling that the oven does not set. */
function NoForecast({
  data,
  book,
  outlook: { judged, missingAmounts },
  onBench,
}: Pick<PanelProps, 'data' | 'book' | 'outlook' | 'onBench'>) {
  const { tell } = useWords();
  const liquid = whyItStaysLiquid(judged);
  const stirred = judged.kind === 'by-sign' && STIRRED.has(data.family) ? judged.endC : undefined;
  return (
    <View className="gap-2">
      <Sheet>
        <View className="items-center gap-3 py-4">
          <Moon
            state={undefined}
            shell={data.shell !== 'none'}
            size={120}
            label={say('forecast.no-forecast')}
          />
          <Read className="text-center" testID="no-forecast">
            {liquid
              ? tell(liquid)
              : judged.kind === 'not-judged'
                ? tell(judged.reason)
                : judged.kind === 'judged'
                  ? null
                  : tell(judged.treatment)}
          </Read>
          {missingAmounts === 0 && !liquid ? (
            <Soft className="text-center">
              {judged.kind === 'by-sign'
                ? say('forecast.no-oven-sets-it-go-by')
                : say('forecast.its-list-ratios-and-tins-are')}
            </Soft>
          ) : onBench ? (
            <Button
              label={say('forecast.to-the-list')}
              weight="main"
              onPress={onBench}
              testID="to-the-list"
            />
          ) : null}
        </View>
      </Sheet>
      {stirred ? <StirredCream key={data.family} data={data} book={book} endC={stirred} /> : null}
    </View>
  );
}

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
      const title = say('forecast.case-of', { name: data.name });
      keepAsFile(fileName(title, 'json'), 'application/json', toBakeCase(made.value));
    }
    return made && !made.ok ? tell(made.problem) : '';
  }, [tell]);
}

/** What is put in and done to it: oven, bath and tin, its programme, and where it goes after it. */
function WhatGoesIn({
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
    <Question title={say('forecast.what-goes-in')}>
      <ConditionsFold
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
    </Question>
  );
}

/** The pulls to choose from, and what is turned to see what it does. */
function UnderTheDial({
  data,
  book,
  outlook,
  onEdit,
  wide = false,
}: Pick<PanelProps, 'data' | 'book' | 'outlook' | 'onEdit' | 'wide'>) {
  const { forecast, tried, setTried } = outlook;
  const choosePull = useCallback(
    (pull: PullChoice) => setTried((before) => ({ ...before, pull })),
    [setTried],
  );
  return (
    <View className={wide ? 'flex-row items-center gap-6' : 'gap-1'}>
      {forecast ? (
        <View className={wide ? 'min-w-0 flex-1' : ''}>
          <Pulls forecast={forecast} chosen={tried.pull ?? 'best'} onChoose={choosePull} />
        </View>
      ) : null}
      <View className={wide ? 'min-w-0 flex-1' : ''}>
        <OvenStrips data={data} book={book} onEdit={onEdit} />
      </View>
    </View>
  );
}

/** What will happen in the oven: the instrument with what changes it, then the questions one asks of it. */
export function ForecastPanel({ data, book, outlook, onEdit, onBench, wide = false }: PanelProps) {
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
  if (!bakes) {
    return (
      <NoForecast data={data} book={book} outlook={outlook} {...(onBench ? { onBench } : {})} />
    );
  }
  const controls = (
    <UnderTheDial data={data} book={book} outlook={outlook} onEdit={onEdit} wide={wide} />
  );
  const says = <VerdictOf data={data} outlook={outlook} onEdit={onEdit} />;
  return (
    <View className="gap-2">
      {forecast ? (
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
          controls={controls}
          says={says}
          wide={wide}
        />
      ) : (
        <>
          {says}
          <Sheet>{controls}</Sheet>
        </>
      )}
      <WhatGoesIn data={data} book={book} outlook={outlook} onEdit={onEdit} />
      {forecast && answered ? (
        <>
          <Question title={say('forecast.how-sure')}>
            <SureFold
              forecast={forecast}
              plan={answered}
              unsure={unsure}
              onUnsure={setUnsure}
              state={spread}
              ready={settled}
            />
            <ProbeFold forecast={forecast} laid={laid} onLaid={setLaid} />
          </Question>
          <Question title={say('forecast.what-if')}>
            <CompareFold
              plan={answered}
              forecast={forecast}
              compared={compared}
              onChoose={choose}
            />
            <Suspense>
              <CaseFold onTakeAlong={plan ? takeAlong : undefined} />
            </Suspense>
          </Question>
          <Cautions forecast={forecast} />
        </>
      ) : (
        <Suspense>
          <CaseFold onTakeAlong={undefined} />
        </Suspense>
      )}
    </View>
  );
}
