import type { DeedData } from '@hollow-moon/contract';
import {
  fallOf,
  OVEN_LIMITS_C,
  type Forecast,
  type ForecastPlan,
  type OpenMove,
  type Trouble,
} from '@hollow-moon/core';
import { minutes, say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, Choice, focusOn, icons, OvenField, Read, Soft, Title, useWords } from '../design';
import { deedAt } from './DeedForm';
import { useMoves, type Moves } from './useMoves';

/** A bake as it is forecast now, with what its readings have taught. */
export interface AsForecast {
  readonly plan: ForecastPlan;
  readonly setShiftK: number;
}

const bestOf = (forecast: Forecast | undefined) =>
  forecast?.verdict.kind === 'window' ? forecast.verdict.best.timeS : undefined;

/** What a move changes, in a sentence or two. */
function effectInWords(forecast: Forecast | undefined, asItIs: Moves['asItIs']): string {
  if (!forecast) return say('deeds.no-forecast');
  const [best, before] = [bestOf(forecast), bestOf(asItIs)];
  if (best === undefined) return say('deeds.effect-none');
  const by = before === undefined ? undefined : Number(minutes(best)) - Number(minutes(before));
  const when =
    by === undefined
      ? say('deeds.effect-opens', { best: minutes(best) })
      : say('deeds.effect', {
          best: minutes(best),
          by: Math.abs(by),
          change: by > 0 ? 'later' : by < 0 ? 'sooner' : 'same',
        });
  const { shade } = forecast.top;
  const pale = asItIs?.top.shade ?? shade;
  if (shade === 'raw' && pale === 'raw') return when;
  const top = say('deeds.effect-top', {
    shade: say(`shade.${shade}`),
    before: shade === pale ? 'same' : say(`shade.${pale}`),
  });
  return `${when} ${top}`;
}

const FELL_FOR_MIN = [5, 10, 20] as const;

/** What an oven had fallen to, and for how long. */
function Fell({
  asked,
  atS,
  onDeeds,
}: {
  readonly asked: AsForecast;
  readonly atS: number;
  readonly onDeeds: (deeds: readonly DeedData[]) => void;
}) {
  const [celsius, setCelsius] = useState(Number.NaN);
  const [sinceMin, setSince] = useState<`${(typeof FELL_FOR_MIN)[number]}`>('10');
  return (
    <View className="gap-2">
      <OvenField
        label={say('deeds.fell-to')}
        value={celsius}
        onChange={setCelsius}
        mayBeEmpty
        testID="fell-to"
      />
      <Choice
        label={say('deeds.fell-for')}
        value={sinceMin}
        options={FELL_FOR_MIN.map((each) => ({
          value: `${each}` as const,
          label: say('deeds.door-long', { minutes: each }),
        }))}
        onChange={setSince}
      />
      <Button
        label={say('deeds.fell-set-right')}
        className="min-h-14"
        testID="fell-keep"
        disabled={!(celsius >= OVEN_LIMITS_C.least && celsius <= OVEN_LIMITS_C.most)}
        onPress={() =>
          onDeeds(
            fallOf(asked.plan, { celsius, sinceS: atS - Number(sinceMin) * 60, atS }).map(
              ({ atS: at, ...deed }) => deedAt(at, deed),
            ),
          )
        }
      />
    </View>
  );
}

function useMoveInWords() {
  const { put } = useWords();
  return ({ deed }: OpenMove): string =>
    deed.kind === 'oven'
      ? put('deeds.move-oven', { to: { ovenC: deed.celsius } })
      : say('deeds.move-foil');
}

/** One trouble: what to do now, and what each thing that can be done changes. */
function Help({
  trouble,
  asked,
  atS,
  onDeeds,
  onBack,
}: {
  readonly trouble: Trouble;
  readonly asked: AsForecast | undefined;
  readonly atS: number;
  readonly onDeeds: (deeds: readonly DeedData[]) => void;
  readonly onBack: () => void;
}) {
  const { units } = useWords();
  const { moves, told } = useMoves(trouble, asked, atS, units.degrees);
  const moveInWords = useMoveInWords();
  const happened = () => deedAt(atS, { kind: 'trouble', trouble });
  return (
    <View className="gap-3" testID={`help-${trouble}`}>
      <View testID="trouble-named">
        <Title level={2}>{say(`trouble.${trouble}`)}</Title>
      </View>
      <Read>
        {trouble === 'simmers' && asked?.plan.bath
          ? say('trouble-help.simmers-in-bath')
          : say(`trouble-help.${trouble}`)}
      </Read>
      {moves.map((move) => {
        const effect = told?.effects.find((each) => each.move === move);
        const name = moveInWords(move);
        const { atS: _when, ...deed } = { ...move.deed };
        return (
          <View key={name} className="gap-1 border-t border-line pt-2">
            <Read className="font-read-strong">{name}</Read>
            <View role="status">
              <Soft testID={`effect-${move.kind}`}>
                {effect ? effectInWords(effect.forecast, told?.asItIs) : say('deeds.working-out')}
              </Soft>
            </View>
            <Button
              label={say('deeds.move-made', { move: name })}
              text={say('deeds.made')}
              className="min-h-14"
              testID={`move-${move.kind}`}
              onPress={() => onDeeds([happened(), deedAt(atS, deed)])}
            />
          </View>
        );
      })}
      {trouble === 'oven-fell' && asked ? (
        <Fell asked={asked} atS={atS} onDeeds={(deeds) => onDeeds([happened(), ...deeds])} />
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={say('deeds.note-trouble')}
          testID="note-trouble"
          onPress={() => onDeeds([happened()])}
        />
        <Button
          label={say('deeds.all-troubles')}
          icon={icons.back}
          weight="quiet"
          testID="all-troubles"
          onPress={onBack}
        />
      </View>
    </View>
  );
}

/** What goes wrong and what helps: first what is seen, then what to do. */
export function TroubleForm({
  troubles,
  asked,
  atS,
  onDeeds,
}: {
  readonly troubles: readonly Trouble[];
  /** None where nothing is forecast. */
  readonly asked: AsForecast | undefined;
  readonly atS: number;
  readonly onDeeds: (deeds: readonly DeedData[]) => void;
}) {
  const [trouble, setTrouble] = useState<Trouble>();
  if (trouble) {
    return (
      <Help
        key={trouble}
        trouble={trouble}
        asked={asked}
        atS={atS}
        onDeeds={onDeeds}
        onBack={() => {
          setTrouble(undefined);
          focusOn(`trouble-${trouble}`);
        }}
      />
    );
  }
  return (
    <View role="list" className="gap-1">
      {troubles.map((each) => (
        <View key={each} role="listitem">
          <Button
            label={say(`trouble.${each}`)}
            className="!justify-start"
            testID={`trouble-${each}`}
            onPress={() => {
              setTrouble(each);
              focusOn('trouble-named');
            }}
          />
        </View>
      ))}
    </View>
  );
}
