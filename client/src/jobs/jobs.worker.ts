import {
  forecast,
  forecastBlind,
  memberOf,
  remediesFor,
  runBakeCase,
  shiftsFrom,
  whatMatters,
  type Forecast,
} from '@hollow-moon/core';
import { bakeShifts, traceOf } from '@hollow-moon/core/learning';
import {
  betterOn,
  construct,
  measure,
  modelOf,
  prove,
  reliefsFor,
  wayFor,
  type DayModel,
  type Session,
} from '@hollow-moon/core/planning';
import { expose, transfer } from 'comlink';
import { keptAnswers } from './answers';
import type { Answer, Ask, JobKind, Tell } from './jobs';
import { solverInBrowser } from './solver';

/** The mesh of a draft: a quarter of the work, within a degree of converged (`npm run bench`). */
const DRAFT_RESOLUTION = 0.5;

/** A forecast has many steps; the screen has use for few of them, ms. */
const TELL_EVERY_MS = 100;

function seldom(tell: ((share: number) => void) | undefined): (share: number) => void {
  let told = performance.now();
  return (share) => {
    if (!tell || performance.now() - told < TELL_EVERY_MS) return;
    told = performance.now();
    tell(share);
  };
}

/** Whoever asks has made the model already: it can be made. */
function modelFor(session: Session): DayModel {
  const model = modelOf(session);
  if (!model.ok) throw new Error(model.problem.code);
  return model.value;
}

const WORK: {
  readonly [K in JobKind]: (ask: Ask<K>, tell?: Tell<K>) => Answer<K> | Promise<Answer<K>>;
} = {
  draft: ({ plan }) => forecast(plan, { resolution: DRAFT_RESOLUTION, cooling: false }),
  forecast: ({ plan, setShiftK = 0 }, tell) =>
    forecast(plan, { onProgress: seldom(tell), setShiftK }),
  blind: ({ plan }) => forecastBlind(plan),
  members: ({ plan, unsure, first, last, pullS }) =>
    shiftsFrom(unsure, first, last).flatMap((shift) => {
      const member = memberOf(plan, shift, pullS);
      return member.ok ? [member.value] : [];
    }),
  traces: ({ plan, first, last, untilS }) =>
    bakeShifts(first, last).flatMap((shift) => {
      const trace = traceOf(plan, shift, untilS);
      return trace.ok ? [trace.value] : [];
    }),
  matters: ({ plan, unsure, pullS }) => whatMatters(plan, unsure, pullS),
  remedies: ({ plan }) => remediesFor(plan),
  better: ({ session, from, round, presence }) =>
    betterOn(modelFor(session), from, { round, weights: { presence } }),
  prove: ({ session, from, presence, seconds }, tell) =>
    prove(modelFor(session), from, {
      ...{ solver: solverInBrowser, weights: { presence }, seconds },
      ...(tell ? { tell } : {}),
    }),
  reliefs: ({ session }) => reliefsFor(session),
  planned: ({ session, before, presence }) => {
    const model = modelOf(session);
    if (!model.ok) return null;
    const way = wayFor(model.value, before ?? undefined, presence);
    const plan = construct(model.value, way);
    return { late: plan.late, left: plan.left, measures: measure(model.value, plan), way };
  },
  case: ({ data }) => runBakeCase(data),
};

/** The history of a forecast is the most of it: handed over, not copied. */
function handedOver(answer: unknown): Transferable[] {
  const { temperatureC, setExtent, curdledExtent } =
    (answer as { readonly value?: Partial<Forecast> }).value ?? {};
  return [temperatureC, setExtent, curdledExtent].flatMap((fields) =>
    fields?.[0] ? [fields[0].buffer as ArrayBuffer] : [],
  );
}

type AnyWork = (ask: Ask<JobKind>, tell?: Tell) => Answer<JobKind> | Promise<Answer<JobKind>>;

const kept = keptAnswers(self.location.href);

async function work(kind: JobKind, ask: Ask<JobKind>, tell?: Tell): Promise<Answer<JobKind>> {
  // The kind and what is asked belong together by the type of whoever asks, and what is kept by the key it is kept under.
  const known = (await kept.read(kind, ask)) as Answer<JobKind> | undefined;
  const answer = known ?? (await (WORK[kind] as AnyWork)(ask, tell));
  if (!known) void kept.keep(kind, ask, answer);
  return transfer(answer, handedOver(answer));
}

expose(work);
