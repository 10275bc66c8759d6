import { say } from '@hollow-moon/words';
import type { ErrorBoundaryProps } from 'expo-router';
import { View } from 'react-native';
import { Button, Notice, Read, Soft, Title } from '../design';
import { putAllAside } from '../device/storage';
import { keepEverythingAsFile } from './DeviceNotice';

/** Shown in place of a screen that broke: a way on, and a way out, neither of which loses anything. */
export function Failure({ error, retry }: ErrorBoundaryProps) {
  return (
    <View className="h-full flex-1 gap-4 bg-ground p-4" testID="failure">
      <Title>{say('root.this-screen-broke')}</Title>
      <Notice kind="danger">{say('root.something-went-wrong-in-showing-this')}</Notice>
      <Read>{say('root.try-again-first-if-it-breaks')}</Read>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={say('root.try-again')}
          weight="main"
          onPress={() => void retry()}
          testID="retry"
        />
        <Button
          label={say('root.take-what-is-kept-here-as')}
          onPress={() => void keepEverythingAsFile()}
        />
        <Button
          label={say('root.put-it-aside-and-start-afresh')}
          testID="start-afresh"
          onPress={() => void putAllAside().then(() => globalThis.location.assign('/'))}
        />
      </View>
      <Soft>{say('root.for-whoever-helps', { message: error.message })}</Soft>
    </View>
  );
}
