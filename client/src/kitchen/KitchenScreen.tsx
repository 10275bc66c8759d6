import { useWriting } from '../equipment';
import { FormNumber, FormPicker, FormText, ShowAway } from '../equipment/fields';
import { OvenForm } from '../equipment/OvenForm';
import { VesselForm } from '../equipment/VesselForm';
import { say, type Units, type Words } from '@hollow-moon/words';
import { kitchenDataSchema, type KitchenData, type VesselData } from '@hollow-moon/contract';
import { boilingPointAtAltitudeC, EGG_GRADES, type EggGrade } from '@hollow-moon/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState, type ReactNode } from 'react';
import { useForm, useWatch, type Control } from 'react-hook-form';
import { Pressable, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, Choice, Fold, icons, Read, Soft, Title, useWords } from '../design';
import { Column, Margin, useTitle, useWide, WhenHere } from '../layout';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { unitsChosen, themeChosen, type Theme } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';
import { CallsChoice } from './CallsChoice';
import { PantryFold } from './PantryFold';

/** How this device shows things. */
function DeviceFold({ begin }: { readonly begin: boolean }) {
  const dispatch = useAppDispatch();
  const { theme, units } = useAppSelector((state) => state.settings);
  return (
    <Fold
      id="this-device"
      title={say('kitchen.this-device')}
      summary={say('kitchen.device-in-short', {
        theme: say(`theme.${theme}`),
        degrees: units.degrees === 'gas' ? say('kitchen.gas-marks') : `°${units.degrees}`,
        lengths: units.lengths,
        weights: units.weights,
      })}
      begin={begin}
    >
      {() => (
        <>
          <Choice<Theme>
            label={say('kitchen.light')}
            value={theme}
            onChange={(value) => dispatch(themeChosen(value))}
            options={[
              { value: 'system', label: say('theme.system') },
              { value: 'light', label: say('theme.light') },
              { value: 'dark', label: say('theme.dark') },
            ]}
          />
          <CallsChoice />
          <Choice<Units['degrees']>
            label={say('kitchen.temperatures')}
            value={units.degrees}
            onChange={(degrees) => dispatch(unitsChosen({ degrees }))}
            options={[
              { value: 'C', label: '°C' },
              { value: 'F', label: '°F' },
              { value: 'gas', label: say('kitchen.gas-marks') },
            ]}
          />
          <Choice<Units['lengths']>
            label={say('kitchen.lengths')}
            value={units.lengths}
            onChange={(lengths) => dispatch(unitsChosen({ lengths }))}
            options={[
              { value: 'cm', label: say('kitchen.centimetres') },
              { value: 'in', label: say('kitchen.inches') },
            ]}
          />
          <Choice<Units['weights']>
            label={say('kitchen.amounts')}
            value={units.weights}
            onChange={(weights) => dispatch(unitsChosen({ weights }))}
            options={[
              { value: 'g', label: say('kitchen.grams') },
              { value: 'oz', label: say('kitchen.ounces') },
              { value: 'cups', label: say('kitchen.cups-and-spoons') },
            ]}
          />
        </>
      )}
    </Fold>
  );
}

const GRADES = Object.keys(EGG_GRADES) as EggGrade[];

function KitchenFields({ control }: { readonly control: Control<KitchenData> }) {
  const { put } = useWords();
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
        <View className="w-32">
          <FormText
            control={control}
            name="currency"
            label={say('kitchen.prices-in')}
            as={(text) => text.toUpperCase()}
          />
        </View>
        <FormNumber
          unit="°C"
          control={control}
          name="roomC"
          label={say('kitchen.room')}
          testID="room"
        />
      </View>
    </>
  );
}

/** What holds for everything made here. */
function KitchenFold({ book, begin }: { readonly book: KitchenBook; readonly begin: boolean }) {
  const { quantity } = useWords();
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

/** A list of equipment in which one entry at a time is open to be changed. */
function EquipmentFold<T extends { readonly id: string; readonly data: { archived: boolean } }>({
  id,
  title,
  add,
  items,
  lines,
  form,
  begin,
}: {
  readonly id: string;
  readonly title: string;
  readonly add: string;
  readonly items: readonly T[];
  readonly lines: (item: T) => [string, string];
  readonly form: (id: string, item: T | undefined, close: () => void) => ReactNode;
  readonly begin: boolean;
}) {
  const [open, setOpen] = useState<string | undefined>(undefined);
  const close = () => setOpen(undefined);
  const isNew = open !== undefined && !items.some((item) => item.id === open);
  const [showAway, setShowAway] = useState(false);
  const away = items.filter(({ data }) => data.archived).length;
  return (
    <Fold
      id={id}
      title={title}
      summary={
        items
          .filter(({ data }) => !data.archived)
          .map((item) => lines(item)[0])
          .join(', ') || say('kitchen.none-yet')
      }
      begin={begin}
    >
      {() => (
        <>
          <View className="self-start">
            <Button label={add} icon={icons.add} onPress={() => setOpen(uuid())} />
          </View>
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
                    <Read>{item.data.archived ? say('kitchen.put-away', { name }) : name}</Read>
                    <Soft>{about}</Soft>
                  </Pressable>
                  {open === item.id ? form(item.id, item, close) : null}
                </View>
              );
            })}
          </View>
          <ShowAway away={away} shown={showAway} onShow={setShowAway} />
        </>
      )}
    </Fold>
  );
}

