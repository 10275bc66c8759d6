/** Token colours for SVG, where classes do not reach; light and dark follow by themselves. */
const token = (name: string) => `rgb(var(--${name}))`;

export const colours = {
  ground: token('ground'),
  sheet: token('sheet'),
  ink: token('ink'),
  inkSoft: token('ink-soft'),
  line: token('line'),
  yolk: token('yolk'),
  yolkText: token('yolk-text'),
  water: token('water'),
  scorch: token('scorch'),
} as const;
