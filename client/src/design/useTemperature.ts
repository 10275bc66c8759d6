import { useMemo } from 'react';
import { temperatureFormat, type TemperatureFormat } from './format';
import { useAppSelector } from '../state/state';

/** How this device writes temperatures. */
export function useTemperature(): TemperatureFormat {
  const degrees = useAppSelector((state) => state.settings.degrees);
  return useMemo(() => temperatureFormat(degrees), [degrees]);
}
