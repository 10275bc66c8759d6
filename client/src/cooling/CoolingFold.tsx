import type { OvenUse } from '@hollow-moon/contract';
import { OUT_PLACES, type CoolingForecast, type Ready } from '@hollow-moon/core';
import { memo } from 'react';
import { View } from 'react-native';
import { Fold, Notice, Read, Soft, useWords } from '../design';
import { duration, inOrder, say } from '@hollow-moon/words';
import { CoolingResult, OutPlaces } from './CoolingParts';

const READY_WORDS: Readonly<Record<Ready['what'], string>> = {
  cover: say('cooling.cover-it'),
  'turn-out': say('cooling.turn-it-out'),
  cut: say('cooling.cut-it'),
  torch: say('cooling.torch-it'),
};

/** Where it goes after the pull, how it cools there, and when the next step may be taken. */
export const CoolingFold = memo(function CoolingFold({
  out,
  cooling,
  problem,
  onUse,
}: {
  readonly out: OvenUse['out'];
  readonly cooling: CoolingForecast | undefined;
  readonly problem: string | undefined;
  readonly onUse: (change: Partial<OvenUse>) => void;
}) {
  const { tell } = useWords();
  const keeps = cooling && cooling.keepsFirst && cooling.keepsCold;
  return (
    <Fold
      title={say('cooling.after-the-pull')}
      summary={`${inOrder(out.map(({ place }) => say(`place.${place}`).toLowerCase()))}${cooling ? (keeps ? say('cooling.cold-in-time') : say('cooling.not-cold-in-time')) : ''}`}
      begin={problem !== undefined}
      id="after-the-pull"
    >
      {() => (
        <>
          <OutPlaces out={out} places={OUT_PLACES} onOut={(next) => onUse({ out: next })} />
          {problem ? <Notice kind="danger">{problem}</Notice> : null}
          {cooling ? (
            <>
              <CoolingResult cooling={cooling} out={out} />
              <View role="list" className="gap-1">
                {cooling.ready.map(({ what, atS, because }) => (
                  <View
                    key={what}
                    role="listitem"
                    className="flex-row flex-wrap items-baseline gap-x-2"
                  >
                    <Read className="w-24 font-read-strong">{READY_WORDS[what]}</Read>
                    <Read className="w-28 font-figures" testID={`ready-${what}`}>
                      {atS === undefined
                        ? say('cooling.not-so')
                        : say('cooling.after', { atS: duration(atS) })}
                    </Read>
                    <Soft className="min-w-40 flex-1">{tell(because)}</Soft>
                  </View>
                ))}
              </View>
              <Soft>{say('cooling.the-limits-are-those-of-the')}</Soft>
            </>
          ) : null}
        </>
      )}
    </Fold>
  );
});
