/** What the screens of `layout` say. */
export const layout = {
  'layout.try-again': 'Try again',
  'layout.the-kitchens-book-cannot-be-reached':
    'The kitchen’s book cannot be reached. Is Hollow Moon running? This page asks again every few seconds. What you entered on this device is kept.',
  'layout.opening-the-kitchens-book': 'Opening the kitchen’s book',
} as const;
