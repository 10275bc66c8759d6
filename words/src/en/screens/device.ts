/** What the screens of `device` say. */
export const device = {
  'device.it-is-kept-here-meanwhile': '{message} It is kept on this device meanwhile.',
} as const;
