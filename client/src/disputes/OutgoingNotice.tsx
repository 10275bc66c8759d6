import { say } from '@hollow-moon/words';
import { refusalInWords } from '../wire/resources';
import { router, usePathname } from 'expo-router';
import { View } from 'react-native';
import { Button, Notice, useWords } from '../design';
import { useAppDispatch, useAppSelector } from '../state/state';
import { isDisputed } from './fields';
import { TwoSides } from './TwoSides';
import {
  insisted,
  putsWithdrawn,
  sentAgain,
  staleOf,
  unqueued,
  withdrawn,
  type Write,
} from '../outgoing/writes';

const KIND_NAMES = {
  kitchens: say('outgoing.the-kitchens-facts'),
  formulas: say('outgoing.a-formula'),
  vessels: say('outgoing.a-tin'),
  ovens: say('outgoing.an-oven'),
  pantry: say('outgoing.a-price'),
  bakes: say('outgoing.a-bake'),
  days: say('outgoing.a-day'),
  orders: say('outgoing.an-order'),
  readings: say('outgoing.a-probe-reading'),
  wobbles: say('outgoing.a-wobble-check'),
  deeds: say('outgoing.a-deed'),
  marks: say('outgoing.a-tap'),
  pictures: say('outgoing.a-picture'),
} as const;

const isOfBake = (kind: Write['work']['kind']): boolean =>
  ['bakes', 'readings', 'wobbles', 'deeds', 'pictures'].includes(kind);

/** Where a thing is looked at that has a screen of its own, and settles there what is to be settled. */
const screenOf = ({ thing, work: { kind } }: Write): string | undefined =>
  kind === 'formulas' ? `/formulas/${thing}` : isOfBake(kind) ? `/bake/${thing}` : undefined;

/** Gives a write up: where the book has another version, that alone; an entry by itself; else all that hangs on its thing. */
const givenUp = (write: Write) =>
  write.work.op !== 'put'
    ? unqueued(write.id)
    : staleOf(write)
      ? putsWithdrawn(write.thing)
      : withdrawn(write.thing);

const nameOf = ({ work }: Write): string => {
  const name =
    work.op === 'put' ? (work.data as { readonly name?: string; formulaName?: string }) : {};
  const said = name.name ?? name.formulaName;
  return said ? `${KIND_NAMES[work.kind]}, “${said}”,` : KIND_NAMES[work.kind];
};

/** One write that the book would not have: both sides where there are two, and the choice. */
function RefusedWrite({ write }: { readonly write: Write }) {
  const words = useWords();
  const dispatch = useAppDispatch();
  const screen = screenOf(write);
  const stale = staleOf(write);
  const { kind } = write.work;
  const mine = write.work.op === 'put' ? (write.work.data as object) : {};
  return (
    <Notice
      kind="danger"
      testID={`refused-${kind}`}
      actions={
        screen ? (
          <Button
            label={say('outgoing.look-at-it')}
            weight="main"
            onPress={() => router.navigate(screen)}
          />
        ) : (
          <>
            {stale && isDisputed(kind) ? (
              <TwoSides kind={kind} mine={mine} theirs={stale.data} />
            ) : null}
            <Button
              label={stale ? say('outgoing.keep-mine') : say('outgoing.try-again')}
              weight="main"
              onPress={() => dispatch(insisted(write.id))}
            />
            <Button
              label={stale ? say('outgoing.take-the-books') : say('outgoing.give-it-up')}
              onPress={() => dispatch(givenUp(write))}
            />
          </>
        )
      }
    >
      {stale
        ? say('outgoing.was-changed-elsewhere-meanwhile-choose', { nameOf: nameOf(write) })
        : say('outgoing.could-not-be-written-into', {
            nameOf: nameOf(write),
            more: write.refused ? refusalInWords(words, write.refused) : '',
          })}
    </Notice>
  );
}

/** What has not come into the book: what waits for it to be reached, and what it would not have. */
export function OutgoingNotice() {
  const dispatch = useAppDispatch();
  const path = usePathname();
  const { writes, away } = useAppSelector((state) => state.outgoing);
  const refuses = useAppSelector((state) => state.device.refuses);
  const all = Object.values(writes);
  const refused = all.filter((write) => write.refused && screenOf(write) !== path);
  const waiting = all.filter((write) => !write.refused).length;
  const shown = refused.length > 0 || (away && waiting > 0);
  if (!shown) return null;
  return (
    <View className="no-print gap-2 p-2">
      {away && waiting > 0 ? (
        <Notice
          kind="hint"
          testID="waiting-for-book"
          actions={<Button label={say('outgoing.try-now')} onPress={() => dispatch(sentAgain())} />}
        >
          {refuses
            ? say('outgoing.the-kitchens-book-cannot-be-reached', {
                waiting,
              })
            : say('outgoing.the-kitchens-book-cannot-be-reached-2', {
                waiting,
              })}
        </Notice>
      ) : null}
      {refused.map((write) => (
        <RefusedWrite key={write.id} write={write} />
      ))}
    </View>
  );
}
