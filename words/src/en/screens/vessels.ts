/** What is said of one of several vessels in an oven. */
export const vessels = {
  'vessels.which': 'Which one',
  'vessels.not-said': 'Any of them',
  'vessels.no': 'No. {no}',
  'vessels.one-by-one': 'One by one',
  'vessels.best': 'Best at {best} min',
  'vessels.due': 'At its best: take it out',
  'vessels.likely':
    '{due, select, yes {best at {best} min, likely {low} to {high}} other {likely {low} to {high}}}',
  'vessels.out': 'Out at {atMin} min',
  'vessels.take-out': 'Take out',
  'vessels.take-out-no': 'Take out No. {no}',
  'vessels.of': 'No. {no}: {text}',
  'vessels.call': '{bake}, No. {no}: take it out now.',
} as const;
