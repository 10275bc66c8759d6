import type { ReactNode } from 'react';
import { Text, View } from 'react-native';
import { icons } from './icons';

const { alert: Alert, hint: Hint } = icons;

/** Something the cook should know now. Danger is told by colour, sign and word together. */
export const Notice = ({
  kind,
  children,
  actions,
  testID,
}: {
  readonly kind: 'danger' | 'hint';
  readonly children: string;
  readonly actions?: ReactNode;
  readonly testID?: string;
}) => (
  <View
    testID={testID}
    role={kind === 'danger' ? 'alert' : 'status'}
    className={`gap-2 rounded border p-3 ${kind === 'danger' ? 'border-scorch' : 'border-line'} bg-sheet`}
  >
    <View className="flex-row gap-2">
      {kind === 'danger' ? (
        <Alert size={20} className="text-scorch" />
      ) : (
        <Hint size={20} className="text-water" />
      )}
      <Text className="flex-1 font-read text-base text-ink">{children}</Text>
    </View>
    {actions ? <View className="flex-row flex-wrap gap-2">{actions}</View> : null}
  </View>
);

/** What is wrong with one field, under it. */
export const FieldProblem = ({
  id,
  children,
}: {
  readonly id?: string;
  readonly children: string;
}) => (
  <Text nativeID={id} role="alert" className="font-read text-small text-scorch">
    {children}
  </Text>
);
