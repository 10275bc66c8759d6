/** Pictures of what came out of the oven. */
export const pictures = {
  'pictures.title': 'Pictures',
  'pictures.in-short': '{count, plural, =0 {None} one {One} other {#}}',
  'pictures.one': 'Picture {nth}, {when}',
  'pictures.remove': 'Remove picture {nth}',
  'pictures.remove-for-good': 'Remove for good',
  'pictures.keep': 'Keep it',
  'pictures.add': 'Add a picture',
  'pictures.full': 'A record keeps up to {most} pictures. Remove one to add another.',
  'pictures.unread': 'This picture cannot be read. Choose a JPEG, PNG or WebP picture.',
  'pictures.away':
    'The pictures in the book cannot be shown while it is away. What you add now is kept here and sent later.',
} as const;
