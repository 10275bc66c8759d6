import { useState, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import Svg from 'react-native-svg';
import { Dial, RingTrack, type Phase } from '../../dial';
import { DonenessKey, Moon } from '../../moon';
import {
  Button,
  Choice,
  Figure,
  FileButton,
  Fold,
  HalfSheet,
  icons,
  Labelled,
  LevelLines,
  Notice,
  NumberField,
  Picker,
  PlaceLink,
  Question,
  Range,
  Read,
  Sheet,
  Soft,
  swatchOf,
  TextField,
  Tick,
  TimeTicks,
  Title,
  Why,
} from '..';

const nothing = () => undefined;
const FILLINGS = [
  { value: 'custard', label: 'Custard' },
  { value: 'curd', label: 'Curd' },
  { value: 'cream', label: 'A cream with a name so long that it has to break' },
];

/** What is read: titles, text, figures. */
const Reading = () => (
  <Sheet title="Text">
    <Title>Baked custard tart</Title>
    <Title level={2}>A heading under it</Title>
    <Read>What a cook reads, in whole sentences, at arm’s length.</Read>
    <Soft>What stands beside it, softer.</Soft>
    <View className="flex-row flex-wrap gap-6">
      <Labelled label="Pull">
        <Figure value="29" unit="min" size="big" />
      </Labelled>
      <Labelled label="Probe">
        <Figure value="79" unit="°C" size="figure" />
      </Labelled>
      <Labelled label="Left over">
        <Figure value="120" unit="g" size="title" />
      </Labelled>
    </View>
    <Why about="why it coasts">The rim is hotter than the middle, and hands its heat on.</Why>
  </Sheet>
);

const Buttons = () => (
  <Sheet title="Buttons and links">
    <View className="flex-row flex-wrap items-center gap-2">
      <Button label="Main" weight="main" onPress={nothing} />
      <Button label="Plain" onPress={nothing} />
      <Button label="Quiet" weight="quiet" onPress={nothing} />
      <Button label="Pressed" pressed onPress={nothing} />
      <Button label="More" icon={icons.more} iconOnly weight="quiet" pressed onPress={nothing} />
      <Button label="Disabled" disabled onPress={nothing} />
      <Button label="Main, disabled" weight="main" disabled onPress={nothing} />
      <Button label="With an icon" icon={icons.add} onPress={nothing} />
      <Button label="Undo" icon={icons.undo} iconOnly onPress={nothing} />
      <FileButton label="Open a file" accept=".txt" onText={nothing} />
    </View>
    <PlaceLink to="/parts" here className="min-h-12 justify-center">
      <Read>A link to the place that is shown</Read>
    </PlaceLink>
    <PlaceLink to="/" className="min-h-12 justify-center">
      <Read>A link elsewhere</Read>
    </PlaceLink>
  </Sheet>
);

const Fields = () => {
  const [text, setText] = useState('Lemon tart');
  const [count, setCount] = useState(12);
  const [celsius, setCelsius] = useState(150);
  return (
    <Sheet title="Fields">
      <TextField label="Name" value={text} onChange={setText} />
      <TextField
        label="Empty"
        value=""
        onChange={nothing}
        placeholder="What stands here at first"
      />
      <TextField label="Wrong" value="" onChange={nothing} problem="Give it a name." />
      <TextField label="Note" value={text} onChange={setText} lines={3} />
      <View className="flex-row flex-wrap gap-3">
        <NumberField label="How many" value={count} onChange={setCount} className="w-32" />
        <NumberField label="Gap" unit="mm" value={3} onChange={nothing} className="w-32" />
        <NumberField
          label="Wrong"
          unit="mm"
          value={-3}
          onChange={nothing}
          problem="Can't be negative."
          className="w-40"
        />
        <NumberField label="Empty" value={NaN} onChange={nothing} mayBeEmpty className="w-32" />
        <NumberField
          unit="°C"
          label="Oven"
          value={celsius}
          onChange={setCelsius}
          className="w-32"
        />
        <NumberField
          unit="°C"
          label="Off by"
          value={-9}
          onChange={nothing}
          difference
          className="w-32"
        />
      </View>
    </Sheet>
  );
};

const Choices = () => {
  const [filling, setFilling] = useState('custard');
  const [ticked, setTicked] = useState(true);
  const [heat, setHeat] = useState(150);
  return (
    <Sheet title="Choices">
      <Choice label="One of a few" value={filling} options={FILLINGS} onChange={setFilling} />
      <Choice label="None chosen yet" value={undefined} options={FILLINGS} onChange={setFilling} />
      <Picker label="One of many" value={filling} options={FILLINGS} onChange={setFilling} />
      <Tick label="Ticked or not" ticked={ticked} onChange={setTicked} />
      <Tick label="Not ticked" ticked={false} onChange={nothing} />
      <Tick label="A fault, ticked" ticked tone="scorch" onChange={nothing} />
      <Range
        label="Set to"
        value={heat}
        least={80}
        most={230}
        step={1}
        onChange={setHeat}
        shown={String(heat)}
        unit="°C"
      />
    </Sheet>
  );
};

const Notices = () => (
  <Sheet title="Notices and folds" aside={<Button label="Beside a title" onPress={nothing} />}>
    <Notice kind="hint">Worth knowing, and nothing to be done at once.</Notice>
    <Notice kind="danger">The filling does not fit: take 120 g off, or a deeper tin.</Notice>
    <Notice kind="danger" actions={<Button label="Try again" weight="main" onPress={nothing} />}>
      With something to do about it.
    </Notice>
    <Fold id="closed" title="A closed fold" summary="says its result in a line">
      {() => <Read>Hidden.</Read>}
    </Fold>
    <Fold id="open" title="An open fold" summary="" begin>
      {() => <Read>What was folded away.</Read>}
    </Fold>
  </Sheet>
);

const MOONS = [
  ['Not judged', undefined],
  ['Liquid', { liquid: 0.9, moving: 0.97, curdledFrom: 1 }],
  ['Wobbling', { liquid: 0.1, moving: 0.45, curdledFrom: 1 }],
  ['Set', { liquid: 0, moving: 0, curdledFrom: 1 }],
  ['Curdled at the rim', { liquid: 0, moving: 0.2, curdledFrom: 0.8 }],
] as const;

const Pictures = () => (
  <Sheet title="Pictures">
    {[88, 44].map((size) => (
      <View key={size} className="flex-row flex-wrap gap-3">
        {MOONS.map(([label, state]) => (
          <Moon key={label} state={state} shell size={size} label={label} />
        ))}
        <Moon state={MOONS[2][1]} shell={false} size={size} caption="8 cm" label="In no shell" />
      </View>
    ))}
    <View className="flex-row flex-wrap gap-2">
      {[82, 72, 62, 52, 42, 32, 24].map((lightness) => (
        <View
          key={lightness}
          className="h-10 w-10 rounded border border-line"
          style={{ backgroundColor: swatchOf(lightness) }}
        />
      ))}
    </View>
    <Svg width={300} height={110} role="img" aria-label="Axes of a chart">
      <LevelLines
        levels={[0, 50, 100]}
        y={(celsius) => 90 - celsius * 0.8}
        from={34}
        to={290}
        shown={String}
      />
      <TimeTicks ticks={[0, 10, 20, 30]} x={(min) => 34 + min * 8} y={106} unit="min" />
    </Svg>
  </Sheet>
);

const PHASES: readonly Phase[] = [
  [0, MOONS[1][1]],
  [1200, MOONS[2][1]],
  [2400, MOONS[3][1]],
  [3600, MOONS[4][1]],
];

/** The dial with a hand and without, and its key. */
const Dials = () => {
  const [atS, setAtS] = useState(1500);
  const dial = {
    track: (x: (seconds: number) => number, heightPx: number) => (
      <RingTrack phases={PHASES} x={x} heightPx={heightPx} />
    ),
    endS: 3600,
    window: [1800, 2100, 2520] as const,
  };
  return (
    <Sheet title="Dials">
      <Dial
        {...dial}
        label="A dial with a hand"
        hand={{ atS, says: `${Math.round(atS / 60)} min`, onTime: setAtS }}
      />
      <Dial
        {...dial}
        label="A dial with a clock"
        nowS={1700}
        pulledS={2700}
        late
        marks={[
          { atS: 900, kind: 'reading' },
          { atS: 1500, kind: 'nudge' },
        ]}
      />
      <DonenessKey spoils="curdles" />
    </Sheet>
  );
};

/** What opens over a foot, keys under a field, and folds under their question. */
const Opened = () => (
  <>
    <HalfSheet title="A half sheet" onClose={nothing}>
      <NumberField label="With keys" value={1.5} onChange={nothing} keypad="fractions" />
    </HalfSheet>
    <Question title="A question">
      <Fold id="answer" title="One answer" summary="in a line">
        {() => <Read>In full.</Read>}
      </Fold>
    </Question>
  </>
);

const All = () => (
  <>
    <Reading />
    <Buttons />
    <Fields />
    <Choices />
    <Notices />
    <Pictures />
    <Dials />
    <Opened />
  </>
);

const InTheme = ({ theme, children }: { readonly theme: string; readonly children: ReactNode }) => (
  <View className={`${theme} min-w-80 flex-1 gap-4 bg-ground p-4`} testID={`parts-${theme}`}>
    {children}
  </View>
);

/** Every part of the design system in its states, in both themes: for looking at, and for tests. */
export const Parts = () => (
  <ScrollView className="h-full">
    <View className="flex-row flex-wrap">
      <InTheme theme="light">
        <All />
      </InTheme>
      <InTheme theme="dark">
        <All />
      </InTheme>
    </View>
  </ScrollView>
);
