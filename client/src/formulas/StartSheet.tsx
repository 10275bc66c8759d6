import type { FormulaData } from '@hollow-moon/contract';
import { FAMILIES, STARTS, type Family } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { Pressable, Text, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { ChooseOven, ChooseTin } from '../equipment';
import { Button, Sheet, Soft, Title } from '../design';
import { Margin } from '../layout';
import { inVessel, type KitchenBook } from '../book/book';
import type { Edit } from '../drafts/edits';
import { Moon, type MoonState } from '../moon';
import { PasteSheet } from '../paste/PasteSheet';

/** How each looks when it is right: what wobbles is pulled while it does. Common practice. */
const MOONS: Readonly<Record<Family, number>> = {
  'baked-custard': 0.5,
  'batter-custard': 0.15,
  'puree-custard': 0.3,
  'fresh-cheese': 0.4,
  'syrup-nut': 0.25,
  'starch-cream': 0,
  'starch-pudding': 0,
  curd: 0,
  'nut-cream': 0,
  'fruit-filling': 0,
  'cold-set': 0,
};

const moonOf = (family: Family): MoonState => ({
  liquid: 0,
  moving: MOONS[family],
  curdledFrom: 1,
});

/** A formula begun from a family's plain list. */
const begunFrom = (data: FormulaData, family: Family): FormulaData => ({
  ...data,
  name: say(`part.${family}`),
  family,
  lines: STARTS[family].map(([ingredientId, amount, unit]) => ({
    id: uuid(),
    ingredientId,
    amount,
    unit,
  })),
});

/** The families, each with its moon, to begin from. */
function Families({ onFamily }: { readonly onFamily: (family: Family) => void }) {
  return (
    <Sheet title={say('formulas.or-start-from')}>
      <View role="list" className="flex-row flex-wrap gap-2">
        {FAMILIES.map((family) => (
          <View key={family} role="listitem" className="w-[48%]">
            <Pressable
              role="button"
              aria-label={say(`part.${family}`)}
              testID={`start-${family}`}
              onPress={() => onFamily(family)}
              className="min-h-14 flex-1 flex-row items-center gap-2 rounded border border-line bg-sheet p-2 active:opacity-70"
            >
              <Moon
                state={moonOf(family)}
                shell
                size={36}
                label={say('formulas.moon-of', { family: say(`part.${family}`).toLowerCase() })}
              />
              <Text className="min-w-0 flex-1 font-read text-base text-ink">
                {say(`part.${family}`)}
              </Text>
            </Pressable>
          </View>
        ))}
      </View>
    </Sheet>
  );
}

/** Which tin and which oven: the last that is wanted before there is a forecast. */
function TinAndOven({
  data,
  book,
  onEdit,
  onDone,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly onEdit: Edit;
  readonly onDone: () => void;
}) {
  return (
    <Sheet title={say('formulas.which-tin-and-oven')}>
      <ChooseTin
        label={say('formulas.tin')}
        none={say('formulas.no-tin-yet')}
        value={data.vesselId}
        book={book}
        onChange={(id, made) => onEdit('vesselId', (now) => inVessel(now, id, book.vessels, made))}
        testID="start-tin"
      />
      <ChooseOven
        label={say('formulas.oven')}
        none={say('formulas.no-oven-yet')}
        value={data.ovenId}
        book={book}
        onChange={(ovenId) => onEdit('ovenId', (now) => ({ ...now, ovenId }))}
        testID="start-oven"
      />
      <Button label={say('formulas.choose-later')} testID="start-done" onPress={onDone} />
    </Sheet>
  );
}

/** Where a new formula begins: one question, then tin and oven. */
export function StartSheet({
  data,
  book,
  onEdit,
  onDone,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly onEdit: Edit;
  /** Begun: on to the forecast, or to an empty list. */
  readonly onDone: (side: 'bench' | 'forecast') => void;
}) {
  if (data.lines.length > 0 || data.parts.length > 0) {
    return (
      <View className="gap-2" testID="start">
        <Margin>
          <Soft>{say('formulas.on-the-list', { count: data.lines.length })}</Soft>
        </Margin>
        <TinAndOven data={data} book={book} onEdit={onEdit} onDone={() => onDone('forecast')} />
      </View>
    );
  }
  return (
    <View className="gap-2" testID="start">
      <Margin>
        <View testID="start-title">
          <Title level={2}>{say('formulas.what-will-you-make')}</Title>
        </View>
      </Margin>
      <PasteSheet data={data} book={book} onEdit={onEdit} />
      <Families onFamily={(family) => onEdit('start', (now) => begunFrom(now, family))} />
      <View className="self-start px-4">
        <Button
          label={say('formulas.start-empty')}
          weight="quiet"
          testID="start-empty"
          onPress={() => onDone('bench')}
        />
      </View>
    </View>
  );
}

/** Whether a formula has still to be begun: it is new, and its list, its tin or its oven is missing. */
export const isToBegin = (data: FormulaData, version: number | undefined): boolean =>
  version === 0 &&
  ((data.lines.length === 0 && data.parts.length === 0) ||
    data.vesselId === null ||
    data.ovenId === null);
