import { say } from '@hollow-moon/words';
import { STEPS_LIMIT, TEXT_LIMITS, type FormulaData, type VesselData } from '@hollow-moon/contract';
import {
  attributesOf,
  familyOf,
  gramsPerUnit,
  insideOf,
  isFamily,
  kindOfHeading,
  kindOfList,
  shellOfKind,
  type PartKind,
  type PartPlace,
  type RecipeFacts,
} from '@hollow-moon/core';
import { v4 as uuid } from 'uuid';
import { FOR_ONE_MM, type KitchenBook } from '../book/book';
import { goesOn, lineFrom, type Reading } from './readings';

/** Where a component of a kind usually goes. */
const placeOf = (kind: PartKind): PartPlace => {
  if (/dough$|shell$/.test(kind)) return 'shell';
  if (kind === 'caramel' || kind === 'seal') return 'under';
  return kind === 'praline' || kind === 'syrup' || kind === 'other-part' ? 'apart' : 'over';
};

/** What a section is, by its heading and by what stands under it. */
const kindIn = (section: string, readings: readonly Reading[]): PartKind | 'filling' =>
  kindOfList(
    section,
    readings
      .filter(({ written }) => written.section === section)
      .map(({ ingredientId }) => ingredientId),
  );

/** The heading over the main filling: the one that says so, or the first that names a filling. */
export function mainSection(sections: readonly string[]): string | undefined {
  const kinds = sections.map((section) => [section, kindOfHeading(section)] as const);
  return (kinds.find(([, kind]) => kind === 'filling') ??
    kinds.find(([, kind]) => kind !== 'filling' && isFamily(kind)) ??
    kinds.find(([, kind]) => kind === 'other-part'))?.[0];
}

/**
 * The formula with the readings that can stand: those of the main filling on its list, those under another heading as a
 * component; the others, as written, in its note.
 */
export function withReadings(data: FormulaData, readings: readonly Reading[]): FormulaData {
  const ready = readings.filter(goesOn);
  const sections = [...new Set(ready.map((each) => each.written.section))];
  const main = mainSection(sections);
  const parts = sections
    .filter((section) => section !== main)
    .flatMap((section): FormulaData['parts'][number][] => {
      const kind = kindIn(section, ready);
      if (kind === 'filling') return [];
      const attributes = attributesOf(section);
      return [
        {
          id: uuid(),
          name: attributes.name.slice(0, TEXT_LIMITS.name),
          kind,
          place: attributes.place ?? placeOf(kind),
          lines: ready.filter((each) => each.written.section === section).map(lineFrom),
          formulaId: null,
          eachG: null,
          vessels: null,
          bakesAlong: false,
        },
      ];
    });
  // Everything under a heading of the filling, "Filling" and "Custard" both, is on its list.
  const own = ready.filter(
    ({ written: { section } }) => section === main || kindOfHeading(section) === 'filling',
  );
  const left = readings.filter((each) => !goesOn(each)).map((each) => each.written.text);
  const note =
    left.length > 0
      ? [data.note, say('bench.not-weighed', { left: left.join('; ') })]
      : [data.note];
  const shell = parts.map(({ kind }) => shellOfKind(kind)).find(Boolean);
  return {
    ...data,
    lines: [...data.lines, ...own.map(lineFrom)],
    parts: [...data.parts, ...parts],
    ...(shell ? { shell } : {}),
    note: note.filter(Boolean).join('\n'),
  };
}

/** Something a text says of the whole, what it changes, and how it is said to the cook. */
export interface Found {
  readonly key:
    'name' | 'family' | 'shell' | 'portions' | 'tin' | 'oven' | 'bath' | 'steps' | 'note';
  readonly says: string;
  readonly change: Partial<FormulaData>;
}

/** A tin is the one that is meant if it is this near, mm: two makers measure one tin that differently. Common practice. */
const SAME_TIN_MM = 8;

