import { say } from '@hollow-moon/words';
import { refusalInWords } from '../wire/resources';
import { router, usePathname } from 'expo-router';
import { View } from 'react-native';
import { Button, Notice, useWords } from '../design';
import { useAppDispatch, useAppSelector } from '../state/state';
import { TwoSides } from './TwoSides';
import { insisted, sentAgain, staleOf, withdrawn, type Write } from './writes';

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

/** Where a thing is looked at that has a screen of its own, and settles there what is to be settled. */
const screenOf = ({ thing, work: { kind } }: Write): string | undefined =>
  kind === 'formulas'
    ? `/formulas/${thing}`
    : kind === 'marks'
      ? `/work/${thing}`
      : kind === 'days'
        ? `/plan/${thing}`
        : ['bakes', 'readings', 'wobbles', 'deeds', 'pictures'].includes(kind)
          ? `/bake/${thing}`
          : undefined;

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
  const mine = write.work.op === 'put' ? (write.work.data as object) : {};
  return (
    <Notice
      kind="danger"
      testID={`refused-${write.work.kind}`}
      actions={
        screen ? (
          <Button
            label={say('outgoing.look-at-it')}
            weight="main"
            onPress={() => router.navigate(screen)}
          />
        ) : (
          <>
            {stale ? <TwoSides mine={mine} theirs={stale.data} /> : null}
            <Button
              label={stale ? say('outgoing.keep-mine') : say('outgoing.try-again')}
              weight="main"
              onPress={() => dispatch(insisted(write.id))}
            />
            <Button
              label={stale ? say('outgoing.take-the-books') : say('outgoing.give-it-up')}
              onPress={() => dispatch(withdrawn(write.thing))}
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
