import { ovenDataSchema, type OvenData, type StoredOven } from '@hollow-moon/contract';
import { OVEN_KINDS, USUAL_SHELVES } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch, type UseFormReturn } from 'react-hook-form';
import { View } from 'react-native';
import type { z } from 'zod';
import { Button, Soft, useWords } from '../design';
import { FormChoice, FormEnding, FormNumber, FormText } from './fields';
import { useWriting } from './useWriting';

type OvenFields = UseFormReturn<z.input<typeof ovenDataSchema>, unknown, OvenData>;

/** The room in an oven: as is usual for its kind, or as somebody has measured it. */
function ShelfFields({ form }: { readonly form: OvenFields }) {
  const { put } = useWords();
  const { control } = form;
  const kind = useWatch({ control, name: 'kind' });
  const shelves = useWatch({ control, name: 'shelves' });
  const usual = USUAL_SHELVES[kind];
  return (
    <>
      {shelves ? (
        <View className="flex-row flex-wrap gap-3">
          <FormNumber control={control} name="shelves.count" label={say('kitchen.shelves')} />
          <FormNumber
            unit="mm"
            control={control}
            name="shelves.lengthMm"
            label={say('kitchen.shelf-length')}
          />
          <FormNumber
            unit="mm"
            control={control}
            name="shelves.breadthMm"
            label={say('kitchen.shelf-breadth')}
          />
        </View>
      ) : (
        <>
          <Soft>
            {put('kitchen.usual-shelves', {
              count: usual.count,
              length: { widthMm: usual.lengthMm },
              breadth: { widthMm: usual.breadthMm },
            })}
          </Soft>
          <View className="self-start">
            <Button
              label={say('kitchen.measure-shelves')}
              testID="measure-shelves"
              onPress={() => form.setValue('shelves', usual, { shouldDirty: true })}
            />
          </View>
        </>
      )}
    </>
  );
}

/** An oven, how far off it is, and how much goes into it. */
export function OvenForm({
  kitchenId,
  id,
  stored,
  onClose,
  onKept,
}: {
  readonly kitchenId: string;
  readonly id: string;
  readonly stored: StoredOven | undefined;
  readonly onClose: () => void;
  /** Told before it closes, once what was typed is on its way to the book. */
  readonly onKept?: (data: OvenData) => void;
}) {
  const form: OvenFields = useForm({
    resolver: zodResolver(ovenDataSchema),
    mode: 'onChange',
    defaultValues: stored?.data ?? {
      name: '',
      kind: 'still',
      offsetK: 0,
      swingK: 0,
      archived: false,
    },
  });
  const { control, handleSubmit } = form;
  const write = useWriting('ovens', kitchenId, id);
  const keep = (data: OvenData) => {
    write(data, stored?.version ?? 0);
    onKept?.(data);
    onClose();
  };
  const submit = handleSubmit(keep);
  return (
    <View className="gap-3 py-2">
      <FormText control={control} name="name" label={say('kitchen.name')} testID="name" />
      <FormChoice
        control={control}
        name="kind"
        label={say('kitchen.kind')}
        options={OVEN_KINDS.map((value) => ({ value, label: say(`oven-kind.${value}`) }))}
      />
      <FormNumber
        unit="°C"
        control={control}
        name="offsetK"
        label={say('kitchen.off-by')}
        difference
      />
      <Soft>{say('kitchen.what-a-thermometer-in-it-reads')}</Soft>
      <FormNumber
        unit="°C"
        control={control}
        name="swingK"
        label={say('kitchen.swings-by')}
        difference
      />
      <Soft>{say('kitchen.how-far-it-goes-to-either')}</Soft>
      <ShelfFields form={form} />
      <FormEnding
        testID="keep-equipment"
        onKeep={() => {
          // One that nobody has named goes by its kind.
          if (form.getValues('name').trim() === '') {
            const kind = say(`oven-kind.${form.getValues('kind')}`);
            form.setValue('name', say('kitchen.oven-of-kind', { kind }));
          }
          void submit();
        }}
        onClose={onClose}
        away={stored?.data.archived}
        onAway={(archived) => stored && keep({ ...stored.data, archived })}
      />
    </View>
  );
}
