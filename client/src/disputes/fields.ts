import type {
  BakeData,
  DayData,
  KitchenData,
  OrderData,
  OvenData,
  PantryData,
  VesselData,
} from '@hollow-moon/contract';
import type { Quantity } from '@hollow-moon/core';
import { say, type Words } from '@hollow-moon/words';
import { askedInWords, daysInWords, hour } from '../day/asked';
import { dayInWords } from '../day/when';
import { money } from '../design/money';
import type { ResourceKind } from '../wire/resources';

/** What things of the kitchen are called, and how a cook reads figures. */
export interface Told extends Pick<Words, 'quantity'> {
  /** A formula, a tin, an oven or an ingredient by its id; of one that is not there any more, that. */
  readonly nameOf: (id: string) => string;
  /** What prices are in; nothing where the kitchen's book cannot be asked. */
  readonly currency: string | undefined;
}

/** What a field has, in words; a list where it has several things, of which only those that differ are shown. */
type Says<T> = (value: T, told: Told) => string | readonly string[];

/** A field by the name a cook knows it by; where its content can't be said in a few words, only that it differs. */
type Field<T> = readonly [what: string, says?: Says<T>];

/** Every field there is, so that none can be forgotten; null for one that another tells as well, or no cook sees. */
type FieldsOf<T> = { readonly [Name in keyof T]-?: Field<NonNullable<T[Name]>> | null };

const text = (value: string): string => value;
const figure = (value: number): string => String(value);
const yesOrNo = (value: boolean): string => say(value ? 'outgoing.yes' : 'outgoing.no');
const as =
  (of: (value: number) => Quantity): Says<number> =>
  (value, { quantity }) =>
    quantity(of(value));
const across = as((widthMm) => ({ widthMm }));
const millimetres = as((value) => ({ millimetres: value }));
const kelvin = as((value) => ({ kelvin: value }));
const celsius = as((value) => ({ celsius: value }));
const named: Says<string> = (id, { nameOf }) => nameOf(id);
const moment = (iso: string): string =>
  new Date(iso).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });

const archived: Field<boolean> = [say('outgoing.put-away'), yesOrNo];
const name: Field<string> = [say('kitchen.name'), text];

const kitchens: FieldsOf<KitchenData> = {
  name,
  eggGrade: [say('outgoing.eggs'), text],
  altitudeM: [say('outgoing.altitude-m'), figure],
  roomC: [say('outgoing.room-c'), celsius],
  currency: [say('outgoing.prices-in'), text],
  kWhPrice: [say('kitchen.kwh-price'), figure],
};

const vessels: FieldsOf<VesselData> = {
  name,
  kind: [say('kitchen.kind'), (kind) => say(`vessel-kind.${kind}`)],
  baseDiameterMm: [say('outgoing.base-across-mm'), across],
  topDiameterMm: [say('outgoing.top-across-mm'), across],
  breadthMm: [say('outgoing.breadth-mm'), across],
  tubeMm: [say('outgoing.tube-across-mm'), across],
  heightMm: [say('outgoing.height-mm'), millimetres],
  lipMm: [say('outgoing.flat-rim-mm'), millimetres],
  capacityMl: [say('outgoing.holds-ml'), as((value) => ({ millilitres: value }))],
  material: [say('outgoing.made-of'), (material) => say(`material.${material}`)],
  looseBase: [say('outgoing.loose-base'), yesOrNo],
  owned: [say('outgoing.how-many'), figure],
  archived,
};

const ovens: FieldsOf<OvenData> = {
  name,
  kind: [say('kitchen.kind'), (kind) => say(`oven-kind.${kind}`)],
  offsetK: [say('outgoing.off-by-c'), kelvin],
  swingK: [say('outgoing.swings-by-c'), kelvin],
  shelves: [
    say('kitchen.shelves'),
    ({ count, lengthMm, breadthMm }, { quantity }) =>
      say('outgoing.shelves-of', {
        count,
        length: quantity({ widthMm: lengthMm }),
        breadth: quantity({ widthMm: breadthMm }),
      }),
  ],
  archived,
};

/** A label line by line, so that of two labels only the lines that differ are shown. */
const labelled: Says<NonNullable<PantryData['own']>> = (
  { name: called, like, label, gramsPerMl, gramsPerPiece, allergens, diet },
  { quantity, nameOf },
) => [
  called,
  say('outgoing.like', { ingredient: nameOf(like) }),
  say('outgoing.water-of', { grams: label.water }),
  say('outgoing.fat-of', { grams: label.fat }),
  say('outgoing.sugars-of', { grams: label.sugars }),
  say('outgoing.starch-of', { grams: label.starch }),
  say('outgoing.protein-of', { grams: label.protein }),
  say('outgoing.alcohol-of', { grams: label.alcohol }),
  say('outgoing.a-millilitre-weighs', { weight: quantity({ grams: gramsPerMl }) }),
  ...(gramsPerPiece === null
    ? []
    : [say('outgoing.a-piece-weighs', { weight: quantity({ grams: gramsPerPiece }) })]),
  // An allergen that only one side names has to be seen there, and missed on the other.
  ...allergens.map((allergen) =>
    say('outgoing.contains', { allergen: say(`allergen.${allergen}`) }),
  ),
  say(`outgoing.suits-${diet}`),
];

