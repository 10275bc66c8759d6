import { Button, FieldProblem, icons, NumberField, OvenField, Picker, Soft } from '../design';
import type { OvenUse } from '@hollow-moon/contract';
import { SIGNS, type OvenStep } from '@hollow-moon/core';
import { minutes, say } from '@hollow-moon/words';
import { View } from 'react-native';

type Step = OvenUse['steps'][number];

const MOST_STEPS = 6;

const WHENS = [
  { value: 'minute', label: say('oven.at-a-minute') },
  ...SIGNS.map((value) => ({ value, label: say('oven.when', { value: say(`sign.${value}`) }) })),
];

const KINDS = [
  { value: 'set', label: say('oven.set-to') },
  { value: 'off-shut', label: say('oven.off-door-shut') },
  { value: 'off-ajar', label: say('oven.off-door-ajar') },
] as const;

interface StepRowProps {
  readonly step: Step;
  readonly index: number;
  /** What the oven is set to at first, °C: where a step begins that was off. */
  readonly setC: number;
  readonly onStep: (step: Step) => void;
  readonly onRemove: () => void;
}

/** When a step begins: at a minute, or at a sign. */
function StepWhen({ step, index, onStep }: Pick<StepRowProps, 'step' | 'index' | 'onStep'>) {
  return (
    <>
      <View className="w-52">
        <Picker
          label={say('oven.step', { index: index + 1 })}
          value={step.on ?? 'minute'}
          options={WHENS}
          onChange={(when) => {
            const { on: _on, ...plain } = step;
            const sign = SIGNS.find((each) => each === when);
            onStep(sign ? { ...step, on: sign } : plain);
          }}
          testID={`step-when-${index}`}
        />
      </View>
      {step.on ? null : (
        <NumberField
          label={say('oven.from')}
          unit="min"
          value={step.atMin}
          onChange={(atMin) => onStep({ ...step, atMin })}
          className="w-24"
          testID={`step-at-${index}`}
        />
      )}
    </>
  );
}

/** What a step does: sets the oven, or switches it off. */
function StepWhat({ step, index, setC, onStep }: Omit<StepRowProps, 'onRemove'>) {
  return (
    <>
      <View className="w-40">
        <Picker
          label={say('oven.what-then')}
          value={typeof step.to === 'number' ? 'set' : step.to}
          options={KINDS}
          onChange={(kind) =>
            onStep({ ...step, to: kind === 'off-shut' || kind === 'off-ajar' ? kind : setC })
          }
        />
      </View>
      {typeof step.to === 'number' ? (
        <OvenField
          label={say('oven.oven-at')}
          value={step.to}
          onChange={(to) => onStep({ ...step, to })}
          className="w-28"
          testID={`step-to-${index}`}
        />
      ) : null}
    </>
  );
}

/** The steps of the oven, each with the minute its sign is forecast at. */
export function StepEditor({
  steps,
  setC,
  forecast,
  pullS,
  problem,
  onSteps,
}: {
  readonly steps: readonly Step[];
  readonly setC: number;
  /** The steps with the minute each sign is forecast at; those that never come are left out. */
  readonly forecast: readonly OvenStep[] | undefined;
  readonly pullS: number;
  readonly problem: string | undefined;
  readonly onSteps: (steps: Step[]) => void;
}) {
  const lastMin = steps.at(-1)?.atMin ?? 0;
  const full = steps.length >= MOST_STEPS;
  return (
    <>
      {steps.map((step, index) => {
        const shows = step.on ? forecast?.[index] : undefined;
        const onStep = (changed: Step) =>
          onSteps(steps.map((each, at) => (at === index ? changed : each)));
        return (
          <View
            key={index}
            className="flex-row flex-wrap items-end gap-2 border-b border-line pb-2"
          >
            <StepWhen step={step} index={index} onStep={onStep} />
            <StepWhat step={step} index={index} setC={setC} onStep={onStep} />
            <Button
              label={say('oven.leave-out-step', { index: index + 1 })}
              icon={icons.remove}
              iconOnly
              weight="quiet"
              onPress={() => onSteps(steps.filter((_, each) => each !== index))}
            />
            {shows ? (
              <Soft testID={`sign-foreseen-${index}`}>
                {say('oven.foreseen-at-min', {
                  atMin: minutes(shows.atMin * 60),
                  when: shows.atMin * 60 > pullS ? 'after' : 'before',
                })}
              </Soft>
            ) : null}
          </View>
        );
      })}
      {problem ? <FieldProblem>{problem}</FieldProblem> : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={say('oven.turn-it-down-later')}
          disabled={full}
          testID="add-step"
          onPress={() => onSteps([...steps, { atMin: lastMin + 15, to: Math.max(60, setC - 30) }])}
        />
        <Button
          label={say('oven.switch-it-off-later')}
          disabled={full}
          onPress={() => onSteps([...steps, { atMin: lastMin + 30, to: 'off-shut' }])}
        />
      </View>
    </>
  );
}
