import { blindSentence, rawBaseInWords, say } from '@hollow-moon/words';
import type { ShellBake } from '@hollow-moon/contract';
import type { BlindForecast, RawBase } from '@hollow-moon/core';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button, Choice, Notice, Read, Sheet, Soft, useWords } from '../design';
import type { OnShell } from './HowBaked';

/** What becomes of a base that is filled raw. */
function RawBaseNotice({ raw }: { readonly raw: RawBase | undefined }) {
  if (!raw) return <Soft>{say('blind.the-forecast-of-the-filled-bake')}</Soft>;
  return raw.verdict === 'raw' ? (
    <Notice kind="danger" testID="raw-base">
      {rawBaseInWords(raw)}
    </Notice>
  ) : (
    <Read className="text-lead" testID="raw-base">
      {rawBaseInWords(raw)}
    </Read>
  );
}

/** The minutes that would be enough, to be taken over. */
function Advice({
  advised,
  stages,
  onShell,
}: {
  readonly advised: NonNullable<BlindForecast['advised']>;
  readonly stages: ShellBake['stages'];
  readonly onShell: OnShell;
}) {
  const [first, last] = [stages[0], stages.at(-1)];
  if (!first || !last) return null;
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <Read className="min-w-48 flex-1" testID="advised">
        {advised.weightedMin > 0
          ? say('blind.enough-would-be-min-weighted', {
              weightedMin: advised.weightedMin,
              bareMin: advised.bareMin,
            })
          : say('blind.enough-would-be-min', { bareMin: advised.bareMin })}
      </Read>
      <Button
        label={say('blind.take-these')}
        testID="take-advice"
        onPress={() =>
          onShell({
            stages: [
              ...(advised.weightedMin > 0 ? [{ ...first, minutes: advised.weightedMin }] : []),
              { ...last, minutes: Math.max(1, advised.bareMin), weighted: false },
            ],
          })
        }
      />
    </View>
  );
}

/** Whether it is baked first or filled raw, and what comes of it. */
export function ShellVerdict({
  shellBake,
  missing,
  broke,
  raw,
  forecast,
  working,
  onShell,
}: {
  readonly shellBake: ShellBake;
  /** What is to be chosen before anything can be forecast. */
  readonly missing: ReactNode;
  readonly broke: boolean;
  readonly raw: RawBase | undefined;
  readonly forecast: BlindForecast | undefined;
  readonly working: boolean;
  readonly onShell: OnShell;
}) {
  const { tell } = useWords();
  return (
    <Sheet title={say('blind.the-empty-shell')}>
      <Choice
        label={say('blind.the-shell-is')}
        hideLabel
        value={shellBake.raw ? 'raw' : 'first'}
        options={[
          { value: 'first', label: say('blind.baked-first') },
          { value: 'raw', label: say('blind.filled-raw') },
        ]}
        onChange={(value) => onShell({ raw: value === 'raw' })}
      />
      {missing}
      {broke ? (
        <Notice kind="danger">{say('blind.the-shells-forecast-broke-off-change')}</Notice>
      ) : null}
      {shellBake.raw ? <RawBaseNotice raw={raw} /> : null}
      {forecast ? (
        <Read className="text-lead" testID="blind-sentence">
          {blindSentence(forecast, shellBake)}
        </Read>
      ) : working ? (
        <Soft>{say('blind.working-it-out')}</Soft>
      ) : null}
      {forecast?.risks.map(({ what, says }) => (
        <Notice
          key={`${what}/${says.code}`}
          kind={what === 'shrinks' ? 'hint' : 'danger'}
          testID={`risk-${what}`}
        >
          {tell(says)}
        </Notice>
      ))}
      {forecast?.advised ? (
        <Advice advised={forecast.advised} stages={shellBake.stages} onShell={onShell} />
      ) : null}
    </Sheet>
  );
}
