/** Lines of our own as German kitchens write them; what each says was worked out by hand. */
export const DE = `
250 g Mehl | wheat-flour | 250 g
250 g Mehl (Type 405) | wheat-flour | 250 g
250 g Weizenmehl Type 405, gesiebt | wheat-flour | 250 g
1.200 g Mehl | wheat-flour | 1200 g
100 g Dinkelmehl | spelt-flour | 100 g
50 g Roggenmehl | rye-flour | 50 g
125 g kalte Butter | butter | 125 g
125 g kalte Butter in Würfeln | butter | 125 g
125 g weiche Butter | butter | 125 g
80 g Butter, zerlassen | butter | 80 g
Butter: 90 g | butter | 90 g
75 g Zucker | sugar | 75 g
75 g feiner Zucker | sugar | 75 g
60 g Puderzucker | icing-sugar | 60 g
40 g brauner Zucker | brown-sugar | 40 g
1 Pck. Vanillezucker | vanilla-sugar | 1 piece
1 Päckchen Vanillezucker | vanilla-sugar | 1 piece
2 EL Zucker | sugar | 2 tbsp
2 gehäufte EL Mehl | wheat-flour | 2 tbsp
3 Esslöffel Speisestärke | cornflour | 3 tbsp
1 TL Vanilleextrakt | vanilla-extract | 1 tsp
1 gestrichener TL Backpulver | baking-powder | 1 tsp
1/2 TL Zimt | cinnamon | 0.5 tsp
1 Prise Salz | salt | by-eye
eine Prise Salz | salt | by-eye
1 Msp. Kardamom | cardamom | by-eye
etwas Butter für die Form | butter | by-eye
Puderzucker zum Bestäuben | icing-sugar | by-eye
Salz | salt | by-eye
1 Ei | egg | 1 piece
1 Ei (Größe M) | egg | 1 piece
3 Eier | egg | 3 piece
drei Eier | egg | 3 piece
4 große Eier | egg | 4 piece
2 Eigelb | egg-yolk | 2 piece
5 Eigelbe | egg-yolk | 5 piece
2 Eiweiß | egg-white | 2 piece
1/2 l Milch | milk | 0.5 l
0,5 l Milch | milk | 0.5 l
500 ml Vollmilch | milk | 500 ml
1 Liter Milch | milk | 1 l
250 ml Sahne | cream | 250 ml
200 g Schlagsahne | cream | 200 g
200 g Schmand | soured-cream | 200 g
200 g saure Sahne | soured-cream | 200 g
150 g Crème fraîche | creme-fraiche | 150 g
500 g Magerquark | skimmed-quark | 500 g
250 g Quark | quark | 250 g
200 g Frischkäse | fresh-cream-cheese | 200 g
ca. 100 ml Wasser | water | 100 ml
2 EL eiskaltes Wasser | water | 2 tbsp
3-4 EL Milch | milk | 3-4 tbsp
3 bis 4 EL Milch | milk | 3-4 tbsp
150 g gemahlene Mandeln | ground-almonds | 150 g
150 g Mandeln, gemahlen | ground-almonds | 150 g
50 g Mandelblättchen | flaked-almonds | 50 g
100 g Haselnüsse | hazelnuts | 100 g
100 g Walnüsse, grob gehackt | walnuts | 100 g
100 g Marzipanrohmasse | almond-paste | 100 g
6 Blatt Gelatine | gelatine-leaf | 6 piece
1 Vanilleschote | vanilla-pod | 1 piece
1/2 Vanilleschote, Mark | vanilla-pod | 0.5 piece
800 g Äpfel | apples | 800 g
800 g Äpfel, geschält und in Scheiben | apples | 800 g
500 g Zwetschgen, entsteint | plums | 500 g
300 g frische Himbeeren | raspberries | 300 g
50 ml Zitronensaft | lemon-juice | 50 ml
Abrieb von 1 Zitrone | lemon-zest | 1 piece
abgeriebene Schale von 2 Zitronen | lemon-zest | 2 piece
Saft von 2 Zitronen | lemon-juice | 2 piece
Saft einer halben Zitrone | lemon-juice | 0.5 piece
3 EL Aprikosenkonfitüre | apricot-jam | 3 tbsp
200 g Zartbitterschokolade | dark-chocolate-55 | 200 g
20 g Kakao | cocoa | 20 g
2 EL Rum | rum | 2 tbsp
500 ml Milch, davon 100 ml für die Stärke | milk | 500 ml | 100
250 ml Mandelmilch | almond-drink | 250 ml
1 Zitrone | ? | ask
200 g glutenfreies Mehl | ? | ask
200 g Mandelmehl | ? | ask
200 g Butter oder Margarine | ? | ask
100 g Schokolade | ? | ask
2 Tassen Mehl | ? | ask
1 Pfund Mehl | ? | ask
200 g Kekse | ? | ask
250 ml Milch (Hafer) | ? | ask
`;
