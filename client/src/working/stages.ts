import type { Job, ShellStage, TaskStanding } from '@hollow-moon/core/planning';
import { listed, say, type Words } from '@hollow-moon/words';

/** Something to be done to a shell in the oven, and its minute of the session. */
export interface StageAt extends ShellStage {
  readonly dueMin: number;
}

/** A task and how it stands. */
interface Going {
  readonly job: Job;
  readonly standing: TaskStanding;
}

/** So long after its minute it is still said to be due, min. */
export const STILL_DUE_MIN = 3;

/** What is done on the way of a task that goes on; what would come after its end falls away. */
export function stagesOf({ job, standing: { ran, state } }: Going): StageAt[] {
  if (state !== 'running' || ran?.begunMin === undefined) return [];
  const startMin = ran.begunMin + ran.restedMin;
  return (job.task.stages ?? [])
    .filter(({ atMin }) => atMin < job.minutes)
    .map((stage) => ({ ...stage, dueMin: startMin + stage.atMin }));
}

/** The next of them, or the one that is just due. */
export const nextStage = (row: Going, nowMin: number): StageAt | undefined =>
  stagesOf(row).find(({ dueMin }) => nowMin < dueMin + STILL_DUE_MIN);

/** What is done, as a cook is told it. */
export const stageInWords = (
  { bare, outOfRing, setC }: ShellStage,
  { quantity }: Pick<Words, 'quantity'>,
): string =>
  listed([
    ...(bare ? [say('working.stage-bare')] : []),
    ...(outOfRing ? [say('working.stage-ring')] : []),
    ...(setC === undefined ? [] : [say('working.stage-turn', { to: quantity({ ovenC: setC }) })]),
  ]);
