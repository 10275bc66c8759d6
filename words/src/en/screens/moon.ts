/** What the screens of `moon` say. */
export const moon = {
  'moon.not-judged': 'Not judged',
  'moon.set-curdled-at-the-rim': 'Set, curdled at the rim',
  'moon.set-through': 'Set through',
  'moon.wide': '{caption} wide',
  'moon.set-ring-centre': 'Set ring, {kind} centre{more}',
} as const;
