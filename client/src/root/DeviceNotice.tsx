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
          This device has no room to keep what is not in the book yet. Keep what you have changed
          now, and leave this page open until it is in the book.
        </Notice>
      ) : null}
      {aside > 0 ? (
        <Notice
          kind="danger"
          testID="device-aside"
          actions={
            <>
              <Button label="Take it as a file" onPress={() => void keepEverythingAsFile()} />
              <Button
                label="Throw it away"
                onPress={() => void clearAside().then(() => dispatch(asideCleared()))}
              />
            </>
          }
        >
          Something that was kept on this device could not be read. It was put aside, and the rest
          goes on.
        </Notice>
      ) : null}
    </View>
  );
}
