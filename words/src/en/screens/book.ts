/** What the screens of `book` say. */
export const book = {
  'book.put-away': '{name} (put away)',
} as const;
