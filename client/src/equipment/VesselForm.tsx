import { FormEnding, FormNumber, FormPicker, FormText } from './fields';
import { say, type Words } from '@hollow-moon/words';
import { vesselDataSchema, type StoredVessel, type VesselData } from '@hollow-moon/contract';
import {
  insideOf,
  USUAL_MEASURES,
  VESSEL_KINDS,
  VESSEL_MATERIALS,
  volumeMl,
  type VesselMeasures,
} from '@hollow-moon/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { Controller, useForm, useWatch, type Control, type UseFormReturn } from 'react-hook-form';
import { View } from 'react-native';
import type { z } from 'zod';
import { Choice, Soft, useWords } from '../design';
import { useWriting } from './useWriting';

type VesselInput = z.input<typeof vesselDataSchema>;

const NEW_VESSEL: VesselInput = {
  name: '',
  kind: 'straight-tin',
  ...USUAL_MEASURES['straight-tin'],
  material: 'bright-tin',
  owned: 1,
  archived: false,
};

/** What a shape is measured by. */
function Measures({
  control,
  kind,
}: {
  readonly control: Control<VesselInput, unknown, VesselData>;
  readonly kind: VesselData['kind'] | undefined;
}) {
  const long = kind === 'rectangle' || kind === 'oval';
  return (
    <View className="flex-row flex-wrap gap-3">
      {kind === 'capacity' ? (
        <FormNumber
          control={control}
          name="capacityMl"
          label={say('kitchen.to-the-brim')}
          unit="ml"
        />
      ) : (
        <>
          <FormNumber
            control={control}
            name="baseDiameterMm"
            label={long ? say('kitchen.base-length') : say('kitchen.base-across')}
            unit="cm"
            scale={10}
          />
          <FormNumber
            control={control}
            name="topDiameterMm"
            label={long ? say('kitchen.top-length') : say('kitchen.top-across')}
            unit="cm"
            scale={10}
          />
          {long ? (
            <FormNumber
              control={control}
              name="breadthMm"
              label={say('kitchen.top-breadth')}
              unit="cm"
              scale={10}
            />
          ) : null}
          {kind === 'tube' ? (
            <FormNumber
              control={control}
              name="tubeMm"
              label={say('kitchen.tube-across')}
              unit="cm"
              scale={10}
            />
          ) : null}
          <FormNumber
            control={control}
            name="heightMm"
            label={say('kitchen.height')}
            unit="cm"
            scale={10}
          />
          <FormNumber control={control} name="lipMm" label={say('kitchen.flat-rim')} unit="mm" />
        </>
      )}
      <FormNumber control={control} name="owned" label={say('kitchen.how-many')} />
    </View>
  );
}

/** Whether the base comes out. */
function LooseBase({ control }: { readonly control: Control<VesselInput, unknown, VesselData> }) {
  return (
    <Controller
      control={control}
      name="looseBase"
      render={({ field }) => (
        <Choice
          label={say('kitchen.base')}
          value={field.value ? 'loose' : 'fixed'}
          onChange={(value) => field.onChange(value === 'loose')}
          options={[
            { value: 'fixed', label: say('kitchen.fixed') },
            { value: 'loose', label: say('kitchen.comes-out') },
          ]}
        />
      )}
    />
  );
}

/** The measures such a vessel usually has, in place of those that the shape before it usually has. */
function fillIn(
  form: UseFormReturn<VesselInput, unknown, VesselData>,
  before: VesselData['kind'],
  kind: VesselData['kind'],
  isNew: boolean,
): void {
  for (const [field, usual] of Object.entries(USUAL_MEASURES[kind])) {
    const name = field as keyof VesselMeasures;
    const typed = form.getValues(name);
    if (typed === undefined || (isNew && typed === USUAL_MEASURES[before][name])) {
      form.setValue(name, usual);
    }
  }
}

/** What a vessel is called whose cook has not named it: by its shape and its size. */
function nameFor(
  { kind, topDiameterMm, capacityMl }: Partial<VesselInput>,
  { quantity }: Words,
): string {
  const shape = say(`vessel-kind.${kind ?? NEW_VESSEL.kind}`);
  const size =
    kind === 'capacity'
      ? Number.isFinite(capacityMl) && quantity({ millilitres: capacityMl! })
      : Number.isFinite(topDiameterMm) && quantity({ widthMm: topDiameterMm! });
  return size ? `${shape} ${size}` : shape;
}

/** A vessel by its inside measures. */
export function VesselForm({
  kitchenId,
  id,
  stored,
  onClose,
  onKept,
}: {
  readonly kitchenId: string;
  readonly id: string;
  readonly stored: StoredVessel | undefined;
  readonly onClose: () => void;
  /** Told before it closes, once what was typed is on its way to the book. */
  readonly onKept?: (data: VesselData) => void;
}) {
  const form = useForm<VesselInput, unknown, VesselData>({
    resolver: zodResolver(vesselDataSchema),
    mode: 'onChange',
    defaultValues: stored?.data ?? NEW_VESSEL,
  });
  const { control, handleSubmit } = form;
  const [measured, setMeasured] = useState(stored?.data.kind ?? NEW_VESSEL.kind);
  const write = useWriting('vessels', kitchenId, id);
  const keep = (data: VesselData) => {
    write(data, stored?.version ?? 0);
    onKept?.(data);
    onClose();
  };
  const submit = handleSubmit(keep);
  const words = useWords();
  const watched = useWatch({ control });
  const { kind } = watched;
  // What it holds does not wait for a name.
  const checked = vesselDataSchema.safeParse({
    ...watched,
    name: watched.name?.trim() || nameFor(watched, words),
  });
  return (
    <View className="gap-3 py-2">
      <FormText control={control} name="name" label={say('kitchen.name')} testID="name" />
      <FormPicker
        control={control}
        name="kind"
        label={say('kitchen.shape')}
        options={VESSEL_KINDS.map((value) => ({ value, label: say(`vessel-kind.${value}`) }))}
        onChosen={(value) => {
          fillIn(form, measured, value as VesselData['kind'], stored === undefined);
          setMeasured(value as VesselData['kind']);
        }}
        testID="kind"
      />
      <FormPicker
        control={control}
        name="material"
        label={say('kitchen.made-of')}
        options={VESSEL_MATERIALS.map((value) => ({ value, label: say(`material.${value}`) }))}
      />
      <Soft>
        {kind === 'capacity' ? say('kitchen.what-it-holds') : say('kitchen.inside-measures')}
      </Soft>
      <Measures control={control} kind={kind} />
      <LooseBase control={control} />
      {checked.success ? (
        <Soft>
          {words.put('kitchen.holds-ml-to-the-brim', {
            holds: { millilitres: Math.round(volumeMl(insideOf(checked.data))) },
          })}
        </Soft>
      ) : null}
      <FormEnding
        testID="keep-equipment"
        onKeep={() => {
          if (form.getValues('name').trim() === '') form.setValue('name', nameFor(watched, words));
          void submit();
        }}
        onClose={onClose}
        away={stored?.data.archived}
        onAway={(archived) => stored && keep({ ...stored.data, archived })}
      />
    </View>
  );
}
