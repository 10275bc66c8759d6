import type { BakeData } from '@hollow-moon/contract';
import { clock, say } from '@hollow-moon/words';
import { Text, View } from 'react-native';
import { Button, Soft } from '../design';

type MadePart = BakeData['parts'][number];

/** How long a part has been going, or took. */
const tookS = ({ startedAt, endedAt }: MadePart, nowMs: number): number | undefined =>
  startedAt === null
    ? undefined
    : ((endedAt === null ? nowMs : Date.parse(endedAt)) - Date.parse(startedAt)) / 1000;

/** A bake that no oven sets: its parts one under the other, each with its clock and the next thing to press. */
export function MadeParts({
  data,
  now,
  onNote,
}: {
  readonly data: BakeData;
  readonly now: number;
  readonly onNote: (change: Partial<BakeData>) => void;
}) {
  const change = (at: number, changed: Partial<MadePart>) =>
    onNote({
      parts: data.parts.map((part, index) => (index === at ? { ...part, ...changed } : part)),
    });
  const stamp = () => new Date().toISOString();
  return (
    <View role="list" testID="made-parts">
      {data.parts.map((part, at) => {
        const seconds = tookS(part, now);
        const name = say(`bake-part.${part.part}`);
        return (
          <View
            key={part.part}
            role="listitem"
            testID={`part-${part.part}`}
            className="min-h-14 flex-row items-center gap-3 border-t border-line py-1"
          >
            <View className="min-w-0 flex-1">
              <Text className="font-read-strong text-base text-ink">{name}</Text>
              <Soft>{say(`bake-part-says.${part.part}`)}</Soft>
            </View>
            {seconds === undefined ? null : (
              <Text
                role="timer"
                aria-label={say('bake.part-clock', { part: name })}
                className={`font-figures text-lead ${part.endedAt === null ? 'text-ink' : 'text-ink-soft'}`}
              >
                {clock(seconds)}
              </Text>
            )}
            {part.endedAt === null ? (
              <Button
                label={
                  part.startedAt === null
                    ? say('bake.part-start', { part: name })
                    : say('bake.part-end', { part: name })
                }
                text={part.startedAt === null ? say('bake.start') : say('bake.done')}
                weight={part.startedAt === null ? 'plain' : 'main'}
                onPress={() =>
                  change(
                    at,
                    part.startedAt === null ? { startedAt: stamp() } : { endedAt: stamp() },
                  )
                }
              />
            ) : (
              <Button
                label={say('bake.part-again', { part: name })}
                text={say('bake.not-done')}
                weight="quiet"
                onPress={() => change(at, { endedAt: null })}
              />
            )}
          </View>
        );
      })}
    </View>
  );
}
