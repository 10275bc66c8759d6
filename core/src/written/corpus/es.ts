/** Lines of our own as kitchens of Spain and America write them; what each says was worked out by hand. */
export const ES = `
250 g de harina | wheat-flour | 250 g
250 gr de harina de trigo tamizada | wheat-flour | 250 g
2 tazas de harina | wheat-flour | 2 cup
1 taza y media de harina | wheat-flour | ask
1/2 taza de azúcar | sugar | 0.5 cup
media taza de azúcar | sugar | 0.5 cup
0,25 l de leche | milk | 0.25 l
1,5 l de leche entera | milk | 1.5 l
1.200 g de leche | milk | 1200 g
500 ml de leche | milk | 500 ml
1 lata de leche condensada (397 g) | condensed-milk | 397 g
1 lata (360 ml) de leche evaporada | evaporated-milk | 360 ml
200 ml de nata para montar | cream | 200 ml
200 ml de nata líquida 35 % | cream | 200 ml
3 huevos | egg | 3 piece
3 huevos grandes | egg | 3 piece
6 yemas | egg-yolk | 6 piece
6 yemas de huevo | egg-yolk | 6 piece
4 claras de huevo | egg-white | 4 piece
una docena de huevos | egg | 12 piece
125 g de mantequilla | butter | 125 g
125 g de mantequilla sin sal, fría | butter | 125 g
50 g de mantequilla con sal | salted-butter | 50 g
mantequilla para engrasar | butter | by-eye
100 g de azúcar moreno | brown-sugar | 100 g
100 g de azúcar glas | icing-sugar | 100 g
100 g de azúcar, reservar 30 g | sugar | 100 g | 30
3 cdas colmadas de azúcar | sugar | 3 tbsp
2 cucharadas soperas de maicena | cornflour | 2 tbsp
1 cucharadita de extracto de vainilla | vanilla-extract | 1 tsp
1 cdta de canela molida | cinnamon | 1 tsp
una pizca de sal | salt | by-eye
1 pizca de sal fina | salt | by-eye
sal al gusto | salt | by-eye
un chorrito de ron | rum | by-eye
de 80 a 100 g de harina | wheat-flour | 80-100 g
3 a 4 cucharadas de agua helada | water | 3-4 tbsp
unos 200 g de azúcar | sugar | 200 g
1 rama de canela | cinnamon | 1 piece
1 vaina de vainilla | vanilla-pod | 1 piece
6 hojas de gelatina | gelatine-leaf | 6 piece
1 sobre de gelatina sin sabor | gelatine-powder | 1 piece
10 g de gelatina en polvo | gelatine-powder | 10 g
200 g de almendra molida | ground-almonds | 200 g
200 g de harina de almendra | ground-almonds | 200 g
100 g de almendras laminadas | flaked-almonds | 100 g
150 g de nueces troceadas | walnuts | 150 g
100 g de avellanas tostadas | hazelnuts | 100 g
100 g de coco rallado | desiccated-coconut | 100 g
200 g de galletas maría trituradas | milk-biscuits | 200 g
200 g de galletas | ? | 200 g
ralladura de 1 limón | lemon-zest | 1 piece
la ralladura de un limón | lemon-zest | 1 piece
zumo de 2 limones | lemon-juice | 2 piece
jugo de medio limón | lemon-juice | 0.5 piece
100 ml de zumo de limón | lemon-juice | 100 ml
2 limones | ? | 2
piel de naranja | orange-zest | by-eye
400 g de calabaza asada | pumpkin-puree | 400 g
500 g de manzanas peladas | apples | 500 g
3 peras maduras | pears | 3 piece
2 plátanos | banana | 2 piece
250 g de requesón | ricotta | 250 g
250 g de queso crema | fresh-cream-cheese | 250 g
200 g de dulce de leche | milk-caramel | 200 g
100 g de chocolate negro | dark-chocolate | 100 g
100 g de chocolate con leche | milk-chocolate | 100 g
1 cucharada de agua de azahar | orange-flower-water | 1 tbsp
2 cucharadas de miel | honey | 2 tbsp
100 g de mantequilla de cacahuete | peanut-butter | 100 g
250 ml de leche de avena | oat-drink | 250 ml
leche: sin anotar | milk | unknown
`;
