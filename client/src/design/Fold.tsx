import { createContext, useContext, useState, type ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';
import { foldLeft } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';
import { icons } from './icons';
import { Soft } from './Text';

/** Where a fold stands in the outline: under a question it is one level deeper. */
export const FoldLevel = createContext<2 | 3>(2);

/**
 * A sheet that is shut until it is wanted: its title, and what is in it in a line. It stays on this device as it was
 * left.
 */
export function Fold({
  id,
  title,
  summary,
  children,
  begin = false,
}: {
  /** Its name among the folds, and for tests. */
  readonly id: string;
  readonly title: string;
  readonly summary: string;
  readonly children: () => ReactNode;
  /** Whether it is open until somebody has opened or shut it. */
  readonly begin?: boolean;
}) {
  const level = useContext(FoldLevel);
  const dispatch = useAppDispatch();
  const left = useAppSelector((state) => state.settings.folds[id]);
  // What has opened by itself does not shut by itself, under whoever is typing in it.
  const [begun, setBegun] = useState(begin);
  if (begin && !begun) setBegun(true);
  const open = left ?? begun;
  const Arrow = open ? icons.shut : icons.open;
  return (
    <View className="-mt-px border-y border-line bg-sheet contain-content">
      <View role="heading" aria-level={level}>
        <Pressable
          role="button"
          aria-expanded={open}
          testID={id}
          onPress={() => dispatch(foldLeft({ id, open: !open }))}
          className="min-h-14 flex-row items-center gap-3 px-4 py-2 active:opacity-70"
        >
          <View className="min-w-0 flex-1">
            <Text className="font-read-strong text-base text-ink">{title}</Text>
            {open ? null : <Soft>{summary}</Soft>}
          </View>
          <Arrow size={20} className="text-ink-soft" aria-hidden />
        </Pressable>
      </View>
      {open ? <View className="gap-3 px-4 pb-4">{children()}</View> : null}
    </View>
  );
}
