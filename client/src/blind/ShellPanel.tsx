import { blindSentence, rawBaseInWords, say } from '@hollow-moon/words';
import { blindPlanOf, type FormulaData, type ShellBake } from '@hollow-moon/contract';
import {
  BLIND_SCHOOLS,
  LINED_STARTS,
  rawBaseOf,
  WEIGHTS,
  type BlindPlan,
  type Forecast,
  type LinedStart,
} from '@hollow-moon/core';
import { useMemo } from 'react';
import { View } from 'react-native';
import {
  Button,
  Choice,
  Notice,
  NumberField,
  Picker,
  Read,
  Sheet,
  Soft,
  useWords,
} from '../design';
import { useJob } from '../jobs';
import type { KitchenBook } from '../book/book';
import { ShellInstrument } from './ShellInstrument';
import { SoggyFold } from './SoggyFold';
import { StageEditor } from './StageEditor';
import { TargetChoice } from './TargetChoice';
import type { Edit } from '../drafts/edits';

const WEIGHT_OPTIONS = WEIGHTS.map((value) => ({ value, label: say(`weights.${value}`) }));
const START_OPTIONS = (Object.keys(LINED_STARTS) as LinedStart[]).map((value) => ({
  value,
  label: say(`lined.${value}`),
}));

/** The plan of the empty shell, or what is missing for it. */
function blindWish(
  data: FormulaData,
  book: KitchenBook,
): { readonly plan: BlindPlan } | { readonly missing: string } {
  const vessel = book.vessels.find((each) => each.id === data.vesselId)?.data;
  if (!vessel) return { missing: say('blind.choose-a-tin-to-see-the') };
  const oven = book.ovens.find((each) => each.id === data.ovenId)?.data;
  if (!oven) return { missing: say('blind.choose-an-oven-to-see-the') };
  const { own, formulaOf } = book;
  return { plan: blindPlanOf(data, { kitchen: book.kitchen.data, vessel, oven, own, formulaOf }) };
}

