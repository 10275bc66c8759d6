import type { DayData } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { Button, Fold, Soft } from '../design';
import { besideOf, figuresOf, type Energy, type Figure, type Pair } from './figures';
import type { EditDay } from './useDay';
import type { Planned } from './usePlan';

/** A plan that was put beside: what it came to, and the day it is of. */
interface Kept {
  readonly day: DayData;
  readonly figures: readonly Figure[];
}

const HEADS = ['', say('day.beside-kept'), say('day.beside-now')] as const;

/** Two plans, line by line; what differs is set in the stronger letter. */
function Pairs({ pairs }: { readonly pairs: readonly Pair[] }) {
  return (
    <View role="table" aria-label={say('day.beside')} testID="beside">
      <View role="row" className="flex-row gap-3">
        {HEADS.map((head, index) => (
          <Text
            key={index}
            role="columnheader"
            className="min-w-0 flex-1 font-read text-small text-ink-soft"
          >
            {head}
          </Text>
        ))}
      </View>
      {pairs.map(({ label, kept, now }, index) => {
        const figures = kept === now ? 'font-figures' : 'font-figures-strong';
        return (
          <View key={index} role="row" className="flex-row gap-3 border-t border-line py-2">
            <Text role="rowheader" className="min-w-0 flex-1 font-read text-base text-ink">
              {label}
            </Text>
            {[kept, now].map((value, column) => (
              <Text
                key={column}
                role="cell"
                className={`min-w-0 flex-1 text-base text-ink ${figures}`}
              >
                {value}
              </Text>
            ))}
          </View>
        );
      })}
    </View>
  );
}

/** A plan kept beside the one that is worked on: what a change costs is seen at once, and either can be had. */
export function BesideFold({
  day,
  planned,
  energy,
  onEdit,
}: {
  readonly day: DayData;
  readonly planned: Planned;
  readonly energy: Energy;
  readonly onEdit: EditDay;
}) {
  const [kept, setKept] = useState<Kept>();
  const now = figuresOf(planned, day.date, energy);
  const pairs = kept ? besideOf(kept.figures, now) : [];
  const differing = pairs.filter((pair) => pair.kept !== pair.now).length;
  return (
    <Fold
      id="day-beside"
      title={say('day.beside')}
      summary={kept ? say('day.beside-differing', { differing }) : say('day.beside-in-short')}
    >
      {() => (
        <View className="gap-3">
          {kept ? <Pairs pairs={pairs} /> : <Soft>{say('day.beside-how')}</Soft>}
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={say(kept ? 'day.beside-keep-now' : 'day.beside-keep')}
              testID="keep-beside"
              onPress={() => setKept({ day, figures: now })}
            />
            {kept && differing > 0 ? (
              <Button
                label={say('day.beside-back')}
                testID="beside-back"
                onPress={() => {
                  // The other one stands beside it then, so that there is a way back from the way back.
                  setKept({ day, figures: now });
                  onEdit(() => kept.day);
                }}
              />
            ) : null}
          </View>
        </View>
      )}
    </Fold>
  );
}
