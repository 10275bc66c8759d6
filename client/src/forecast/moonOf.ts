import { stillAt, type Forecast, type Frame } from '@hollow-moon/core';
import { swatchOf } from '../design';
import type { MoonState } from '../moon';

/** A frame of a forecast as the moon draws it: rings of the filling, colour of the shell's rim. */
export const moonOf = ({
  rings,
  rimLightness,
}: Frame): { readonly state: MoonState; readonly rim?: string } => ({
  state: rings,
  ...(rimLightness === undefined ? {} : { rim: swatchOf(rimLightness) }),
});

/** The moon at the pull; hollow without a forecast. */
export const moonAtPull = (
  forecast: Forecast | undefined,
): { readonly state: MoonState | undefined; readonly rim?: string } =>
  forecast ? moonOf(stillAt(forecast, forecast.pullS).frame) : { state: undefined };
