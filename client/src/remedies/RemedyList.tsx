import { say } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import type { ForecastPlan } from '@hollow-moon/core';
import { View } from 'react-native';
import { Button, focusOn, Read, Soft, useWords } from '../design';
import { useJob } from '../jobs';
import { remedied, remedyInWords, remedyOpens } from './remedy';
import type { Edit } from '../drafts/edits';

/** What would open a window, the smallest change of each kind, each a tap away. */
export function RemedyList({
  data,
  plan,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly plan: ForecastPlan;
  readonly onEdit: Edit;
}) {
  const temperature = useWords();
  const { answer, settled, broke } = useJob('remedies', { plan });
  if (broke) return <Soft>{say('remedies.the-search-for-remedies-broke-off')}</Soft>;
  if (!answer || !settled)
    return <Soft testID="searching">{say('remedies.looking-for-the-smallest-change-that')}</Soft>;
  if (answer.length === 0) {
    return <Read testID="no-remedy">{say('remedies.no-single-change-opens-a-window')}</Read>;
  }
  return (
    <View role="list" className="gap-2" testID="remedies">
      <Soft>{say('remedies.the-smallest-change-of-each-kind')}</Soft>
      {answer.map((remedy) => (
        <View
          key={`${remedy.change.kind}/${'byK' in remedy.change ? Math.sign(remedy.change.byK) : 0}`}
          role="listitem"
          className="flex-row items-center gap-3 border-t border-line pt-2"
        >
          <View className="min-w-0 flex-1">
            <Read>{remedyInWords(remedy, data, temperature)}</Read>
            <Soft>{remedyOpens(remedy)}</Soft>
          </View>
          <Button
            label={say('remedies.do-it')}
            testID={`remedy-${remedy.change.kind}`}
            onPress={() => {
              onEdit(`remedy/${remedy.change.kind}`, (data) => remedied(data, remedy.change));
              focusOn('forecast-sentence');
            }}
          />
        </View>
      ))}
    </View>
  );
}
