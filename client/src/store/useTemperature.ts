import { useMemo } from 'react';
import { temperatureFormat, type TemperatureFormat } from '../design/format';
import { useAppSelector } from './store';

/** How this device writes temperatures. */
export function useTemperature(): TemperatureFormat {
  const degrees = useAppSelector((state) => state.settings.degrees);
  return useMemo(() => temperatureFormat(degrees), [degrees]);
}
