import type { DayData } from '@hollow-moon/contract';
import type { Placed } from '@hollow-moon/core/planning';
import type { KitchenBook } from '../book/book';
import type { EditDay } from './useDay';
import type { Planned } from './usePlan';
import type { Works } from './useWorks';

/** All that belongs to a task and its day. */
export interface TaskOfDay {
  readonly placed: Placed;
  readonly planned: Planned;
  readonly day: DayData;
  readonly works: Works;
  readonly book: KitchenBook;
  readonly onEdit: EditDay;
}
