/** What the screens of `probe` say. */
export const probe = {
  'probe.lay-a-probes-record-over-it': 'Compare with a probe’s record',
  'probe.readings': '{length} readings',
  'probe.a-csv-of-times-and-temperatures': 'a CSV of times and temperatures',
  'probe.open-a-record': 'Open a record',
  'probe.take-it-off': 'Remove it',
  'probe.lines-not-understood': ', {skipped} lines could not be read',
  'probe.read-as-in-and':
    'Read as {time} in “{columns}” and {unit} in “{columns2}”: {length} readings{more}.',
  'probe.first-reading': 'First reading',
  'probe.min-in': 'min after the start',
  'probe.the-forecast-is-off-by':
    'On average the forecast is {mean} {unit} off, at most {most} {unit}.',
  'probe.none-of-it-lies-within-the':
    'None of it falls within the forecast. Enter when the record starts.',
  'probe.two-columns-are-enough-semicolons-decimal':
    'Two columns are enough. Semicolons, decimal commas, °F and clock times are all understood.',
} as const;
