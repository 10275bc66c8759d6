/** What the screens of `blind` say. */
export const blind = {
  'blind.min-in-the-oven': '{timeS} min in the oven',
  'blind.the-shell-cut-through-base':
    'The shell cut through, {place}: base {shadeOf}, rim {shadeOf2}',
  'blind.base': 'Base',
  'blind.rim': 'Rim',
  'blind.base-below': 'Underside of the base',
  'blind.its-water': 'Water in the base',
  'blind.water-crisp': '{water} %, dry enough to be crisp',
  'blind.water-not-crisp': '{water} %, not crisp yet',
  'blind.choose-a-tin-to-see-the': 'Choose a tin to see the shell’s forecast.',
  'blind.choose-an-oven-to-see-the': 'Choose an oven to see the shell’s forecast.',
  'blind.the-empty-shell': 'The empty shell',
  'blind.the-shell-is': 'The shell is',
  'blind.the-shells-forecast-broke-off-change':
    'The shell’s forecast stopped working. Change something and try again.',
  'blind.the-forecast-of-the-filled-bake':
    'The forecast of the filled bake shows what becomes of the base.',
  'blind.working-it-out': 'Working it out',
  'blind.enough-would-be-min-weighted':
    'It only needs {weightedMin} min with weights, then {bareMin} min without.',
  'blind.enough-would-be-min': 'It only needs {bareMin} min.',
  'blind.take-these': 'Use these times',
  'blind.how-it-is-baked': 'How it is baked',
  'blind.way-of-baking': 'Method',
  'blind.weighed-down-with': 'Weights',
  'blind.a-poured-custard-runs-through-the':
    'A poured custard runs through the holes. Brush the hot base with egg, or do not dock it.',
  'blind.the-lined-tin-goes-in': 'The lined tin goes in',
  'blind.rested-in-the-tin': 'Rest in the tin',
  'blind.colours-are-of-a-plain-sweet':
    'The colours are those of a plain sweet dough on a good screen. Hold a real shell against them once and remember the difference. Times are for a hot, steady oven.',
  'blind.walls-stand': 'walls stand up',
  'blind.base-dry': 'base dry',
  'blind.base-has-its-colour': 'base has coloured',
  'blind.colour-of-rim-wall-and-base':
    'Colour of rim, wall and base over {endS} min, with the heat and water of the base',
  'blind.weights-in': 'weights in',
  'blind.base-below-2': '━ underside, {unit}',
  'blind.its-water-2': '╌ water in the base',
  'blind.how-long-it-stays-crisp': 'How long it stays crisp',
  'blind.between-base-and-filling': 'Between base and filling',
  'blind.kept-at': 'Kept at',
  'blind.the-fillings-water-activity-is':
    'This counts in hours, not minutes, and the seals are set to what cooks report. The filling’s water activity is {filling}; the base starts at {baseActivity}.',
  'blind.bare': 'bare',
  'blind.bare-out-of-the-ring': 'no weights, out of the ring',
  'blind.first': 'First',
  'blind.then': 'Then',
  'blind.oven-at': 'oven at',
  'blind.leave-out-stage': 'Remove stage {index}',
  'blind.one-more-stage': 'Add a stage',
  'blind.the-base-is-to-be': 'Colour wanted for the base',
  'blind.the-walls-do-not-stand-by': 'The walls do not stand up by themselves in this time.',
  'blind.the-walls-stand-by-themselves-from':
    'The walls stand up by themselves from {standsS} min: take the weights out then.',
  'blind.at-min-the-base-is': 'At {endS} min the base is {baseShade} and the rim {rimShade}.',
  'blind.the-base-is-at':
    'The base is {target} at {baseColourS} min; at the end it is {baseShade} and the rim {rimShade}.',
  'blind.it-is-dry-from-min': 'It is dry from {baseDryS} min.',
  'blind.bake-the-base-drier-it-is': 'Bake the base drier: it is already soft before it is filled.',
  'blind.and-is-not-soft-within-five': 'and is not soft within five days',
  'blind.and-is-soft-after': 'and is soft after {softS}',
  'blind.the-base-stays-crisp-for-five': 'The base stays crisp for more than five days.',
  'blind.the-base-is-not-crisp-from': 'The base is not crisp from the start, {soft}.',
  'blind.the-base-is-crisp-for': 'The base is crisp for {lessCrispS} after filling, {soft}.',
  'blind.bake-the-shell-first-or-longer':
    'Bake the shell first, or give it more heat from below: the base stays raw.',
  'blind.the-base-cooks-through-but-stays':
    'The base cooks through but its underside stays {shade}. A hot tray or a hotter start browns it.',
  'blind.the-base-cooks-through-and-is':
    'The base cooks through and its underside is {shade}. Under a wet filling it is tender, not crisp.',
  'blind.baked-first': 'Baked first',
  'blind.filled-raw': 'Filled raw',
  'blind.your-own': 'Your own',
  'blind.whole': 'Whole',
  'blind.pricked': 'Docked',
  'blind.with': 'with',
  'blind.minutes-of-the-shell': 'Minutes of the shell’s bake',
  'blind.hand-says': '{place}: base {base}, rim {rim}',
} as const;
