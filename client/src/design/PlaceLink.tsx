import { Link } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable } from 'react-native';

/** A way to another place: a real link, so that keyboard, middle button and reader know it for one. */
export const PlaceLink = ({
  to,
  here = false,
  label,
  className = '',
  testID,
  children,
}: {
  readonly to: string;
  /** Whether this place is the one that is open. */
  readonly here?: boolean;
  readonly label?: string;
  readonly className?: string;
  readonly testID?: string;
  readonly children: ReactNode;
}) => (
  <Link href={to} asChild>
    <Pressable
      testID={testID}
      aria-label={label}
      aria-current={here ? 'page' : undefined}
      className={`active:opacity-70 ${className}`}
    >
      {children}
    </Pressable>
  </Link>
);
