import { say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Button, keepAsFile, Notice } from '../design';
import { asideCleared } from '../device/device';
import { clearAside, everythingKept } from '../device/storage';
import { useAppDispatch, useAppSelector } from '../state/state';

/** Hands over all that is kept on this device, as a file. */
export const keepEverythingAsFile = async (): Promise<void> =>
  keepAsFile('hollow-moon-device.json', 'application/json', await everythingKept());

/** What a cook has to know of how this device keeps things; nothing while it does. */
export function DeviceNotice() {
  const dispatch = useAppDispatch();
  const { refuses, aside } = useAppSelector((state) => state.device);
  if (!refuses && aside === 0) return null;
  return (
    <View className="no-print gap-2 p-2">
      {refuses ? (
        <Notice kind="danger" testID="device-refuses">
          {say('root.this-device-has-no-room-to')}
        </Notice>
      ) : null}
      {aside > 0 ? (
        <Notice
          kind="danger"
          testID="device-aside"
          actions={
            <>
              <Button
                label={say('root.take-it-as-a-file')}
                onPress={() => void keepEverythingAsFile()}
              />
              <Button
                label={say('root.throw-it-away')}
                onPress={() => void clearAside().then(() => dispatch(asideCleared()))}
              />
            </>
          }
        >
          {say('root.something-that-was-kept-on-this')}
        </Notice>
      ) : null}
    </View>
  );
}
