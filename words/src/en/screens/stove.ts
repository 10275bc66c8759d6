/** What the screens of `stove` say. */
export const stove = {
  'stove.the-cream-on-the-stove-in': 'The cream on the stove, in minutes',
  'stove.cream': '━ cream, {unit}',
  'stove.base-of-the-pan': '╌ base of the pan',
  'stove.it-held': 'It {held}',
  'stove.done': '▒ done',
  'stove.it-coats-a-spoon-after':
    'It coats a spoon after {reachedS}, at {at}. Take it off then, or after {latestS} at the latest.',
  'stove.thickens-from-on': 'It thickens from {fromS}.',
  'stove.bubbles-plop-after-off': '{thick}Bubbles plop after {reachedS}; take it off at {offS}.',
  'stove.it-is-done-after': '{thick}It is done after {reachedS}, at {at}.',
  'stove.on-the-stove': 'On the stove',
  'stove.too-strong-a-heat': 'too strong a heat',
  'stove.off-after': 'off after {offS}',
  'stove.heat-hold-and-what-becomes-of': 'heat, time and what becomes of it',
  'stove.heat-stirred-without-a-stop': 'Heat, stirred all the time',
  'stove.cream-of-one-batch': 'Cream in one batch',
  'stove.pan-across': 'Pan, width',
  'stove.held-at-the-end': 'Boil for',
  'stove.goes-on-at': 'Starts at',
  'stove.gentler-or-over-water-its-egg':
    'Use a gentler heat, or cook it over water: the egg scrambles on the base before the whole cream is thick.',
  'stove.hold-the-bubbles-a-minute-or':
    'Keep it boiling for a minute or two: an enzyme in the yolk is still active, and breaks down the starch by morning.',
  'stove.take-it-off-sooner-strands-are': 'Take it off sooner: you would feel strands in it.',
  'stove.g-go-off-as-steam':
    '{lost} boil off as steam, and the base of the pan reaches {hottestBaseC} under the spoon. Rings and pans differ, so this is good to within a third.',
} as const;
