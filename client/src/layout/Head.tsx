import type { ReactNode } from 'react';
import { View } from 'react-native';
import { icons, PlaceLink, Title } from '../design';

/** The head of what has a phone's screen to itself: the way back to the shelf, its name, and what may be done with it. */
export const Head = ({
  name,
  back,
  to = '/',
  children,
}: {
  readonly name: string;
  /** What the way back is called. */
  readonly back: string;
  /** And where it leads: the shelf, when not said. */
  readonly to?: string;
  readonly children?: ReactNode;
}) => (
  <View className="min-h-12 flex-row items-center border-b border-line bg-sheet pr-2">
    <PlaceLink
      to={to}
      testID={to === '/' ? 'back-to-shelf' : 'back-to-plans'}
      label={back}
      className="min-h-12 min-w-12 items-center justify-center"
    >
      <icons.back size={24} className="text-ink" />
    </PlaceLink>
    <View className="min-w-0 flex-1">
      <Title clipped>{name}</Title>
    </View>
    {children}
  </View>
);
