/** How fillings, doughs and finishes set, what they need and how they fail. */
export const setting = {
  'source.practice': 'Common practice.',
  'source.practice-partly-memory': 'Common practice; some of the limits are from memory.',
  'source.practice-mcgee': 'Common practice; McGee, On Food and Cooking (2004), from memory.',

  'band.agar': 'Agar',
  'band.butter': 'Butter',
  'band.butter-or-other-fat': 'Butter or other fat',
  'band.chocolate-to-liquid': 'Chocolate, as dark, to liquid',
  'band.egg': 'Egg',
  'band.egg-to-liquid': 'Egg to liquid',
  'band.fat': 'Fat',
  'band.fat-on-crumbs': 'Fat to crumbs',
  'band.fat-on-flour': 'Fat to flour',
  'band.flour': 'Flour',
  'band.gelatine': 'Gelatine, as 200 bloom',
  'band.milk-folded-in': 'Milk from the pastry cream',
  'band.nuts': 'Nuts',
  'band.nuts-to-sugar': 'Nuts to sugar',
  'band.starch': 'Starch',
  'band.sugar': 'Sugar',
  'band.sugar-added': 'Added sugar',
  'band.sugar-and-syrup': 'Sugar and syrup',
  'band.sugar-on-flour': 'Sugar to flour',
  'band.sugar-to-water': 'Sugar to water',
  'band.sugar-to-white': 'Sugar to egg white',
  'band.thickener': 'Thickener',
  'band.water-on-flour': 'Water to flour',
  'band.water-to-jam': 'Water to jam',
  'band.water-to-sugar': 'Water to sugar',
  'band.yolk-to-juice': 'Yolk to juice',
  'setting.band-left': '{band} is {value}. It is usually {least} to {most}: check the list.',

  'setting.empty': 'There is nothing on the list to judge yet.',
  'setting.bought': 'This is a bought shell. Follow the maker’s instructions for baking it.',
  'setting.no-egg': 'Add egg: nothing else on the list sets it.',

  'setting.custard.no-egg': 'There is no egg on the list, and egg is what sets a baked custard.',
  'setting.custard.will-not-set': 'It will not set: add egg or use less liquid.',
  'setting.custard.too-soft-for-a-shell':
    'Add egg, or bake it in dishes: it is too soft to slice in a shell.',
  'setting.custard.why-set':
    'Egg is {egg} of the mix. The more the egg is diluted, the hotter the custard has to get before it sets. Its sugars, {sugar} in all, raise that by {by}.',
  'setting.custard.why-curdle':
    'Above this the egg tightens and squeezes out its water. The faster it is heated, the narrower the gap.',
  'setting.custard.starch-protects':
    'Starch, at {starch}, keeps the egg from tightening, so it does not curdle. It has to get hot enough to lose its raw taste.',
  'setting.custard.unmouldable':
    'There is enough egg for it to stand alone, and enough white to hold it up. White gives {white} of the egg protein.',
  'setting.custard.sliceable':
    'There is enough egg for a clean cut, in its shell or dish. White gives {white} of the egg protein.',
  'setting.custard.spoonable':
    'It is soft: eat it from its dish with a spoon. With more egg it could be sliced.',
  'setting.custard.pourable':
    'There is too little egg for the liquid: it thickens but does not hold. Add yolks or use less liquid.',

  'setting.batter.set-by': 'egg, with a little flour',
  'setting.batter.treatment':
    'Rest the batter in the fridge, sieve it over the fruit, and bake it hot without a water bath until it has risen and the middle no longer gives.',
  'setting.batter.fails':
    'With too little egg or wet fruit the middle stays runny; with more than 5 % of flour it turns into a cake. It rises and falls, so leave room.',
  'setting.batter.firmness':
    'Whole egg and flour hold a slice together between the fruit, warm or cold.',

  'setting.puree.set-by': 'egg protein in the purée',
  'setting.puree.treatment':
    'Weigh the purée, not the raw vegetable. Bake until the rim has puffed and the middle still moves over the width of a hand. Cool it for at least an hour before cutting.',
  'setting.puree.fails':
    'Above {c90} in the middle it weeps, and cracks as it cools; wet purée makes it sink. A raw shell under it needs a hot start.',
  'setting.puree.stands':
    'There is enough egg and white to turn it out once cold; the purée’s fibre and starch help.',
  'setting.puree.sliced':
    'The purée’s own fibre and starch help the egg: it cuts cleanly once cold.',
  'setting.puree.none': 'There is no purée on the list, so this is a plain custard.',

  'setting.cheese.set-by': 'egg and milk protein',
  'setting.cheese.treatment':
    'Have everything at room temperature, add the eggs last, and beat in no air. Bake it gently, in a water bath if it is deep. Leave it in the closed oven, then at room temperature, then overnight in the fridge.',
  'setting.cheese.fails':
    'Air or too much heat makes it puff, and it cracks as it falls; above {c77} in the middle it turns grainy. It tears where it sticks: free the rim while it is warm.',
  'setting.cheese.firmness':
    'It is still loose in the oven at {c65} to {c71}, sets as it cools overnight and then stands without its ring.',

  'setting.syrup-nut.set-by': 'egg in concentrated sugar',
  'setting.syrup-nut.treatment':
    'Bake until the middle quivers as one and reads {c93} to {c96}. Leave it for two hours before cutting.',
  'setting.syrup-nut.fails':
    'Pulled at a custard’s temperature it stays a syrup: so much sugar raises the set by more than ten degrees. Butter left in lumps boils up.',
  'setting.syrup-nut.firmness': 'The egg sets the syrup to a soft jelly, and the nuts carry it.',

  'setting.nut-cream.set-by': 'egg and flour in a paste of butter, sugar and nuts',
  'setting.nut-cream.treatment':
    'Have everything at {c20}, add one egg at a time, and mix without whipping. Fill the shell two thirds full. Bake until golden and springy, at least {c90} in the middle.',
  'setting.nut-cream.treatment-folded':
    'Have everything at {c20}, add one egg at a time, and mix without whipping. Boil and cool the pastry cream and fold it in last. Fill the shell two thirds full. Bake until golden and springy, at least {c90} in the middle.',
  'setting.nut-cream.fails':
    'Cold eggs split it and melted butter makes it greasy. Whipped, it rises over the rim and sinks; under wet fruit it stays raw.',
  'setting.nut-cream.firmness': 'It bakes to a close crumb that cuts warm or cold.',
  'setting.nut-cream.none': 'There are no nuts on the list yet.',

  'setting.fruit.set-by': 'starch',
  'setting.fruit.set-by-egg': 'starch and egg',
  'setting.fruit.treatment':
    'Mix and fill at once, before the fruit gives off juice. Bake until a knife slides into the fruit, the rim bubbles thickly and the top is golden.',
  'setting.fruit.fails':
    'Thin bubbles mean the starch has not thickened yet. It runs if it is mixed ahead or cut hot: let it cool for two hours.',
  'setting.fruit.spooned': 'Nothing thickens the juice, so it is eaten with a spoon.',
  'setting.fruit.sliced': 'The starch binds the juice as it boils and holds a slice once cold.',
  'setting.fruit.none': 'There is no fruit on the list yet.',
  'setting.fruit.nothing-thickens':
    'Add flour or starch, or serve it with a spoon: nothing thickens the juice.',

  'setting.starch.set-by': 'starch',
  'setting.starch.set-by-egg': 'starch, then egg',
  'setting.starch.treatment':
    'Stir the starch into cold liquid first, since dry starch lumps in hot liquid. Bring it to a full boil, stirring, and pour.',
  'setting.starch.treatment-egg':
    'Stir the starch into cold liquid first, since dry starch lumps in hot liquid. Bring it to a boil until bubbles plop, and keep it boiling for 1 to 2 min.',
  'setting.starch.fails':
    'Taken off early it tastes of raw starch and weeps. Beaten once it is cold it goes thin and stays thin.',
  'setting.starch.fails-egg':
    'Taken off before it boils it is thick at night and thin by morning: an enzyme in the yolk breaks down the starch unless heat destroys it.',
  'setting.starch.firmness':
    'Starch is {starch} of the mix, counting flour as half. From {sliceable} it can be sliced; from {gluey} it is gluey.',
  'setting.starch.too-little': 'Add starch: as it is, it thickens but does not hold.',
  'setting.starch.has-egg':
    'There is egg on the list. Change the kind to stirred starch cream, and keep it boiling for a minute or two.',
  'setting.starch.no-egg': 'There is no egg on the list, so this is a starch pudding.',
  'setting.starch.sugar-hinders':
    'Add part of the sugar after it has boiled: so much sugar keeps the starch from swelling.',

  'setting.curd.set-by': 'egg with acid and sugar',
  'setting.curd.set-by-starch': 'egg with acid and sugar, and starch',
  'setting.curd.treatment':
    'Stir over gentle heat until it coats a spoon, then take it off at once. For a creamy curd, add soft butter at {c35} to {c40}.',
  'setting.curd.treatment-starch':
    'Bring it to a boil, stirring: the starch keeps the egg from scrambling.',
  'setting.curd.fails':
    'Above {c85} the egg scrambles. Butter added hot melts into a pool of oil; added cold it stays in beads.',
  'setting.curd.fails-starch': 'Taken off early it is thin by morning.',
  'setting.curd.sliced': 'Fat is {fat}: once chilled, the butter holds a slice.',
  'setting.curd.spread':
    'There is little butter to harden it: it can be spread or spooned, and needs gelatine to be sliced.',
  'setting.curd.nothing-thickens': 'Add egg or starch: nothing on the list thickens it.',
  'setting.curd.little-acid':
    'There is little acid: it tastes flat and sets hotter than a sharp curd.',

  'setting.cold.nothing-sets':
    'There is no gelatine, agar or chocolate on the list to set it, so it cannot be judged yet.',
  'setting.cold.firmness':
    'It is {share} of the mix. From {sliceable} it can be sliced, from {unmouldable} it stands alone.',
  'setting.cold.raw-fruit': 'Boil the {fruit} first: raw, it keeps gelatine from setting.',
  'setting.cold.alcohol': 'Add a third more gelatine: so much alcohol weakens it.',
  'setting.cold.raw-egg':
    'Use pasteurised egg, or heat the egg with the liquid: nothing here is baked.',
  'setting.agar.set-by': 'agar',
  'setting.agar.treatment':
    'Boil the agar in the liquid for two minutes. It sets as it cools, at about {c35}, within the hour.',
  'setting.agar.fails':
    'Without boiling it never sets; stirred while it sets it turns grainy. It does not melt in the mouth.',
  'setting.ganache.set-by': 'the chocolate, as it cools',
  'setting.ganache.treatment':
    'Bring the cream just to the boil, pour it over the chopped chocolate, wait a minute, and stir from the middle until it shines. Fill the shell with it at about {c35}, let it set at room temperature, then keep it cold.',
  'setting.ganache.fails':
    'It splits where it is stirred too hot or has too little liquid: whisk in a spoon of warm milk. It turns dull and grainy where it is chilled while it is still warm.',
  'setting.ganache.firmness':
    'It has {ratio} of dark chocolate, or what sets like it, to one of liquid. From {sliceable} it can be sliced, from {unmouldable} it stands alone.',
  'setting.gelatine.set-by': 'gelatine',
  'setting.gelatine.treatment':
    'Soak it in cold water and melt it at {c50} to {c60} without boiling. Chill for at least 4 h, and for 8 h before slicing.',
  'setting.gelatine.fails':
    'It does not set if it was boiled, was not soaked, or lies under raw pineapple, kiwi, papaya or fig. It melts at {c25} to {c30}: keep it cold.',

  'setting.dough.set-by-layers': 'layers of fat in moist flour',
  'setting.dough.set-by-fat': 'fat that keeps the flour short',
  'setting.dough.no-flour': 'Add flour: there is none on the list to make a dough.',
  'setting.dough.shrinks':
    'Rest it longer and leave the dough standing above the rim: with so much water or so little fat it will shrink.',
  'setting.sweet-dough.treatment':
    'Rest the disc for 30 to 60 min, and the lined tin for 10 to 20 min until the walls are hard. Dock it or weigh it down, but never dock it under a filling that is poured in.',
  'setting.sweet-dough.fails':
    'Stretched, warm or wet dough shrinks down the wall. Without weights or holes the base puffs.',
  'setting.pie-dough.treatment':
    'Keep the fat cold and in lumps. Rest the disc for 30 to 60 min and the lined tin for 15 min. Weigh it down, and do not dock it under a filling that is poured in.',
  'setting.pie-dough.fails':
    'Warm fat melts into the flour, and it bakes hard and flat. Too much water or kneading makes it shrink.',
  'setting.pressed-dough.treatment':
    'Press it in while soft, evenly, {mm5} to {mm6} thick. Chill for 15 min; it may be baked without weights.',
  'setting.pressed-dough.fails': 'Where it is thick in the corner it stays raw.',
  'setting.crumb.set-by': 'fat that hardens in the cold',
  'setting.crumb.set-by-egg': 'fat and egg',
  'setting.crumb.treatment':
    'Grind the crumbs fine, stir in the melted fat and press them down with a flat glass. A squeezed handful should hold together. Bake 8 to 10 min at {c170}, or chill for an hour without baking.',
  'setting.crumb.treatment-egg':
    'Grind the crumbs fine, stir in the melted fat and egg and press them down with a flat glass. A squeezed handful should hold together. Bake 10 min at {c175} to set the egg.',
  'setting.crumb.fails':
    'Dry or coarse, it crumbles at the first cut; with too much fat it slides down the wall.',
  'setting.crumb.none': 'Add biscuits: there are no crumbs on the list.',

  'setting.caramel.set-by': 'sugar cooked until it browns',
  'setting.caramel.dry':
    'Melt the sugar dry, a third at a time, stirring. Take it off at amber: a heavy pan cooks on by {k5} to {k10}. Hot sugar burns deeply: use a heavy pan and oven gloves, keep a bowl of iced water beside you, and never taste it.',
  'setting.caramel.wet':
    'Boil off the water, about {water}, swirling but never stirring. Take it off at amber: a heavy pan cooks on by {k5} to {k10}. Hot sugar burns deeply: use a heavy pan and oven gloves, keep a bowl of iced water beside you, and never taste it.',
  'setting.caramel.fails':
    'Stirred or splashed, it crystallises; a drop of lemon juice or a spoon of glucose helps to prevent that. Above {c185} it is bitter. On a humid day it turns sticky within hours.',
  'setting.caramel.no-sugar': 'Add sugar: there is none on the list to brown.',
  'setting.caramel.fat-foams':
    'Add the cream or butter warm, off the heat and a little at a time: it foams up.',
  'setting.syrup.set-by': 'sugar in water',
  'setting.syrup.treatment':
    'Bring it to a boil until it is clear. Poach fruit in it just below boiling, about 20 min.',
  'setting.syrup.fails':
    'A weak syrup draws the sugar out of the fruit; a strong one draws the water out, and the fruit shrivels.',
  'setting.praline.set-by': 'caramel around nuts',
  'setting.praline.treatment':
    'Toast the nuts, stir them into amber caramel and pour it thinly onto an oiled sheet. Hot sugar burns deeply: use a heavy pan and oven gloves, keep a bowl of iced water beside you, and never taste it.',
  'setting.praline.fails':
    'It takes up moisture from the air: break it just before use, or keep it dry in a closed tin.',
  'setting.meringue.set-by': 'egg white whisked with sugar',
  'setting.meringue.no-white': 'Add egg white: there is none on the list to whisk.',
  'setting.meringue.fat': 'Keep yolk and fat out: even a trace keeps the white from rising.',
  'setting.meringue.no-water': 'Add water to boil the syrup with, about a third of the sugar.',
  'setting.meringue-raw.treatment':
    'Whisk to soft peaks, then add the sugar by the spoonful until it is glossy. Brown it at once and use it the same day.',
  'setting.meringue-raw.fails':
    'It weeps on a cold filling, and within hours; sugar that has not dissolved forms beads.',
  'setting.meringue-raw.caution':
    'Use pasteurised white. Raw white is not for small children, or people who are old, pregnant or ill.',
  'setting.meringue-swiss.treatment':
    'Whisk white and sugar over warm water until the sugar has melted, then off it until cold and stiff.',
  'setting.meringue-swiss.fails':
    'Too hot, it cooks into threads. Below {c71} the white is not safe.',
  'setting.meringue-swiss.caution':
    'Take it to {c71}, or use pasteurised white: below that the egg is still raw. Your local food code comes first.',
  'setting.meringue-italian.treatment':
    'Boil the syrup to {c118} to {c121} and pour it in a thin stream onto softly whisked white, whisking until cool. Hot sugar burns deeply: use a heavy pan and oven gloves, keep a bowl of iced water beside you, and never taste it.',
  'setting.meringue-italian.fails':
    'Syrup that hits the whisk hardens into threads. Below {c115} the foam stays soft and weeps.',
  'setting.whipped.set-by': 'cold fat around air',
  'setting.whipped.treatment':
    'Have the bowl and cream cold. Stop at soft peaks for folding, firmer for piping. Whip it late: it holds for two to four hours.',
  'setting.whipped.treatment-gelatine':
    'Have the bowl and cream cold. Stop at soft peaks for folding, firmer for piping. Add the gelatine melted and no hotter than your hand.',
  'setting.whipped.fails':
    'Warm cream does not stand; overwhipped it turns to butter. It weeps overnight unless it is stabilised.',
  'setting.glaze.set-by': 'pectin in a jam, or gelatine',
  'setting.glaze.treatment':
    'Warm the jam and water until it runs, strain it, and brush it on hot over fruit that is dry and cold.',
  'setting.glaze.fails':
    'Too thin, it runs off and wets the shell; too thick, it tears the fruit. It goes dull after a day.',
  'setting.seal.set-by': 'a film that water does not pass',
  'setting.seal.treatment':
    'Brush it thinly over the warm, baked base. Egg wash goes back into the oven for 2 to 3 min. Pour a cold-set filling once the seal is firm.',
  'setting.seal.fails': 'Egg wash darkens faster than dough. Chocolate cracks if the shell bends.',
  'setting.fruit-and-nuts.set-by': 'nothing: it lies in the filling',
  'setting.fruit-and-nuts.treatment':
    'Drain wet fruit and bring cold fruit to room temperature. Nuts laid in first float up: spread them evenly.',
  'setting.fruit-and-nuts.fails': 'Juice wets the base and loosens the filling around it.',
  'setting.other-part.set-by': 'not judged',
  'setting.other-part.treatment': 'It is weighed, counted and costed with the rest.',
  'setting.other-part.fails': 'Nothing about it is forecast.',
} as const;
