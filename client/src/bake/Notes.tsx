import { deedInWords } from '../deeds';
import { NudgeMoon } from './NudgeMoon';
import {
  Button,
  Choice,
  focusOn,
  icons,
  NumberField,
  Picker,
  Sheet,
  Soft,
  TextField,
  Tick,
  useWords,
} from '../design';
import { say } from '@hollow-moon/words';
import {
  FAULTS,
  MOTIONS,
  RESULTS,
  readingSchema,
  wobbleCheckSchema,
  type BakeData,
  type Noted,
  type Reading,
  type WobbleCheck,
  findingIn,
} from '@hollow-moon/contract';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { v4 as uuid } from 'uuid';

type Note = (change: Partial<BakeData>) => void;

const PLACE_NAMES = {
  centre: say('bake.centre'),
  halfRadius: say('bake.half-way'),
  rim: say('bake.rim'),
  oven: say('bake.oven'),
  pan: say('bake.pan'),
} as const;
type PlaceName = keyof typeof PLACE_NAMES;

/** A probe reading, timed by the tap. */
export function ReadingForm({
  atS,
  firstPlace,
  foreseenC,
  keypad,
  onReading,
}: {
  readonly atS: number;
  /** What the middle should read now, to hold what is read against. */
  readonly foreseenC: number | undefined;
  readonly keypad: boolean;
  /** Where this bake is most likely read. */
  readonly firstPlace: PlaceName;
  readonly onReading: (reading: Reading) => void;
}) {
  const { degrees, tell, unit } = useWords();
  const [value, setValue] = useState(Number.NaN);
  const [round, setRound] = useState(0);
  const [place, setPlace] = useState<PlaceName>(firstPlace);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const add = () => {
    const reading = {
      id: uuid(),
      atS: Math.round(atS),
      place,
      celsius: value,
    };
    const checked = readingSchema.safeParse(reading);
    if (!checked.success) {
      setProblem(tell(findingIn(checked.error.issues[0]?.message)));
      return;
    }
    setProblem(undefined);
    onReading(checked.data);
    setValue(Number.NaN);
    setRound(round + 1);
    focusOn('reading');
  };
  return (
    <View className="gap-2">
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
          {foreseenC === undefined || place !== 'centre' ? null : (
            <Soft>{say('bake.foreseen-here', { probe: degrees(foreseenC), unit })}</Soft>
          )}
          <Button
            label={say('bake.note-it')}
            weight="main"
            className="min-h-14"
            onPress={add}
            disabled={!Number.isFinite(value)}
            testID="add-reading"
          />
        </View>
      </View>
    </View>
  );
}

/** How wide the middle moves and how. */
export function WobbleForm({
  atS,
  surfaceMm,
  shell,
  onWobble,
}: {
  readonly atS: number;
  /** Width of the filling. */
  readonly surfaceMm: number;
  readonly shell: boolean;
  readonly onWobble: (wobble: WobbleCheck) => void;
}) {
  const [cm, setCm] = useState(Number.NaN);
  const [round, setRound] = useState(0);
  const { tell } = useWords();
  const [motion, setMotion] = useState<(typeof MOTIONS)[number]>('jelly');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const add = () => {
    const wobble = { id: uuid(), atS: Math.round(atS), diameterMm: cm * 10, motion };
    const checked = wobbleCheckSchema.safeParse(wobble);
    if (!checked.success) {
      setProblem(tell(findingIn(checked.error.issues[0]?.message)));
      return;
    }
    setProblem(undefined);
    onWobble(checked.data);
    setCm(Number.NaN);
    setRound(round + 1);
    focusOn('wobble');
  };
  return (
    <View className="flex-row items-start gap-3">
      <NudgeMoon
        surfaceMm={surfaceMm}
        widthMm={Number.isFinite(cm) ? cm * 10 : undefined}
        shell={shell}
        onWidth={(mm) => {
          setCm(mm / 10);
          setProblem(undefined);
        }}
      />
      <View className="min-w-0 flex-1 gap-2">
        <NumberField
          key={round}
          label={say('bake.moves-across')}
          unit="cm"
          value={cm}
          onChange={(next) => {
            setCm(next);
            setProblem(undefined);
          }}
          problem={problem}
          testID="wobble"
          mayBeEmpty
          onSubmit={add}
        />
        <Picker
          label={say('bake.how')}
          value={motion}
          options={MOTIONS.map((value) => ({ value, label: say(`motion.${value}`) }))}
          onChange={(next) => setMotion(next as typeof motion)}
        />
        <Button
          label={say('bake.note-it')}
          weight="main"
          className="min-h-14"
          onPress={add}
          disabled={!Number.isFinite(cm)}
          testID="add-wobble"
        />
      </View>
    </View>
  );
}

/** How it came out, its faults and a note. */
export function ResultForm({ data, onNote }: { readonly data: BakeData; readonly onNote: Note }) {
  const toggle = (fault: (typeof FAULTS)[number]) =>
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
      <View className="flex-row flex-wrap gap-2">
        {FAULTS.map((fault) => (
          <Tick
            key={fault}
            label={say(`fault.${fault}`)}
            ticked={data.faults.includes(fault)}
            onChange={() => toggle(fault)}
            tone="scorch"
          />
        ))}
      </View>
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
      text: `${PLACE_NAMES[reading.place]} ${quantity({ celsius: reading.celsius })}`,
      remove: () => onTakeBack('readings', reading.id),
    })),
    ...noted.wobbles.map((wobble) => ({
      id: wobble.id,
      atS: wobble.atS,
      text: put('bake.wobble-cm', {
        diameter: { widthMm: wobble.diameterMm },
        motion: say(`motion.${wobble.motion}`),
      }),
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
