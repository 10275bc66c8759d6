import { bakesInWords, clock, say, taskInWords } from '@hollow-moon/words';
import { Text, View } from 'react-native';
import { type Planned } from '../day';
import { Button, icons } from '../design';
import { useAfarSize, useWholeScreen } from '../layout';
import { nextTap } from './Actions';
import { NextStage } from './NextStage';
import type { Row } from './order';
import { gatesOf } from './TaskCard';

/** A task as it is read from across the kitchen: its name, its clock, and one thing to tap. */
export function StandView({
  row,
  planned,
  nowMin,
  hour,
  onTap,
  onClose,
}: {
  readonly row: Row;
  readonly planned: Planned;
  readonly nowMin: number;
  /** When it is to begin, where it has not. */
  readonly hour: string;
  readonly onTap: () => void;
  readonly onClose: () => void;
}) {
  useWholeScreen(onClose);
  const leftS = (row.atMin - nowMin) * 60;
  const going = row.standing.state === 'running';
  const figures = going ? `${leftS < 0 ? '+' : ''}${clock(Math.abs(leftS))}` : hour;
  const size = useAfarSize(figures);
  const { text, label } = nextTap(row, gatesOf(row).length > 0);
  return (
    <View className="h-full bg-sheet p-4" testID="stand-view">
      <View className="flex-row items-start justify-between gap-2">
        <View className="min-w-0 flex-1">
          <Text role="heading" aria-level={1} className="font-title text-figure text-ink">
            {taskInWords(row.job)}
          </Text>
          <Text className="font-read text-title text-ink-soft">
            {bakesInWords(row.job, planned)}
          </Text>
        </View>
        <Button
          label={say('working.stand-close')}
          icon={icons.close}
          iconOnly
          weight="quiet"
          testID="close-stand"
          onPress={onClose}
        />
      </View>
      <View className="min-h-0 flex-1 items-center justify-center">
        <Text
          role="timer"
          testID="stand-clock"
          className={`font-figures-strong ${going && leftS < 0 ? 'text-scorch' : 'text-ink'}`}
          style={{ fontSize: size, lineHeight: size * 1.1 }}
        >
          {figures}
        </Text>
        <NextStage {...{ row, nowMin }} afar />
      </View>
      <Button
        label={label}
        text={text}
        weight="main"
        className="min-h-[88px]"
        testID="stand-tap"
        onPress={onTap}
      />
    </View>
  );
}
