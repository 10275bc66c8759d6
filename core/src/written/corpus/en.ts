/** Lines of our own as English and American kitchens write them; what each says was worked out by hand. */
export const EN = `
250 g flour | wheat-flour | 250 g
250g plain flour | wheat-flour | 250 g
2 1/2 cups all-purpose flour | wheat-flour | 2.5 cup
2½ cups all-purpose flour | wheat-flour | 2.5 cup
1-1/2 cups cake flour, sifted | cake-flour | 1.5 cup
1 ¼ cups whole wheat flour | wholemeal-flour | 1.25 cup
100g/3.5oz butter | butter | 100 g
100 g / 3½ oz cold butter, cubed | butter | 100 g
2 x 100 g butter | butter | 200 g
2x100g unsalted butter | butter | 200 g
1 stick unsalted butter, softened | butter | 1 piece
2 sticks butter | butter | 2 piece
1 stick (1/2 cup) butter | butter | 1 piece
8 tablespoons unsalted butter (4 oz) | butter | 8 tbsp
1/4&nbsp;cup butter | butter | 0.25 cup
a knob of butter | butter | by-eye
butter for greasing | butter | by-eye
a little melted butter | butter | by-eye
salted butter 75 g | salted-butter | 75 g
Butter, 120 g | butter | 120 g
0,75 l cream | cream | 0.75 l
80,5 g sugar | sugar | 80.5 g
1,200 g milk | milk | 1200 g
1.250 kg ripe plums, stoned | plums | 1.25 kg
1/3 cup white sugar | sugar | 0.3333 cup
200 g caster sugar | sugar | 200 g
200 g golden caster sugar | sugar | 200 g
3/4 cup packed light brown sugar | brown-sugar | 0.75 cup
1 cup firmly packed dark brown sugar | muscovado-sugar | 1 cup
100 g confectioners' sugar | icing-sugar | 100 g
1 cup powdered sugar, plus extra for dusting | icing-sugar | 1 cup
2 tbsp demerara sugar for the tops | demerara-sugar | 2 tbsp
5 tbsp sugar for the tops | sugar | 5 tbsp
120 g sugar, less 3 tbsp for the plums | sugar | 120 g | 37.5
130 g sugar, 20 of it for the figs | sugar | 130 g | 20
150 g sugar, divided | sugar | 150 g
100 g coconut sugar | coconut-sugar | 100 g
1/2 cup dark corn syrup | dark-corn-syrup | 0.5 cup
1 cup light corn syrup | corn-syrup | 1 cup
1 tbsp golden syrup | golden-syrup | 1 tbsp
2 tbsp runny honey | honey | 2 tbsp
honey to taste | honey | by-eye
550 g milk (90 g of it kept back) | milk | 550 g | 90
500 ml whole milk | milk | 500 ml
2 cups 2 % milk | semi-skimmed-milk | 2 cup
1 quart milk | milk | 1 quart
about 1/2 cup water, plus teaspoons as needed | water | 0.5 cup
3 to 6 tbsp iced water | water | 3-6 tbsp
4–6 tbsp ice water | water | 4-6 tbsp
250 ml oat milk | oat-drink | 250 ml
1 cup unsweetened almond milk | almond-drink | 1 cup
400 ml coconut milk | coconut-milk | 400 ml
1 (400 g) tin coconut milk | coconut-milk | 400 g
1 400 g tin coconut milk | coconut-milk | 400 g
1 (14-ounce) can sweetened condensed milk | condensed-milk | 396.9 g
300 ml double cream | double-cream | 300 ml
1 cup heavy cream, cold | cream | 1 cup
1 1/4 cups heavy whipping cream | cream | 1.25 cup
1 cup half-and-half | half-and-half | 1 cup
1 cup half & half | half-and-half | 1 cup
200 g crème fraîche | creme-fraiche | 200 g
200 g creme fraiche | creme-fraiche | 200 g
150 ml soured cream | soured-cream | 150 ml
2 (200 g) blocks cream cheese, at room temperature | fresh-cream-cheese | 400 g
250 g full-fat cream cheese | fresh-cream-cheese | 250 g
500 g ricotta, drained | ricotta | 500 g
100 g greek yogurt | strained-yogurt | 100 g
3 eggs | egg | 3 piece
3 large eggs, at room temperature | egg | 3 piece
3 large free-range eggs, beaten | egg | 3 piece
2. 5 egg yolks | egg-yolk | 5 piece
1) 3 eggs | egg | 3 piece
[ ] 2 egg whites | egg-white | 2 piece
6 large egg yolks | egg-yolk | 6 piece
5 yolks | egg-yolk | 5 piece
4 yolks from large eggs | egg-yolk | 4 piece
eggs: 4 | egg | 4 piece
half a dozen eggs | egg | 6 piece
one egg, beaten, to glaze | egg | 1 piece
a dozen eggs | egg | 12 piece
1 cup almond flour | ground-almonds | 1 cup
150 g ground almonds | ground-almonds | 150 g
1 cup coconut flour | coconut-flour | 1 cup
250 g self-raising flour | self-raising-flour | 250 g
2 tbsp peanut butter | peanut-butter | 2 tbsp
2 tbsp smooth almond butter | almond-butter | 2 tbsp
3 tbsp lemon curd | lemon-curd | 3 tbsp
1/2 lemon, juice | lemon-juice | 0.5 piece
juice of 2 lemons | lemon-juice | 2 piece
finely grated zest of 1 lemon | lemon-zest | 1 piece
zest of 1 large orange | orange-zest | 1 piece
2 lemons, juiced | lemon-juice | 2 piece
1 lime, zested | lime-zest | 1 piece
1 tbsp lemon zest | lemon-zest | 1 tbsp
orange zest | orange-zest | by-eye
120 ml lemon juice, strained | lemon-juice | 120 ml
1 tsp orange flower water | orange-flower-water | 1 tsp
1 tsp vanilla | vanilla-extract | 1 tsp
1 vanilla pod, split and scraped | vanilla-pod | 1 piece
1 vanilla bean | vanilla-pod | 1 piece
2 vanilla pods | vanilla-pod | 2 piece
4 pods cardamom | cardamom | 4 piece
4 cardamom pods, crushed | cardamom | 4 piece
1 cinnamon stick | cinnamon | 1 piece
a pinch of salt | salt | by-eye
pinch salt | salt | by-eye
1/4 tsp. fine salt | salt | 0.25 tsp
salt to taste | salt | by-eye
a grating of nutmeg | nutmeg | by-eye
a few drops of almond extract | almond-extract | by-eye
3 leaves gelatine | gelatine-leaf | 3 piece
4 sheets leaf gelatine | gelatine-leaf | 4 piece
2 tsp powdered gelatin | gelatine-powder | 2 tsp
1 envelope unflavored gelatin | gelatine-powder | 1 piece
2 tbsp cornflour | cornflour | 2 tbsp
40 g corn starch | cornflour | 40 g
1/4 cup shortening, chilled | shortening | 0.25 cup
1 packet (250 g) pastry mix | pastry-mix | 250 g
200 g graham crackers, crushed | wheat-biscuits | 200 g
250 g plain biscuits | milk-biscuits | 250 g
200 g walnut halves | walnuts | 200 g
1 cup pecan halves | pecans | 1 cup
100 g flaked coconut | desiccated-coconut | 100 g
50 g flaked almonds | flaked-almonds | 50 g
2 bananas | banana | 2 piece
3-4 pears | pears | 3-4 piece
3 ripe pears, peeled and cored | pears | 3 piece
500 g rhubarb, trimmed and cut into pieces | rhubarb | 500 g
2 tbsp redcurrant jelly | redcurrant-jelly | 2 tbsp
2 tbsp red currant jelly, melted | redcurrant-jelly | 2 tbsp
1 tbsp kirsch | cherry-spirit | 1 tbsp
2 tsp black tea | tea-leaves | 2 tsp
200 ml black tea | brewed-tea | 200 ml
1 cup hot black tea | brewed-tea | 1 cup
1 cup loose tea leaves | tea-leaves | 1 cup
10 g black tea | tea-leaves | 10 g
400 g sweet potato puree | sweet-potato-puree | 400 g
400 g sweet-potato purée | sweet-potato-puree | 400 g
1 15 oz can pumpkin | pumpkin-puree | 425.2 g
1 cup plus 2 tbsp sugar | sugar | 1.125 cup
1 cup + 2 tablespoons flour | wheat-flour | 1.125 cup
cream: ? | cream | unknown
walnut or pecan halves | ? | unknown
12 oz sugar | sugar | ask
8 oz corn syrup | corn-syrup | ask
1OO g butter | butter | ask
2 lemons | ? | 2
200 g chocolate | ? | 200 g
`;
