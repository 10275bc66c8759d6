import { say } from '@hollow-moon/words';
import type { BakeData } from '@hollow-moon/contract';
import { Button, Notice, Soft, useWords } from '../design';
import { withKeeping } from '../device/device';
import { TwoSides } from '../disputes/TwoSides';
import { useWaiting } from '../outgoing/useWaiting';
import { keepMine, staleOf } from '../outgoing/writes';
import { useAppDispatch, useAppSelector } from '../state/state';
import { refusalInWords } from '../wire/resources';
import { discardEntry, takeTheBooks } from './writing';

/** How the sending of what was noted stands. */
export function SendState({ id, data }: { readonly id: string; readonly data: BakeData }) {
  const words = useWords();
  const dispatch = useAppDispatch();
  const refuses = useAppSelector((state) => state.device.refuses);
  const { waiting, away } = useWaiting(id);
  const refused = waiting.find((write) => write.refused);
  const stale = refused && staleOf(refused);
  if (stale) {
    return (
      <Notice
        kind="danger"
        testID="stale"
        actions={
          <>
            <TwoSides kind="bakes" mine={data} theirs={stale.data} />
            <Button
              label={say('bake.keep-mine')}
              weight="main"
              onPress={() => dispatch(keepMine(id))}
            />
            <Button label={say('bake.take-the-books')} onPress={() => dispatch(takeTheBooks(id))} />
          </>
        }
      >
        {say('bake.this-bake-was-changed-elsewhere-meanwhile')}
      </Notice>
    );
  }
  if (refused?.refused) {
    return (
      <Notice
        kind="danger"
        testID="unsent"
        actions={
          <>
            <Button label={say('bake.try-again')} onPress={() => dispatch(keepMine(id))} />
            {refused.work.op === 'put' ? null : (
              <Button
                label={say('outgoing.give-it-up')}
                onPress={() => dispatch(discardEntry(refused))}
              />
            )}
          </>
        }
      >
        {withKeeping(refusalInWords(words, refused.refused), refuses)}
      </Notice>
    );
  }
  if (waiting.length > 0 && away) {
    return (
      <Notice kind="danger" testID="unsent">
        {withKeeping(refusalInWords(words, away), refuses)}
      </Notice>
    );
  }
  return (
    <Soft testID="bake-kept">
      {waiting.length > 0 ? say('bake.writing-it-down') : say('bake.written-in-the-book')}
    </Soft>
  );
}
