import type { BakeData } from '@hollow-moon/contract';
import { clock, say } from '@hollow-moon/words';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { Button, icons } from '../design';
import { useAfarSize, useWholeScreen } from '../layout';
import { COUNT_WORDS } from './counting';
import { Pads, type Asked, type FormName } from './Pads';
import type { Standing } from './progress';

/** A running bake as it is read from across the kitchen: its clock, what to do, and the pads under it. */
export function BakeAfar({
  asked,
  standing,
  onNote,
  onClose,
}: {
  readonly asked: Asked;
  readonly standing: Standing;
  readonly onNote: (change: Partial<BakeData>) => void;
  readonly onClose: () => void;
}) {
  useWholeScreen(onClose);
  const [open, setOpen] = useState<FormName>();
  const { count, phase, says } = standing;
  const figures = `${count.to === 'over' ? '+' : ''}${clock(count.seconds)}`;
  const size = useAfarSize(figures);
  const past = phase === 'past' ? 'text-scorch' : 'text-ink';
  return (
    <View className="h-full bg-sheet" testID="bake-afar-view">
      <View className="flex-row items-start justify-between gap-2 p-4 pb-0">
        <Text
          role="heading"
          aria-level={1}
          className="min-w-0 flex-1 font-title text-title text-ink"
        >
          {asked.data.formulaName}
        </Text>
        <Button
          label={say('working.stand-close')}
          icon={icons.close}
          iconOnly
          weight="quiet"
          testID="close-afar"
          onPress={onClose}
        />
      </View>
      <View className="min-h-0 flex-1 items-center justify-center p-4">
        <Text
          role="timer"
          testID="afar-clock"
          className={`font-figures-strong ${past}`}
          style={{ fontSize: size, lineHeight: size * 1.1 }}
        >
          {figures}
        </Text>
        <Text className="font-read text-title text-ink-soft">{COUNT_WORDS[count.to]}</Text>
        <Text
          role={phase === 'past' ? 'alert' : 'status'}
          className={`text-center font-read-strong text-figure ${past}`}
        >
          {says}
        </Text>
      </View>
      <Pads asked={asked} open={open} onOpen={setOpen} onNote={onNote} />
    </View>
  );
}
