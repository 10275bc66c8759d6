import type { StoredDay } from '@hollow-moon/contract';
import { eggPartGrams, type EggGrade, type Need } from '@hollow-moon/core';
import type { Job } from '@hollow-moon/core/planning';
import {
  bakesInWords,
  clock,
  listed,
  measureInWords,
  peopleInWords,
  say,
  taskInWords,
} from '@hollow-moon/words';
import { useMemo } from 'react';
import { Text, View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { buildOfWanted, hourOf, lasting, type Planned, type Works } from '../day';
import { PlaceLink, Read, Soft, Title, useWords } from '../design';
import { keptBackOf, vagueForJob, weighedForJob } from './weighed';
import { NextStage } from './NextStage';
import type { Row } from './order';

/** All that the card of a task is drawn from. */
export interface CardOf {
  readonly row: Row;
  readonly planned: Planned;
  readonly stored: StoredDay;
  readonly works: Works;
  readonly book: KitchenBook;
  /** The minute of the session, with its parts. */
  readonly nowMin: number;
  /** The bake of the log that it is. */
  readonly bakeId: string | undefined;
}

/** How a task stands, in a line. */
export function standingInWords(row: Row, planned: Planned, date: string, nowMin: number): string {
  const { standing, atMin, placed } = row;
  const { state, ran, blockedBy, fromMin } = standing;
  const at = (minute: number) => hourOf(date, minute);
  const person = planned.session.means.people.find(({ id }) => id === ran?.by)?.name;
  switch (state) {
    case 'running':
      if (row.job.task.station === 'oven') return say('working.baking', { at: at(ran!.begunMin!) });
      return person
        ? say('working.running-by', { person, at: at(ran!.begunMin!) })
        : say('working.running', { at: at(ran!.begunMin!) });
    case 'paused':
      return say('working.paused', { at: at(ran!.sinceMin!) });
    case 'done':
      return ran!.implied
        ? say('working.implied')
        : say('working.done', { at: at(ran!.sinceMin!) });
    case 'skipped':
      return say('working.skipped', { at: at(ran!.sinceMin!) });
    case 'blocked': {
      const jobs = blockedBy.flatMap((id) => planned.worked!.asked.model.byId.get(id) ?? []);
      return say('working.blocked', { tasks: listed(jobs.map(taskInWords)) });
    }
    case 'waiting':
      return say('working.waiting', { at: at(fromMin!) });
    case 'ready': {
      if (!placed) return say('working.left-out');
      // What should have begun is planned for now: it was asked for sooner.
      const asked = planned.worked!.asked.plan.placed.find(({ task }) => task === row.job.id);
      if (atMin > nowMin) return say('working.ready-at', { at: at(atMin) });
      return asked && asked.startMin < nowMin - 1
        ? say('working.ready-late', { at: at(asked.startMin) })
        : say('working.ready-now');
    }
  }
}

/** One thing to weigh, its figure first. */
function Weighed({
  need: { ingredient, grams, heldBackG },
  grade,
}: {
  readonly need: Need;
  readonly grade: EggGrade;
}) {
  const { quantity } = useWords();
  // Eggs are cracked before they are weighed.
  const eggs = ingredient.eggPart ? grams / eggPartGrams(grade, ingredient.eggPart) : undefined;
  const inUnits = (amount: number) =>
    quantity({
      grams: amount,
      ...(ingredient.eggPart || ingredient.gramsPerMl === undefined
        ? {}
        : { gramsPerMl: ingredient.gramsPerMl }),
    });
  return (
    <View role="listitem" className="border-b border-line py-1">
      <View className="min-h-8 flex-row items-baseline gap-3">
        <Text className="min-w-24 text-right font-figures-strong text-lead text-ink">
          {inUnits(grams)}
        </Text>
        <Read className="min-w-0 flex-1">{ingredient.name}</Read>
        {eggs === undefined ? null : (
          <Soft>{measureInWords(Math.round(eggs * 10) / 10, 'piece', ingredient)}</Soft>
        )}
      </View>
      {heldBackG > 0 ? (
        <Read className="font-read-strong text-yolk-text" testID="keep-back">
          {say('working.more-kept-back', { food: ingredient.name, kept: inUnits(heldBackG) })}
        </Read>
      ) : null}
    </View>
  );
}

/** What is weighed, or poured, in a task. */
function Amounts({ row: { job }, stored, works, book }: CardOf) {
  const { quantity } = useWords();
  const { data: day } = stored;
  const needs = useMemo(() => weighedForJob(job, day, works, book), [job, day, works, book]);
  const vague = useMemo(() => vagueForJob(job, day, works, book), [job, day, works, book]);
  const honey = [...needs, ...vague].some(({ ingredient }) => ingredient?.hazard === 'honey');
  if (needs.length + vague.length > 0) {
    return (
      <>
        <View role="list" testID="to-weigh">
          {needs.map((need) => (
            <Weighed key={need.ingredient.id} need={need} grade={book.kitchen.data.eggGrade} />
          ))}
          {vague.map(({ line, ingredient }) => (
            <View key={line.id} role="listitem" className="border-b border-line py-2">
              <Read>
                {say(line.vague === 'unknown' ? 'working.unknown-too' : 'working.by-eye-too', {
                  food: ingredient?.name ?? '',
                })}
              </Read>
            </View>
          ))}
        </View>
        {honey ? (
          <Read className="text-scorch" testID="plain-apart">
            {say('working.plain-apart')}
          </Read>
        ) : null}
      </>
    );
  }
  return job.task.verb === 'fill' ? (
    <Pour job={job} day={day} book={book} quantity={quantity} />
  ) : null;
}

/** How much goes into each tin, and what was kept back for now. */
function Pour({
  job,
  day,
  book,
  quantity,
}: {
  readonly job: Job;
  readonly day: StoredDay['data'];
  readonly book: KitchenBook;
  readonly quantity: ReturnType<typeof useWords>['quantity'];
}) {
  const wanted = day.wanted.find(({ id }) => job.bakes.includes(id));
  const build = wanted && buildOfWanted(wanted, book);
  if (!build) return null;
  const { totalG } = build.filling;
  const count = job.task.vessels;
  const kept = keptBackOf(build);
  return (
    <View testID="to-pour">
      <Read className="font-read-strong">
        {count === 1
          ? say('working.pour-one', { all: quantity({ grams: totalG }) })
          : say('working.pour', {
              each: quantity({ grams: totalG / count }),
              all: quantity({ grams: totalG }),
              count,
            })}
      </Read>
      {kept > 0 ? (
        <Read>{say('working.kept-for-later', { kept: quantity({ grams: kept }) })}</Read>
      ) : null}
    </View>
  );
}

/** The clock of a task that goes on: what is left until it is expected to be over. */
function Countdown({ row, nowMin, stored }: CardOf) {
  const { job, standing, atMin } = row;
  const leftS = (atMin - nowMin) * 60;
  const over = leftS < 0;
  const { earliestMin, expectedMin, latestMin } = job.task.span;
  const { ran } = standing;
  const hour = (minute: number) => hourOf(stored.data.date, minute);
  const startMin = ran!.begunMin! + ran!.restedMin;
  const late = nowMin > startMin + Math.max(latestMin, job.minutes);
  return (
    <View>
      <View className="flex-row flex-wrap items-end gap-x-3">
        <Text
          role="timer"
          testID="task-clock"
          className={`font-figures-strong ${Math.abs(leftS) < 6000 ? 'text-clock' : 'text-big'} ${late ? 'text-scorch' : 'text-ink'}`}
        >
          {`${over ? '+' : ''}${clock(Math.abs(leftS))}`}
        </Text>
        <Soft className="pb-2">{say(over ? 'working.over-clock' : 'working.left-clock')}</Soft>
      </View>
      <Soft testID="task-window">
        {ran!.againMin !== undefined
          ? say('working.again', { at: hour(atMin) })
          : earliestMin < expectedMin || latestMin > expectedMin
            ? say('working.window', {
                earliest: hour(startMin + earliestMin),
                expected: hour(startMin + job.minutes),
                latest: hour(startMin + latestMin),
              })
            : say('working.expected', { expected: hour(atMin) })}
      </Soft>
    </View>
  );
}

/** The gates of a task that is not begun: what has to be so before. */
export const gatesOf = ({ job, standing }: Row): readonly string[] =>
  standing.ran
    ? []
    : [...new Set(job.task.after.flatMap(({ gate }) => gate ?? []))].map((gate) =>
        say('working.before', { gate: say(`work-gate.${gate}`) }),
      );

/** One task as a cook at work is told it: how it stands, what is weighed, what is asked before, what to look for and mind. */
export function TaskCard(of: CardOf) {
  const { row, planned, stored, nowMin, bakeId } = of;
  const { job, standing, placed } = row;
  const { tell, quantity } = useWords();
  const { date } = stored.data;
  const going = standing.state === 'running' || standing.state === 'paused';
  const oven = planned.session.means.ovens.find(({ id }) => id === placed?.ovenId);
  const where = [
    bakesInWords(job, planned),
    oven && job.task.oven ? `${oven.name}, ${quantity({ ovenC: job.task.oven.setC })}` : '',
    going || !placed ? '' : peopleInWords(placed.people, planned),
    going ? '' : lasting(job.minutes),
  ].filter(Boolean);
  return (
    <View className="gap-3">
      <View role="status">
        <Read className={row.due ? 'font-read-strong' : 'text-ink-soft'} testID="task-standing">
          {standingInWords(row, planned, date, nowMin)}
        </Read>
      </View>
      <View>
        <View testID="task-now">
          <Title>{taskInWords(job)}</Title>
        </View>
        <Soft>{where.join(' · ')}</Soft>
      </View>
      {standing.state === 'blocked' ? <Soft>{say('working.blocked-says')}</Soft> : null}
      {standing.state === 'running' ? <Countdown {...of} /> : null}
      <NextStage {...{ row, nowMin }} />
      {gatesOf(row).map((gate) => (
        <Read key={gate} className="font-read-strong">
          {gate}
        </Read>
      ))}
      <Amounts {...of} />
      {job.task.sign ? <Read>{tell(job.task.sign)}</Read> : null}
      {job.task.hazard ? <Read className="text-scorch">{tell(job.task.hazard)}</Read> : null}
      {(job.task.steps ?? []).map((step) => (
        <Soft key={step}>{say('day.card-says', { step })}</Soft>
      ))}
      {going && bakeId !== undefined ? (
        <PlaceLink
          to={`/bake/${bakeId}`}
          testID="open-bake"
          className="min-h-12 justify-center self-start"
        >
          <Read className="text-water underline">{say('working.open-bake')}</Read>
        </PlaceLink>
      ) : null}
    </View>
  );
}
