import type {
  BathPlan,
  BlindPlan,
  Build,
  BuildFormula,
  Fit,
  Forecast,
  Oven,
  OutStep,
  OvenStep,
  PartVerdict,
  Seal,
  TopUp,
  Value,
  Vessel,
} from '@hollow-moon/core';
import type { MessageId } from '../say';

/** A line of a card: what is weighed, big, and what is done with it. */
export interface CardRow {
  readonly amount: string;
  readonly name: string;
  readonly note: string;
}

/** Something to do or to know, and its name. */
export interface Figure {
  readonly label: string;
  readonly value: string;
}

/** What is printed to lie by the scale: plain words and figures, in the order of the work. */
export interface Card {
  readonly title: string;
  readonly subtitle: string;
  readonly lists: readonly {
    readonly title: string;
    readonly aside: string;
    readonly rows: readonly CardRow[];
  }[];
  readonly figures: readonly Figure[];
  /** How the empty shell is baked, stage by stage; nothing where there is none. */
  readonly shell: readonly Figure[];
  /** How to know it is done. */
  readonly signs: readonly string[];
  readonly cautions: readonly string[];
  /** Whose card it is, of which version and of what day. */
  readonly stamp: string;
}

/** How an empty shell is baked, as a card has to know it. */
export interface ShellBakeOf extends Pick<BlindPlan, 'weights' | 'stages' | 'target'> {
  /** Filled raw: nothing else here is done then. */
  readonly raw: boolean;
  readonly docked: boolean;
  readonly restMin: number;
  readonly seal: Seal;
}

/** What a card is made of. */
export interface CardOf {
  readonly formula: BuildFormula & {
    readonly note: string;
    readonly setC: number;
    readonly fillingStartC: number;
    readonly shellBake: ShellBakeOf;
    readonly bath: Omit<BathPlan, 'vessels'> | null;
    readonly ovenUse: {
      readonly steps: readonly OvenStep[];
      readonly topUp: TopUp | null;
      readonly out: readonly OutStep[];
    };
  };
  readonly build: Build;
  readonly verdict: PartVerdict;
  readonly fit: Fit | undefined;
  readonly vessel: Vessel | undefined;
  readonly oven: Oven | undefined;
  readonly forecast: Forecast | undefined;
  readonly stamp: { readonly kitchen: string; readonly version: number; readonly day: string };
}

/** Something that is said of a card, with its quantities. */
export type Tell = (id: MessageId, values?: Readonly<Record<string, Value>>) => string;

/** A name as it stands within a sentence. */
export const lowered = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