const pantry: FieldsOf<PantryData> = {
  ingredientId: [say('outgoing.ingredient'), named],
  price: [
    say('outgoing.price'),
    ({ price, amount, unit }, { currency }) =>
      say('kitchen.for', {
        money: currency === undefined ? String(price) : money(price, currency),
        amount,
        unit,
      }),
  ],
  own: [say('outgoing.label-of-our-own'), labelled],
  archived,
};

const orders: FieldsOf<OrderData> = {
  formulaId: [say('day.which'), named],
  vessels: [say('day.how-many'), figure],
  dueMin: [say('day.ready-by'), hour],
  forWhom: [say('day.for-whom'), text],
  weekdays: [say('order.on-days'), daysInWords],
  archived,
};

const days: FieldsOf<DayData> = {
  name: [say('day.day-name'), text],
  date: [say('day.date'), dayInWords],
  beginsMin: [
    say('day.begins'),
    (minute) =>
      say('outgoing.begins-at', {
        hour: hour(minute),
        days: Math.max(0, -Math.floor(minute / 1440)),
      }),
  ],
  wanted: [
    say('day.wanted'),
    (wanted, told) =>
      wanted.map((each) =>
        say('outgoing.wanted-at', {
          hour: hour(each.dueMin),
          bake: told.nameOf(each.formulaId),
          about: askedInWords(each, told.nameOf, told),
        }),
      ),
  ],
  people: [
    say('outgoing.who-works'),
    (people) =>
      people.map(({ name: who, fromMin, toMin }) =>
        say('outgoing.works', { who, from: hour(fromMin), to: hour(toMin) }),
      ),
  ],
  rings: [say('day.rings'), figure],
  mixers: [say('day.mixers'), figure],
  fridgePlaces: [say('day.fridge'), figure],
  freezerPlaces: [say('day.freezer'), figure],
  locks: [say('outgoing.put-by-hand')],
  changes: [say('outgoing.changes-of-tasks')],
  nowMin: [say('outgoing.planned-from'), hour],
  presence: [say('outgoing.what-counts')],
  way: [say('outgoing.the-plan')],
  inHand: [
    say('outgoing.in-hand'),
    ({ grams, eggs }, { nameOf, quantity }) => [
      ...Object.entries(grams).map(([id, each]) =>
        say('outgoing.so-much-of', { what: nameOf(id), much: quantity({ grams: each }) }),
      ),
      say('outgoing.eggs-in-hand', { eggs }),
    ],
  ],
  paces: [say('outgoing.pace')],
  archived,
};

const forecast: Field<unknown> = [say('outgoing.forecast')];

const bakes: FieldsOf<BakeData> = {
  formulaId: null,
  vesselId: null,
  ovenId: null,
  formulaName: name,
  vesselName: [say('outgoing.tin'), text],
  ovenName: [say('outgoing.oven'), text],
  vesselCount: [say('day.how-many'), figure],
  shell: [say('outgoing.shell'), (shell) => say(`shell.${shell}`)],
  setC: [say('outgoing.set-to'), as((ovenC) => ({ ovenC }))],
  fillingStartC: [say('outgoing.filled-at'), celsius],
  surfaceMm: [say('outgoing.across-the-top'), across],
  startedAt: [say('outgoing.begun'), moment],
  pulledAt: [say('outgoing.pulled'), moment],
  result: [say('outgoing.result'), (result) => say(`result.${result}`)],
  faults: [say('outgoing.faults'), (faults) => faults.map((fault) => say(`fault.${fault}`))],
  note: [say('outgoing.note'), text],
  foreseen: forecast,
  believed: forecast,
  planned: forecast,
  parts: [
    say('outgoing.parts'),
    (parts) =>
      parts.map(({ part, startedAt, endedAt }) =>
        say('outgoing.part-at', {
          part: say(`bake-part.${part}`),
          from: startedAt === null ? '–' : moment(startedAt),
          to: endedAt === null ? '–' : moment(endedAt),
        }),
      ),
  ],
  ofDay: null,
  archived,
};

/** What is in dispute field by field; a formula is compared as its versions are. */
export type Disputed = Exclude<ResourceKind, 'formulas'>;

/** The fields of each kind of thing, whatever their types. */
export const FIELDS = {
  ...{ kitchens, vessels, ovens, pantry, orders, days, bakes },
} as unknown as Readonly<Record<Disputed, Readonly<Record<string, Field<unknown> | null>>>>;

export const isDisputed = (kind: string): kind is Disputed => kind in FIELDS;
