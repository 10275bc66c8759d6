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
} as const;
