/** What the screens of `compare` say. */
export const compare = {
  'compare.no-window': 'no window',
  'compare.min': '{timeS} min',
  'compare.working-it-out': 'working it out',
  'compare.hold-against': 'Compare',
  'compare.bath-or-none-cooler-hotter-another':
    'with or without a bath, cooler, hotter, another tin',
  'compare.the-same-but': 'The same bake, but',
  'compare.this-as-it-is-now': 'Freeze it as it is now',
  'compare.leave-out': 'Remove {name}',
  'compare.their-middles-are-drawn-with-the':
    'The middle of each is drawn among the curves, in its own stroke.',
  'compare.each-is-the-plan-with-one':
    'Each is your plan with one change. Freeze the plan as it is to compare it with what you do next.',
  'compare.in-bright-tin': 'in bright tin',
  'compare.in-dark-tin': 'in dark tin',
  'compare.in-glass': 'in glass',
  'compare.in-china': 'in china',
  'compare.no-window-either': 'no window either',
  'compare.opens-a-window': 'opens a window',
  'compare.as-quick': 'just as quick',
  'compare.min-2': '{laterMin} min {way, select, later {later} other {earlier}}',
  'compare.can-wait-longer': 'can wait longer',
  'compare.can-wait-less': 'can wait less',
  'compare.as-forgiving': 'just as forgiving',
  'compare.times-the-window': 'a window {wider} times as wide',
  'compare.of-the-window': 'a window {wider} % as wide',
  'compare.as-planned': 'as planned',
  'compare.as-it-was': '{count, plural, =1 {as it was} other {as it was, #}}',
  'compare.choose': 'Choose',
} as const;
