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
import { Controller, useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import type { z } from 'zod';
import { Choice, Soft } from '../design';
import { FormChoice, FormEnding, FormNumber, FormPicker, FormText } from './fields';
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
  const form = useForm<z.input<typeof vesselDataSchema>, unknown, VesselData>({
    resolver: zodResolver(vesselDataSchema),
    mode: 'onChange',
    defaultValues: stored?.data ?? {
      name: '',
      kind: 'straight-tin',
      baseDiameterMm: 240,
      topDiameterMm: 240,
      heightMm: 30,
      lipMm: 0,
      material: 'bright-tin',
      owned: 1,
      archived: false,
    },
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
  const long = kind === 'rectangle' || kind === 'oval';
  const checked = vesselDataSchema.safeParse(watched);
  return (
    <View className="gap-3 py-2">
      <FormText control={control} name="name" label="Name" testID="name" />
      <FormPicker
        control={control}
        name="kind"
        label="Shape"
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
        label="Made of"
        options={VESSEL_MATERIALS.map((value) => ({ value, label: say(`material.${value}`) }))}
      />
      <Soft>{kind === 'capacity' ? 'What it holds' : 'Inside measures'}</Soft>
      <View className="flex-row flex-wrap gap-3">
        {kind === 'capacity' ? (
          <FormNumber control={control} name="capacityMl" label="To the brim" unit="ml" />
        ) : (
          <>
            <FormNumber
              control={control}
              name="baseDiameterMm"
              label={long ? 'Base, length' : 'Base across'}
              unit="cm"
              scale={10}
            />
            <FormNumber
              control={control}
              name="topDiameterMm"
              label={long ? 'Top, length' : 'Top across'}
              unit="cm"
              scale={10}
            />
            {long ? (
              <FormNumber
                control={control}
                name="breadthMm"
                label="Top, breadth"
                unit="cm"
                scale={10}
              />
            ) : null}
            {kind === 'tube' ? (
              <FormNumber
                control={control}
                name="tubeMm"
                label="Tube across"
                unit="cm"
                scale={10}
              />
            ) : null}
            <FormNumber control={control} name="heightMm" label="Height" unit="cm" scale={10} />
            <FormNumber control={control} name="lipMm" label="Flat rim" unit="mm" />
          </>
        )}
        <FormNumber control={control} name="owned" label="How many" />
      </View>
      <Controller
        control={control}
        name="looseBase"
        render={({ field }) => (
          <Choice
            label="Base"
            value={field.value ? 'loose' : 'fixed'}
            onChange={(value) => field.onChange(value === 'loose')}
            options={[
              { value: 'fixed', label: 'Fixed' },
              { value: 'loose', label: 'Comes out' },
            ]}
          />
        )}
      />
      {checked.success ? (
        <Soft>{`Holds ${Math.round(volumeMl(insideOf(checked.data)))} ml to the brim.`}</Soft>
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
      <FormText control={control} name="name" label="Name" testID="name" />
      <FormChoice
        control={control}
        name="kind"
        label="Kind"
        options={OVEN_KINDS.map((value) => ({ value, label: say(`oven-kind.${value}`) }))}
      />
      <FormNumber control={control} name="offsetK" label="Off by" unit="°C" />
      <Soft>
        What a thermometer in it reads, less what it is set to: −9 for an oven that runs 9 °C cool.
      </Soft>
      <FormNumber control={control} name="swingK" label="Swings by" unit="°C" />
      <Soft>
        How far it goes to either side as the thermostat clicks; 0 if nobody has watched it.
      </Soft>
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
