import { say } from '@hollow-moon/words';
import type { ShellBake } from '@hollow-moon/contract';
import { lightnessOf, TARGETS } from '@hollow-moon/core';
import { Pressable, Text, View } from 'react-native';
import { Soft, swatchOf, useRadioKeys } from '../design';

/** The shade aimed for, chosen by the eye. */
export function TargetChoice({
  target,
  onTarget,
}: {
  readonly target: ShellBake['target'];
  readonly onTarget: (target: ShellBake['target']) => void;
}) {
  const keysOf = useRadioKeys(TARGETS, target, onTarget);
  return (
    <View className="gap-1">
      <Soft>{say('blind.the-base-is-to-be')}</Soft>
      <View
        role="radiogroup"
        aria-label={say('blind.the-base-is-to-be')}
        className="flex-row flex-wrap gap-2"
      >
        {TARGETS.map((each) => (
          <Pressable
            key={each}
            role="radio"
            aria-checked={each === target}
            onPress={() => onTarget(each)}
            {...keysOf(each)}
            className={`min-h-12 flex-row items-center gap-2 rounded border-2 px-3 ${each === target ? 'border-ink' : 'border-line'}`}
          >
            <View
              className="h-7 w-7 rounded-full border border-ink"
              style={{ backgroundColor: swatchOf(lightnessOf(each)) }}
            />
            <Text className="font-read-strong text-base text-ink">{each}</Text>
          </Pressable>
        ))}
      </View>
    </View>
  );
}
