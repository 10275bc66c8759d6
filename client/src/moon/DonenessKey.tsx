import { say } from '@hollow-moon/words';
import type { Bakes } from '@hollow-moon/core';
import { memo, useId } from 'react';
import { View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { colours, Soft } from '../design';
import { DONENESS, Textures } from './doneness';

/** What the colours and textures of moon, cut and dial mean. */
export const DonenessKey = memo(function DonenessKey({
  spoils,
}: {
  /** What too much heat does to it; `undefined` where nothing does. */
  readonly spoils: Bakes['spoils'] | undefined;
}) {
  const id = useId();
  const steps = [
    [say('moon.liquid'), DONENESS.liquid, `waves${id}`],
    [say('moon.thickening'), DONENESS.thick, `dots${id}`],
    [say('moon.set'), DONENESS.set, undefined],
    ...(spoils ? [[say(`moon.${spoils}`), DONENESS.set, `grain${id}`] as const] : []),
  ] as const;
  return (
    <View className="flex-row flex-wrap gap-x-3 gap-y-1">
      {steps.map(([name, fill, texture], index) => (
        <View key={name} className="flex-row items-center gap-1">
          <Svg width={18} height={14} aria-hidden>
            {index === 0 ? <Textures id={id} fine /> : null}
            <Rect width={18} height={14} fill={fill} />
            {texture ? <Rect width={18} height={14} fill={`url(#${texture})`} /> : null}
            <Rect x={0.5} y={0.5} width={17} height={13} fill="none" stroke={colours.inkSoft} />
          </Svg>
          <Soft>{name}</Soft>
        </View>
      ))}
    </View>
  );
});
