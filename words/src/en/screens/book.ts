/** What the screens of `book` say. */
export const book = {
  'book.put-away': '{name} (put away)',
  'book.type-an-ingredient': 'Type an ingredient',
  'book.no-such-ingredient': 'Nothing by that name. Try another word, or add it under Kitchen.',
} as const;
