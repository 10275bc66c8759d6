import { listed, say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Button, Notice, Soft } from '../design';
import type { EditDay } from './useDay';
import type { Planned } from './usePlan';
import type { Works } from './useWorks';

/** Why a bake is not planned whose oven is put away. */
export const AWAY = 'day.oven-away';

/** Bakes whose oven is put away, and the others that all of them can be baked in on this day, by one tap. */
export function OvenAway({
  planned,
  works,
  onEdit,
}: {
  readonly planned: Planned;
  readonly works: Works;
  readonly onEdit: EditDay;
}) {
  const bakes = works.unknown.filter(({ why }) => why.code === AWAY);
  if (bakes.length === 0) return null;
  const ids = new Set(bakes.map(({ id }) => id));
  return (
    <View className="gap-2" testID="oven-away">
      <Notice kind="danger">
        {say('day.ovens-away', { bakes: listed(bakes.map(({ name }) => name)) })}
      </Notice>
      {planned.session.means.ovens.map(({ id, name }) => (
        <View key={id} className="self-start">
          <Button
            label={say('day.bake-in', { count: bakes.length, oven: name })}
            testID={`bake-in-${id}`}
            onPress={() =>
              onEdit((data) => ({
                ...data,
                wanted: data.wanted.map((each) =>
                  // What is said of heat is said of an oven.
                  ids.has(each.id) ? { ...each, ovenId: id, ovenC: null } : each,
                ),
              }))
            }
          />
        </View>
      ))}
      <Soft>{say('day.bake-in-says')}</Soft>
    </View>
  );
}
