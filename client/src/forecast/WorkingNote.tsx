import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button, Soft } from '../design';
import type { ForecastState } from './useForecast';

/** Past this a forecast counts as slow, ms: only then is its progress worth a line. */
const SLOW_MS = 600;

function SlowNote({ progress, cancel }: Pick<ForecastState, 'progress' | 'cancel'>) {
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSlow(true), SLOW_MS);
    return () => clearTimeout(timer);
  }, []);
  if (!slow) return null;
  return (
    <View role="status" className="flex-row items-center justify-between">
      <Soft>{`Working it out, ${Math.round(progress * 100)} %`}</Soft>
      <Button label="Stop" weight="quiet" onPress={cancel} />
    </View>
  );
}

/** Progress of a slow forecast with a way to stop it, and the way back after that. */
export function WorkingNote({ working, progress, cancel, again }: ForecastState) {
  if (working) return <SlowNote progress={progress} cancel={cancel} />;
  if (!again) return null;
  return (
    <View className="flex-row items-center justify-between">
      <Soft>Stopped: what is shown is from before.</Soft>
      <Button label="Work it out" onPress={again} />
    </View>
  );
}
