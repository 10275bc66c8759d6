/** What the screens of `formulas` say. */
export const formulas = {
  'formulas.all-formulas': 'All formulas',
  'formulas.this-formula-is-not-in-the': 'There is no such formula in this kitchen.',
  'formulas.show': 'Show',
  'formulas.unnamed': 'Unnamed',
  'formulas.forecast-of': 'Forecast of',
  'formulas.give-it-room': 'Widen',
  'formulas.back-to-the-bench': 'Back to the bench',
  'formulas.tin-gap-mm-shell':
    '{vesselCount} × tin, gap {headspaceMm} mm, shell {shellThicknessMm} mm',
  'formulas.oven-c-poured-at': 'oven {setC}, poured at {fillingStartC}',
  'formulas.changed-elsewhere': 'Changed on another device',
  'formulas.this-formula-was-changed-elsewhere-since':
    'This formula was changed elsewhere since you opened it. Choose which to keep.',
  'formulas.yours': 'Yours',
  'formulas.in-the-book': 'Saved',
  'formulas.keep-mine': 'Keep mine',
  'formulas.take-the-books': 'Use the saved one',
  'formulas.bench': 'Bench',
  'formulas.shell': 'Shell',
  'formulas.forecast': 'Forecast',
  'formulas.the-bake': 'The bake',
  'formulas.the-shell': 'The shell',
  'formulas.no-tin': 'No tin',
  'formulas.no-oven': 'No oven',
} as const;
