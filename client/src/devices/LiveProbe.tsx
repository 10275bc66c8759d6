import { PROBE_NAMES, type Device, type Noted, type Reading } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useEffect, useRef, useState } from 'react';
import { Text, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, Fold, Picker, Read, Soft, TextField, useWords } from '../design';
import { probeChosen } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';
import { GAP_MS, heardNow, likelyPlace, toNote, type LastRead, type Places } from './noting';
import { isAddress, socketSource, type SourceState } from './source';

/** Where the stand-in probe is, which ships with the application. */
const USUAL_ADDRESS = 'ws://127.0.0.1:7420/stream';

const STATES = {
  seeking: 'devices.seeking',
  open: 'devices.open',
  lost: 'devices.lost',
  'not-a-device': 'devices.not-a-device',
} as const;

const PLACE_NAMES = {
  centre: 'bake.centre',
  halfRadius: 'bake.half-way',
  rim: 'bake.rim',
  oven: 'bake.oven',
  pan: 'bake.pan',
} as const;

/** Listens to a device while an address is given. */
function useDevice(address: string | undefined) {
  const [device, setDevice] = useState<Device>();
  const [state, setState] = useState<SourceState>();
  const [last, setLast] = useState<ReadonlyMap<string, LastRead>>(new Map());
  useEffect(() => {
    if (address === undefined) return undefined;
    const stop = socketSource(address)({
      onDevice: setDevice,
      onState: setState,
      onReading: (reading) => setLast((before) => heardNow(before, reading, Date.now())),
    });
    return () => {
      stop();
      setDevice(undefined);
      setState(undefined);
      setLast(new Map());
    };
  }, [address]);
  return { device, state, last };
}

/** One channel: what it reads now, or since when it says nothing, and where its tip is. */
function Channel({
  id,
  name,
  last,
  nowMs,
  place,
  onPlace,
}: {
  readonly id: string;
  readonly name: string;
  readonly last: LastRead | undefined;
  readonly nowMs: number;
  readonly place: Places[string];
  readonly onPlace: (place: Places[string]) => void;
}) {
  const { degrees, unit } = useWords();
  const quietS = last ? Math.max(0, Math.round((nowMs - last.heardMs) / 1000)) : 0;
  const gap = last !== undefined && nowMs - last.heardMs > GAP_MS;
  return (
    <View className="flex-row flex-wrap items-end gap-3 border-t border-line py-2">
      <View className="min-w-32 flex-1">
        <Soft>{name}</Soft>
        <Text
          testID={`channel-${id}`}
          className={`font-figures-strong text-title ${gap ? 'text-ink-soft' : 'text-ink'}`}
        >
          {last ? `${degrees(last.celsius)}\u00a0${unit}` : '–'}
        </Text>
        {gap ? (
          <Soft className="text-scorch">{say('devices.gap', { seconds: quietS })}</Soft>
        ) : null}
      </View>
      <View className="w-40">
        <Picker
          label={say('bake.where')}
          value={place ?? 'none'}
          testID={`place-of-${id}`}
          onChange={(chosen) => onPlace(chosen as Places[string])}
          options={[
            { value: 'none', label: say('devices.not-noted') },
            ...PROBE_NAMES.map((each) => ({ value: each, label: say(PLACE_NAMES[each]) })),
          ]}
        />
      </View>
    </View>
  );
}

/** Readings as a device takes them, noted by themselves every few minutes; and what it reads now. */
function Live({
  noted,
  atS,
  nowMs,
  running,
  onReading,
}: {
  readonly noted: Noted;
  readonly atS: number;
  readonly nowMs: number;
  readonly running: boolean;
  readonly onReading: (reading: Reading) => void;
}) {
  const dispatch = useAppDispatch();
  const { address, places: chosen, on } = useAppSelector((state) => state.settings.probe);
  const [typed, setTyped] = useState(address || USUAL_ADDRESS);
  const sound = isAddress(typed.trim());
  const { device, state, last } = useDevice(on ? address : undefined);
  const places: Places = Object.fromEntries(
    (device?.channels ?? []).map(({ id, name }, index) => [
      id,
      chosen[id] ?? likelyPlace(name, index),
    ]),
  );
  const due = running && state === 'open' ? toNote(last, places, noted.readings, atS, nowMs) : [];
  const note = useRef(onReading);
  useEffect(() => {
    note.current = onReading;
  }, [onReading]);
  const key = due.map(({ place }) => place).join(' ');
  useEffect(() => {
    if (key !== '') for (const each of due) note.current({ ...each, id: uuid() });
    // Once for what is due; what it reads meanwhile is noted when it is due again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return (
    <View className="gap-3">
      <TextField
        label={say('devices.address')}
        value={typed}
        onChange={setTyped}
        problem={sound ? undefined : say('devices.no-address')}
        testID="probe-address"
      />
      <View className="flex-row flex-wrap items-center gap-3">
        <Button
          label={say(on ? 'devices.disconnect' : 'devices.connect')}
          testID="connect-probe"
          disabled={!on && !sound}
          onPress={() => dispatch(probeChosen({ address: typed.trim(), on: !on }))}
        />
        <View role="status" testID="probe-state" className="min-w-0 flex-1">
          {on && state ? (
            <Soft className={state === 'open' || state === 'seeking' ? '' : 'text-scorch'}>
              {say(STATES[state], { name: device?.name ?? '' })}
            </Soft>
          ) : null}
        </View>
      </View>
      {device
        ? device.channels.map(({ id, name }) => (
            <Channel
              key={id}
              id={id}
              name={name}
              last={last.get(id)}
              nowMs={nowMs}
              place={places[id] ?? 'none'}
              onPlace={(place) => dispatch(probeChosen({ places: { ...chosen, [id]: place } }))}
            />
          ))
        : null}
      <Read>{say('devices.says')}</Read>
    </View>
  );
}

/** A device that reads by itself, on the screen of a bake. */
export function LiveProbe(of: Parameters<typeof Live>[0]) {
  const { on } = useAppSelector((state) => state.settings.probe);
  return (
    <Fold
      id="live-probe"
      title={say('devices.title')}
      summary={say(on ? 'devices.on' : 'devices.off')}
      begin={on}
    >
      {() => <Live {...of} />}
    </Fold>
  );
}
