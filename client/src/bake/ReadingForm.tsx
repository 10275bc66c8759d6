import { findingIn, readingSchema, type Reading } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { focusOn, NumberField, Picker, Soft, useWords } from '../design';
import { WhichVessel } from '../vessels/WhichVessel';
import { NoteIt } from './NoteIt';
import { isOfVessel, PLACE_NAMES, type PlaceName } from './places';

/** A probe reading, timed by the tap. */
export function ReadingForm({
  atS,
  firstPlace,
  foreseenC,
  keypad,
  numbers,
  onReading,
}: {
  readonly atS: number;
  /** What the middle should read now, to hold what is read against. */
  readonly foreseenC: number | undefined;
  readonly keypad: boolean;
  /** Vessels that can be read by themselves; none where there is but one. */
  readonly numbers: readonly number[];
  /** Where this bake is most likely read. */
  readonly firstPlace: PlaceName;
  readonly onReading: (reading: Reading) => void;
}) {
  const { degrees, tell, unit } = useWords();
  const [value, setValue] = useState(Number.NaN);
  const [round, setRound] = useState(0);
  const [place, setPlace] = useState<PlaceName>(firstPlace);
  const [which, setWhich] = useState<number>();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const add = () => {
    const reading = {
      id: uuid(),
      atS: Math.round(atS),
      place,
      celsius: value,
      ...(which === undefined || !isOfVessel(place) ? {} : { vesselNo: which }),
    };
    const checked = readingSchema.safeParse(reading);
    if (!checked.success) {
      setProblem(tell(findingIn(checked.error.issues[0]?.message)));
      return;
    }
    setProblem(undefined);
    onReading(checked.data);
    setWhich(undefined);
    setValue(Number.NaN);
    setRound(round + 1);
    focusOn('reading');
  };
  return (
    <View className="flex-row items-start gap-2">
      <NumberField
        unit="°C"
        keypad={keypad ? 'plain' : undefined}
        key={round}
        label={say('bake.reads')}
        value={value}
        onChange={(next) => {
          setValue(next);
          setProblem(undefined);
        }}
        problem={problem}
        className="min-w-0 flex-1"
        testID="reading"
        mayBeEmpty
        onSubmit={add}
      />
      <View className="w-36 gap-2">
        <Picker
          label={say('bake.where')}
          value={place}
          options={Object.entries(PLACE_NAMES).map(([key, label]) => ({ value: key, label }))}
          onChange={(next) => setPlace(next as PlaceName)}
        />
        <WhichVessel
          numbers={isOfVessel(place) ? numbers : []}
          value={which}
          onChange={setWhich}
          testID="reading-which"
        />
        {foreseenC === undefined || place !== 'centre' ? null : (
          <Soft>{say('bake.foreseen-here', { probe: degrees(foreseenC), unit })}</Soft>
        )}
        <NoteIt testID="add-reading" onPress={add} disabled={!Number.isFinite(value)} />
      </View>
    </View>
  );
}
