import { FormChoice, FormEnding, FormNumber, FormPicker, FormText } from './fields';
import { say } from '@hollow-moon/words';
import {
  ovenDataSchema,
  vesselDataSchema,
  type OvenData,
  type StoredOven,
  type StoredVessel,
  type VesselData,
} from '@hollow-moon/contract';
import { OVEN_KINDS, VESSEL_KINDS, VESSEL_MATERIALS, insideOf, volumeMl } from '@hollow-moon/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import type { z } from 'zod';
import { Choice, Soft } from '../design';
import { useWriting } from './useWriting';

/** What a shape needs besides diameters and height, and what it usually is. */
const WANTED: Partial<
  Record<VesselData['kind'], readonly (readonly ['breadthMm' | 'tubeMm' | 'capacityMl', number])[]>
> = {
  rectangle: [['breadthMm', 110]],
  oval: [['breadthMm', 150]],
  tube: [['tubeMm', 60]],
  capacity: [['capacityMl', 120]],
};

type VesselInput = z.input<typeof vesselDataSchema>;

const NEW_VESSEL: VesselInput = {
  name: '',
  kind: 'straight-tin',
  baseDiameterMm: 240,
  topDiameterMm: 240,
  heightMm: 30,
  lipMm: 0,
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

/** A vessel by its inside measures. */
export function VesselForm({
  kitchenId,
  id,
  stored,
  onClose,
}: {
  readonly kitchenId: string;
  readonly id: string;
  readonly stored: StoredVessel | undefined;
  readonly onClose: () => void;
}) {
  const form = useForm<VesselInput, unknown, VesselData>({
    resolver: zodResolver(vesselDataSchema),
    mode: 'onChange',
    defaultValues: stored?.data ?? NEW_VESSEL,
  });
  const { control, handleSubmit } = form;
  const write = useWriting('vessels', kitchenId, id);
  const keep = (data: VesselData) => {
    write(data, stored?.version ?? 0);
    onClose();
  };
  const submit = handleSubmit(keep);
  const watched = useWatch({ control });
  const { kind } = watched;
  const checked = vesselDataSchema.safeParse(watched);
  return (
    <View className="gap-3 py-2">
      <FormText control={control} name="name" label={say('kitchen.name')} testID="name" />
      <FormPicker
        control={control}
        name="kind"
        label={say('kitchen.shape')}
        options={VESSEL_KINDS.map((value) => ({ value, label: say(`vessel-kind.${value}`) }))}
        onChosen={(value) => {
          for (const [name, usual] of WANTED[value as VesselData['kind']] ?? []) {
            if (form.getValues(name) === undefined) form.setValue(name, usual);
          }
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
          {say('kitchen.holds-ml-to-the-brim', {
            volumeMl: Math.round(volumeMl(insideOf(checked.data))),
          })}
        </Soft>
      ) : null}
      <FormEnding
        testID="keep-equipment"
        onKeep={() => void submit()}
        onClose={onClose}
        away={stored?.data.archived}
        onAway={(archived) => stored && keep({ ...stored.data, archived })}
      />
    </View>
  );
}

/** An oven and how far off it is. */
export function OvenForm({
  kitchenId,
  id,
  stored,
  onClose,
}: {
  readonly kitchenId: string;
  readonly id: string;
  readonly stored: StoredOven | undefined;
  readonly onClose: () => void;
}) {
  const form = useForm<z.input<typeof ovenDataSchema>, unknown, OvenData>({
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
      <FormEnding
        testID="keep-equipment"
        onKeep={() => void submit()}
        onClose={onClose}
        away={stored?.data.archived}
        onAway={(archived) => stored && keep({ ...stored.data, archived })}
      />
    </View>
  );
}
