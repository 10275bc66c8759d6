import type { ReactNode } from 'react';
import { View } from 'react-native';
import { FoldLevel } from './Fold';
import { Title } from './Text';

/** What lies on the bench: paper from edge to edge of its column, with a hairline above and below and no box. */
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
  <View className={`gap-3 border-y border-line bg-sheet p-4 contain-content ${className}`}>
    {title ? (
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Title level={2}>{title}</Title>
        {aside}
      </View>
    ) : null}
    {children}
  </View>
);

/** Several folds and sheets that answer one question, under its words. */
export const Question = ({
  title,
  children,
}: {
  readonly title: string;
  readonly children: ReactNode;
}) => (
  <View>
    <View className="px-4 pb-2 pt-4">
      <Title level={2}>{title}</Title>
    </View>
    <FoldLevel.Provider value={3}>{children}</FoldLevel.Provider>
  </View>
);
