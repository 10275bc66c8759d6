import type { StoredBake } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Curves } from '../curves/Curves';
import { Soft } from '../design';
import { centreReadings } from './centre';

const columnOf = ({ curve }: StoredBake['data']['foreseen'], index: 1 | 2 | 3) =>
  curve.map((point) => [point[0], point[index]] as const);

/** The temperatures that were foreseen when it was begun, those believed at the pull, and what was read. */
export function RecordCurves({
  bake,
  pulledS,
}: {
  readonly bake: StoredBake;
  readonly pulledS: number | undefined;
}) {
  const { foreseen, believed } = bake.data;
  const { window, setC, curdleC, pullS } = foreseen;
  return (
    <View className="gap-1">
      <Curves
        rim={columnOf(foreseen, 1)}
        halfRadius={columnOf(foreseen, 2)}
        centre={columnOf(foreseen, 3)}
        setC={setC}
        curdleC={curdleC ?? undefined}
        window={
          window ? [window.earliest.timeS, window.best.timeS, window.latest.timeS] : undefined
        }
        pullS={pullS}
        readings={centreReadings(bake).map((each) => [each.atS, each.celsius] as const)}
        pulledS={pulledS}
        others={believed ? [{ name: 'believed', points: columnOf(believed, 3) }] : []}
        label={say('log.foreseen-temperatures-and-the-readings-taken')}
      />
      {believed ? <Soft testID="believed-key">{say('log.as-believed')}</Soft> : null}
    </View>
  );
}
