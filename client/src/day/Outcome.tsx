import type { DayData } from '@hollow-moon/contract';
import { wayDataOf } from '@hollow-moon/contract/planning';
import {
  atFullest,
  COLD_ROOMS,
  coldPlaces,
  gapOf,
  measure,
  tooLongOut,
  type Known,
  type Relief,
  type Way,
} from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { Button, Choice, Notice, PlaceLink, Read, Soft, Title, useWords } from '../design';
import { pool } from '../jobs';
import type { Energy } from './figures';
import { reliefInWords } from './relief';
import { FromNow, PlannedFrom } from './FromNow';
import { AWAY, OvenAway } from './OvenAway';
import { useBetter, type Better } from './useBetter';
import type { EditDay } from './useDay';
import { Verdict } from './Verdict';
import type { Planned } from './usePlan';
import type { Works } from './useWorks';
import { dayAndHour, hourOf, lasting } from './when';

interface OutcomeOf {
  readonly day: DayData;
  readonly planned: Planned;
  readonly works: Works;
  readonly onEdit: EditDay;
}

/** The name of a bake that is wanted. */
const nameIn = ({ session }: Planned, bake: string): string =>
  session.wanted.find(({ id }) => id === bake)?.name ?? '';

/** Everything the cook has to know of a plan before working by it, worst first. */
function useTroubles({ day, planned, works }: OutcomeOf): readonly string[] {
  const { tell } = useWords();
  const { plan, model, session, breaches, measures } = planned;
  return [
    ...breaches.slice(0, 1).map((breach) => say('day.broken', { says: tell(breach) })),
    ...works.unknown
      .filter(({ why }) => why.code !== AWAY)
      .map(({ name, why }) => say('day.not-known', { bake: name, why: tell(why) })),
    ...plan.left.map((bake) => say('day.left', { bake: nameIn(planned, bake) })),
    ...plan.late.map(({ bake, minutes }) => {
      const due = session.wanted.find(({ id }) => id === bake)!.dueMin;
      return say('day.late', {
        bake: nameIn(planned, bake),
        minutes: lasting(minutes),
        at: hourOf(day.date, due + minutes),
      });
    }),
    ...COLD_ROOMS.flatMap((room) => {
      const places = coldPlaces(model)[room];
      const { vessels, atMin } = atFullest(model, plan, room);
      const at = dayAndHour(day.date, atMin);
      return vessels > places ? [say(`day.${room}-full`, { places, wanted: vessels, at })] : [];
    }),
    ...tooLongOut(model, plan).map(({ bake, minutes }) =>
      say('day.out-of-the-cold', { bake: nameIn(planned, bake), hours: lasting(minutes) }),
    ),
    ...(measures.pastBestMin > 0
      ? session.wanted
          .filter(
            ({ id }) =>
              isPastBest(planned, id) && !tooLongOut(model, plan).some(({ bake }) => bake === id),
          )
          .map(({ name }) => say('day.past-best', { bake: name }))
      : []),
  ];
}

/** Whether a bake is done so early that it is past its best at its hour. */
function isPastBest({ model, plan }: Planned, bake: string): boolean {
  const dues = model.dues.filter((due) => due.bake === bake);
  return measure({ ...model, dues }, plan).pastBestMin > 0;
}

/** The smallest changes that would have everything ready in time, each one tap. */
function WaysOut({ planned, onEdit }: Pick<OutcomeOf, 'planned' | 'onEdit'>) {
  const [state, setState] = useState<readonly Relief[] | 'asking' | undefined>();
  const { session } = planned;
  const ask = () => {
    setState('asking');
    pool()
      .ask('reliefs', { session })
      .answer.then(setState, () => setState([]));
  };
  if (state === undefined || state === 'asking') {
    return (
      <View className="self-start">
        <Button
          label={say(state ? 'day.looking' : 'day.look-for-ways')}
          disabled={state === 'asking'}
          testID="look-for-ways"
          onPress={ask}
        />
      </View>
    );
  }
  return (
    <View className="gap-2" testID="ways-out">
      <Title level={2}>{say('day.ways-out')}</Title>
      {state.length === 0 ? <Read>{say('day.ways-none')}</Read> : null}
      {state.map((way, index) => {
        const { says, take } = reliefInWords(way, planned, onEdit);
        return take ? (
          <View key={says} className="self-start">
            <Button label={says} testID={`way-${index}`} onPress={take} />
          </View>
        ) : (
          <Read key={says}>{says}</Read>
        );
      })}
    </View>
  );
}

