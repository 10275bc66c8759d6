/** What the dial says. */
export const dial = {
  'dial.rim': 'rim',
  'dial.middle': 'mid',
  'dial.window': 'Pull from {earliest} to {latest} min, best at {best}',
  'dial.no-window': 'No window',
  'dial.too-late': 'too late',
} as const;
