/** What the screens of `deeds` say: what was done to a bake on its way, and what helps when it goes wrong. */
export const deeds = {
  'deeds.pad': 'Oven',
  'deeds.title': 'What was done',
  'deeds.in-short': 'Oven, door, foil, one taken out',
  'deeds.wrong-in-short': 'What to do now',
  'deeds.when': 'When',
  'deeds.just-now': 'Now',
  'deeds.ago': '{minutes} min ago',
  'deeds.door-was-open': 'The door was open for',
  'deeds.door-short': '{seconds} s',
  'deeds.door-long': '{minutes} min',
  'deeds.door-button': 'Door open for {time}',
  'deeds.set-to': 'Oven set to',
  'deeds.set': 'Set it',
  'deeds.off-shut': 'Oven off, door closed',
  'deeds.off-ajar': 'Oven off, door ajar',
  'deeds.foil': 'Foil laid over',
  'deeds.turned': 'Turned or moved',
  'deeds.one-out': 'One taken out',
  'deeds.left-in': '{left} of {all} are still in the oven.',
  'deeds.stood-at': 'When it went in, the oven stood at',
  'deeds.keep': 'Note it',
  'deeds.step-made': 'It is set to {to}',
  'deeds.step-off': 'It is off, door {door, select, shut {closed} other {ajar}}',
  'deeds.wrong': 'Something is wrong',
  'deeds.what-is-wrong': 'What is wrong?',
  'deeds.all-troubles': 'All troubles',
  'deeds.working-out': 'Working out what it changes.',
  'deeds.no-forecast': 'What it changes cannot be worked out here.',
  'deeds.move-foil': 'Lay foil over it',
  'deeds.move-oven': 'Set the oven to {to}',
  'deeds.made': 'Done',
  'deeds.move-made': 'Done: {move}',
  'deeds.effect':
    '{change, select, later {Then it is best at {best} min, {by} min later.} sooner {Then it is best at {best} min, {by} min sooner.} other {It is still best at {best} min.}}',
  'deeds.effect-none': 'Then the forecast has no window any more: watch the rim.',
  'deeds.effect-opens': 'Then it is best at {best} min.',
  'deeds.effect-top': 'The top comes out {shade}{before, select, same {} other {, not {before}}}.',
  'deeds.fell-to': 'It had fallen to',
  'deeds.fell-for': 'For about',
  'deeds.fell-set-right': 'It is set right now',
  'deeds.note-trouble': 'Only note it',
  'deeds.deed-oven': 'Oven set to {set}',
  'deeds.deed-door': 'Door open for {time}',
  'deeds.deed-out': '{vessels, plural, one {# taken out} other {# taken out}}',
  'deeds.deed-out-no': 'No. {no} taken out',
  'deeds.deed-stood': 'The oven stood at {set} when it went in',
  'trouble.browns-early': 'The top browns, the middle still swims',
  'trouble.simmers': 'It simmers or puffs at the edge',
  'trouble.oven-fell': 'The oven has gone cold',
  'trouble.still-swims': 'It should be ready and still swims',
  'trouble.edge-dark': 'The shell’s edge gets dark',
  'trouble.cracks': 'It cracks',
  'trouble.leaks': 'It leaks',
  'trouble.water-got-in': 'Water got into the dish',
  'trouble.grainy': 'It has gone grainy',
  'trouble.lumpy': 'It has lumps',
  'trouble.stays-thin': 'It does not thicken',
  'trouble.all-poured': 'All of the milk went in at once',
  'trouble.caramel-grains': 'The caramel has gone to grains',
  'trouble.caramel-dark': 'The caramel is getting too dark',
  'trouble.gelatine-strings': 'The gelatine has set in strings',
  'trouble-help.browns-early':
    'Lay a sheet of foil loosely over it, or turn the oven down. The foil keeps the heat off the top while the middle goes on.',
  'trouble-help.simmers': 'Turn the oven down now. A rim that boils curdles and weeps.',
  'trouble-help.simmers-in-bath':
    'Turn the oven down now, and pour a cup of cold water into the pan, away from the dishes. A rim that boils curdles and weeps.',
  'trouble-help.oven-fell':
    'Set it right, keep the door shut, and say here what it had fallen to: the forecast then counts the heat that was lost. Throw a custard away that has stood lukewarm for more than two hours.',
  'trouble-help.still-swims':
    'Leave it in and look every five minutes. Read a probe in the middle, and a thermometer beside it if you have one: the oven may run cool.',
  'trouble-help.edge-dark':
    'Lay a ring of foil over the edge only. Turning the oven down slows the edge and the middle alike.',
  'trouble-help.cracks':
    'The rim is past its best. Pull it now, even if the middle still moves a little: it goes on setting as it stands.',
  'trouble-help.leaks':
    'Put a hot tray or a sheet of foil under it. If it leaks much, take it out, close the crack with raw dough or beaten egg white, and go on. Mind hot filling and smoke.',
  'trouble-help.water-got-in':
    'Lift the dish out with dry cloths, pour off the water that lies on top, wrap the base and put it back. Do not carry a full pan of hot water.',
  'trouble-help.grainy':
    'Take it off the heat, pour it into a cold bowl and whisk in a spoonful of cold cream. Blend it while it is warm and sieve it. If it smells of cooked egg, begin again.',
  'trouble-help.lumpy':
    'Take it off the heat, whisk it hard or blend it, sieve it back into the pan, and bring it to the boil again, stirring.',
  'trouble-help.stays-thin':
    'A cream with starch has to boil for a minute or two while you whisk. A cream without starch thickens just under the boil and must not boil: give it time and watch the probe.',
  'trouble-help.all-poured':
    'While it is cool, take out a few ladles, whisk the starch or the yolks into these, and pour them back. If it is hot already, let it cool a little first, or the yolks scramble.',
  'trouble-help.caramel-grains':
    'Add a few spoonfuls of water, put the lid on, and melt it over a low heat without stirring. Mind the steam: hot sugar burns badly.',
  'trouble-help.caramel-dark':
    'Stand the base of the pan in cold water, or pour in warm cream at arm’s length. It spits: keep face and hands away. Throw away what is black or smokes.',
  'trouble-help.gelatine-strings':
    'Warm the whole mixture gently, stirring, until the strings melt, and do not let it boil. Strain it and let it cool again.',
} as const;
