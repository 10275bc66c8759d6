/** What the screens of `offline` say. */
export const offline = {
  'offline.not-connected': 'Not connected. What you do is kept here and sent later.',
  'offline.new-version': 'A new version of Hollow Moon is here. Nothing you have entered is lost.',
  'offline.take': 'Use it now',
} as const;
