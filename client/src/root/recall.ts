import type { z } from 'zod';
import { isOfToday, keptAgendaSchema, type Agenda } from '../alarm/agenda';
import { earlierBakeSchema, keptBakeSchema, upgradedBake } from '../bake/keptBake';
import type { LocalBake } from '../bake/bakes';
import { keptEntrySchema, type LocalEntry } from '../bake/noted';
import type { Draft } from '../drafts/drafts';
import { keptDraftSchema } from '../drafts/keptDraft';
import { keptWriteSchema } from '../outgoing/keptWrite';
import type { Write } from '../outgoing/writes';
import { settingsSchema, type Settings } from '../state/settings';
import { countAside, type Records } from '../device/storage';

/** What of the state outlives a reload. */
export interface Recalled {
  readonly settings: Settings;
  readonly drafts: Readonly<Record<string, Draft>>;
  readonly agenda: Agenda;
  readonly bakes: Readonly<Record<string, LocalBake>>;
  readonly noted: Readonly<Record<string, LocalEntry>>;
  readonly writes: Readonly<Record<string, Write>>;
  /** Names of records that nobody needs any more. */
  readonly stale: readonly string[];
  /** Records that fit nothing. */
  readonly broken: Records;
  readonly aside: number;
}

/** The kinds of record, each kept under its name and the id of the thing. */
export const KINDS = {
  agenda: keptAgendaSchema,
  drafts: keptDraftSchema,
  bakes: keptBakeSchema,
  noted: keptEntrySchema,
  outgoing: keptWriteSchema,
} as const;
export type KeptKind = keyof typeof KINDS;

/** What a record is, as far as it fits its kind. */
export const fitting = <T>(schema: z.ZodType<T>, record: unknown): T | undefined =>
  schema.safeParse(record).data;

/** Reads all that was kept. Older shapes are made into today's; what fits nothing is told, and the rest goes on. */
export function recall(records: Records): Recalled {
  const agenda: Record<string, Agenda[string]> = {};
  const drafts: Record<string, Draft> = {};
  const bakes: Record<string, LocalBake> = {};
  const noted: Record<string, LocalEntry> = {};
  const writes: Record<string, Write> = {};
  const stale: string[] = [];
  const broken = new Map<string, unknown>();
  let settings = settingsSchema.parse({});
  for (const [name, record] of records) {
    const [kind = '', id = ''] = name.split('/');
    if (kind === 'aside') continue;
    if (kind === 'settings') {
      const found = fitting(settingsSchema, record);
      if (found) settings = found;
      else broken.set(name, record);
    } else if (kind === 'agenda') {
      const due = fitting(keptAgendaSchema, record);
      if (!due) broken.set(name, record);
      else if (isOfToday(due, Date.now())) agenda[id] = due;
      else stale.push(name);
    } else if (kind === 'drafts') {
      const draft = fitting(keptDraftSchema, record);
      if (draft) drafts[id] = draft;
      else broken.set(name, record);
    } else if (kind === 'bakes') {
      const bake = fitting(keptBakeSchema, record);
      const earlier = bake ? undefined : fitting(earlierBakeSchema, record);
      if (bake) bakes[id] = bake;
      else if (earlier) {
        const now = upgradedBake(id, earlier);
        bakes[id] = now.bake;
        for (const each of now.entries) noted[each.entry.id] = each;
        for (const write of now.writes) writes[write.id] = write;
      } else broken.set(name, record);
    } else if (kind === 'noted') {
      const entry = fitting(keptEntrySchema, record);
      if (entry) noted[id] = entry;
      else broken.set(name, record);
    } else if (kind === 'outgoing') {
      const write = fitting(keptWriteSchema, record);
      // What was refused for another thing's sake may be taken now.
      if (write) writes[id] = write.refused?.code === 'stale' ? write : { ...write, refused: null };
      else broken.set(name, record);
    } else broken.set(name, record);
  }
  return {
    settings,
    agenda,
    drafts,
    bakes,
    noted,
    writes,
    stale,
    broken,
    aside: countAside(records),
  };
}
