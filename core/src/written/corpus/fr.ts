/** Lines of our own as French kitchens write them; what each says was worked out by hand. */
export const FR = `
250 g de farine | wheat-flour | 250 g
250 g farine T55 tamisée | wheat-flour | 250 g
1 200 g de lait | milk | 1200 g
50 cl de lait entier | milk | 50 cl
1/2 l de lait | milk | 0.5 l
0,5 l de lait | milk | 0.5 l
12,5 cl de crème liquide | cream | 12.5 cl
20 cl de crème liquide entière | cream | 20 cl
200 g de crème fraîche épaisse | creme-fraiche | 200 g
3 jaunes | egg-yolk | 3 piece
3 jaunes d'œufs | egg-yolk | 3 piece
4 jaunes d’oeufs | egg-yolk | 4 piece
2 blancs d'œufs | egg-white | 2 piece
3 œufs entiers | egg | 3 piece
3 oeufs battus | egg | 3 piece
quatre œufs | egg | 4 piece
1 gros œuf | egg | 1 piece
100 g de sucre | sugar | 100 g
100 g de sucre semoule | sugar | 100 g
80 g de sucre glace | icing-sugar | 80 g
60 g de cassonade | demerara-sugar | 60 g
1 sachet de sucre vanillé | vanilla-sugar | 1 piece
1 c. à s. bombée de sucre | sugar | 1 tbsp
2 càc de maïzena | cornflour | 2 tsp
3 cuillères à soupe de farine | wheat-flour | 3 tbsp
2 cuillerées à soupe d'eau froide | water | 2 tbsp
1 cuillère à café d'extrait de vanille | vanilla-extract | 1 tsp
40 cl de lait, dont 8 cl pour la fécule | milk | 40 cl | 8
125 g de beurre | butter | 125 g
125 g de beurre doux, bien froid | butter | 125 g
125 g de beurre pommade | butter | 125 g
100 g de beurre demi-sel | salted-butter | 100 g
une noix de beurre | butter | by-eye
un peu de beurre pour le moule | butter | by-eye
beurre : 90 g | butter | 90 g
1 pincée de sel | salt | by-eye
une pincée de sel | salt | by-eye
quelques gouttes d'extrait de vanille | vanilla-extract | by-eye
fleur de sel | salt-flakes | by-eye
1/2 gousse de vanille | vanilla-pod | 0.5 piece
1 gousse de vanille fendue | vanilla-pod | 1 piece
vanille | vanilla-pod | by-eye
3 feuilles de gélatine | gelatine-leaf | 3 piece
6 g de gélatine en poudre | gelatine-powder | 6 g
150 g de poudre d'amandes | ground-almonds | 150 g
150 g d'amandes en poudre | ground-almonds | 150 g
50 g d'amandes effilées | flaked-almonds | 50 g
100 g de noisettes | hazelnuts | 100 g
100 g de noix | walnuts | 100 g
100 g de noix de pécan | pecans | 100 g
80 g de noix de coco râpée | desiccated-coconut | 80 g
250 ml de lait d'amande | almond-drink | 250 ml
250 ml de lait de coco | coconut-milk | 250 ml
le zeste d'un citron | lemon-zest | 1 piece
zeste d'1/2 citron | lemon-zest | 0.5 piece
le jus de 2 citrons | lemon-juice | 2 piece
10 cl de jus de citron | lemon-juice | 10 cl
zestes de citron vert | lime-zest | by-eye
2 citrons | ? | 2
200 g de chocolat noir 70 % | dark-chocolate | 200 g
100 g de chocolat au lait | milk-chocolate | 100 g
30 g de cacao non sucré | cocoa | 30 g
4 poires mûres | pears | 4 piece
3 à 4 pommes | apples | 3-4 piece
1 kg de prunes dénoyautées | plums | 1 kg
500 g de rhubarbe épluchée | rhubarb | 500 g
200 g de framboises surgelées | raspberries | 200 g
400 g de purée de potiron | pumpkin-puree | 400 g
2 cuil. à soupe de rhum | rum | 2 tbsp
1 c. à c. de kirsch | cherry-spirit | 1 tsp
200 g de fromage blanc | quark | 200 g
200 g de petits-beurre émiettés | butter-biscuits | 200 g
100 g de beurre de cacahuète | peanut-butter | 100 g
1 c. à s. d'eau de fleur d'oranger | orange-flower-water | 1 tbsp
environ 80 g de miel | honey | 80 g
1 sachet de levure chimique | baking-powder | ask
`;
