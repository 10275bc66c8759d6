import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { Soft } from './Text';

/** A reason, one tap away and two sentences long. */
export function Why({ about, children }: { readonly about: string; readonly children: string }) {
  const [open, setOpen] = useState(false);
  return (
    <View className="gap-1">
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={say('design.why', { about })}
        onPress={() => setOpen(!open)}
        className="min-h-12 justify-center self-start pr-4"
      >
        <Text className="font-read text-small text-water underline">
          {open ? say('design.hide-why') : say('design.why-2')}
        </Text>
      </Pressable>
      {open ? <Soft>{children}</Soft> : null}
    </View>
  );
}
