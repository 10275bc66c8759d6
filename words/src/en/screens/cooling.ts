/** What the screens of `cooling` say. */
export const cooling = {
  'cooling.cover-it': 'Cover it',
  'cooling.turn-it-out': 'Turn it out',
  'cooling.cut-it': 'Cut it',
  'cooling.torch-it': 'Torch it',
  'cooling.after-the-pull': 'After the pull',
  'cooling.cold-in-time': ': cools in time',
  'cooling.not-cold-in-time': ': does not cool in time',
  'cooling.not-so': 'not within 16 h this way',
  'cooling.after': 'after {atS}',
  'cooling.the-limits-are-those-of-the':
    'The limits are those of the FDA Food Code; your local food code comes first. Putting it in the fridge warm or cold is your choice: it costs either texture and a wet lid, or time.',
  'cooling.cooling-after-the-pull-in-hours': 'Cooling after the pull, in hours',
  'cooling.middle': '━ middle, {unit}',
  'cooling.hottest-spot': '╌ hottest spot',
  'cooling.within-the-published-limits': '▒ within the published limits',
  'cooling.at-once': 'At once',
  'cooling.after-2': 'After',
  'cooling.place': 'Place {index}',
  'cooling.leave-out-place': 'Remove place {index}',
  'cooling.then-somewhere-else': 'Add a place',
  'cooling.nothing-of-it-freezes-that-begins': 'Nothing in it freezes: that starts at {fromC}.',
  'cooling.its-edge-freezes-only':
    'Its edge starts to freeze after {beginsS}, at {fromC}; it does not freeze through.',
  'cooling.it-freezes-through':
    'Its edge starts to freeze after {beginsS}, at {fromC}; it is frozen through after {throughS}.',
  'cooling.cools-in-time-from-to':
    'It cools in time: from {limit} to {limit2} in {firstS} of {withUnit}, and to {limit3} in {coldS} of {withUnit2}.',
  'cooling.put-it-in-the-fridge-it':
    'Put it in the fridge: it does not get below {limit} within 6 h.',
  'cooling.too-slow-in-the-fridge':
    'Put it in the fridge sooner, or in a shallower dish: it does not get below {limit} within 6 h.',
  'cooling.too-slow-at-first':
    'Cool it faster at first: it does not get below {limit} within 2 h of {limit2}. A shallower dish or ice water helps.',
  'cooling.cool-it-faster-or-put-it':
    'Cool it faster, or put it in the fridge sooner: it does not get below {limit} within 2 h of {limit2}.',
  'cooling.tray': 'Tray {along} × {across}',
  'cooling.bowl': 'Bowl {across}',
  'cooling.cooling-it': 'Cooling it',
  'cooling.cold-in-time-2': 'cools in time',
  'cooling.not-cold-in-time-2': 'does not cool in time',
  'cooling.in-a-tray-or-a-bowl': 'in a tray or a bowl',
  'cooling.cream-of-one-batch': 'Cream in one batch',
  'cooling.poured-into': 'Poured into',
  'cooling.its-surface': 'Its surface',
  'cooling.put-the-places-it-cools-in':
    'Put the places where it cools in order. The first starts at 0 min.',
  'cooling.it-stands-mm-deep-and': 'It stands {depth} deep and leaves the stove at {from}.',
  'cooling.a-cream-that-has-thickened-does':
    'A thickened cream does not stir itself, so spread it thin to cool it. Your local food code comes first.',
  'cooling.film-touching': 'Film, touching',
  'cooling.open': 'Open',
} as const;
