import { say } from '@hollow-moon/words';
import { useEffect, useRef, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Button } from '../design';
import type { Loading } from '../book/book';
import { Hollow, Opening } from './Hollow';

/** What stands in a column without a sheet of its own: kept off the edges. */
export const Margin = ({
  children,
  className = '',
}: {
  readonly children: ReactNode;
  readonly className?: string;
}) => <View className={`gap-3 px-4 pt-4 ${className}`}>{children}</View>;

/**
 * A column that scrolls by itself; sheets lie in it from edge to edge. Its content is a block: in a flexible box that
 * is as long as a night, every word that changes would lay out all of it again.
 */
export const Column = ({
  children,
  className = '',
  testID,
}: {
  readonly children: ReactNode;
  readonly className?: string;
  readonly testID?: string;
}) => (
  <ScrollView
    testID={testID}
    className={`h-full ${className}`}
    contentContainerClassName="block space-y-2 pb-8"
    keyboardShouldPersistTaps="handled"
  >
    {children}
  </ScrollView>
);

/** How often a book that is away is asked whether it is back, ms. */
const AGAIN_MS = 5000;

/** The book cannot be reached: it is asked again by itself, and at a tap. */
function Away({ again }: { readonly again: () => void }) {
  const latest = useRef(again);
  useEffect(() => {
    latest.current = again;
  });
  useEffect(() => {
    const timer = setInterval(() => latest.current(), AGAIN_MS);
    return () => clearInterval(timer);
  }, []);
  return (
    <Hollow
      alone
      kind="trouble"
      says={say('layout.the-kitchens-book-cannot-be-reached')}
      testID="book-away"
    >
      <Button label={say('layout.try-again')} weight="main" onPress={again} />
    </Hollow>
  );
}

/** Shows what has been loaded, or that it is on its way, or that the book cannot be reached. */
export function WhenHere<T>({
  loading,
  children,
}: {
  readonly loading: Loading<T>;
  readonly children: (value: T) => ReactNode;
}) {
  if (loading.state === 'here') return <>{children(loading.value)}</>;
  if (loading.state === 'away') return <Away again={loading.again} />;
  return <Opening />;
}
