import { Pressable, Text } from 'react-native';
import type { Icon } from './icons';

type Weight = 'main' | 'plain' | 'quiet';

const FRAMES: Readonly<Record<Weight, string>> = {
  main: 'bg-yolk border-yolk',
  plain: 'bg-sheet border-ink-soft',
  quiet: 'bg-transparent border-transparent',
};
/** What stays pressed is told by a thicker edge, and sinks into the ground. */
const PRESSED = 'bg-ground border-ink';
const LETTERS: Readonly<Record<Weight, string>> = {
  main: 'text-on-yolk',
  plain: 'text-ink',
  quiet: 'text-water',
};

interface ButtonProps {
  readonly label: string;
  /** What is shown where the label says more to those who listen; the label begins with it. */
  readonly text?: string;
  readonly onPress: () => void;
  readonly weight?: Weight;
  readonly icon?: Icon;
  /** Shows only the icon; the label is for those who listen. */
  readonly iconOnly?: boolean;
  readonly disabled?: boolean;
  readonly pressed?: boolean;
  readonly className?: string;
  readonly testID?: string;
}

/** A target for floury thumbs: 48 px at the least. */
export function Button({
  label,
  text = label,
  onPress,
  weight = 'plain',
  icon: Picture,
  iconOnly = false,
  disabled = false,
  pressed,
  className = '',
  testID,
}: ButtonProps) {
  const sunk = pressed && weight !== 'main';
  return (
    <Pressable
      role="button"
      testID={testID}
      aria-label={label}
      aria-pressed={pressed}
      disabled={disabled}
      onPress={onPress}
      className={`min-h-12 min-w-12 flex-row items-center justify-center gap-2 rounded px-3 py-2 ${sunk ? `border-2 ${PRESSED}` : `border ${FRAMES[weight]}`} ${disabled ? 'opacity-40' : 'active:opacity-70'} ${className}`}
    >
      {Picture ? <Picture size={20} className={LETTERS[weight]} /> : null}
      {iconOnly ? null : (
        <Text className={`font-read-strong text-base ${LETTERS[weight]}`}>{text}</Text>
      )}
    </Pressable>
  );
}
