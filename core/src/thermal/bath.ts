import type { Bath, Face, OwnWater, Surroundings } from './case';
import type { Mesh } from './mesh';
import type { Moment, WaterState } from './model';
import { noFlux, surfaceLoss } from './surface';

/** Heat capacity of water, J/(kg K), near 60 °C. Source: IAPWS, from memory. */
const WATER_HEAT_CAPACITY = 4185;

/** A film of water thinner than this draws back and leaves the pan dry in patches, kg/m². From memory: a millimetre. */
const FILM_KG_M2 = 1;

/** A pan of a millimetre of steel, J/(m² K): all that is left to heat once the water is gone. From memory. */
const PAN_HEAT_JM2K = 3600;

/** Of the heat that water brings to a vessel, what it still gets where the pan has run dry. From memory: a gap of air. */
const DRY_CONTACT = 0.05;

/** Share of the pan that so much water still covers, 0 to 1. */
export const coveredBy = (own: Pick<OwnWater, 'surfaceM2'>, massKg: number): number => {
  const filmKg = FILM_KG_M2 * own.surfaceM2;
  return massKg >= filmKg ? 1 : massKg / filmKg;
};

/** A bath's water as one more unknown beside the cells, its share for one vessel. */
export interface WaterNode {
  readonly own: OwnWater;
  /** J/K, for one vessel. */
  capacityJK: number;
  celsius: number;
  /** Share of the pan that is still covered, 0 to 1. */
  covered: number;
  /** Heat gained, W for one vessel, and how it falls with the water's temperature, W/K. */
  gainW: number;
  slopeWK: number;
  /** Heat its open surface spends on evaporation, W for the whole bath. */
  evaporationW: number;
}

/** Share of each row of the side that stands in the water, 0 to 1, from the underside up. */
export function wetShares(mesh: Mesh, levelM: number): Float64Array {
  const underside = mesh.rowFaceM[0]!;
  return Float64Array.from({ length: mesh.rows }, (_, row) => {
    const [below, above] = [mesh.rowFaceM[row]! - underside, mesh.rowFaceM[row + 1]! - underside];
    return Math.min(1, Math.max(0, (levelM - below) / (above - below)));
  });
}

/** What is left of a dry face where a share of it stands in water. */
export const dryPart = (face: Face, wetShare: number): Face =>
  wetShare === 0
    ? face
    : {
        ...face,
        convectionWm2K: face.convectionWm2K * (1 - wetShare),
        emissivity: face.emissivity * (1 - wetShare),
      };

/** The water as it stands when a run begins: as the run before left it, else as it is poured. */
export function waterAt({ bath }: Surroundings, from: Moment): WaterState | undefined {
  if (!bath || 'fixedC' in bath.water) return undefined;
  return from.water ?? { celsius: bath.water.startC, massKg: bath.water.massKg };
}

/** Sets up the node of a bath with a balance of its own. */
export function waterNode(bath: Bath, state: WaterState | undefined): WaterNode | undefined {
  if ('fixedC' in bath.water || !state) return undefined;
  const { water: own } = bath;
  const heatJK = Math.max(WATER_HEAT_CAPACITY * state.massKg, PAN_HEAT_JM2K * own.panM2);
  return {
    own,
    capacityJK: heatJK / own.vessels,
    celsius: state.celsius,
    covered: coveredBy(own, state.massKg),
    gainW: 0,
    slopeWK: 0,
    evaporationW: 0,
  };
}

/** Of the full heat between bath and vessel, what passes with so much of the pan covered. */
export const contactOf = ({ covered }: WaterNode): number =>
  DRY_CONTACT + (1 - DRY_CONTACT) * covered;

const flux = noFlux();

/**
 * Adds to the node what its open surface and the pan give and take; what the vessels give is added by
 * the faces that stand in it. The open surface is wet where it is covered, its convection and evaporation as any
 * surface's, so that the vapour's own wind keeps the water from passing its boiling point.
 */
export function addOvenToWater(node: WaterNode): void {
  const { own, celsius, covered } = node;
  surfaceLoss(own.surface, celsius, covered * (own.surface.evaporation?.wetness ?? 0), flux);
  // The vapour over it is its own: water too cold to give any off gets none back.
  if (flux.evaporationWm2 < 0) surfaceLoss(own.surface, celsius, 0, flux);
  node.evaporationW = own.surfaceM2 * flux.evaporationWm2;
  let lossW = own.surfaceM2 * flux.lossWm2;
  let slopeWK = own.surfaceM2 * flux.slopeWm2K;
  surfaceLoss(own.pan, celsius, 0, flux);
  lossW += own.panM2 * flux.lossWm2;
  slopeWK += own.panM2 * flux.slopeWm2K;
  node.gainW -= lossW / own.vessels;
  node.slopeWK += slopeWK / own.vessels;
}
