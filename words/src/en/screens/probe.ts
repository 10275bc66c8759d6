/** What the screens of `probe` say. */
export const probe = {
  'probe.lay-a-probes-record-over-it': 'Compare with a probe’s record',
  'probe.readings': '{length} readings',
  'probe.a-csv-of-times-and-temperatures': 'a CSV of times and temperatures',
  'probe.open-a-record': 'Open a record',
  'probe.take-it-off': 'Remove it',
  'probe.understood':
    '{readings} readings over {over}{skipped, plural, =0 {} one {, # line could not be read} other {, # lines could not be read}}.',
  'probe.column': 'column {position}',
  'probe.how-the-file-begins': 'How the file begins',
  'probe.times-in': 'Times in',
  'probe.they-are': 'They are',
  'probe.temperatures-in': 'Temperatures in',
  'probe.written-in': 'Written in',
  'probe.please-check': '{label} (check)',
  'probe.time.seconds': 'seconds',
  'probe.time.minutes': 'minutes',
  'probe.time.hours-minutes': 'hours:minutes',
  'probe.time.minutes-seconds': 'minutes:seconds',
  'probe.time.clock': 'clock times',
  'probe.time.dates': 'dates with times',
  'probe.time.epoch': 'Unix time',
  'probe.first-reading': 'First reading',
  'probe.min-in': 'min after the start',
  'probe.the-forecast-is-off-by': 'On average the forecast is {mean} off, at most {most}.',
  'probe.none-of-it-lies-within-the':
    'None of it falls within the forecast. Enter when the record starts.',
  'probe.two-columns-are-enough-semicolons-decimal':
    'Two columns are enough. You see how it is read, and can change each part.',
} as const;
