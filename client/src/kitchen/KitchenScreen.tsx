import { say, centimetres } from '@hollow-moon/words';
import { kitchenDataSchema, type KitchenData, type VesselData } from '@hollow-moon/contract';
import { boilingPointAtAltitudeC, EGG_GRADES, type EggGrade } from '@hollow-moon/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState, type ReactNode } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { Pressable, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, Choice, icons, Read, Sheet, Soft, Title } from '../design';
import { Column, useWide, WhenHere } from '../layout';
import { useKitchenBook, type KitchenBook } from '../book/book';
import type { Degrees } from '@hollow-moon/words';
import { degreesChosen, themeChosen, type Theme } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';
import { OvenForm, VesselForm } from './EquipmentForms';
import { FormNumber, FormPicker, FormText, ShowAway } from './fields';
import { PantrySheet } from './PantrySheet';
import { useWriting } from './useWriting';

/** How this device shows things. */
function DeviceSheet() {
  const dispatch = useAppDispatch();
  const { theme, degrees } = useAppSelector((state) => state.settings);
  return (
    <Sheet title="This device">
      <Choice<Theme>
        label="Light"
        value={theme}
        onChange={(value) => dispatch(themeChosen(value))}
        options={[
          { value: 'system', label: 'As the device' },
          { value: 'light', label: 'Bright kitchen' },
          { value: 'dark', label: 'Night' },
        ]}
      />
      <Choice<Degrees>
        label="Temperatures"
        value={degrees}
        onChange={(value) => dispatch(degreesChosen(value))}
        options={[
          { value: 'C', label: '°C' },
          { value: 'F', label: '°F' },
        ]}
      />
    </Sheet>
  );
}

const GRADES = (Object.keys(EGG_GRADES) as EggGrade[]).map((value) => ({
  value,
  label: `${value}, about ${EGG_GRADES[value].typicalG} g in shell`,
}));

