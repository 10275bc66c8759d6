import type { OvenUse } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Button, FieldProblem, icons, NumberField } from '../design';

type Door = OvenUse['doors'][number];

const MOST_DOORS = 12;

/** When the door is opened, and for how long. */
export function DoorEditor({
  doors,
  problem,
  onDoors,
}: {
  readonly doors: readonly Door[];
  readonly problem: string | undefined;
  readonly onDoors: (doors: Door[]) => void;
}) {
  const change = (index: number, with_: Partial<Door>) =>
    onDoors(doors.map((each, at) => (at === index ? { ...each, ...with_ } : each)));
  return (
    <>
      {doors.map((door, index) => (
        <View key={index} className="flex-row flex-wrap items-end gap-2">
          <NumberField
            label={say('oven.door-opened-at')}
            unit="min"
            value={door.atMin}
            onChange={(atMin) => change(index, { atMin })}
            className="w-32"
            testID={`door-at-${index}`}
          />
          <NumberField
            label={say('oven.open-for')}
            unit="s"
            value={door.forS}
            onChange={(forS) => change(index, { forS })}
            className="w-24"
          />
          <Button
            label={say('oven.leave-out-opening', { index: index + 1 })}
            icon={icons.remove}
            iconOnly
            weight="quiet"
            onPress={() => onDoors(doors.filter((_, each) => each !== index))}
          />
        </View>
      ))}
      {problem ? <FieldProblem>{problem}</FieldProblem> : null}
      <View className="flex-row flex-wrap items-end gap-2">
        <Button
          label={say('oven.open-the-door')}
          disabled={doors.length >= MOST_DOORS}
          testID="add-door"
          onPress={() =>
            onDoors([...doors, { atMin: (doors.at(-1)?.atMin ?? -20) + 20, forS: 30 }])
          }
        />
      </View>
    </>
  );
}
