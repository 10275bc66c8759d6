import { OvenForm } from '../equipment/OvenForm';
import { VesselForm } from '../equipment/VesselForm';
import { say, type Words } from '@hollow-moon/words';
import { type VesselData } from '@hollow-moon/contract';
import { View } from 'react-native';
import { Title, useWords } from '../design';
import { Column, Margin, useTitle, useWide, WhenHere } from '../layout';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { DeviceFold } from './DeviceFold';
import { EquipmentFold } from './EquipmentFold';
import { KitchenFold } from './KitchenFold';
import { PantryFold } from './PantryFold';

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
