import type { ChangeEvent } from '@hollow-moon/contract';
import { EventEmitter } from 'node:events';
import type { Keeper } from './keep';

/** Who wants to hear of what changes in a kitchen, and who tells it. */
export interface Changes {
  readonly tell: (kitchenId: string, change: ChangeEvent) => void;
  /** Answers what ends the listening. `over` is called when nothing more will be told. */
  readonly listen: (
    kitchenId: string,
    hear: (change: ChangeEvent) => void,
    over: () => void,
  ) => () => void;
  /** Nothing more is told: the server stops. */
  readonly end: () => void;
}

const OVER = Symbol('over');

/** The changes of one server. Kitchens hear of their own only. */
export function createChanges(): Changes {
  const emitter = new EventEmitter();
  // As many as there are tabs open.
  emitter.setMaxListeners(0);
  const of = (kitchenId: string) => `kitchen ${kitchenId}`;
  return {
    tell: (kitchenId, change) => void emitter.emit(of(kitchenId), change),
    listen(kitchenId, hear, over) {
      emitter.on(of(kitchenId), hear);
      emitter.on(OVER, over);
      return () => {
        emitter.off(of(kitchenId), hear);
        emitter.off(OVER, over);
      };
    },
    end: () => void emitter.emit(OVER),
  };
}

/** A keeper that tells of what it has kept. */
export const telling = <Data>(
  keeper: Keeper<Data>,
  kind: string,
  changes: Pick<Changes, 'tell'>,
): Keeper<Data> => ({
  ...keeper,
  async put(kitchenId, id, write) {
    const stored = await keeper.put(kitchenId, id, write);
    changes.tell(kitchenId, { what: 'kept', kind, id, version: stored.version });
    return stored;
  },
});
