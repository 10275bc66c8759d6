/** What the screens of `app` say. */
export const app = {
  'app.all-formulas': 'All formulas',
  'app.there-is-nothing-at-this-address': 'There is nothing at this address.',
  'app.title': '{of} · Hollow Moon',
} as const;
