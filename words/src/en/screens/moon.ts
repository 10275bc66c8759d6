/** What the screens of `moon` say. */
export const moon = {
  'moon.not-judged': 'Not judged',
  'moon.set-curdled-at-the-rim': 'Set, curdled at the rim',
  'moon.set-through': 'Set through',
  'moon.set-ring-centre': 'Set ring, {kind, select, liquid {liquid} other {wobbling}} centre',
  'moon.set-ring-centre-wide':
    'Set ring, {kind, select, liquid {liquid} other {wobbling}} centre {caption} wide',
  'moon.liquid': 'liquid',
  'moon.thickening': 'thickening',
  'moon.set': 'set',
  'moon.curdles': 'curdled',
  'moon.weeps': 'weeping',
  'moon.grainy': 'grainy',
} as const;
