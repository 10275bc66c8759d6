import { dayDataSchema, type CookData, type DayData } from '@hollow-moon/contract';
import { listed, say } from '@hollow-moon/words';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, Choice, DateField, Fold, focusOn, HourField, icons } from '../design';
import { CountField } from './CountField';
import { NameField } from './NameField';
import { OwnPaceOf } from './OwnPace';
import { onDate, type EditDay } from './useDay';

const DAY_MIN = 1440;

/** From when work may begin, min from midnight of the day. */
const BEGINS = { evening: -360, day: -DAY_MIN, two: -2 * DAY_MIN } as const;
type Begins = keyof typeof BEGINS;

function CookRow({
  cook,
  onChange,
  onRemove,
}: {
  readonly cook: CookData;
  readonly onChange: (cook: CookData) => void;
  readonly onRemove: () => void;
}) {
  const { id, name, fromMin, toMin } = cook;
  return (
    <View role="listitem" className="flex-row flex-wrap items-end gap-3 border-t border-line py-3">
      <View className="w-44">
        <NameField
          label={say('day.name')}
          value={name}
          testID={`cook-${id}`}
          onChange={(next) => onChange({ ...cook, name: next })}
        />
      </View>
      <HourField
        label={say('day.from')}
        minutes={fromMin}
        testID={`from-${id}`}
        onChange={(from) => {
          const to = toMin % DAY_MIN;
          onChange({ ...cook, fromMin: from, toMin: to > from ? to : to + DAY_MIN });
        }}
      />
      <HourField
        label={say('day.to')}
        minutes={toMin % DAY_MIN}
        testID={`to-${id}`}
        // An end before the beginning is on the next day.
        onChange={(to) => onChange({ ...cook, toMin: to > fromMin ? to : to + DAY_MIN })}
      />
      <Button
        label={say('day.remove', { bake: name })}
        icon={icons.remove}
        iconOnly
        weight="quiet"
        onPress={onRemove}
      />
    </View>
  );
}

/** Those who work, and one more. */
function People({
  people,
  onEdit,
}: {
  readonly people: readonly CookData[];
  readonly onEdit: EditDay;
}) {
  const change = (next: CookData) =>
    onEdit(
      (data) => ({
        ...data,
        people: data.people.map((each) => (each.id === next.id ? next : each)),
      }),
      next.id,
    );
  return (
    <>
      <View role="list">
        {people.map((cook) => (
          <CookRow
            key={cook.id}
            cook={cook}
            onChange={change}
            onRemove={() =>
              onEdit((data) => ({
                ...data,
                people: data.people.filter(({ id }) => id !== cook.id),
              }))
            }
          />
        ))}
      </View>
      <View className="self-start">
        <Button
          label={say('day.add-a-person')}
          icon={icons.add}
          testID="add-person"
          onPress={() => {
            const id = uuid();
            const name = say('day.new-person', { which: people.length + 1 });
            const last = people.at(-1);
            onEdit((data) => ({
              ...data,
              people: [
                ...data.people,
                { id, name, fromMin: last?.fromMin ?? 360, toMin: last?.toMin ?? 900 },
              ],
            }));
            focusOn(`cook-${id}`);
          }}
        />
      </View>
    </>
  );
}

/** What a day has so many of, and how wide its field is. */
const COUNTED = [
  { field: 'rings', label: say('day.rings'), wide: 'w-24', testID: 'rings' },
  { field: 'mixers', label: say('day.mixers'), wide: 'w-24', testID: 'mixers' },
  { field: 'fridgePlaces', label: say('day.fridge'), wide: 'w-40', testID: 'fridge-places' },
  { field: 'freezerPlaces', label: say('day.freezer'), wide: 'w-40', testID: 'freezer-places' },
] as const;

/** Who works when, and what there is to work with; the ovens are the kitchen's own. */
export function HandsFold({
  day,
  kitchenId,
  onEdit,
}: {
  readonly day: DayData;
  readonly kitchenId: string;
  readonly onEdit: EditDay;
}) {
  const { people, rings, mixers, beginsMin } = day;
  const begins = (Object.keys(BEGINS) as Begins[]).find((each) => BEGINS[each] === beginsMin);
  return (
    <Fold
      id="hands"
      title={say('day.hands')}
      summary={say('day.hands-in-short', {
        people: listed(people.map(({ name }) => name)) || say('day.nobody'),
        rings,
        mixers,
      })}
      begin={people.length === 0}
    >
      {() => (
        <>
          <People people={people} onEdit={onEdit} />
          <View className="flex-row flex-wrap gap-3">
            {COUNTED.map(({ field, label, wide, testID }) => (
              <CountField
                key={field}
                label={label}
                value={day[field]}
                schema={dayDataSchema.shape[field]}
                className={wide}
                testID={testID}
                onCount={(count) => onEdit((data) => ({ ...data, [field]: count }))}
              />
            ))}
          </View>
          <Choice<Begins>
            label={say('day.begins')}
            value={begins}
            onChange={(next) => onEdit((data) => ({ ...data, beginsMin: BEGINS[next] }))}
            options={[
              { value: 'evening', label: say('day.begins-evening') },
              { value: 'day', label: say('day.begins-day') },
              { value: 'two', label: say('day.begins-two') },
            ]}
          />
          <OwnPaceOf day={day} kitchenId={kitchenId} onEdit={onEdit} />
        </>
      )}
    </Fold>
  );
}

/** What the day is called, and when it is. */
export function NamedFold({
  day,
  onEdit,
  onAgain,
}: {
  readonly day: DayData;
  readonly onEdit: EditDay;
  /** Plans the same for a week later. */
  readonly onAgain: () => void;
}) {
  return (
    <Fold id="day-named" title={say('day.named')} summary={`${day.name}, ${day.date}`}>
      {() => (
        <>
          <NameField
            label={say('day.day-name')}
            value={day.name}
            testID="day-name"
            onChange={(name) => onEdit((data) => ({ ...data, name }), 'name')}
          />
          <DateField
            label={say('day.date')}
            date={day.date}
            testID="day-date"
            onChange={(date) => onEdit((data) => ({ ...data, ...onDate(date, new Date()) }))}
          />
          <View className="flex-row flex-wrap gap-2">
            <Button label={say('day.again')} testID="again-day" onPress={onAgain} />
            <Button
              label={say(day.archived ? 'day.bring-back' : 'day.put-away')}
              testID="archive-day"
              onPress={() => onEdit((data) => ({ ...data, archived: !data.archived }))}
            />
          </View>
        </>
      )}
    </Fold>
  );
}
