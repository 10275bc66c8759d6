import { ShowAway } from '../equipment/fields';
import { say } from '@hollow-moon/words';
import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, Fold, icons, Read, Soft } from '../design';

/** A list of equipment in which one entry at a time is open to be changed. */
export function EquipmentFold<
  T extends { readonly id: string; readonly data: { archived: boolean } },
>({
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
