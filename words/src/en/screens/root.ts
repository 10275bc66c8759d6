/** What the screens of `root` say. */
export const root = {
  'root.this-device-has-no-room-to':
    'This device has no room to keep unsaved changes. Save what you have changed now, and leave this page open until it is saved.',
  'root.take-it-as-a-file': 'Download it',
  'root.throw-it-away': 'Delete it',
  'root.something-that-was-kept-on-this':
    'Something kept on this device could not be read. It was put aside; everything else works.',
  'root.this-screen-broke': 'This screen stopped working',
  'root.something-went-wrong-in-showing-this':
    'Something went wrong while showing this. Everything saved in the kitchen’s book is safe.',
  'root.try-again-first-if-it-breaks':
    'Try again first. If it happens again, something kept on this device may be the cause. Download it, then start afresh: it is put aside, not deleted.',
  'root.try-again': 'Try again',
  'root.take-what-is-kept-here-as': 'Download what is kept here',
  'root.put-it-aside-and-start-afresh': 'Put it aside and start afresh',
  'root.for-whoever-helps': 'For whoever helps you: {message}',
  'root.formulas': 'Formulas',
  'root.log': 'Log',
  'root.plan': 'Plan',
  'root.kitchen': 'Kitchen',
  'root.places': 'Main places',
  'root.hollow-moon': 'Hollow Moon',
  'root.skip': 'Skip to what is open',
} as const;
