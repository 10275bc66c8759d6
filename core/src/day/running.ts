import type { DayModel, Job } from './model';
import type { DayPlan, Minute, Past } from './session';

/** What is tapped of a task: that it begins or goes on, rests, wants some minutes more, is over, or is not done today. */
export const MARK_KINDS = ['begun', 'paused', 'more', 'done', 'skipped'] as const;
export type MarkKind = (typeof MARK_KINDS)[number];

/** One tap on a task. */
export interface Mark {
  readonly task: string;
  readonly kind: MarkKind;
  /** When, in minutes of the session; parts of a minute count. */
  readonly atMin: Minute;
  /** For `more`: it is looked at again after so long. */
  readonly minutes?: number;
  /** Who does it, where that is known. */
  readonly by?: string;
}

/** What has happened of a task. */
export interface Ran {
  readonly state: 'running' | 'paused' | 'done' | 'skipped';
  /** Not known of what was only said to be done. */
  readonly begunMin?: Minute;
  /** When it was over; of what rests, since when. */
  readonly sinceMin?: Minute;
  /** So long it has rested in all, min. */
  readonly restedMin: Minute;
  /** Somebody has looked, and looks again then. */
  readonly againMin?: Minute;
  readonly by?: string;
  /** Nobody has said so: it must have been done, since what follows it was. */
  readonly implied?: boolean;
}

/** What one more tap makes of a task; a tap that has no meaning any more, as when two say done at once, changes nothing. */
function afterTap(ran: Ran | undefined, { kind, atMin, minutes, by }: Mark): Ran | undefined {
  const whose = by === undefined ? {} : { by };
  if (ran === undefined) {
    if (kind === 'begun') return { state: 'running', begunMin: atMin, restedMin: 0, ...whose };
    if (kind === 'done' || kind === 'skipped') {
      return { state: kind, sinceMin: atMin, restedMin: 0, ...whose };
    }
    return undefined;
  }
  const { sinceMin = atMin, againMin: _, ...rest } = ran;
  switch (ran.state) {
    case 'running':
      if (kind === 'paused') return { ...ran, state: 'paused', sinceMin: atMin };
      if (kind === 'more') return { ...ran, againMin: atMin + (minutes ?? 0) };
      return kind === 'begun' ? ran : { ...rest, state: kind, sinceMin: atMin };
    case 'paused': {
      const restedMin = ran.restedMin + atMin - sinceMin;
      if (kind === 'begun') {
        const { sinceMin: _since, ...going } = ran;
        const again =
          ran.againMin === undefined ? {} : { againMin: ran.againMin + atMin - sinceMin };
        return { ...going, ...again, state: 'running', restedMin };
      }
      return kind === 'paused' || kind === 'more'
        ? ran
        : { ...rest, state: kind, sinceMin: atMin, restedMin };
    }
    case 'done':
    case 'skipped':
      return ran;
  }
}

/** What has happened of each task, by what was tapped, in whatever order it arrives. */
export function ranBy(marks: readonly Mark[]): Map<string, Ran> {
  const ran = new Map<string, Ran>();
  for (const mark of [...marks].sort((a, b) => a.atMin - b.atMin)) {
    const next = afterTap(ran.get(mark.task), mark);
    if (next) ran.set(mark.task, next);
  }
  return ran;
}

/** When a task that goes on is expected to be over. */
export const expectedEnd = (
  { state, begunMin = 0, sinceMin = 0, restedMin, againMin }: Ran,
  { minutes }: Pick<Job, 'minutes'>,
  nowMin: Minute,
): Minute =>
  (againMin ?? begunMin + minutes + restedMin) + (state === 'paused' ? nowMin - sinceMin : 0);

/** Done, or not done today. */
export const isOver = (ran: Ran | undefined): boolean =>
  ran?.state === 'done' || ran?.state === 'skipped';

/**
 * What must have happened as well: whatever comes before a task that was begun or done, and of which nothing was tapped.
 * It counts as done when the plan had it, or at the latest when that task began.
 */
export function withImplied(
  model: DayModel,
  plan: DayPlan,
  ran: ReadonlyMap<string, Ran>,
): Map<string, Ran> {
  const all = new Map(ran);
  const planned = new Map(plan.placed.map((each) => [each.task, each]));
  const startOf = (id: string): Minute => {
    const { begunMin, sinceMin } = all.get(id)!;
    return begunMin ?? sinceMin!;
  };
  const visit = (id: string): void => {
    for (const { from } of model.before.get(id) ?? []) {
      const known = all.get(from);
      // What is not done today says nothing of what comes before it.
      if (isOver(known)) continue;
      const latest = startOf(id);
      const begun = known?.begunMin ?? planned.get(from)?.startMin ?? latest;
      const ended = Math.min(latest, planned.get(from)?.endMin ?? latest);
      const begunMin = Math.min(begun, ended);
      all.set(from, { state: 'done', begunMin, sinceMin: ended, restedMin: 0, implied: true });
      visit(from);
    }
  };
  for (const [id, { state }] of ran) {
    if (state !== 'skipped' && model.byId.has(id)) visit(id);
  }
  return all;
}

/**
 * What has happened, as the planner takes it: in whole minutes, with the oven and the hands of `plan` where nothing else was
 * said. What goes on ends when it is expected to, and not before now. What belongs to no task of the day is left out.
 */
export function pastOf(
  model: DayModel,
  plan: DayPlan,
  ran: ReadonlyMap<string, Ran>,
  nowMin: Minute,
): Past[] {
  const planned = new Map(plan.placed.map((each) => [each.task, each]));
  const { people } = model.session.means;
  const now = Math.floor(nowMin);
  return model.jobs.flatMap((job) => {
    const each = ran.get(job.id);
    if (!each) return [];
    const stood = planned.get(job.id);
    const over = isOver(each);
    const endMin = over
      ? Math.min(now, Math.round(each.sinceMin!))
      : Math.max(now, Math.ceil(expectedEnd(each, job, nowMin)));
    const usual = each.state === 'skipped' ? endMin : endMin - job.minutes;
    const startMin = Math.min(endMin, Math.floor(each.begunMin ?? usual));
    const known = people.some(({ id }) => id === each.by) ? each.by : undefined;
    const ovenId = stood?.ovenId ?? job.oven?.fits[0]?.ovenId;
    return [
      {
        task: job.id,
        startMin,
        endMin,
        people: job.busy.flatMap(
          (_, index) => known ?? stood?.people[index] ?? people[0]?.id ?? [],
        ),
        ...(ovenId === undefined ? {} : { ovenId }),
      },
    ];
  });
}