/** What holds for everything made here. */
function KitchenSheet({ book }: { readonly book: KitchenBook }) {
  const { kitchen } = book;
  const form = useForm<KitchenData>({
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
    <Sheet title="The kitchen">
      <FormText control={control} name="name" label="Name" />
      <FormPicker
        control={control}
        name="eggGrade"
        label="Eggs are"
        options={GRADES}
        testID="egg-grade"
      />
      <View className="flex-row flex-wrap gap-3">
        <FormNumber
          control={control}
          name="altitudeM"
          label="Altitude"
          unit="m"
          testID="kitchen-altitude"
        />
        <View className="w-32">
          <FormText
            control={control}
            name="currency"
            label="Prices in"
            as={(text) => text.toUpperCase()}
          />
        </View>
        <FormNumber control={control} name="roomC" label="Room" unit="°C" testID="room" />
      </View>
      {checked.success ? (
        <Soft>{`Water boils at ${boilingPointAtAltitudeC(checked.data.altitudeM).toFixed(1)} °C here.`}</Soft>
      ) : null}
      <View className="self-start">
        <Button
          label="Keep"
          weight="main"
          onPress={() => void submit()}
          disabled={!formState.isDirty}
          testID="keep-kitchen"
        />
      </View>
    </Sheet>
  );
}

/** A list of equipment in which one entry at a time is open to be changed. */
function EquipmentSheet<T extends { readonly id: string; readonly data: { archived: boolean } }>({
  title,
  add,
  items,
  lines,
  form,
}: {
  readonly title: string;
  readonly add: string;
  readonly items: readonly T[];
  readonly lines: (item: T) => [string, string];
  readonly form: (id: string, item: T | undefined, close: () => void) => ReactNode;
}) {
  const [open, setOpen] = useState<string | undefined>(undefined);
  const close = () => setOpen(undefined);
  const isNew = open !== undefined && !items.some((item) => item.id === open);
  const [showAway, setShowAway] = useState(false);
  const away = items.filter(({ data }) => data.archived).length;
  return (
    <Sheet
      title={title}
      aside={<Button label={add} icon={icons.add} onPress={() => setOpen(uuid())} />}
    >
      {isNew ? form(open, undefined, close) : null}
      <View role="list">
        {items.map((item) => {
          if (item.data.archived && !showAway) return null;
          const [name, about] = lines(item);
          return (
            <View key={item.id} role="listitem" className="border-t border-line">
              <Pressable
                role="button"
                aria-expanded={open === item.id}
                onPress={() => setOpen(open === item.id ? undefined : item.id)}
                className="min-h-14 justify-center py-2"
              >
                <Read>{item.data.archived ? `${name} (put away)` : name}</Read>
                <Soft>{about}</Soft>
              </Pressable>
              {open === item.id ? form(item.id, item, close) : null}
            </View>
          );
        })}
      </View>
      <ShowAway away={away} shown={showAway} onShow={setShowAway} />
    </Sheet>
  );
}

const offBy = (offsetK: number): string =>
  offsetK === 0
    ? 'true to its dial'
    : `runs ${Math.abs(offsetK)} °C ${offsetK < 0 ? 'cool' : 'hot'}`;

/** A vessel's measures in a line. */
function sizeOf(data: VesselData): string {
  if (data.kind === 'capacity') return `holds ${data.capacityMl ?? '?'} ml`;
  const { baseDiameterMm, topDiameterMm, breadthMm, tubeMm, heightMm } = data;
  const across =
    baseDiameterMm === topDiameterMm
      ? centimetres(topDiameterMm)
      : `${centimetres(baseDiameterMm)} to ${centimetres(topDiameterMm)}`;
  const long = data.kind === 'rectangle' || data.kind === 'oval';
  return [
    long ? `${across} × ${centimetres(breadthMm ?? topDiameterMm)} cm` : `${across} cm wide`,
    ...(data.kind === 'tube' ? [`tube ${centimetres(tubeMm ?? 0)} cm`] : []),
    `${centimetres(heightMm)} cm high`,
    ...(data.looseBase ? ['loose base'] : []),
  ].join(', ');
}

function Kitchen({ book }: { readonly book: KitchenBook }) {
  const wide = useWide();
  const kitchenId = book.kitchen.id;
  const ovens = (
    <EquipmentSheet
      title="Ovens"
      add="Add an oven"
      items={book.ovens}
      lines={({ data }) => [
        data.name,
        `${say(`oven-kind.${data.kind}`)}, ${offBy(data.offsetK)}${data.swingK > 0 ? `, swings by ${data.swingK} °C` : ''}`,
      ]}
      form={(id, stored, onClose) => (
        <OvenForm key={id} kitchenId={kitchenId} id={id} stored={stored} onClose={onClose} />
      )}
    />
  );
  const vessels = (
    <EquipmentSheet
      title="Tins and dishes"
      add="Add a tin"
      items={book.vessels}
      lines={({ data }) => [
        `${data.owned} × ${data.name}`,
        `${say(`material.${data.material}`)}, ${sizeOf(data)}`,
      ]}
      form={(id, stored, onClose) => (
        <VesselForm key={id} kitchenId={kitchenId} id={id} stored={stored} onClose={onClose} />
      )}
    />
  );
  const settings = (
    <>
      <DeviceSheet />
      <KitchenSheet book={book} />
    </>
  );
  if (!wide) {
    return (
      <Column>
        <Title>Kitchen</Title>
        {settings}
        {ovens}
        {vessels}
        <PantrySheet book={book} />
      </Column>
    );
  }
  return (
    <View className="h-full flex-row">
      <View className="min-w-0 flex-1">
        <Column>
          <Title>Kitchen</Title>
          {settings}
          {ovens}
        </Column>
      </View>
      <View className="min-w-0 flex-1 border-l border-line">
        <Column>
          {vessels}
          <PantrySheet book={book} />
        </Column>
      </View>
    </View>
  );
}

/** The kitchen: this device, what holds for all, ovens and tins. */
export function KitchenScreen() {
  return <WhenHere loading={useKitchenBook()}>{(book) => <Kitchen book={book} />}</WhenHere>;
}
