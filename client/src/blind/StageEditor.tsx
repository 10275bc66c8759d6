import { Button, FieldProblem, icons, NumberField, OvenField, Picker, useWords } from '../design';
import { say } from '@hollow-moon/words';
import type { ShellBake } from '@hollow-moon/contract';
import type { Problem } from '@hollow-moon/core';
import { View } from 'react-native';

type Stage = ShellBake['stages'][number];

const HOW = [
  { value: 'weighted', label: say('blind.weights-in') },
  { value: 'bare', label: say('blind.bare') },
  { value: 'out', label: say('blind.bare-out-of-the-ring') },
] as const;

const howOf = ({ weighted, outOfRing }: Stage) =>
  weighted ? 'weighted' : outOfRing ? 'out' : 'bare';

/** The stages of a blind bake, one line each. */
export function StageEditor({
  stages,
  problem,
  onStages,
}: {
  readonly stages: ShellBake['stages'];
  readonly problem: Problem | undefined;
  readonly onStages: (stages: ShellBake['stages']) => void;
}) {
  const { tell } = useWords();
  const change = (index: number, with_: Partial<Stage>) =>
    onStages(stages.map((each, at) => (at === index ? { ...each, ...with_ } : each)));
  const at = (index: number, field: string) =>
    problem?.path === `blind.stages.${index}.${field}` ? tell(problem) : undefined;
  return (
    <View className="gap-2">
      {stages.map((stage, index) => (
        <View key={index} className="flex-row flex-wrap items-end gap-2 border-b border-line pb-2">
          <NumberField
            label={index === 0 ? say('blind.first') : say('blind.then')}
            unit="min"
            value={stage.minutes}
            onChange={(minutes) => change(index, { minutes })}
            problem={at(index, 'minutes')}
            className="w-24"
            testID={`blind-minutes-${index}`}
          />
          <OvenField
            label={say('blind.oven-at')}
            value={stage.setC}
            onChange={(setC) => change(index, { setC })}
            problem={at(index, 'setC')}
            className="w-24"
            testID={`blind-set-${index}`}
          />
          <View className="min-w-36 flex-1">
            <Picker
              label={say('blind.with')}
              value={howOf(stage)}
              options={HOW}
              onChange={(how) =>
                change(index, { weighted: how === 'weighted', outOfRing: how === 'out' })
              }
              testID={`blind-how-${index}`}
            />
          </View>
          {stages.length > 1 ? (
            <Button
              label={say('blind.leave-out-stage', { index: index + 1 })}
              icon={icons.remove}
              iconOnly
              weight="quiet"
              onPress={() => onStages(stages.filter((_, each) => each !== index))}
            />
          ) : null}
        </View>
      ))}
      {problem?.path === 'blind.stages' ? <FieldProblem>{tell(problem)}</FieldProblem> : null}
      <View className="self-start">
        <Button
          label={say('blind.one-more-stage')}
          disabled={stages.length >= 6}
          testID="add-stage"
          onPress={() => onStages([...stages, { ...stages.at(-1)!, minutes: 10, weighted: false }])}
        />
      </View>
    </View>
  );
}
