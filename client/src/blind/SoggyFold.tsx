import { say, soggyInWords } from '@hollow-moon/words';
import type { FormulaData, ShellBake } from '@hollow-moon/contract';
import { analyse, SEALS, soggyClock, waterActivity } from '@hollow-moon/core';
import { useMemo } from 'react';
import { Choice, Fold, Range, Read, Soft, useWords } from '../design';
import type { KitchenBook } from '../book/book';

const SEAL_OPTIONS = SEALS.map((value) => ({ value, label: say(`seal.${value}`) }));

/** How the base fares once it is filled. */
export function SoggyFold({
  data,
  book,
  baseActivity,
  onShell,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly baseActivity: number;
  readonly onShell: (change: Partial<ShellBake>) => void;
}) {
  const { degrees, unit } = useWords();
  const { seal, keptC } = data.shellBake;
  const { lines, family, shellThicknessMm } = data;
  const filling = useMemo(
    () => waterActivity(analyse(lines, book.kitchen.data.eggGrade, book.find, family).composition),
    [lines, family, book],
  );
  const clock = useMemo(
    () =>
      soggyClock({
        thicknessMm: Math.max(1, shellThicknessMm),
        baseActivity,
        fillingActivity: filling,
        seal,
        keptC,
      }),
    [shellThicknessMm, baseActivity, filling, seal, keptC],
  );
  return (
    <Fold title={say('blind.how-long-it-stays-crisp')} summary={soggyInWords(clock)} id="soggy">
      {() => (
        <>
          <Read className="text-lead" testID="soggy-says">
            {soggyInWords(clock)}
          </Read>
          <Choice
            label={say('blind.between-base-and-filling')}
            value={seal}
            options={SEAL_OPTIONS}
            onChange={(value) => onShell({ seal: value })}
          />
          <Range
            label={say('blind.kept-at')}
            value={keptC}
            least={0}
            most={30}
            step={1}
            shown={degrees(keptC)}
            unit={unit}
            onChange={(value) => onShell({ keptC: value })}
            testID="kept-at"
          />
          <Soft>
            {say('blind.the-fillings-water-activity-is', {
              filling: filling.toFixed(2),
              baseActivity: baseActivity.toFixed(2),
            })}
          </Soft>
        </>
      )}
    </Fold>
  );
}
