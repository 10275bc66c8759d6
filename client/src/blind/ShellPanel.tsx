import { say } from '@hollow-moon/words';
import { blindPlanOf, type FormulaData, type ShellBake } from '@hollow-moon/contract';
import { rawBaseOf, type BlindPlan, type Forecast } from '@hollow-moon/core';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Notice, Picker, Soft } from '../design';
import { useJob } from '../jobs';
import { optionsOf, type KitchenBook } from '../book/book';
import { HowBaked } from './HowBaked';
import { ShellInstrument } from './ShellInstrument';
import { ShellVerdict } from './ShellVerdict';
import { SoggyFold } from './SoggyFold';
import type { Edit } from '../drafts/edits';

/** What there is no forecast without. */
type Missing = 'vesselId' | 'ovenId';

/** What is missing for a forecast, to be chosen where it is missed. */
function MissingChoice({
  missing,
  book,
  onEdit,
}: {
  readonly missing: Missing;
  readonly book: KitchenBook;
  readonly onEdit: Edit;
}) {
  const tin = missing === 'vesselId';
  return (
    <>
      <Notice kind="hint">
        {say(tin ? 'blind.choose-a-tin-to-see-the' : 'blind.choose-an-oven-to-see-the')}
      </Notice>
      <Picker
        label={say(tin ? 'bench.tin' : 'oven.oven')}
        value=""
        options={[
          { value: '', label: say(tin ? 'bench.choose-a-tin' : 'oven.choose-an-oven') },
          ...optionsOf(tin ? book.vessels : book.ovens, null),
        ]}
        onChange={(id) => onEdit(missing, (data) => ({ ...data, [missing]: id || null }))}
        testID="blind-missing"
      />
    </>
  );
}

/** The plan of the empty shell, or what is missing for it. */
function blindWish(
  data: FormulaData,
  book: KitchenBook,
): { readonly plan: BlindPlan } | { readonly missing: Missing } {
  const vessel = book.vessels.find((each) => each.id === data.vesselId)?.data;
  if (!vessel) return { missing: 'vesselId' };
  const oven = book.ovens.find((each) => each.id === data.ovenId)?.data;
  if (!oven) return { missing: 'ovenId' };
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
  const verdict = (
    <ShellVerdict
      shellBake={shellBake}
      missing={
        'missing' in wish ? (
          <MissingChoice missing={wish.missing} book={book} onEdit={onEdit} />
        ) : null
      }
      broke={broke}
      raw={raw}
      forecast={forecast}
      working={plan !== undefined && !problem}
      onShell={onShell}
    />
  );
  const instrument = forecast && plan ? <ShellInstrument forecast={forecast} plan={plan} /> : null;
  const how = shellBake.raw ? null : (
    <HowBaked
      shellBake={shellBake}
      pours={data.family === 'baked-custard'}
      problem={problem}
      onShell={onShell}
    />
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
