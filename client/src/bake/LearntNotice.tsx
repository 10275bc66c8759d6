import type { BakeData, Noted, Reading } from '@hollow-moon/contract';
import { BEFORE_READING, SETTLED, type Doubted, type Learnt } from '@hollow-moon/core/learning';
import { minutes, say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Notice, useWords } from '../design';

/** So far off it has to be, in what is still unsure, to be told. */
const CLEAR = 1;

/** What of the inputs the readings have settled, that of which they say most first. */
function tellingOf({ shift, unsure }: Learnt): keyof Learnt['shift'] | undefined {
  const inputs = Object.keys(shift) as (keyof Learnt['shift'])[];
  return inputs
    .filter(
      (input) =>
        unsure[input] < SETTLED * BEFORE_READING[input] &&
        Math.abs(shift[input]) > CLEAR * unsure[input],
    )
    .sort((a, b) => Math.abs(shift[b]) / unsure[b] - Math.abs(shift[a]) / unsure[a])[0];
}

/** What was learnt, as a cook would say it. */
function useTelling(learnt: Learnt): string | undefined {
  const { span, unit, put } = useWords();
  const telling = tellingOf(learnt);
  if (telling === undefined) return undefined;
  const by = learnt.shift[telling];
  const more = by > 0 ? 'more' : 'less';
  switch (telling) {
    case 'ovenK':
      return say('bake.learnt-oven', { apart: span(Math.abs(by)), unit, more });
    case 'startK':
      return say('bake.learnt-start', { apart: span(Math.abs(by)), unit, more });
    case 'setK':
      return say('bake.learnt-sets', { apart: span(Math.abs(by)), unit, more });
    case 'depthMm':
      return put('bake.learnt-depth', { apart: { millimetres: Math.abs(by) }, more });
    case 'transferShare':
      return say('bake.learnt-transfer', { percent: Math.round(Math.abs(by) * 100), more });
    case 'dryingShare':
      return say('bake.learnt-drying', { more });
  }
}

function useDoubt(noted: Noted) {
  const { degrees, unit } = useWords();
  return ({ id, why }: Doubted): string => {
    const reading = noted.readings.find((each) => each.id === id);
    return reading
      ? say('bake.doubted', {
          read: degrees(reading.celsius),
          unit,
          atMin: minutes(reading.atS),
          why,
        })
      : say('bake.doubted-wobble');
  };
}

/** What readings have taught: what is off, when it is best now and how sure that is, and what was not believed. */
export function LearntNotice({
  data,
  noted,
  learnt,
  heeded,
}: {
  /** As it is foreseen since. */
  readonly data: BakeData;
  readonly noted: Noted;
  readonly learnt: Learnt;
  /** Readings that are told otherwise: while there are any, the best minute is theirs to say. */
  readonly heeded: readonly Reading[];
}) {
  const telling = useTelling(learnt);
  const doubt = useDoubt(noted);
  const best = data.foreseen.window?.best.timeS;
  const band = learnt.window?.[1];
  return (
    <View className="gap-2">
      {learnt.believed.length > 0 && heeded.length === 0 ? (
        <Notice kind="hint" testID="learnt">
          {[
            telling ?? say('bake.learnt-agrees'),
            ...(best !== undefined && band
              ? [
                  say('bake.learnt-best', {
                    best: minutes(best),
                    // The band of the many runs, about what the one forecast says now.
                    low: minutes(best + band[0] - band[1]),
                    high: minutes(best + band[2] - band[1]),
                  }),
                ]
              : []),
          ].join(' ')}
        </Notice>
      ) : null}
      {learnt.doubted
        .filter(({ id }) => !heeded.some((each) => each.id === id))
        .map((doubted) => (
          <Notice key={doubted.id} kind="danger" testID="doubted">
            {doubt(doubted)}
          </Notice>
        ))}
    </View>
  );
}
