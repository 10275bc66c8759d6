import { memo, type ReactNode } from 'react';
import { Text as NativeText, View } from 'react-native';

interface TextProps {
  readonly children: ReactNode;
  readonly className?: string;
  readonly numberOfLines?: number;
  readonly testID?: string;
}

// All of these are remembered: a screen is mostly text, and most of it stays as a figure changes.

/** One of the few large titles of a screen. `level` is its place in the outline. */
export const Title = memo(function Title({
  children,
  className = '',
  level = 1,
  clipped = false,
}: TextProps & {
  readonly level?: 1 | 2;
  /** Two lines at the most, where it stands in a bar. */
  readonly clipped?: boolean;
}) {
  return (
    <NativeText
      {...(clipped ? { numberOfLines: 2 } : {})}
      role="heading"
      aria-level={level}
      className={`font-title text-ink ${clipped ? 'text-base leading-5' : 'text-lead'} ${className}`}
    >
      {children}
    </NativeText>
  );
});

/** Text to be read. */
export const Read = memo(function Read({ children, className = '', ...rest }: TextProps) {
  return (
    <NativeText {...rest} className={`font-read text-base text-ink ${className}`}>
      {children}
    </NativeText>
  );
});

/** Labels, units and reasons. */
export const Soft = memo(function Soft({ children, className = '', ...rest }: TextProps) {
  return (
    <NativeText {...rest} className={`font-read text-small text-ink-soft ${className}`}>
      {children}
    </NativeText>
  );
});

const FIGURE_SIZES = {
  base: 'text-base',
  lead: 'text-lead',
  title: 'text-title',
  figure: 'text-figure',
  big: 'text-big',
  clock: 'text-clock',
} as const;

interface FigureProps {
  readonly value: string;
  readonly unit?: string;
  readonly size?: keyof typeof FIGURE_SIZES;
  readonly className?: string;
  readonly testID?: string;
}

/** A figure with its unit, smaller and softer, never parted from it. */
export const Figure = memo(function Figure({
  value,
  unit,
  size = 'lead',
  className = '',
  testID,
}: FigureProps) {
  return (
    <NativeText
      testID={testID}
      className={`font-figures-strong text-ink ${FIGURE_SIZES[size]} ${className}`}
    >
      {value}
      {unit ? (
        <NativeText className="font-read text-small text-ink-soft">{`\u00a0${unit}`}</NativeText>
      ) : null}
    </NativeText>
  );
});

/** A small label above whatever it names. */
export const Labelled = ({
  label,
  children,
  className = '',
}: TextProps & { readonly label: string }) => (
  <View className={`gap-0.5 ${className}`}>
    <Soft>{label}</Soft>
    {children}
  </View>
);
