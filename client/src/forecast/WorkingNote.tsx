import { say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Button, Soft } from '../design';
import type { ForecastState } from './useForecast';

/** Progress of a slow forecast with a way to stop it, and the way back after that. */
export function WorkingNote({ progress, cancel, again }: ForecastState) {
  if (progress !== undefined) {
    return (
      <View role="status" className="flex-row items-center justify-between">
        <Soft>{say('forecast.working-it-out', { progress: Math.round(progress * 100) })}</Soft>
        <Button label={say('forecast.stop')} weight="quiet" onPress={cancel} />
      </View>
    );
  }
  if (!again) return null;
  return (
    <View className="flex-row items-center justify-between">
      <Soft>{say('forecast.stopped-what-is-shown-is-from')}</Soft>
      <Button label={say('forecast.work-it-out')} onPress={again} />
    </View>
  );
}
