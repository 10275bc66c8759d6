import type { OvenUse } from '@hollow-moon/contract';
import { SIGNS, STANDINGS, type OvenStep, type Problem } from '@hollow-moon/core';
import { memo } from 'react';
import { View } from 'react-native';
import {
  Button,
  Choice,
  FieldProblem,
  Fold,
  icons,
  NumberField,
  Picker,
  Soft,
  useWords,
} from '../design';
import { say, minutes } from '@hollow-moon/words';

const STANDING_OPTIONS = STANDINGS.map((value) => ({ value, label: say(`standing.${value}`) }));

type Step = OvenUse['steps'][number];

const WHENS = [
  { value: 'minute', label: say('oven.at-a-minute') },
  ...SIGNS.map((value) => ({ value, label: say('oven.when', { value: say(`sign.${value}`) }) })),
];

const KINDS = [
  { value: 'set', label: say('oven.set-to') },
  { value: 'off-shut', label: say('oven.off-door-shut') },
  { value: 'off-ajar', label: say('oven.off-door-ajar') },
] as const;

/** Common practice: half to three quarters first, the rest once the rim stands. */
const USUAL_TOP_UP = { share: 0.65, atMin: 10 } as const;

/** What is done to the oven, in a line. */
function useInAWord(
  of: OvenUse,
  setC: number,
  degrees: (c: number) => string,
  unit: string,
): string {
  const { steps, doors, entersAtC, standing, foil, wrapped, topUp } = of;
  const says = [
    ...(entersAtC === null
      ? []
      : [say('oven.goes-in-at', { entersAtC: degrees(entersAtC), unit })]),
    ...steps.map(({ atMin, on, to }) => {
      const from = on
        ? say('oven.when-2', { on: say(`sign.${on}`) })
        : say('oven.from-min', { atMin });
      return typeof to === 'number'
        ? `${degrees(to)} ${unit} ${from}`
        : say('oven.off-door', { from, more: say(to === 'off-shut' ? 'oven.shut' : 'oven.ajar') });
    }),
    ...(topUp ? [say('oven.topped-up-at-min', { atMin: topUp.atMin })] : []),
    ...(doors.length > 0
      ? [
          say('oven.door-opened', {
            times: doors.length,
          }),
        ]
      : []),
    ...(standing === 'rack' ? [] : [say(`standing.${standing}`).toLowerCase()]),
    ...(foil ? [say('oven.under-foil')] : []),
    ...(wrapped ? [say('oven.wrapped-for-the-bath')] : []),
  ];
  return says.length > 0
    ? says.join(', ')
    : say('oven.throughout-on-a-rack', { setC: degrees(setC), unit });
}

