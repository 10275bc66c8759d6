/** A frame of a forecast as the moon draws it. */
import type { Forecast, Frame } from '@hollow-moon/core';
import { swatchOf } from '../design';
import { moonAtPull, moonOf } from './moonOf';

const rings = { liquid: 0.4, moving: 0.6, curdledFrom: 1 };
const frame = (timeS: number, rimLightness?: number): Frame =>
  ({
    ...{ timeS, rings },
    ...(rimLightness === undefined ? {} : { rimLightness }),
    probeC: { centre: 70, halfRadius: 72, rim: 75 },
  }) as unknown as Frame;

it('has the rings, and a rim where there is a shell', () => {
  expect(moonOf(frame(0))).toEqual({ state: rings });
  expect(moonOf(frame(0, 62))).toEqual({ state: rings, rim: swatchOf(62) });
});

it('is hollow where nothing is foreseen', () => {
  expect(moonAtPull(undefined)).toEqual({ state: undefined });
});

it('is as at the pull', () => {
  const later = { ...frame(1200, 55), rings: { liquid: 0, moving: 0.3, curdledFrom: 1 } };
  const cells = { temperatureC: [[], []], setExtent: [[], []], curdledExtent: [[], []] };
  const forecast = { frames: [frame(0, 80), later], pullS: 1200, ...cells } as unknown as Forecast;
  expect(moonAtPull(forecast)).toEqual({ state: later.rings, rim: swatchOf(55) });
});
