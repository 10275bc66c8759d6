import { ROOM_VAPOUR_PA, standardPressurePa } from '../properties';
import type { Bath, Course, Face, Surroundings } from '../thermal';
import { type VesselMaterial, WALLS } from '../vessel';
import { evaporationOf, type Drying } from '../materials';
import { FOOD_EMISSIVITY } from './surroundings';

/** Where a bake is put once it is done. */
export const OUT_PLACES = [
  'rack',
  'oven-ajar',
  'oven-shut',
  'in-the-bath',
  'ice-bath',
  'fridge',
  'freezer',
] as const;
export type OutPlace = (typeof OUT_PLACES)[number];

/** A place, and from how many minutes after the pull; the first step begins at 0. */
export interface OutStep {
  readonly atMin: number;
  readonly place: OutPlace;
}

interface Cold {
  readonly airC: number;
  readonly convectionWm2K: number;
  readonly vapourPa: number;
}

/**
 * Fridges and freezers. Air at 4 and -18 °C is what codes ask for and makers set; air moved by a small
 * fan or none at 5 to 15 W/(m² K) (Incropera 9 and 7, from memory).
 */
const COLD: Readonly<Record<'fridge' | 'freezer', Cold>> = {
  fridge: { airC: 4, convectionWm2K: 9, vapourPa: 600 },
  freezer: { airC: -18, convectionWm2K: 9, vapourPa: 100 },
};

/** Ice and water round a vessel: 0 to 2 °C, stirred now and then. From memory. */
const ICE = { fixedC: 1, convectionWm2K: 300 } as const;

/** Free convection to a room, W/(m² K). Source: Incropera 9.6, from memory. */
const ROOM_WM2K = { top: 6, side: 6, base: 4 } as const;

export interface Outside {
  readonly roomC: number;
  readonly altitudeM: number;
  readonly vessel: VesselMaterial;
  readonly drying: Drying;
  /** Covered with film on its surface: nothing evaporates. */
  readonly film?: boolean;
}

function openAir(
  air: { top: number; side: number; base: number },
  airC: number,
  vapourPressurePa: number,
  { vessel, altitudeM, drying, film = false }: Outside,
): Surroundings {
  const face = (convectionWm2K: number, emissivity: number): Face => ({
    convectionWm2K,
    airC,
    emissivity,
    radiantC: airC,
  });
  const outside = WALLS[vessel].emissivity;
  const evaporation = evaporationOf(drying, 1, vapourPressurePa, altitudeM);
  return {
    top: { ...face(air.top, FOOD_EMISSIVITY), ...(film ? {} : { evaporation }) },
    side: face(air.side, outside),
    base: face(air.base, outside),
  };
}

/** What a vessel meets on a rack in the kitchen. */
export const onRack = (outside: Outside): Surroundings =>
  openAir(ROOM_WM2K, outside.roomC, ROOM_VAPOUR_PA, outside);

/** What a vessel meets in a fridge or freezer. */
function inCold(place: 'fridge' | 'freezer', outside: Outside): Surroundings {
  const { airC, convectionWm2K: h, vapourPa } = COLD[place];
  return openAir({ top: h, side: h, base: h }, airC, vapourPa, outside);
}

/** The hot water of a bath taken out of the oven with its vessels, its surface and pan now in the room. */
function bathInRoom(bath: Bath, { roomC, altitudeM }: Outside): Bath {
  if ('fixedC' in bath.water) return bath;
  const { surface, pan } = bath.water;
  return {
    ...bath,
    water: {
      ...bath.water,
      surface: {
        ...surface,
        airC: roomC,
        radiantC: roomC,
        convectionWm2K: ROOM_WM2K.top,
        ...(surface.evaporation
          ? {
              evaporation: {
                ...surface.evaporation,
                vapourPressurePa: ROOM_VAPOUR_PA,
                airPressurePa: standardPressurePa(altitudeM),
              },
            }
          : {}),
      },
      pan: { ...pan, airC: roomC, radiantC: roomC, convectionWm2K: ROOM_WM2K.base },
    },
  };
}

/** What else a way out depends on: the bath it stood in, how far up ice would come, the oven cooling down. */
export interface WayOut extends Outside {
  readonly bath: Bath | undefined;
  readonly iceLevelM: number;
  /** The oven from the moment it is switched off, in s since the pull. */
  readonly coolingOven: (door: 'off-shut' | 'off-ajar') => Course;
}

function stretchesOf(place: OutPlace, fromS: number, untilS: number, way: WayOut): Course {
  const rack = onRack(way);
  const still = (around: Surroundings): Course => [{ around, untilS }];
  switch (place) {
    case 'rack':
      return still(rack);
    case 'fridge':
    case 'freezer':
      return still(inCold(place, way));
    case 'ice-bath': {
      const { fixedC, convectionWm2K } = ICE;
      return still({
        ...rack,
        bath: { levelM: way.iceLevelM, convectionWm2K, water: { fixedC } },
      });
    }
    case 'in-the-bath':
      return still(way.bath ? { ...rack, bath: bathInRoom(way.bath, way) } : rack);
    case 'oven-ajar':
    case 'oven-shut': {
      const all = way.coolingOven(place === 'oven-ajar' ? 'off-ajar' : 'off-shut');
      const within = all.filter(
        (stretch, index) =>
          stretch.untilS > fromS && (index === 0 || all[index - 1]!.untilS < untilS),
      );
      return within.map((stretch, index) =>
        index === within.length - 1 ? { ...stretch, untilS } : stretch,
      );
    }
  }
}

/** The course of a bake after its pull, in s since then. At least one step; the last place is for good. */
export const courseOut = (steps: readonly OutStep[], way: WayOut): Course =>
  steps.flatMap(({ place, atMin }, index) =>
    stretchesOf(place, atMin * 60, (steps[index + 1]?.atMin ?? Infinity) * 60, way),
  );
