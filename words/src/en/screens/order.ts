/** Standing orders. */
export const order = {
  'order.standing': 'Standing orders',
  'order.in-short': '{count, plural, =0 {None yet} one {One bake} other {# bakes}}',
  'order.none-yet':
    'Put here what is wanted on the same days of every week. A day that you plan can then take its orders over by one tap.',
  'order.add': 'Add a standing order',
  'order.on-days': 'On these days',
  'order.every-day': 'every day',
  'order.removed': '{bake} is no longer a standing order. Days that are planned keep it.',
  'order.take-back': 'Take it back',
} as const;
