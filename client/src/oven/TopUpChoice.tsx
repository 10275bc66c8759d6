import type { OvenUse } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Choice, FieldProblem, NumberField, Soft } from '../design';

/** Common practice: half to three quarters first, the rest once the rim stands. */
const USUAL_TOP_UP = { share: 0.65, atMin: 10 } as const;

/** Whether the filling is poured at once, or topped up in the oven. */
export function TopUpChoice({
  topUp,
  problem,
  onTopUp,
}: {
  readonly topUp: OvenUse['topUp'];
  readonly problem: string | undefined;
  readonly onTopUp: (topUp: OvenUse['topUp']) => void;
}) {
  return (
    <>
      <Choice
        label={say('oven.filling')}
        value={topUp ? 'two' : 'one'}
        options={[
          { value: 'one', label: say('oven.poured-at-once') },
          { value: 'two', label: say('oven.topped-up-in-the-oven') },
        ]}
        onChange={(value) => onTopUp(value === 'two' ? USUAL_TOP_UP : null)}
      />
      {topUp ? (
        <View className="flex-row flex-wrap items-end gap-2">
          <NumberField
            label={say('oven.first')}
            unit="%"
            value={Math.round(topUp.share * 100)}
            onChange={(share) => onTopUp({ ...topUp, share: share / 100 })}
            className="w-24"
            testID="top-up-share"
          />
          <NumberField
            label={say('oven.the-rest-at')}
            unit="min"
            value={topUp.atMin}
            onChange={(atMin) => onTopUp({ ...topUp, atMin })}
            className="w-28"
            testID="top-up-at"
          />
          <Soft>{say('oven.the-door-stands-open-for-half')}</Soft>
        </View>
      ) : null}
      {problem ? <FieldProblem>{problem}</FieldProblem> : null}
    </>
  );
}
