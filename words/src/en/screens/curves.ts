/** What the screens of `curves` say. */
export const curves = {
  'curves.centre': '━ centre',
  'curves.half-way-out': '╌ half-way out',
  'curves.rim': '┈ rim',
  'curves.bath': '· · bath',
  'curves.centre-8-bakes-in-10': '▒ centre, 8 bakes in 10',
  'curves.read': '○ read',
  'curves.sets': 'sets {setC} {unit}',
  'curves.from': '{spoils} from {curdleC} {unit}',
  'curves.pull': 'pull',
  'curves.pulled': 'pulled',
  'curves.figures': 'The curves in figures',
  'curves.at': 'At {min} min: {centre} in the middle, {halfRadius} half-way out, {rim} at the rim',
} as const;
