import { say } from '@hollow-moon/words';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Workbox } from 'workbox-window';
import { useRunning } from '../bake/useRunning';
import { Button, Notice, Soft } from '../design';
import { useAppDispatch, useAppSelector } from '../state/state';
import { api, LISTED } from '../wire/api';

/** Keeps the application on this device, and says when a new version of it has come. */
function useNewVersion(): { readonly waits: boolean; readonly take: () => void } {
  const dispatch = useAppDispatch();
  const [waits, setWaits] = useState(false);
  const take = useRef(() => location.reload());
  useEffect(() => {
    // While it is written the pages are served anew at each change.
    if (!('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production') return;
    const workbox = new Workbox('/sw.js');
    let taken = false;
    take.current = () => {
      taken = true;
      workbox.messageSkipWaiting();
    };
    workbox.addEventListener('waiting', () => setWaits(true));
    workbox.addEventListener('controlling', ({ isUpdate }) => {
      if (!isUpdate) {
        // What the book answered before it was listened to is kept now.
        dispatch(api.util.invalidateTags([...LISTED, 'marks', 'bakes']));
      } else if (taken) location.reload();
      else {
        // Another tab has taken it: here too it is the cook who says when.
        take.current = () => location.reload();
        setWaits(true);
      }
    });
    // Where a browser will not, everything works as long as the server does.
    workbox.register().catch(() => undefined);
  }, [dispatch]);
  return { waits, take: () => take.current() };
}

/** What a cook has to know of the connection and of the version: quietly that the server is gone, and that a new one waits. */
export function Offline() {
  const lost = useAppSelector((state) => state.connection === 'lost');
  const { waits, take } = useNewVersion();
  const baking = useRunning().running.length > 0;
  return (
    <View className="no-print">
      {lost ? (
        <View role="status" testID="not-connected" className="bg-ground px-4 py-1">
          <Soft>{say('offline.not-connected')}</Soft>
        </View>
      ) : null}
      {waits && !baking ? (
        <View className="p-2">
          <Notice
            kind="hint"
            testID="new-version"
            actions={
              <Button
                label={say('offline.take')}
                weight="main"
                testID="take-version"
                onPress={take}
              />
            }
          >
            {say('offline.new-version')}
          </Notice>
        </View>
      ) : null}
    </View>
  );
}
