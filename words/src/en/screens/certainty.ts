/** What the screens of `certainty` say. */
export const certainty = {
  'certainty.oven': 'Oven ±',
  'certainty.filling': 'Filling ±',
  'certainty.depth': 'Depth ±',
  'certainty.set': 'Set ±',
  'certainty.in-10': '{share} in 10',
  'certainty.min-sooner-or-later': '{min} min earlier or {min2} min later',
  'certainty.min-in-8-bakes-of': '{spanOfMinutes} min in 8 bakes of 10',
  'certainty.hardly-ever-a-window': 'hardly ever a window',
  'certainty.not-worked-out-yet-runs': 'not worked out yet: takes {SPREADRUNS} runs',
  'certainty.how-sure-is-it': 'How sure is it?',
  'certainty.ovens-fillings-and-levels-are-never':
    'Ovens, fillings and levels are never exactly what you think. Enter how far off each may be, and the bake is computed {runs} times.',
  'certainty.run-them-again': 'Run again',
  'certainty.run-it-times': 'Run it {SPREADRUNS} times',
  'certainty.of-bakes-run': '{progress} of {SPREADRUNS} bakes computed',
  'certainty.stop': 'Stop',
  'certainty.best-pull-8-bakes-in-10': 'Best pull, 8 bakes in 10',
  'certainty.look-first-at': 'Start looking at',
  'certainty.by-the-clock-alone-min':
    'If you only had a clock, {timeS} min is safest and works in {tenth}. The wobble tells you more: start looking at {earliestS} min.',
  'certainty.hardly-any-of-the-runs-has':
    'Hardly any of the runs has a window. Change the plan first.',
  'certainty.in-of-there-is': '{runs} of {runs2} runs have no window at all.',
  'certainty.what-the-time-hangs-on-most': 'What the time depends on most:',
  'certainty.the-grey-band-in-the-curves':
    'The grey band in the curves is the middle of the filling in 8 bakes out of 10, pulled at {pullS} min. It sets at {setC}.',
  'certainty.not-less-than-none': 'This can’t be negative.',
} as const;
