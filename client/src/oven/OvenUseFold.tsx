import type { OvenUse } from '@hollow-moon/contract';
import type { OvenStep, Problem } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { memo } from 'react';
import { Fold, Soft, useWords } from '../design';
import { DoorEditor } from './DoorEditor';
import { StandingChoice } from './StandingChoice';
import { StepEditor } from './StepEditor';
import { TopUpChoice } from './TopUpChoice';
import { ovenUseInWords } from './ovenUseInWords';

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
  /** The steps with the minute each sign is forecast at; those that never come are left out. */
  readonly foreseen: readonly OvenStep[] | undefined;
  /** When it is pulled, where a sign is waited for; else any number. */
  readonly pullS: number;
  readonly onUse: (change: Partial<OvenUse>) => void;
}) {
  const words = useWords();
  const { tell } = words;
  const at = (path: string) => (problem?.path === path ? tell(problem) : undefined);
  return (
    <Fold
      title={say('oven.the-oven-step-by-step')}
      summary={ovenUseInWords(of, setC, words)}
      begin={['programme.steps', 'programme.doors', 'topUp'].includes(problem?.path ?? '')}
      id="oven-steps"
    >
      {() => (
        <>
          <StepEditor
            steps={of.steps}
            setC={setC}
            forecast={foreseen}
            pullS={pullS}
            problem={at('programme.steps')}
            onSteps={(steps) => onUse({ steps })}
          />
          <TopUpChoice
            topUp={of.topUp}
            problem={at('topUp')}
            onTopUp={(topUp) => onUse({ topUp })}
          />
          <DoorEditor
            doors={of.doors}
            problem={at('programme.doors')}
            onDoors={(doors) => onUse({ doors })}
          />
          <StandingChoice
            use={of}
            inBath={inBath}
            problem={at('programme.entersAtC')}
            onUse={onUse}
          />
          <Soft>{say('oven.taken-to-be-in-the', { vesselCount })}</Soft>
        </>
      )}
    </Fold>
  );
});
