import { useState, type ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';
import { Soft } from './Text';

/** A sheet that is shut until it is wanted: its title, and what is in it in a line. */
export function Fold({
  title,
  summary,
  children,
  begin = false,
  testID,
}: {
  readonly title: string;
  readonly summary: string;
  readonly children: () => ReactNode;
  /** Whether it is open at first. */
  readonly begin?: boolean;
  readonly testID?: string;
}) {
  const [open, setOpen] = useState(begin);
  return (
    <View className="rounded border border-line bg-sheet contain-content">
      <View role="heading" aria-level={2}>
        <Pressable
          role="button"
          aria-expanded={open}
          testID={testID}
          onPress={() => setOpen(!open)}
          className="min-h-14 flex-row items-center gap-3 px-4 py-2 active:opacity-70"
        >
          <View className="min-w-0 flex-1">
            <Text className="font-title text-lead text-ink">{title}</Text>
            {open ? null : <Soft>{summary}</Soft>}
          </View>
          <Text aria-hidden className="font-figures text-lead text-ink-soft">
            {open ? '−' : '+'}
          </Text>
        </Pressable>
      </View>
      {open ? <View className="gap-3 px-4 pb-4">{children()}</View> : null}
    </View>
  );
}
