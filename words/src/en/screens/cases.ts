/** What the screens of `cases` say. */
export const cases = {
  'cases.probes-of-the-case-over-time': 'Probes of the case over time',
  'cases.0-min': '0 min',
  'cases.bake-cases': 'Bake cases',
  'cases.this-forecast-as-plain-numbers-or':
    'this forecast as plain numbers, or one from another program',
  'cases.take-the-bake-along': 'Export this bake',
  'cases.open-a-case': 'Open a case',
  'cases.at': '(at {path})',
  'cases.a-bake-case-holds-everything-a':
    'A bake case holds everything a forecast is computed from, in numbers that another program can check.',
  'cases.this-case-could-not-be-computed': 'This case could not be computed. Check its numbers.',
  'cases.computing': 'Computing “{name}”',
  'cases.ends-at-hottest': 'ends at {at}, hottest {max} {unit}',
  'cases.loses-g-of-water-the':
    'It loses {lost} of water. The energy balance is off by {toExponential} %.',
  'cases.as-csv': 'As CSV',
  'cases.put-it-away': 'Close',
} as const;
