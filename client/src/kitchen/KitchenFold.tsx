import { useWriting } from '../equipment';
import { FormNumber, FormPicker, FormText } from '../equipment/fields';
import { say } from '@hollow-moon/words';
import { kitchenDataSchema, type KitchenData } from '@hollow-moon/contract';
import { boilingPointAtAltitudeC, EGG_GRADES, type EggGrade } from '@hollow-moon/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import type { z } from 'zod';
import { Button, Fold, Soft, useWords } from '../design';
import { type KitchenBook } from '../book/book';

type KitchenInput = z.input<typeof kitchenDataSchema>;

const GRADES = Object.keys(EGG_GRADES) as EggGrade[];

function KitchenFields({
  control,
}: {
  readonly control: Control<KitchenInput, unknown, KitchenData>;
}) {
  const { put } = useWords();
  const currency = useWatch({ control, name: 'currency' });
  return (
    <>
      <FormText control={control} name="name" label={say('kitchen.name')} />
      <FormPicker
        control={control}
        name="eggGrade"
        label={say('kitchen.eggs-are')}
        options={GRADES.map((value) => ({
          value,
          label: put('kitchen.about-g-in-shell', {
            value,
            inShell: { grams: EGG_GRADES[value].typicalG },
          }),
        }))}
        testID="egg-grade"
      />
      <View className="flex-row flex-wrap gap-3">
        <FormNumber
          control={control}
          name="altitudeM"
          label={say('kitchen.altitude')}
          unit="m"
          testID="kitchen-altitude"
        />
        <FormNumber
          unit="°C"
          control={control}
          name="roomC"
          label={say('kitchen.room')}
          testID="room"
        />
        <View className="w-32">
          <FormText
            control={control}
            name="currency"
            label={say('kitchen.prices-in')}
            as={(text) => text.toUpperCase()}
          />
        </View>
        <FormNumber
          control={control}
          name="kWhPrice"
          label={say('kitchen.kwh-price')}
          unit={say('kitchen.per-kwh', { currency })}
          mayBeEmpty
          testID="kwh-price"
        />
      </View>
    </>
  );
}

/** What holds for everything made here. */
export function KitchenFold({
  book,
  begin,
}: {
  readonly book: KitchenBook;
  readonly begin: boolean;
}) {
  const { quantity } = useWords();
  const { kitchen } = book;
  const form = useForm<KitchenInput, unknown, KitchenData>({
    resolver: zodResolver(kitchenDataSchema),
    mode: 'onChange',
    values: kitchen.data,
    resetOptions: { keepDirtyValues: true },
  });
  const { control, handleSubmit, formState } = form;
  const write = useWriting('kitchens', kitchen.id, kitchen.id);
  const submit = handleSubmit((data) => {
    write(data, kitchen.version);
    form.reset(data);
  });
  const checked = kitchenDataSchema.safeParse(useWatch({ control }));
  return (
    <Fold
      id="the-kitchen"
      title={say('kitchen.the-kitchen')}
      summary={say('kitchen.kitchen-in-short', {
        name: kitchen.data.name,
        grade: kitchen.data.eggGrade,
        altitude: kitchen.data.altitudeM,
        room: quantity({ celsius: kitchen.data.roomC }),
      })}
      begin={begin}
    >
      {() => (
        <>
          <KitchenFields control={control} />
          {checked.success ? (
            <Soft>
              {say('kitchen.water-boils-at-c-here', {
                boils: quantity({ celsius: boilingPointAtAltitudeC(checked.data.altitudeM) }),
              })}
            </Soft>
          ) : null}
          <View className="self-start">
            <Button
              label={say('kitchen.keep')}
              weight="main"
              onPress={() => void submit()}
              disabled={!formState.isDirty}
              testID="keep-kitchen"
            />
          </View>
        </>
      )}
    </Fold>
  );
}
