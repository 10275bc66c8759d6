import { say } from '@hollow-moon/words';
import type { ReactNode } from 'react';
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

/** Shows what has been loaded, or that it is on its way, or that the book cannot be reached. */
export function WhenHere<T>({
  loading,
  children,
}: {
  readonly loading: Loading<T>;
  readonly children: (value: T) => ReactNode;
}) {
  if (loading.state === 'here') return <>{children(loading.value)}</>;
  if (loading.state === 'away') {
    return (
      <Hollow
        alone
        kind="trouble"
        says={say('layout.the-kitchens-book-cannot-be-reached')}
        testID="book-away"
      >
        <Button label={say('layout.try-again')} weight="main" onPress={loading.again} />
      </Hollow>
    );
  }
  return <Opening />;
}