const offBy = (offsetK: number, { quantity }: Words): string =>
  offsetK === 0
    ? say('kitchen.true-to-its-dial')
    : say('kitchen.runs-c', {
        offset: quantity({ kelvin: Math.abs(offsetK) }),
        way: offsetK < 0 ? 'cool' : 'hot',
      });

/** A vessel's measures in a line. */
function sizeOf(data: VesselData, { measured, put, quantity }: Words): string {
  if (data.kind === 'capacity') {
    return put('kitchen.holds-ml', {
      capacity: data.capacityMl ? { millilitres: data.capacityMl } : '?',
    });
  }
  const { baseDiameterMm, topDiameterMm, breadthMm, tubeMm, heightMm } = data;
  const top = { widthMm: topDiameterMm };
  const along =
    baseDiameterMm === topDiameterMm
      ? quantity(top)
      : put('kitchen.to', { base: measured({ widthMm: baseDiameterMm }).value, top });
  const long = data.kind === 'rectangle' || data.kind === 'oval';
  return [
    long
      ? put('kitchen.along-across', { along, across: { widthMm: breadthMm ?? topDiameterMm } })
      : put('kitchen.wide', { along }),
    ...(data.kind === 'tube' ? [put('kitchen.tube', { tube: { widthMm: tubeMm ?? 0 } })] : []),
    put('kitchen.high', { height: { millimetres: heightMm } }),
    ...(data.looseBase ? [say('kitchen.loose-base')] : []),
  ].join(', ');
}

function Kitchen({ book }: { readonly book: KitchenBook }) {
  const words = useWords();
  const wide = useWide();
  const kitchenId = book.kitchen.id;
  const ovens = (
    <EquipmentFold
      id="ovens"
      begin={wide}
      title={say('kitchen.ovens')}
      add={say('kitchen.add-an-oven')}
      items={book.ovens}
      lines={({ data }) => [
        data.name,
        `${say(`oven-kind.${data.kind}`)}, ${offBy(data.offsetK, words)}${data.swingK > 0 ? say('kitchen.swings-by-c', { swing: words.quantity({ kelvin: data.swingK }) }) : ''}`,
      ]}
      form={(id, stored, onClose) => (
        <OvenForm key={id} kitchenId={kitchenId} id={id} stored={stored} onClose={onClose} />
      )}
    />
  );
  const vessels = (
    <EquipmentFold
      id="tins"
      begin={wide}
      title={say('kitchen.tins-and-dishes')}
      add={say('kitchen.add-a-tin')}
      items={book.vessels}
      lines={({ data }) => [
        `${data.owned} × ${data.name}`,
        `${say(`material.${data.material}`)}, ${sizeOf(data, words)}`,
      ]}
      form={(id, stored, onClose) => (
        <VesselForm key={id} kitchenId={kitchenId} id={id} stored={stored} onClose={onClose} />
      )}
    />
  );
  const settings = (
    <>
      <DeviceFold begin={wide} />
      <KitchenFold book={book} begin={wide} />
    </>
  );
  if (!wide) {
    return (
      <Column>
        <Margin>
          <Title>{say('kitchen.kitchen')}</Title>
        </Margin>
        {settings}
        {ovens}
        {vessels}
        <PantryFold book={book} begin={wide} />
      </Column>
    );
  }
  return (
    <View className="h-full flex-row">
      <View className="min-w-0 flex-1">
        <Column>
          <Margin>
            <Title>{say('kitchen.kitchen')}</Title>
          </Margin>
          {settings}
          {ovens}
        </Column>
      </View>
      <View className="min-w-0 flex-1 border-l border-line">
        <Column>
          {vessels}
          <PantryFold book={book} begin={wide} />
        </Column>
      </View>
    </View>
  );
}

/** The kitchen: this device, what holds for all, ovens and tins. */
export function KitchenScreen() {
  useTitle(say('root.kitchen'));
  return <WhenHere loading={useKitchenBook()}>{(book) => <Kitchen book={book} />}</WhenHere>;
}
