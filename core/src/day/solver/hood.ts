import { randomFrom } from '../improve';
import type { DayModel } from '../model';
import type { DayPlan } from '../session';
import type { Aim } from './aim';

/** Around a plan that is known: how far its tasks may move, and how many of its bakes may go anywhere. */
export interface Hood {
  /** One kind of {@link KINDS} after another. */
  readonly nth: number;
  /** So many steps lie between the bound and the best so far: fewer get there sooner, and do not get as far. */
  readonly steps: number;
}

/** How far tasks may move, as a share of {@link widthOf}, and bakes that may go anywhere. */
const KINDS = [
  { wide: 1, free: 0 },
  { wide: 2, free: 0 },
  { wide: 0.5, free: 1 },
  { wide: 0.5, free: 2 },
] as const;

/** The more tasks, the less far each may move for a run to find something: so many minutes, shared out among them. */
const TO_SHARE = 11_000;
const widthOf = ({ jobs }: DayModel): number => Math.ceil(TO_SHARE / jobs.length);

export const FIRST_HOOD: Hood = { nth: 0, steps: 100 };

/** Steps of so many minutes. */
export const stepOf = ({ steps }: Hood, gapMin: number): number =>
  Math.max(1, Math.round(gapMin / steps));

/** Where to look after nothing was found: in finer steps first, and then elsewhere. */
export const hoodAfter = ({ nth, steps }: Hood, stepMin: number): Hood =>
  stepMin > 1 ? { nth, steps: 4 * steps } : { nth: nth + 1, steps };

/** Where each task may begin, around a plan that leaves nothing out. */
export function nearOf(model: DayModel, { placed }: DayPlan, { nth }: Hood): Aim['near'] {
  const { wide, free } = KINDS[nth % KINDS.length]!;
  const random = randomFrom(nth);
  const bakes = model.session.wanted.map(({ id }) => id);
  const anywhere = new Set<string>();
  while (anywhere.size < Math.min(free, bakes.length)) {
    anywhere.add(bakes[Math.floor(random() * bakes.length)]!);
  }
  const width = Math.ceil(wide * widthOf(model));
  return new Map(
    placed
      .filter(({ task }) => !model.byId.get(task)!.bakes.some((bake) => anywhere.has(bake)))
      .map(({ task, startMin }) => [
        task,
        [Math.floor(startMin - width), Math.ceil(startMin + width)] as const,
      ]),
  );
}