/** The empty shell: how it is baked, what it comes to, and how long it lasts. */
export function ShellPanel({
  data,
  book,
  filled,
  onEdit,
  wide = false,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  /** The forecast of the filled bake: it carries a raw base's fate. */
  readonly filled: Forecast | undefined;
  readonly onEdit: Edit;
  /** How it is baked beside what comes of it. */
  readonly wide?: boolean;
}) {
  const { tell } = useWords();
  const wish = useMemo(() => blindWish(data, book), [data, book]);
  const { shellBake } = data;
  const plan = 'plan' in wish && !shellBake.raw ? wish.plan : undefined;
  const { answer, broke } = useJob('blind', plan && { plan }, 'now');
  const onShell = (change: Partial<ShellBake>) =>
    onEdit('shellBake', (data) => ({ ...data, shellBake: { ...data.shellBake, ...change } }));
  const forecast = answer?.ok ? answer.value : undefined;
  const problem = answer && !answer.ok ? answer.problem : undefined;
  const raw =
    shellBake.raw && filled && 'plan' in wish
      ? rawBaseOf(filled.frames, filled.pullS, wish.plan.dough)
      : undefined;
  const school = BLIND_SCHOOLS.find(
    (each) =>
      JSON.stringify(each.stages) === JSON.stringify(shellBake.stages) &&
      each.weights === shellBake.weights &&
      each.docked === shellBake.docked,
  );
  const advised = forecast?.advised;
  const [first, last] = [shellBake.stages[0], shellBake.stages.at(-1)];
  const verdict = (
    <Sheet title={say('blind.the-empty-shell')}>
      <Choice
        label={say('blind.the-shell-is')}
        hideLabel
        value={shellBake.raw ? 'raw' : 'first'}
        options={[
          { value: 'first', label: say('blind.baked-first') },
          { value: 'raw', label: say('blind.filled-raw') },
        ]}
        onChange={(value) => onShell({ raw: value === 'raw' })}
      />
      {'missing' in wish ? <Notice kind="hint">{wish.missing}</Notice> : null}
      {broke ? (
        <Notice kind="danger">{say('blind.the-shells-forecast-broke-off-change')}</Notice>
      ) : null}
      {shellBake.raw ? (
        raw ? (
          raw.verdict === 'raw' ? (
            <Notice kind="danger" testID="raw-base">
              {rawBaseInWords(raw)}
            </Notice>
          ) : (
            <Read className="text-lead" testID="raw-base">
              {rawBaseInWords(raw)}
            </Read>
          )
        ) : (
          <Soft>{say('blind.the-forecast-of-the-filled-bake')}</Soft>
        )
      ) : forecast ? (
        <Read className="text-lead" testID="blind-sentence">
          {blindSentence(forecast, shellBake)}
        </Read>
      ) : plan && !problem ? (
        <Soft>{say('blind.working-it-out')}</Soft>
      ) : null}
      {forecast?.risks.map(({ what, says }) => (
        <Notice
          key={`${what}/${says.code}`}
          kind={what === 'shrinks' ? 'hint' : 'danger'}
          testID={`risk-${what}`}
        >
          {tell(says)}
        </Notice>
      ))}
      {advised && first && last ? (
        <View className="flex-row flex-wrap items-center justify-between gap-2">
          <Read className="min-w-48 flex-1" testID="advised">
            {advised.weightedMin > 0
              ? say('blind.enough-would-be-min-weighted', {
                  weightedMin: advised.weightedMin,
                  bareMin: advised.bareMin,
                })
              : say('blind.enough-would-be-min', { bareMin: advised.bareMin })}
          </Read>
          <Button
            label={say('blind.take-these')}
            testID="take-advice"
            onPress={() =>
              onShell({
                stages: [
                  ...(advised.weightedMin > 0 ? [{ ...first, minutes: advised.weightedMin }] : []),
                  { ...last, minutes: Math.max(1, advised.bareMin), weighted: false },
                ],
              })
            }
          />
        </View>
      ) : null}
    </Sheet>
  );
  const instrument = forecast && plan ? <ShellInstrument forecast={forecast} plan={plan} /> : null;
  const how = shellBake.raw ? null : (
    <Sheet title={say('blind.how-it-is-baked')}>
      <Picker
        label={say('blind.way-of-baking')}
        value={school?.id ?? ''}
        options={[
          ...(school ? [] : [{ value: '', label: say('blind.your-own') }]),
          ...BLIND_SCHOOLS.map(({ id }) => ({ value: id, label: say(`school.${id}`) })),
        ]}
        onChange={(id) => {
          const found = BLIND_SCHOOLS.find((each) => each.id === id);
          if (found) {
            onShell({
              weights: found.weights,
              docked: found.docked,
              stages: found.stages.map((stage) => ({ ...stage })),
            });
          }
        }}
        testID="blind-school"
      />
      <StageEditor
        stages={shellBake.stages}
        problem={problem}
        onStages={(stages) => onShell({ stages })}
      />
      <Choice
        label={say('blind.weighed-down-with')}
        value={shellBake.weights}
        options={WEIGHT_OPTIONS}
        onChange={(weights) => onShell({ weights })}
      />
      <Choice
        label={say('blind.base')}
        value={shellBake.docked ? 'docked' : 'whole'}
        options={[
          { value: 'whole', label: say('blind.whole') },
          { value: 'docked', label: say('blind.pricked') },
        ]}
        onChange={(value) => onShell({ docked: value === 'docked' })}
      />
      {shellBake.docked && data.family === 'baked-custard' ? (
        <Notice kind="hint">{say('blind.a-poured-custard-runs-through-the')}</Notice>
      ) : null}
      <Choice
        label={say('blind.the-lined-tin-goes-in')}
        value={shellBake.start}
        options={START_OPTIONS}
        onChange={(start) => onShell({ start })}
      />
      <NumberField
        label={say('blind.rested-in-the-tin')}
        unit="min"
        value={shellBake.restMin}
        onChange={(restMin) => onShell({ restMin })}
        className="w-36"
        testID="rest-min"
      />
      <TargetChoice target={shellBake.target} onTarget={(target) => onShell({ target })} />
    </Sheet>
  );
  const crisp = forecast ? (
    <SoggyFold data={data} book={book} baseActivity={forecast.baseActivity} onShell={onShell} />
  ) : null;
  const note = <Soft>{say('blind.colours-are-of-a-plain-sweet')}</Soft>;
  if (wide) {
    return (
      <View className="flex-row items-start gap-4">
        <View className="w-96 gap-4">
          {how}
          {crisp}
        </View>
        <View className="min-w-0 flex-1 gap-4">
          {verdict}
          {instrument}
          {note}
        </View>
      </View>
    );
  }
  return (
    <View className="gap-4">
      {verdict}
      {instrument}
      {how}
      {crisp}
      {note}
    </View>
  );
}
