import { clock, say } from '@hollow-moon/words';
import { useEffect } from 'react';
import { Text, useWindowDimensions, View } from 'react-native';
import { bakesInWords, taskInWords, type Planned } from '../day';
import { Button, icons } from '../design';
import { nextTap } from './Actions';
import { NextStage } from './NextStage';
import type { Row } from './order';
import { gatesOf } from './TaskCard';

/** The clock takes so much of the screen's width, and at the most so much of its height: read at three metres. */
const CLOCK = { ofWidth: 0.27, ofHeight: 0.42 } as const;

/** Takes the whole screen while it is open, where the browser lets it; Escape shuts it. */
function useWholeScreen(onClose: () => void): void {
  useEffect(() => {
    // Not every browser lets a page do so; then it has the page.
    void document.documentElement.requestFullscreen?.().catch(() => undefined);
    const onKey = ({ key }: KeyboardEvent) => {
      if (key === 'Escape') onClose();
    };
    document.addEventListener('keydown', onKey);
    return () => {
      document.removeEventListener('keydown', onKey);
      if (document.fullscreenElement) void document.exitFullscreen().catch(() => undefined);
    };
  }, [onClose]);
}

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
  const { width, height } = useWindowDimensions();
  useWholeScreen(onClose);
  const leftS = (row.atMin - nowMin) * 60;
  const going = row.standing.state === 'running';
  const figures = going ? `${leftS < 0 ? '+' : ''}${clock(Math.abs(leftS))}` : hour;
  const size = Math.min(
    (width * CLOCK.ofWidth * 5) / Math.max(5, figures.length),
    height * CLOCK.ofHeight,
  );
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
