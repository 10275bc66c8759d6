import { clock, say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Read, useWords } from '../design';
import type { Row } from './order';
import { nextStage, stageInWords } from './stages';

/** What is to be done next to a shell in the oven, and in how long; nothing once there is nothing more. */
export function NextStage({
  row,
  nowMin,
  afar = false,
}: {
  readonly row: Row;
  readonly nowMin: number;
  /** To be read from across the kitchen. */
  readonly afar?: boolean;
}) {
  const words = useWords();
  const next = nextStage(row, nowMin);
  if (!next) return null;
  const what = stageInWords(next, words);
  const leftS = (next.dueMin - nowMin) * 60;
  return (
    <View
      // What counts down by the second would be read out by the second.
      {...(leftS > 0 ? {} : { role: 'status' as const })}
      testID="next-stage"
      className={`border-l-8 py-1 pl-3 ${leftS > 0 ? 'border-l-line' : 'border-l-yolk'}`}
    >
      <Read className={`font-read-strong ${afar ? 'text-figure' : 'text-lead'}`}>
        {leftS > 0
          ? say('working.stage-in', { left: clock(leftS), what })
          : say('working.stage-now', { what })}
      </Read>
    </View>
  );
}
