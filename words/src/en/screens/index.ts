import { app } from './app';
import { bake } from './bake';
import { bench } from './bench';
import { blind } from './blind';
import { book } from './book';
import { cases } from './cases';
import { certainty } from './certainty';
import { compare } from './compare';
import { cooling } from './cooling';
import { curves } from './curves';
import { day } from './day';
import { deeds } from './deeds';
import { design } from './design';
import { dial } from './dial';
import { device } from './device';
import { devices } from './devices';
import { forecast } from './forecast';
import { formulas } from './formulas';
import { keys } from './keys';
import { kitchen } from './kitchen';
import { layout } from './layout';
import { log } from './log';
import { moon } from './moon';
import { offline } from './offline';
import { outgoing } from './outgoing';
import { order } from './order';
import { oven } from './oven';
import { paste } from './paste';
import { pictures } from './pictures';
import { probe } from './probe';
import { remedies } from './remedies';
import { root } from './root';
import { shelf } from './shelf';
import { stove } from './stove';
import { vessels } from './vessels';
import { working } from './working';

/** What the screens say, by the room of the client they stand in. */
export const screens = {
  ...app,
  ...bake,
  ...bench,
  ...blind,
  ...book,
  ...cases,
  ...certainty,
  ...compare,
  ...cooling,
  ...curves,
  ...day,
  ...deeds,
  ...design,
  ...dial,
  ...device,
  ...devices,
  ...forecast,
  ...formulas,
  ...keys,
  ...kitchen,
  ...layout,
  ...log,
  ...moon,
  ...offline,
  ...outgoing,
  ...paste,
  ...order,
  ...oven,
  ...pictures,
  ...probe,
  ...remedies,
  ...root,
  ...shelf,
  ...stove,
  ...vessels,
  ...working,
} as const;
