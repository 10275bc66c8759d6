import { finding } from '../result';
import type { BlindFrame, BlindMoments, BlindRisk } from './outcome';
import type { BlindPlan } from './blindPlan';

/** Fat is soft from here, °C; a wall without weights then leans on nothing until it has set. From memory. */
const FAT_SOFT_C = 32;
/** Rested less than this a rolled dough pulls back, min. Common practice: 10 to 20. */
const RESTED_MIN = 10;
/** Much water on flour-rich dough, little fat: strong gluten. From memory. */
const TOUGH = { water: 0.24, fat: 0.18 } as const;
/**
 * A base puffs when steam and trapped air press from below before it has set: half an atmosphere of
 * vapour is at 81 °C, far more than 3 mm of dough weigh. From memory.
 */
const SET_ENOUGH = 0.9;
const LIFTS_C = 81;

const weighted = (plan: BlindPlan, stage: number): boolean =>
  plan.weights !== 'none' && plan.stages[stage]!.weighted;

/** Risks of a blind bake, read off its history. Common practice for reasons and remedies. */
export function risksOf(
  plan: BlindPlan,
  frames: readonly BlindFrame[],
  moments: BlindMoments,
): BlindRisk[] {
  const risks: BlindRisk[] = [];
  const last = frames[frames.length - 1]!;
  const bareFrom = frames.find((frame) => frame.timeS > 0 && !weighted(plan, frame.stage));
  const steams = frames.find(
    ({ places: { base }, stage, timeS }) =>
      timeS > 0 && !weighted(plan, stage) && base.outsideC > LIFTS_C && base.set < SET_ENOUGH,
  );
  if (steams && !plan.docked) {
    risks.push({
      what: 'puffs',
      says: finding(weighted(plan, 0) ? 'blind.puffs-early' : 'blind.puffs', {
        at: { seconds: steams.timeS },
      }),
    });
  }
  if (bareFrom && moments.standsS !== undefined && bareFrom.timeS > FRAME_SLACK_S) {
    const earlyS = moments.standsS - bareFrom.timeS;
    if (earlyS > 60) {
      risks.push({
        what: 'slumps',
        says: finding('blind.slumps-early', {
          by: { seconds: earlyS },
          until: { seconds: moments.standsS },
        }),
      });
    }
  }
  if (!weighted(plan, 0)) {
    const softFrom = frames.find(({ places: { wall } }) => wall.insideC > FAT_SOFT_C);
    const setBy = frames.find(({ places: { wall } }) => wall.set > SET_ENOUGH);
    const softS = (setBy ?? last).timeS - (softFrom ?? last).timeS;
    if (softS > 240 && plan.start === 'room') {
      risks.push({
        what: 'slumps',
        says: finding('blind.slumps-soft', { for: { seconds: softS } }),
      });
    }
  }
  const tough = plan.dough.water > TOUGH.water || plan.dough.fat < TOUGH.fat;
  if (plan.restMin < RESTED_MIN || (tough && plan.restMin < 2 * RESTED_MIN)) {
    risks.push({
      what: 'shrinks',
      says: finding(tough ? 'blind.shrinks-tough' : 'blind.shrinks'),
    });
  }
  if (last.places.base.set < SET_ENOUGH) {
    risks.push({ what: 'raw-base', says: finding('blind.raw-base') });
  } else if (moments.baseDryS === undefined) {
    risks.push({
      what: 'soft-base',
      says: finding('blind.soft-base', { water: { share: last.places.base.water, digits: 0 } }),
    });
  }
  if (moments.rimDarkS !== undefined) {
    risks.push({
      what: 'burnt-rim',
      says: finding('blind.burnt-rim', { at: { seconds: moments.rimDarkS } }),
    });
  }
  return risks;
}

/** Bare from the very first frame is a bake without weights, not weights taken out. */
const FRAME_SLACK_S = 30;
