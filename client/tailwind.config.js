/** Design tokens by what they mean; the values for light and dark are in src/global.css. */
const token = (name) => `rgb(var(--${name}) / <alpha-value>)`;

module.exports = {
  content: ['./app/**/*.{ts,tsx}', './src/**/*.{ts,tsx}'],
  presets: [require('nativewind/preset')],
  darkMode: 'class',
  theme: {
    colors: {
      transparent: 'transparent',
      ground: token('ground'),
      sheet: token('sheet'),
      ink: token('ink'),
      'ink-soft': token('ink-soft'),
      line: token('line'),
      yolk: token('yolk'),
      'yolk-text': token('yolk-text'),
      'on-yolk': token('on-yolk'),
      water: token('water'),
      scorch: token('scorch'),
    },
    fontFamily: {
      read: ['AtkinsonNext-Regular'],
      'read-strong': ['AtkinsonNext-SemiBold'],
      title: ['Bricolage-SemiBold'],
      figures: ['AtkinsonMono-Regular'],
      'figures-strong': ['AtkinsonMono-SemiBold'],
    },
    fontSize: {
      small: ['13px', '18px'],
      base: ['15px', '22px'],
      lead: ['18px', '26px'],
      title: ['24px', '30px'],
      figure: ['34px', '38px'],
      big: ['56px', '60px'],
      clock: ['96px', '96px'],
    },
    borderRadius: { none: '0px', DEFAULT: '6px', full: '9999px' },
    extend: {},
  },
};