/** What words about a tin say of its kind; a pie plate is none where nothing says so. */
const KIND_WORDS: readonly (readonly [RegExp, (vessel: VesselData) => boolean])[] = [
  [
    /loose|removable|fundo (?:amov[íi]vel|removível)|fond amovible|desmontable/iu,
    ({ looseBase }) => looseBase === true,
  ],
  [/spring|charni[èe]re|aro de mola/iu, ({ kind }) => kind === 'springform'],
  [/\bring\b|\baro\b|cercle/iu, ({ kind }) => kind === 'ring'],
  [/ramekin|pots?\b|cocotte/iu, ({ kind }) => kind === 'ramekin'],
  [/plate|pie (?:dish|tin|pan)/iu, ({ kind }) => kind === 'pie-plate'],
];

/** The kitchen's tin of the kind that is spoken of, nearest to its width, where one is near enough. */
function tinOf({ widthMm, words }: NonNullable<RecipeFacts['tin']>, book: KitchenBook) {
  const fits =
    KIND_WORDS.find(([said]) => said.test(words))?.[1] ??
    (({ kind }: VesselData) => kind !== 'pie-plate' && kind !== 'ramekin');
  const [nearest] = book.vessels
    .filter(({ data }) => !data.archived && fits(data))
    .map((vessel) => {
      const { baseDiameterMm, topDiameterMm } = vessel.data;
      return {
        vessel,
        apart: Math.min(
          Math.abs(topDiameterMm - widthMm),
          Math.abs(baseDiameterMm - widthMm),
          Math.abs((baseDiameterMm + topDiameterMm) / 2 - widthMm),
        ),
      };
    })
    .sort((a, b) => a.apart - b.apart);
  return nearest && nearest.apart <= SAME_TIN_MM ? nearest.vessel : undefined;
}

const ovenOf = (fan: boolean, book: KitchenBook) => {
  const ovens = book.ovens.filter(({ data }) => !data.archived);
  return ovens.find(({ data }) => (data.kind === 'fan') === fan) ?? ovens[0];
};

/** Words in a name that promise a shell, or that there is none. */
const HAS_SHELL = /tart|pie\b|torta|tarte|tarta|quiche|flan p[âa]tissier|shell|crust/iu;

/** What goes into the bowl of the filling, by weight, for telling its family. */
function foodsOf(readings: readonly Reading[], book: KitchenBook) {
  const ready = readings.filter(goesOn);
  const main = mainSection([...new Set(ready.map((each) => each.written.section))]);
  return ready
    .filter(({ written }) => written.section === main)
    .flatMap(({ ingredientId, amount, unit, vague }) => {
      const ingredient = ingredientId === undefined ? undefined : book.find(ingredientId);
      if (!ingredient || vague || amount === undefined || unit === undefined) return [];
      const each = gramsPerUnit(ingredient, unit, book.kitchen.data.eggGrade);
      return each.ok ? [{ ingredient, grams: each.value * amount }] : [];
    });
}

interface FoundIn {
  readonly facts: RecipeFacts;
  readonly steps: readonly string[];
  readonly readings: readonly Reading[];
  /** What a file says of it beside its lists. */
  readonly note?: string | undefined;
  /** Nothing stood on the bench before: what the text says of the whole may be taken for it. */
  readonly fresh: boolean;
}

/** How many of what, from the vessels, the people and the pieces that a text speaks of. */
function portionsOf({ facts }: FoundIn, data: FormulaData, widthMm: number | undefined) {
  const single =
    widthMm !== undefined
      ? widthMm <= FOR_ONE_MM
      : /tartlets?|pots?\b|ramekins?|mini|tarteletas|tartelettes|tartaletas|potinhos/iu.test(
          facts.title ?? '',
        );
  if (facts.vessels !== undefined) {
    const { vessels, serves } = facts;
    const each = serves === undefined ? undefined : Math.max(1, Math.round(serves / vessels));
    return { vesselCount: vessels, portionsEach: single ? 1 : (each ?? data.portionsEach) };
  }
  if (facts.makes !== undefined && single) return { vesselCount: facts.makes, portionsEach: 1 };
  const people = facts.serves ?? facts.makes;
  if (people === undefined) return undefined;
  return single
    ? { vesselCount: people, portionsEach: 1 }
    : { portionsEach: Math.max(1, Math.round(people / data.vesselCount)) };
}

