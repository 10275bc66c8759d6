import type { BakeData, Noted } from '@hollow-moon/contract';
import { minutes, say } from '@hollow-moon/words';
import { View } from 'react-native';
import { deedAt, stillIn } from '../deeds';
import { Button, focusOn, Read, Soft } from '../design';
import { useAppDispatch } from '../state/state';
import { vesselsOut, type OwnPull } from '../vessels/pulls';
import { noteOf } from './writing';

/** A vessel by its number, how it stands, and what can be done with it. */
function Row({
  vesselNo,
  says,
  likely,
  due,
  onOut,
}: {
  readonly vesselNo: number;
  readonly says: string;
  readonly likely: string | undefined;
  readonly due: boolean;
  readonly onOut: (() => void) | undefined;
}) {
  return (
    <View
      role="listitem"
      testID={`vessel-${vesselNo}`}
      className={`min-h-14 flex-row items-center gap-3 border-t border-line border-l-8 py-1 pl-2 ${due ? 'border-l-yolk' : 'border-l-sheet'}`}
    >
      <Read className="w-16 font-read-strong">{say('vessels.no', { no: vesselNo })}</Read>
      <View className="min-w-0 flex-1">
        <Read>{says}</Read>
        {likely === undefined ? null : <Soft>{likely}</Soft>}
      </View>
      {onOut ? (
        <Button
          label={say('vessels.take-out-no', { no: vesselNo })}
          text={say('vessels.take-out')}
          testID={`out-${vesselNo}`}
          onPress={onOut}
        />
      ) : null}
    </View>
  );
}

/** Vessels of several that go their own way: when each is best that was read by itself, and when the others came out. */
export function Vessels({
  id,
  data,
  noted,
  own,
  elapsedS,
}: {
  readonly id: string;
  readonly data: BakeData;
  readonly noted: Noted;
  readonly own: readonly OwnPull[];
  readonly elapsedS: number;
}) {
  const dispatch = useAppDispatch();
  const out = vesselsOut(noted.deeds);
  if (own.length + out.length === 0) return null;
  // The last one is pulled with the bake.
  const mayOut = data.pulledAt === null && stillIn(data.vesselCount, noted.deeds) > 1;
  const rows = [
    // Whichever is best first is looked for first.
    ...[...own]
      .sort((a, b) => a.bestS - b.bestS)
      .map(({ vesselNo, lowS, bestS, highS }) => {
        const due = data.pulledAt === null && elapsedS >= bestS;
        const best = minutes(bestS);
        return {
          vesselNo,
          says: due ? say('vessels.due') : say('vessels.best', { best }),
          likely: say('vessels.likely', {
            best,
            low: minutes(lowS),
            high: minutes(highS),
            due: due ? 'yes' : 'no',
          }),
          due,
          in: true,
        };
      }),
    ...out.map(({ vesselNo, atS }) => ({
      vesselNo,
      says: say('vessels.out', { atMin: minutes(atS) }),
      likely: undefined,
      due: false,
      in: false,
    })),
  ];
  return (
    <View>
      <Soft>{say('vessels.one-by-one')}</Soft>
      <View role="list" testID="vessels">
        {rows.map(({ vesselNo, says, likely, due, in: inside }) => (
          <Row
            key={vesselNo}
            {...{ vesselNo, says, likely, due }}
            onOut={
              inside && mayOut
                ? () => {
                    const deed = deedAt(elapsedS, { kind: 'out', vessels: 1, vesselNo });
                    dispatch(noteOf(id, { kind: 'deeds', entry: deed }));
                    focusOn('bake-says');
                  }
                : undefined
            }
          />
        ))}
      </View>
    </View>
  );
}