/** How far the search has come. */
function stateInWords({ doing, tried, saved, broke }: Better): string {
  if (doing === 'looking') return say('day.looking-for-better', { tried });
  if (doing === 'proving') return say('day.proving', { tried });
  if (broke) return say('day.proof-broke');
  if (saved === undefined) return '';
  return say(saved > 0 ? 'day.better-found' : 'day.no-better', { tried });
}

/** What the solver has proved by now. */
function proofInWords(known: Known): string {
  const { trouble, troubleProved, presenceMin, leastMin } = known;
  if (!troubleProved) return say('day.less-late-unknown');
  if (presenceMin === Infinity) return say('day.proved-impossible');
  const presence =
    presenceMin <= leastMin
      ? say('day.proved-presence', { least: lasting(leastMin) })
      : say('day.bound', {
          found: lasting(presenceMin),
          least: lasting(leastMin),
          share: Math.ceil(100 * gapOf(known)),
        });
  return trouble > 0 ? `${say('day.proved-late')} ${presence}` : presence;
}

/** What counts more, and the search for a better plan. */
function Search({
  day,
  works,
  better,
  worked,
  onEdit,
}: Pick<OutcomeOf, 'day' | 'works' | 'onEdit'> & {
  readonly better: Better;
  readonly worked: boolean;
}) {
  const searching = better.doing !== 'nothing';
  // Each bake that comes makes another day of it, which ends the search.
  const early = !searching && works.done < works.all;
  const counts = day.presence > 0.6 ? 'presence' : day.presence < 0.4 ? 'freshness' : 'both';
  return (
    <View className="gap-2">
      <View className="gap-3">
        <Choice<'presence' | 'both' | 'freshness'>
          label={say('day.what-counts')}
          value={counts}
          onChange={(next) =>
            onEdit((data) => ({
              ...data,
              presence: { presence: 0.9, both: 0.5, freshness: 0.1 }[next],
            }))
          }
          options={[
            { value: 'presence', label: say('day.counts-presence') },
            { value: 'both', label: say('day.counts-both') },
            { value: 'freshness', label: say('day.counts-freshness') },
          ]}
        />
        <View className="self-start">
          <Button
            label={say(searching ? 'day.stop' : worked ? 'day.better-rest' : 'day.better')}
            testID="better"
            disabled={early}
            onPress={searching ? better.stop : better.start}
          />
        </View>
        {early ? <Soft>{say('day.better-later')}</Soft> : null}
        {worked ? <Soft>{say('day.better-rest-says')}</Soft> : null}
      </View>
      <View role="status" testID="search-state">
        <Soft>{stateInWords(better)}</Soft>
        {better.known ? (
          <View testID="proof">
            <Soft>{proofInWords(better.known)}</Soft>
          </View>
        ) : null}
      </View>
    </View>
  );
}

/** What a plan comes to: whether all is ready in time, how long anybody is there, what is wrong and what would help. */
export function Outcome(
  of: OutcomeOf & {
    readonly dayId: string;
    readonly energy: Energy;
    readonly onTrial: (way: Way | undefined) => void;
  },
) {
  const { day, dayId, planned, works, onEdit, onTrial } = of;
  const { plan } = planned;
  const troubles = useTroubles(of);
  const better = useBetter(planned, day, onTrial, (way) =>
    onEdit((data) => ({ ...data, way: wayDataOf(way) })),
  );
  const inTime = plan.late.length === 0 && plan.left.length === 0;
  return (
    <View className="gap-3 border-y border-line bg-sheet p-4">
      <Verdict {...of} proved={better.known !== undefined} />
      {troubles.map((trouble) => (
        <Notice key={trouble} kind="danger">
          {trouble}
        </Notice>
      ))}
      <OvenAway {...of} />
      {inTime ? null : (
        <WaysOut
          key={JSON.stringify(planned.session.wanted.map(({ id, dueMin }) => [id, dueMin]))}
          {...of}
        />
      )}
      {plan.placed.length > 0 ? (
        <PlaceLink
          to={`/work/${dayId}`}
          testID="go-to-work"
          className="min-h-14 items-center justify-center self-start rounded border border-yolk bg-yolk px-4"
        >
          <Text className="font-read-strong text-base text-on-yolk">
            {say(planned.worked ? 'working.go-on' : 'working.go')}
          </Text>
        </PlaceLink>
      ) : null}
      {plan.placed.length > 0 ? (
        <>
          {planned.worked ? null : (
            <>
              <PlannedFrom {...of} />
              <FromNow {...of} />
            </>
          )}
          <Search {...{ day, works, better, onEdit }} worked={planned.worked !== undefined} />
        </>
      ) : null}
    </View>
  );
}