/** The oven step by step: turned down, switched off, opened, not hot yet; what it stands on and under. */
export const OvenUseFold = memo(function OvenUseFold({
  of,
  setC,
  inBath,
  vesselCount,
  problem,
  foreseen,
  pullS,
  onUse,
}: {
  readonly of: OvenUse;
  /** What the oven is set to at first, °C. */
  readonly setC: number;
  readonly inBath: boolean;
  readonly vesselCount: number;
  readonly problem: Problem | undefined;
  /** The steps with the minute each sign is foreseen at; those that never come are left out. */
  readonly foreseen: readonly OvenStep[] | undefined;
  /** When it is pulled, where a sign is waited for; else any number. */
  readonly pullS: number;
  readonly onUse: (change: Partial<OvenUse>) => void;
}) {
  const { degrees, unit, tell } = useWords();
  const { steps, doors, entersAtC, standing, foil, wrapped, topUp } = of;
  const setStep = (index: number, step: Step) =>
    onUse({ steps: steps.map((each, at) => (at === index ? step : each)) });
  const lastMin = steps[steps.length - 1]?.atMin ?? 0;
  const at = (path: string) => (problem?.path === path ? tell(problem) : undefined);
  return (
    <Fold
      title={say('oven.the-oven-step-by-step')}
      summary={useInAWord(of, setC, degrees, unit)}
      begin={['programme.steps', 'programme.doors', 'topUp'].includes(problem?.path ?? '')}
      testID="oven-steps"
    >
      {() => (
        <>
          {steps.map((step, index) => (
            <View
              key={index}
              className="flex-row flex-wrap items-end gap-2 border-b border-line pb-2"
            >
              <View className="w-52">
                <Picker
                  label={say('oven.step', { index: index + 1 })}
                  value={step.on ?? 'minute'}
                  options={WHENS}
                  onChange={(when) => {
                    const { on: _on, ...plain } = step;
                    const sign = SIGNS.find((each) => each === when);
                    setStep(index, sign ? { ...step, on: sign } : plain);
                  }}
                  testID={`step-when-${index}`}
                />
              </View>
              {step.on ? null : (
                <NumberField
                  label={say('oven.from')}
                  unit="min"
                  value={step.atMin}
                  onChange={(atMin) => setStep(index, { ...step, atMin })}
                  className="w-24"
                  testID={`step-at-${index}`}
                />
              )}
              <View className="w-40">
                <Picker
                  label="then"
                  value={typeof step.to === 'number' ? 'set' : step.to}
                  options={KINDS}
                  onChange={(kind) =>
                    setStep(index, {
                      ...step,
                      to: kind === 'off-shut' || kind === 'off-ajar' ? kind : setC,
                    })
                  }
                />
              </View>
              {typeof step.to === 'number' ? (
                <NumberField
                  label={say('oven.oven-at')}
                  unit="°C"
                  value={step.to}
                  onChange={(to) => setStep(index, { ...step, to })}
                  className="w-28"
                  testID={`step-to-${index}`}
                />
              ) : null}
              <Button
                label={say('oven.leave-out-step', { index: index + 1 })}
                icon={icons.remove}
                iconOnly
                weight="quiet"
                onPress={() => onUse({ steps: steps.filter((_, each) => each !== index) })}
              />
              {step.on && foreseen?.[index] ? (
                <Soft testID={`sign-foreseen-${index}`}>
                  {say('oven.foreseen-at-min', {
                    atMin: minutes(foreseen[index].atMin * 60),
                    more: foreseen[index].atMin * 60 > pullS ? say('oven.after-the-pull') : '',
                  })}
                </Soft>
              ) : null}
            </View>
          ))}
          {at('programme.steps') ? <FieldProblem>{at('programme.steps')!}</FieldProblem> : null}
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={say('oven.turn-it-down-later')}
              disabled={steps.length >= 6}
              testID="add-step"
              onPress={() =>
                onUse({ steps: [...steps, { atMin: lastMin + 15, to: Math.max(60, setC - 30) }] })
              }
            />
            <Button
              label={say('oven.switch-it-off-later')}
              disabled={steps.length >= 6}
              onPress={() => onUse({ steps: [...steps, { atMin: lastMin + 30, to: 'off-shut' }] })}
            />
          </View>
          <Choice
            label={say('oven.filling')}
            value={topUp ? 'two' : 'one'}
            options={[
              { value: 'one', label: say('oven.poured-at-once') },
              { value: 'two', label: say('oven.topped-up-in-the-oven') },
            ]}
            onChange={(value) => onUse({ topUp: value === 'two' ? USUAL_TOP_UP : null })}
          />
          {topUp ? (
            <View className="flex-row flex-wrap items-end gap-2">
              <NumberField
                label={say('oven.first')}
                unit="%"
                value={Math.round(topUp.share * 100)}
                onChange={(share) => onUse({ topUp: { ...topUp, share: share / 100 } })}
                className="w-24"
                testID="top-up-share"
              />
              <NumberField
                label={say('oven.the-rest-at')}
                unit="min"
                value={topUp.atMin}
                onChange={(atMin) => onUse({ topUp: { ...topUp, atMin } })}
                className="w-28"
                testID="top-up-at"
              />
              <Soft>{say('oven.the-door-stands-open-for-half')}</Soft>
            </View>
          ) : null}
          {at('topUp') ? <FieldProblem>{at('topUp')!}</FieldProblem> : null}
          {doors.map((door, index) => (
            <View key={index} className="flex-row flex-wrap items-end gap-2">
              <NumberField
                label={say('oven.door-opened-at')}
                unit="min"
                value={door.atMin}
                onChange={(atMin) =>
                  onUse({
                    doors: doors.map((each, i) => (i === index ? { ...each, atMin } : each)),
                  })
                }
                className="w-32"
                testID={`door-at-${index}`}
              />
              <NumberField
                label="for"
                unit="s"
                value={door.forS}
                onChange={(forS) =>
                  onUse({ doors: doors.map((each, i) => (i === index ? { ...each, forS } : each)) })
                }
                className="w-24"
              />
              <Button
                label={say('oven.leave-out-opening', { index: index + 1 })}
                icon={icons.remove}
                iconOnly
                weight="quiet"
                onPress={() => onUse({ doors: doors.filter((_, each) => each !== index) })}
              />
            </View>
          ))}
          {at('programme.doors') ? <FieldProblem>{at('programme.doors')!}</FieldProblem> : null}
          <View className="flex-row flex-wrap items-end gap-2">
            <Button
              label={say('oven.open-the-door')}
              disabled={doors.length >= 12}
              testID="add-door"
              onPress={() =>
                onUse({ doors: [...doors, { atMin: (doors.at(-1)?.atMin ?? -20) + 20, forS: 30 }] })
              }
            />
          </View>
          <Choice
            label={say('oven.when-it-goes-in')}
            value={entersAtC === null ? 'hot' : 'cold'}
            options={[
              { value: 'hot', label: say('oven.oven-is-hot') },
              { value: 'cold', label: say('oven.not-yet') },
            ]}
            onChange={(value) => onUse({ entersAtC: value === 'hot' ? null : 20 })}
          />
          {entersAtC === null ? null : (
            <NumberField
              label={say('oven.it-really-stands-at')}
              unit="°C"
              value={entersAtC}
              onChange={(value) => onUse({ entersAtC: value })}
              problem={at('programme.entersAtC')}
              className="w-36"
              testID="enters-at"
            />
          )}
          <Choice
            label={say('oven.stands-on')}
            value={standing}
            options={STANDING_OPTIONS}
            onChange={(value) => onUse({ standing: value })}
          />
          <Choice
            label={say('oven.over-it')}
            value={foil ? 'foil' : 'open'}
            options={[
              { value: 'open', label: say('oven.nothing') },
              { value: 'foil', label: say('oven.foil-loosely') },
            ]}
            onChange={(value) => onUse({ foil: value === 'foil' })}
          />
          {inBath ? (
            <Choice
              label={say('oven.round-it-in-the-bath')}
              value={wrapped ? 'wrapped' : 'bare'}
              options={[
                { value: 'bare', label: say('oven.bare') },
                { value: 'wrapped', label: say('oven.bag-or-foil') },
              ]}
              onChange={(value) => onUse({ wrapped: value === 'wrapped' })}
            />
          ) : null}
          <Soft>
            {say('oven.taken-to-be-in-the', {
              vesselCount,
            })}
          </Soft>
        </>
      )}
    </Fold>
  );
});
