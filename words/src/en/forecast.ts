/** What a forecast says, asks for and warns of: oven, bath, cooling and stove among it. */
export const forecast = {
  'forecast.steps-order': 'Put the oven’s steps in order. The first comes after 0 min.',
  'forecast.step-heat': 'Set each step between {least} and {most}.',
  'forecast.doors': 'A door can stand open for 1 s to 10 min.',
  'forecast.enters': 'Enter how hot the oven is when it goes in, between {least} and {most}.',
  'forecast.swing': 'A thermostat swings by {least} to {most}.',
  'forecast.out-order': 'Put the places where it cools in order. The first starts at 0 min.',
  'forecast.oven-setting': 'Set the oven between {least} and {most}.',
  'forecast.oven-offset': 'An oven that is more than {most} off needs repair first.',
  'forecast.filling-start': 'Pour the filling between {least} and {most}.',
  'forecast.room': 'The kitchen must be between {least} and {most}.',
  'forecast.no-filling': 'There is no filling on the list yet.',
  'forecast.altitude': 'The altitude must be between {least} and {most} m.',
  'forecast.top-up': 'Pour {least} to {most} of the filling first, and the rest within an hour.',
  'forecast.top-up-under-topping':
    'A topping lies on all of the filling. Pour the filling at once, or put the topping on later.',
  'forecast.not-by-oven': 'The oven does not set this ({kind}): go by its end sign.',
  'forecast.oven-too-cool':
    'This oven would reach {reaches}, and the filling sets at {sets}. Set it hotter.',
  'forecast.too-thin-over':
    'The filling would stand only {depth} high over what lies under it. Use less underneath, or mix more.',
  'forecast.too-thin':
    'The batch would stand only {depth} high in this tin. Mix more, or take a smaller tin.',

  'forecast.poured-too-hot.curdles':
    'Let it cool before you pour it: at {at} it curdles straight away.',
  'forecast.poured-too-hot.weeps':
    'Let it cool before you pour it: at {at} it weeps straight away.',
  'forecast.poured-too-hot.grainy':
    'Let it cool before you pour it: at {at} it turns grainy straight away.',
  'forecast.does-not-set': 'The middle has not set after {within} at this setting.',
  'forecast.rim-first.curdles': 'Baked like this, the rim curdles before the middle has set.',
  'forecast.rim-first.weeps': 'Baked like this, the rim weeps before the middle has set.',
  'forecast.rim-first.grainy': 'Baked like this, the rim turns grainy before the middle has set.',

  'forecast.cracks-from-heat':
    'Lower the oven or use a water bath: so much of it overheats that it is likely to crack from the middle.',
  'forecast.cracks-in-the-cold':
    'Let it cool slowly first: a deep filling cracks when it goes straight into the cold.',
  'forecast.free-the-rim':
    'Free the rim with a knife while it is warm, or leave it in the closed oven first: it tears and cracks if it cools fast.',
  'forecast.puffs': 'It puffs by about {by} and falls back as it cools.',
  'forecast.puffs-over':
    'It puffs by about {by} and falls back as it cools. Leave that much room below the rim, or it runs over.',
  'forecast.rim-dark':
    'Lay a ring of foil over the shell’s rim by {from}: it turns dark from then.',
  'forecast.top-dark': 'Lay foil loosely over the top by {from}: it turns dark from then.',
  'forecast.sign-never':
    'You wait until {sign}, but the forecast never gets there. The steps after it are skipped: set a minute instead.',
  'forecast.layers-are-level':
    'What lies under or over the filling is computed as a level layer. Pieces with filling between them heat sooner.',
  'forecast.under-71':
    'The middle stays below {c71}. For small children, or people who are old, pregnant or ill, use pasteurised egg, and follow your local food code.',
  'forecast.under-71-held':
    'The middle stays below {c71}, but is held hot for longer than the published time, which does the same. Where your food code asks for {c71} itself, use pasteurised egg.',
  'forecast.china-cracks':
    'Glass and china can crack: do not put a cold dish into a hot oven, or a hot dish onto a wet bench.',
  'forecast.capacity-only':
    'Only the capacity of this dish is known, so it is computed as a pot half as high as it is wide.',
  'forecast.not-round':
    'This dish is not round. It is computed and drawn as a round one with as much wall for its area, so trust the wobble more than the minute.',
  'forecast.shallow-bath':
    'The forecast is early for shallow dishes in a bath. Expect the late half of the window and go by the wobble.',
  'forecast.pour-at-the-oven':
    'Pour the water at the oven, with dry oven gloves, and leave the pan there until it has cooled.',
  'forecast.loose-base-leaks': 'A loose base leaks: wrap it in a bag or foil to above the water.',
  'forecast.cold-dish-in-bath':
    'Boiling water can crack a cold dish: let it come to room temperature first.',
  'forecast.freezer-weeps':
    'Anything set by egg weeps once it has been frozen: take it out before its edge freezes.',
  'forecast.china-in-ice':
    'Hot glass or china cracks in iced water: let it stand on a cloth first.',
  'forecast.altitude-dries': 'Water boils at {boils} at this altitude, so the top dries sooner.',

  'bath.pan': 'Enter a pan from {wide80} across up to a square metre.',
  'bath.level': 'The water can stand from {mm3} up to just below the rim, {most}.',
  'bath.pan-too-small':
    '{vessels} of them take {take} and the pan has {has}. Take a larger pan, or two.',

  'cooling.too-shallow': 'It would stand only {depth} deep. Take a smaller dish.',
  'cooling.too-deep': 'It would stand {depth} deep. Take a larger dish, or two.',
  'cooling.cut-puree': 'after an hour, once the middle is no longer hot',
  'cooling.cut-syrup-nut': 'after two hours: until then it runs',
  'cooling.cut-fruit': 'once its juice has thickened',
  'cooling.cut-nut-cream': 'once it is warm and no longer hot',
  'cooling.cut-batter': 'while warm, after it has fallen a little',
  'cooling.cut-cheese': 'after a night in the cold: it sets as it rests',
  'cooling.cut-custard': 'after two hours, once the middle is cool',
  'cooling.cut-pot': 'after four hours, once it is cold',
  'cooling.cover': 'covered while hotter, its steam drips back on it',
  'cooling.turn-out': 'warm at 20 min if it is firm, otherwise once it is cold all through',
  'cooling.torch': 'once it is cold all through, or it melts under the flame',

  'stove.mass': 'Enter how much cream you cook.',
  'stove.pan': 'Enter a pan from {wide80} to {wide600} across.',
  'stove.too-deep':
    'It would stand {depth} deep and boil over. Take a wider pan, or cook it in two batches.',
  'stove.too-shallow': 'It would stand only {depth} deep and catch. Take a smaller pan.',
  'stove.start': 'Start below {end}.',
  'stove.hold': 'Hold it for 15 min at most.',
  'stove.too-weak': 'After two hours it has only reached {reached}. Give it more heat.',

  'blind.stages': 'Give the empty shell {least} to {most} stages in the oven.',
  'blind.minutes': 'A stage lasts from 1 min to 2 h.',
  'blind.set': 'Bake a shell between {least} and {most}.',
  'blind.puffs':
    'Dock it or weigh it down: at {at} steam forms under a base that has not set, and lifts it.',
  'blind.puffs-early':
    'Leave the weights in longer: at {at} steam forms under a base that has not set, and lifts it.',
  'blind.slumps-early':
    'Leave the weights in {by} longer: the walls do not stand by themselves until {until}.',
  'blind.slumps-soft':
    'Freeze or chill the lined tin first: without weights the wall is soft for {for} before it sets.',
  'blind.shrinks':
    'Rest the lined tin for 15 min: freshly rolled dough shrinks down the wall. Leave it standing above the rim, and do not stretch it.',
  'blind.shrinks-tough':
    'Rest the lined tin for 30 min: with so much water or so little fat it shrinks down the wall. Leave it standing above the rim, and do not stretch it.',
  'blind.raw-base': 'Bake it longer: the base has not set all through.',
  'blind.soft-base':
    'Bake it longer without weights: at the end the base still holds {water} of water and will not be crisp.',
  'blind.burnt-rim': 'Cover the rim or lower the oven: it turns dark at {at}.',

  'shell.thickness': 'Roll the shell between {least} and {most} thick.',
  'shell.no-room':
    '{vessel} is too small for a shell {thickness} thick: there is no room left to fill. Roll it thinner or take a deeper tin.',
  'shell.negative-gap': 'The gap to the rim cannot be negative.',
  'shell.gap-too-large': 'A gap of {gap} leaves no filling in a shell {room} deep.',
  'shell.nothing-left':
    'What lies under the filling takes up all the room. Use less of it, or a deeper tin.',
  'shell.overflow':
    'It overflows by {by} in each tin. Scale it to the tin, or take more or larger ones.',
  'shell.disc-impossible':
    '{dough} of dough rolled to {across} across is {gives} thick. For {wanted} you need {takes}.',
  'shell.leave-more-room': 'Leave a gap of {gap} to the rim. {why}',
  'shell.deep-gap': 'A gap of {gap} is deep: the tart looks half empty and its bare wall browns.',
  'headspace.baked-custard': 'It hardly rises, and settles a little.',
  'headspace.puree-custard': 'It puffs at the rim and settles as it cools.',
  'headspace.fresh-cheese': 'It swells late and falls back; air makes that worse.',
  'headspace.batter-custard': 'Flour and whole egg make it climb.',
  'headspace.syrup-nut': 'It boils up at the rim before it sets.',
  'headspace.nut-cream': 'It rises by a third: fill the shell two thirds full.',
  'headspace.fruit-filling': 'It bubbles up at the rim before it thickens.',
  'headspace.starch-cream': 'It is already set when it goes in.',
  'headspace.starch-pudding': 'It is already set when it goes in.',
  'headspace.curd': 'It is already thick when it goes in.',
  'headspace.cold-set': 'It does not rise.',

  'vessel.capacity': 'Enter how much it holds to the brim, from {least} to {most}.',
  'vessel.measure': '{what} must be between {least} and {most}.',
  'vessel.base-length': 'The length of the base',
  'vessel.base-diameter': 'The diameter of the base',
  'vessel.top-length': 'The length at the top',
  'vessel.top-diameter': 'The diameter at the top',
  'vessel.height': 'The height',
  'vessel.lip': 'The rim',
  'vessel.breadth': 'The width',
  'vessel.tube': 'The tube',
  'vessel.narrower-above': 'The top cannot be narrower than the base.',
  'vessel.too-narrow': 'It is so narrow and slopes so much that its base would have no width.',
  'vessel.tube-too-wide': 'The tube leaves no room between itself and the wall.',
} as const;
