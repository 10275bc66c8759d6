import type { LucideIcon } from 'lucide-react-native';
import { cssInterop } from 'nativewind';
import { Pressable, Text } from 'react-native';

type Weight = 'main' | 'plain' | 'quiet';

const FRAMES: Readonly<Record<Weight, string>> = {
  main: 'bg-yolk border-yolk',
  plain: 'bg-sheet border-ink-soft',
  quiet: 'bg-transparent border-transparent',
};
const LETTERS: Readonly<Record<Weight, string>> = {
  main: 'text-on-yolk',
  plain: 'text-ink',
  quiet: 'text-water',
};

interface ButtonProps {
  readonly label: string;
  readonly onPress: () => void;
  readonly weight?: Weight;
  readonly icon?: LucideIcon;
  /** Shows only the icon; the label is for those who listen. */
  readonly iconOnly?: boolean;
  readonly disabled?: boolean;
  readonly pressed?: boolean;
  readonly className?: string;
  readonly testID?: string;
}

const withClass = new WeakSet<LucideIcon>();

/** Lets an icon take its colour from a class. */
export function styled(icon: LucideIcon): LucideIcon {
  if (!withClass.has(icon)) {
    cssInterop(icon, {
      className: { target: 'style', nativeStyleToProp: { color: true, opacity: true } },
    });
    withClass.add(icon);
  }
  return icon;
}

/** A target for floury thumbs: 48 px at the least. */
export function Button({
  label,
  onPress,
  weight = 'plain',
  icon,
  iconOnly = false,
  disabled = false,
  pressed,
  className = '',
  testID,
}: ButtonProps) {
  const Icon = icon && styled(icon);
  return (
    <Pressable
      role="button"
      testID={testID}
      aria-label={label}
      aria-pressed={pressed}
      disabled={disabled}
      onPress={onPress}
      className={`min-h-12 min-w-12 flex-row items-center justify-center gap-2 rounded border px-3 py-2 ${FRAMES[weight]} ${disabled ? 'opacity-40' : 'active:opacity-70'} ${className}`}
    >
      {Icon ? <Icon size={20} className={LETTERS[weight]} /> : null}
      {iconOnly ? null : (
        <Text className={`font-read-strong text-base ${LETTERS[weight]}`}>{label}</Text>
      )}
    </Pressable>
  );
}
