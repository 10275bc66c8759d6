/** What the screens of `design` say. */
export const design = {
  'design.file-name': 'formula',
  'design.why': 'Why: {about}',
  'design.hide-why': 'Hide why',
  'design.why-2': 'Why?',
  'design.type-in': '{typedIn}: type {label} in {next}',
  'design.keypad': 'Keys',
  'design.rub-out': 'Rub out',
  'design.close': 'Close',
} as const;
