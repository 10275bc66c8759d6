import { batchInWords, say } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import type { Level } from '@hollow-moon/core';
import { Button, Notice, useWords } from '../design';
import { scaledToTins, withWhatThereIs } from './batch';
import type { Edit } from '../drafts/edits';

/** What a batch that does not fill its tins, or overflows them, comes to; and the two ways out, one tap each. */
export function BatchNotice({
  data,
  level,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly level: Level;
  readonly onEdit: Edit;
}) {
  const says = batchInWords(level, data.vesselCount, useWords());
  if (!says) return null;
  return (
    <Notice
      kind={level.overflowG > 0 ? 'danger' : 'hint'}
      testID="batch"
      actions={
        <>
          <Button
            label={say('forecast.scale-to-the-tins')}
            weight={level.overflowG > 0 ? 'main' : 'plain'}
            onPress={() => onEdit('scale', (data) => scaledToTins(data, level))}
          />
          {level.overflowG > 0 ? null : (
            <Button
              label={say('forecast.use-what-i-have')}
              onPress={() => onEdit('headspaceMm', (data) => withWhatThereIs(data, level))}
            />
          )}
        </>
      }
    >
      {says}
    </Notice>
  );
}
