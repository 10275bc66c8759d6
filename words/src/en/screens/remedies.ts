/** What the screens of `remedies` say. */
export const remedies = {
  'remedies.the-search-for-remedies-broke-off':
    'The search for remedies stopped working. Change something and try again.',
  'remedies.looking-for-the-smallest-change-that':
    'Looking for the smallest change that opens a window',
  'remedies.no-single-change-opens-a-window':
    'No single change opens a window. A shallower tin and a gentler oven together might.',
  'remedies.the-smallest-change-of-each-kind':
    'The smallest change of each kind that opens a window:',
  'remedies.do-it': 'Do it',
  'remedies.lower-the-oven': 'Lower the oven by {by}, to {to}',
  'remedies.raise-the-oven': 'Raise the oven by {by}, to {to}',
  'remedies.pour-the-filling-at': 'Pour the filling at {at}',
  'remedies.fill-mm-shallower-with': 'Fill {by} shallower, with {round} % of the batch',
  'remedies.stand-it-in-a-water-bath': 'Stand it in a water bath, half-way up',
  'remedies.whisk-in-g-of-cornflour': 'Whisk in {starch} of cornflour',
  'remedies.then-pull-at-min': 'then pull at {spanOfMinutes} min',
} as const;