/** What a text says of the bake as a whole, each with what it would change. */
export function foundIn(text: FoundIn, data: FormulaData, book: KitchenBook): Found[] {
  const { facts, steps, readings, fresh } = text;
  const found: Found[] = [];
  const add = (key: Found['key'], says: string, change: Partial<FormulaData>) =>
    found.push({ key, says, change });
  const name = facts.title?.slice(0, TEXT_LIMITS.name);
  if (name) add('name', say('paste.name', { name }), { name });
  const foods = foodsOf(readings, book);
  const main = mainSection([...new Set(readings.map((each) => each.written.section))]);
  const headed = main === undefined ? 'filling' : kindOfHeading(main);
  if (fresh && foods.length > 1) {
    const said = main === undefined ? undefined : attributesOf(main).kind;
    const named = said ?? headed;
    const family =
      named !== 'filling' && isFamily(named) ? named : familyOf(facts.title ?? '', foods);
    add('family', say('paste.family', { family: say(`part.${family}`).toLowerCase() }), { family });
  }
  const kinds = readings.map(({ written }) => kindOfHeading(written.section));
  const hasShell = kinds.some((kind) => kind !== 'filling' && /dough$|shell$/.test(kind));
  if (fresh && !hasShell && foods.length > 1 && !HAS_SHELL.test(facts.title ?? ''))
    add('shell', say('paste.no-shell'), { shell: 'none' });
  const vessel = facts.tin ? tinOf(facts.tin, book) : undefined;
  if (vessel) add('tin', say('paste.tin', { tin: vessel.data.name }), { vesselId: vessel.id });
  const portions = portionsOf(text, data, facts.tin?.widthMm);
  if (portions) {
    const says =
      portions.vesselCount === undefined
        ? say('paste.portions', { count: portions.portionsEach * data.vesselCount })
        : say('paste.pieces', { count: portions.vesselCount });
    add('portions', says, portions);
  }
  const { oven } = facts;
  if (oven) {
    const kitchens = ovenOf(oven.fan, book);
    add('oven', say('paste.oven', { fan: oven.fan ? 'fan' : 'still' }), {
      setC: oven.setC,
      ...(kitchens ? { ovenId: kitchens.id } : {}),
    });
  }
  if (facts.bath && data.bath === null) {
    const inside = vessel && insideOf(vessel.data);
    add('bath', say('paste.bath'), {
      bath: {
        ...{ panLengthMm: 380, panBreadthMm: 280, waterC: 90 },
        // Half-way up: common practice.
        levelMm: inside ? Math.round(inside.heightMm / 2) : 20,
      },
    });
  }
  if (steps.length > 0) {
    const kept = steps.slice(0, STEPS_LIMIT).map((step) => step.slice(0, TEXT_LIMITS.step));
    add('steps', say('paste.steps', { count: kept.length }), { steps: kept });
  }
  if (text.note) {
    const note = text.note.slice(0, TEXT_LIMITS.note);
    add('note', say('paste.note', { note: note.length > 60 ? `${note.slice(0, 60)} …` : note }), {
      note,
    });
  }
  return found;
}

/** A formula with the readings on it and what was found of the whole. */
export const withText = (
  data: FormulaData,
  readings: readonly Reading[],
  found: readonly Found[],
): FormulaData =>
  withReadings(
    found.reduce<FormulaData>(
      (sofar, { change }) => ({
        ...sofar,
        ...change,
        // A note joins what was noted before.
        ...(change.note ? { note: [sofar.note, change.note].filter(Boolean).join('\n') } : {}),
      }),
      data,
    ),
    readings,
  );
