import {
  FAULT_PLACES,
  FAULTS_AT,
  RESULTS,
  type BakeData,
  type Fault,
  type Noted,
} from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { Text, View } from 'react-native';
import { deedInWords, ofVessel } from '../deeds';
import { Button, Choice, icons, Sheet, Soft, TextField, Tick, useWords } from '../design';
import { PLACE_NAMES } from './places';

type Note = (change: Partial<BakeData>) => void;

/** How it came out, its faults and a note. */
export function ResultForm({ data, onNote }: { readonly data: BakeData; readonly onNote: Note }) {
  const toggle = (fault: Fault) =>
    onNote({
      faults: data.faults.includes(fault)
        ? data.faults.filter((each) => each !== fault)
        : [...data.faults, fault],
    });
  return (
    <Sheet title={say('bake.how-did-it-come-out')}>
      <Choice
        label={say('bake.result')}
        hideLabel
        value={data.result ?? undefined}
        options={RESULTS.map((value) => ({ value, label: say(`result.${value}`) }))}
        onChange={(result) => onNote({ result })}
      />
      <Soft>{say('bake.faults-if-any')}</Soft>
      {FAULT_PLACES.filter((place) => place !== 'shell' || data.shell !== 'none').map((place) => (
        <View key={place} role="group" aria-label={say(`fault-at.${place}`)} className="gap-1">
          <Soft>{say(`fault-at.${place}`)}</Soft>
          <View className="flex-row flex-wrap gap-2">
            {FAULTS_AT[place].map((fault) => (
              <Tick
                key={fault}
                label={say(`fault.${fault}`)}
                ticked={data.faults.includes(fault)}
                onChange={() => toggle(fault)}
                tone="scorch"
              />
            ))}
          </View>
        </View>
      ))}
      <TextField
        label={say('bake.note-for-next-time')}
        value={data.note}
        lines={3}
        onChange={(note) => onNote({ note })}
        testID="bake-note"
      />
    </Sheet>
  );
}

/** What was noted, each to be taken back. */
export function NotedList({
  noted,
  onTakeBack,
}: {
  readonly noted: Noted;
  readonly onTakeBack: (kind: keyof Noted, entryId: string) => void;
}) {
  const words = useWords();
  const { put, quantity } = words;
  const rows = [
    ...noted.readings.map((reading) => ({
      id: reading.id,
      atS: reading.atS,
      text: ofVessel(
        reading.vesselNo,
        `${PLACE_NAMES[reading.place]} ${quantity({ celsius: reading.celsius })}`,
      ),
      remove: () => onTakeBack('readings', reading.id),
    })),
    ...noted.wobbles.map((wobble) => ({
      id: wobble.id,
      atS: wobble.atS,
      text: ofVessel(
        wobble.vesselNo,
        put('bake.wobble-cm', {
          diameter: { widthMm: wobble.diameterMm },
          motion: say(`motion.${wobble.motion}`),
        }),
      ),
      remove: () => onTakeBack('wobbles', wobble.id),
    })),
    ...noted.deeds.map((deed) => ({
      id: deed.id,
      atS: deed.atS,
      text: deedInWords(deed, words),
      remove: () => onTakeBack('deeds', deed.id),
    })),
  ].sort((a, b) => a.atS - b.atS);
  if (rows.length === 0) return <Soft>{say('bake.nothing-noted-yet-a-probe-reading')}</Soft>;
  return (
    <View role="list" className="gap-1">
      {rows.map((row) => (
        <View
          key={row.id}
          role="listitem"
          className="min-h-12 flex-row items-center gap-3 border-b border-line"
        >
          <Text className="w-16 font-figures text-base text-ink-soft">
            {say('bake.min', { atS: Math.round(row.atS / 60) })}
          </Text>
          <Text className="flex-1 font-read text-base text-ink">{row.text}</Text>
          <Button
            label={say('bake.take-back', { text: row.text })}
            weight="quiet"
            iconOnly
            icon={icons.undo}
            onPress={row.remove}
          />
        </View>
      ))}
    </View>
  );
}
