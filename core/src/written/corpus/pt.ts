/** Lines of our own as Portuguese and Brazilian kitchens write them; what each says was worked out by hand. */
export const PT = `
250 g de farinha | wheat-flour | 250 g
200 ml de chá preto | brewed-tea | 200 ml
2 xícaras de farinha de trigo | wheat-flour | 2 cup
1 e 1/2 xícara (chá) de farinha de trigo | wheat-flour | 1.5 cup
1 1/2 xícara de chá de farinha de trigo peneirada | wheat-flour | 1.5 cup
meia xícara de açúcar | sugar | 0.5 cup
200 g de açúcar (50 para o caramelo) | sugar | 200 g | 50
1.200 g de leite | milk | 1200 g
1,5 dl de leite | milk | 1.5 dl
0,25 l de natas | cream | 0.25 l
1,250 kg de maçãs | apples | 1.25 kg
500 ml de leite gordo | milk | 500 ml
1 lata de leite condensado (395 g) | condensed-milk | 395 g
1 lata (395 g) de leite condensado | condensed-milk | 395 g
200 ml de leite de coco | coconut-milk | 200 ml
250 ml de leite de amêndoa | almond-drink | 250 ml
100 g de leite em pó | milk-powder | 100 g
200 ml de natas frescas | cream | 200 ml
1 caixa (200 g) de creme de leite | single-cream | 200 g
3 ovos | egg | 3 piece
3 ovos inteiros batidos | egg | 3 piece
6 gemas | egg-yolk | 6 piece
seis gemas de ovo | egg-yolk | 6 piece
3 claras em neve | egg-white | 3 piece
3 claras batidas em neve | egg-white | 3 piece
meia dúzia de ovos | egg | 6 piece
125 g de manteiga sem sal | butter | 125 g
125 g de manteiga fria, em cubos | butter | 125 g
2 colheres de sopa de manteiga derretida | butter | 2 tbsp
1 colher (sopa) de manteiga | butter | 1 tbsp
50 g de manteiga com sal | salted-butter | 50 g
manteiga para untar | butter | by-eye
1 colher (chá) rasa de açúcar | sugar | 1 tsp
2 colheres (sopa) cheias de açúcar mascavado | brown-sugar | 2 tbsp
100 g de açúcar em pó | icing-sugar | 100 g
açúcar q.b. | sugar | by-eye
sal q.b. | salt | by-eye
uma pitada de sal | salt | by-eye
1 pitada de sal fino | salt | by-eye
200 g de amêndoa moída | ground-almonds | 200 g
200 g de farinha de amêndoa | ground-almonds | 200 g
100 g de amêndoa laminada | flaked-almonds | 100 g
150 g de avelãs torradas | hazelnuts | 150 g
100 g de nozes picadas | walnuts | 100 g
100 g de coco ralado | desiccated-coconut | 100 g
350 g de bolacha maria moída | milk-biscuits | 350 g
350 g de bolacha de leite moída | milk-biscuits | 350 g
200 g de bolachas de manteiga trituradas | butter-biscuits | 200 g
6 folhas de gelatina | gelatine-leaf | 6 piece
4 folhas de gelatina incolor | gelatine-leaf | 4 piece
1 envelope de gelatina | gelatine-powder | 1 piece
12 g de gelatina em pó sem sabor | gelatine-powder | 12 g
raspa de 1 limão | lemon-zest | 1 piece
raspas de 2 limões | lemon-zest | 2 piece
sumo de meio limão | lemon-juice | 0.5 piece
100 ml de sumo de limão | lemon-juice | 100 ml
raspa de uma laranja | orange-zest | 1 piece
casca de limão | lemon-zest | by-eye
1 pau de canela | cinnamon | 1 piece
canela em pó | cinnamon | by-eye
1 vagem de baunilha | vanilla-pod | 1 piece
1 colher de chá de extrato de baunilha | vanilla-extract | 1 tsp
40 g de amido de milho | cornflour | 40 g
2 colheres de sopa de maisena | cornflour | 2 tbsp
de 3 a 4 colheres de sopa de água gelada | water | 3-4 tbsp
uns 300 g de farinha | wheat-flour | 300 g
cerca de 80 ml de água | water | 80 ml
2 cálices de vinho do porto | fortified-wine | ask
4 peras maduras, descascadas | pears | 4 piece
500 g de abóbora cozida | pumpkin-puree | 500 g
polpa de maracujá, 150 g | passion-fruit | 150 g
3 a 4 maçãs | apples | 3-4 piece
200 g de queijo creme | fresh-cream-cheese | 200 g
250 g de requeijão | ricotta | 250 g
100 g de chocolate negro picado | dark-chocolate | 100 g
200 g de chocolate | ? | 200 g
1 colher de sopa de mel | honey | 1 tbsp
2 colheres de sopa de cacau em pó | cocoa | 2 tbsp
`;
