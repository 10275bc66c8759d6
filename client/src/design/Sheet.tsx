import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Title } from './Text';

/** What lies on the bench: a sheet with a hairline round it. */
export const Sheet = ({
  title,
  aside,
  children,
  className = '',
}: {
  readonly title?: string;
  readonly aside?: ReactNode;
  readonly children: ReactNode;
  readonly className?: string;
}) => (
  <View className={`gap-3 rounded border border-line bg-sheet p-4 contain-content ${className}`}>
    {title ? (
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Title level={2}>{title}</Title>
        {aside}
      </View>
    ) : null}
    {children}
  </View>
);
