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
      // In rem, so that letters grow with the size a reader has chosen. Text is small, base or lead; the rest is figures.
      small: ['0.8125rem', '1.125rem'],
      base: ['1rem', '1.5rem'],
      lead: ['1.25rem', '1.625rem'],
      title: ['1.5rem', '1.875rem'],
      figure: ['2.125rem', '2.375rem'],
      big: ['3.5rem', '3.75rem'],
      clock: ['6rem', '5.5rem'],
    },
    borderRadius: { none: '0px', DEFAULT: '6px', full: '9999px' },
    extend: {},
  },
};
