import type { ErrorBoundaryProps } from 'expo-router';
import { View } from 'react-native';
import { Button, Notice, Read, Soft, Title } from '../design';
import { putAllAside } from '../device/storage';
import { keepEverythingAsFile } from './DeviceNotice';

/** Shown in place of a screen that broke: a way on, and a way out, neither of which loses anything. */
export function Failure({ error, retry }: ErrorBoundaryProps) {
  return (
    <View className="h-full flex-1 gap-4 bg-ground p-4" testID="failure">
      <Title>This screen broke</Title>
      <Notice kind="danger">
        Something went wrong in showing this. What is in the kitchen’s book is safe.
      </Notice>
      <Read>
        Try again first. If it breaks again, something kept on this device may be the cause: take it
        along as a file, then start afresh. It is only put aside, not thrown away.
      </Read>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Try again" weight="main" onPress={() => void retry()} testID="retry" />
        <Button
          label="Take what is kept here as a file"
          onPress={() => void keepEverythingAsFile()}
        />
        <Button
          label="Put it aside and start afresh"
          testID="start-afresh"
          onPress={() => void putAllAside().then(() => globalThis.location.assign('/'))}
        />
      </View>
      <Soft>{`For whoever helps: ${error.message}`}</Soft>
    </View>
  );
}
