// Past the door of the room: the whole contract would bring its schemas, thrice the size of the rest.
import { runBakeCase } from '@hollow-moon/contract/src/formats/runBakeCase';
import {
  forecast,
  forecastBlind,
  memberOf,
  remediesFor,
  shiftsFrom,
  whatMatters,
} from '@hollow-moon/core';
import type { Answer, Ask, FromJobWorker, JobKind, ToJobWorker } from './jobs';

const worker = self as unknown as {
  onmessage: ((event: { data: ToJobWorker }) => void) | null;
  postMessage: (message: FromJobWorker) => void;
};

const WORK: { readonly [K in JobKind]: (ask: Ask<K>) => Answer<K> } = {
  blind: ({ plan }) => forecastBlind(plan),
  forecast: ({ plan }) => forecast(plan),
  members: ({ plan, unsure, first, last, pullS }) =>
    shiftsFrom(unsure, first, last).flatMap((shift) => {
      const member = memberOf(plan, shift, pullS);
      return member.ok ? [member.value] : [];
    }),
  matters: ({ plan, unsure, pullS }) => whatMatters(plan, unsure, pullS),
  remedies: ({ plan }) => remediesFor(plan),
  case: ({ data }) => runBakeCase(data),
};

worker.onmessage = ({ data: { id, kind, ask } }) => {
  // The kind and what is asked belong together by the type of the message's sender.
  const work = WORK[kind] as (ask: Ask<JobKind>) => Answer<JobKind>;
  worker.postMessage({ id, answer: work(ask) });
};
