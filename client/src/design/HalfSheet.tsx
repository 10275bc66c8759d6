import { say } from '@hollow-moon/words';
import { useEffect, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Button } from './Button';
import { icons } from './icons';
import { Title } from './Text';

/**
 * A sheet over the foot of a phone's screen: what is above it stays in view and in use. Escape or its cross shuts it.
 */
export function HalfSheet({
  title,
  onClose,
  children,
  testID,
}: {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly testID?: string;
}) {
  // Heard before a field, which keeps its keys to itself.
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return;
      // What lies under it stays open.
      event.preventDefault();
      onClose();
    };
    globalThis.addEventListener?.('keydown', onKey, true);
    return () => globalThis.removeEventListener?.('keydown', onKey, true);
  }, [onClose]);
  return (
    <View
      role="region"
      aria-label={title}
      // What does not fit under what it belongs to is scrolled.
      className="max-h-[65vh] border-t-2 border-ink bg-sheet"
      {...(testID ? { testID } : {})}
    >
      <View className="flex-row items-center justify-between pl-4 pr-2">
        <Title level={2}>{title}</Title>
        <Button
          label={say('design.close')}
          icon={icons.close}
          iconOnly
          weight="quiet"
          onPress={onClose}
        />
      </View>
      <ScrollView contentContainerClassName="gap-2 px-4 pb-3">{children}</ScrollView>
    </View>
  );
}
