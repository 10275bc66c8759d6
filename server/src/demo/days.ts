import { AS_USUAL, type DayData, type OrderData } from '@hollow-moon/contract';
import { demoId } from './kitchen';
import { FORMULA } from './list';

export const DEMO_DAY_ID = demoId(90, 1);

const clock = (hours: number, minutes = 0): number => hours * 60 + minutes;

const BOAT = 'the 06:10 boat';
const MEADOW = 'Meadow tea room';
const WEIR = 'Weir House tea room';

/** What Lantern Row sends out on a morning. */
const WANTED: readonly (readonly [
  formulaId: string,
  vessels: number,
  dueMin: number,
  forWhom: string,
])[] = [
  [FORMULA.bay, 3, clock(6, 10), BOAT],
  [FORMULA.milkPie, 2, clock(6, 10), BOAT],
  [FORMULA.plum, 2, clock(6, 10), BOAT],
  [FORMULA.parsnip, 2, clock(6, 10), BOAT],
  [FORMULA.barley, 2, clock(9), WEIR],
  [FORMULA.bergamot, 2, clock(11), WEIR],
  [FORMULA.malted, 2, clock(11), WEIR],
  [FORMULA.toastedRice, 9, clock(11), WEIR],
  [FORMULA.fig, 1, clock(11, 30), MEADOW],
  [FORMULA.greengage, 2, clock(11, 30), MEADOW],
  [FORMULA.seaBuckthorn, 2, clock(11, 30), MEADOW],
  [FORMULA.passionFruit, 12, clock(11, 40), MEADOW],
];

const inWords = (date: Date): string => date.toISOString().slice(0, 10);

/** A real night of the demonstration kitchen: twelve bakes for the morning after it was loaded. */
export const demoDays = (now: Date): Readonly<Record<string, DayData>> => ({
  [DEMO_DAY_ID]: {
    name: 'Boat and tea rooms',
    date: inWords(new Date(now.getTime() + 24 * 3600 * 1000)),
    beginsMin: -clock(24),
    wanted: WANTED.map(([formulaId, vessels, dueMin, forWhom], index) => ({
      id: demoId(91, index + 1),
      formulaId,
      vessels,
      dueMin,
      forWhom,
      ...AS_USUAL,
    })),
    people: [
      { id: demoId(92, 1), name: 'Bench cook', fromMin: clock(21), toMin: clock(30, 30) },
      { id: demoId(92, 2), name: 'Early helper', fromMin: clock(4), toMin: clock(12) },
    ],
    rings: 4,
    mixers: 1,
    fridgePlaces: 30,
    freezerPlaces: 12,
    locks: [],
    changes: [],
    nowMin: null,
    presence: 0.9,
    way: null,
    inHand: { grams: { sugar: 1500, butter: 1000 }, eggs: 30 },
    paces: [],
    archived: false,
  },
});

/** What the tea room has every day that it is open. */
export const demoOrders: Readonly<Record<string, OrderData>> = {
  [demoId(93, 1)]: {
    formulaId: FORMULA.fig,
    vessels: 1,
    dueMin: clock(11, 30),
    forWhom: MEADOW,
    weekdays: [1, 2, 3, 4, 5, 6, 7],
    archived: false,
  },
};
