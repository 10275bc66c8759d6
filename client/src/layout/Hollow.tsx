import { say } from '@hollow-moon/words';
import type { ReactNode } from 'react';
import { Text, View } from 'react-native';
import { Read } from '../design';
import { Moon } from '../moon';

/**
 * A screen that has nothing to show, or nothing yet: the moon without its filling, what is the matter, and what to do.
 * While something is on its way the moon turns, unless the device was asked to keep still.
 */
export function Hollow({
  kind,
  says,
  alone = false,
  children,
  testID,
}: {
  readonly kind: 'loading' | 'empty' | 'trouble';
  readonly says: string;
  /** There is nothing else on the screen: what is said is its heading. */
  readonly alone?: boolean;
  /** What can be done about it. */
  readonly children?: ReactNode;
  readonly testID?: string;
}) {
  return (
    <View className="items-center gap-4 px-6 py-12" testID={testID}>
      <View
        aria-hidden
        className={
          kind === 'loading' ? 'animate-[spin_9s_linear_infinite] motion-reduce:animate-none' : ''
        }
      >
        <Moon state={undefined} shell size={kind === 'loading' ? 72 : 112} label="" />
      </View>
      <View role={kind === 'trouble' ? 'alert' : 'status'} className="max-w-md">
        {alone ? (
          <Text role="heading" aria-level={1} className="text-center font-read text-base text-ink">
            {says}
          </Text>
        ) : (
          <Read className="text-center">{says}</Read>
        )}
      </View>
      {children ? (
        <View className="flex-row flex-wrap justify-center gap-2">{children}</View>
      ) : null}
    </View>
  );
}

/** While the book, or the code of a screen, is on its way. */
export const Opening = () => (
  <Hollow alone kind="loading" says={say('layout.opening-the-kitchens-book')} testID="opening" />
);
