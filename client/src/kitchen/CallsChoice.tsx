import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { canNotify, canSpeak, mayNotify, speak } from '../alarm/saying';
import { Choice, Notice, Tick } from '../design';
import { aloudChosen, alarmsChosen, noticesChosen } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';

/** How this device calls a cook: by sound, aloud, or on its own screen while the page is not in front. */
export function CallsChoice() {
  const dispatch = useAppDispatch();
  const { alarms, aloud, notices } = useAppSelector((state) => state.settings);
  const [refused, setRefused] = useState(false);
  const chooseNotices = (on: boolean) => {
    setRefused(false);
    if (!on) {
      dispatch(noticesChosen(false));
      return;
    }
    void mayNotify().then((may) => {
      dispatch(noticesChosen(may));
      setRefused(!may);
    });
  };
  return (
    <>
      <Choice<'on' | 'off'>
        label={say('kitchen.alarms')}
        value={alarms ? 'on' : 'off'}
        onChange={(value) => dispatch(alarmsChosen(value === 'on'))}
        options={[
          { value: 'on', label: say('kitchen.alarms-on') },
          { value: 'off', label: say('kitchen.alarms-off') },
        ]}
      />
      <View className="flex-row flex-wrap gap-2">
        {canSpeak() && alarms ? (
          <Tick
            label={say('kitchen.aloud')}
            ticked={aloud}
            testID="aloud"
            onChange={(on) => {
              dispatch(aloudChosen(on));
              if (on) speak(say('kitchen.aloud-sample'));
            }}
          />
        ) : null}
        {canNotify() ? (
          <Tick
            label={say('kitchen.notices')}
            ticked={notices}
            testID="notices"
            onChange={chooseNotices}
          />
        ) : null}
      </View>
      {refused ? (
        <Notice kind="hint" testID="notices-refused">
          {say('kitchen.notices-refused')}
        </Notice>
      ) : null}
    </>
  );
}
