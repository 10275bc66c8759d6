import 'fake-indexeddb/auto';
import { KEPT_AT_MOST, keptAnswers } from './answers';

const SCRIPT = 'http://localhost/jobs.worker-0123456789abcdef0123456789abcdef.js';
const NEXT_SCRIPT = 'http://localhost/jobs.worker-fedcba9876543210fedcba9876543210.js';
const plan = (minutes: number) => ({ plan: { minutes } });

describe('answers that outlive a reload', () => {
  it('are found by whoever asks the same of the same script, and by nobody else', async () => {
    const answer = { ok: true, value: { pullS: 1740, wobble: ['set rim'] } };
    await keptAnswers(SCRIPT).keep('forecast', plan(29), answer);
    const later = keptAnswers(SCRIPT);
    expect(await later.read('forecast', plan(29))).toEqual(answer);
    expect(await later.read('forecast', plan(30))).toBeUndefined();
    expect(await later.read('blind', plan(29))).toBeUndefined();
    expect(await keptAnswers(NEXT_SCRIPT).read('forecast', plan(29))).toBeUndefined();
  });

  it('are what they were, though the answer is handed over before they are written', async () => {
    const answers = keptAnswers(SCRIPT);
    const field = new Float64Array([4, 60]);
    const kept = answers.keep('forecast', plan(1), { value: field });
    structuredClone(field, { transfer: [field.buffer] });
    expect(field).toHaveLength(0);
    await kept;
    const read = (await answers.read('forecast', plan(1))) as { readonly value: Float64Array };
    expect([...read.value]).toEqual([4, 60]);
  });

  it('are of what is opened again: no draft of a moving slider, no stretch of a search', async () => {
    const answers = keptAnswers(SCRIPT);
    for (const kind of ['draft', 'better', 'traces'] as const) {
      await answers.keep(kind, plan(2), { kind });
      expect(await answers.read(kind, plan(2))).toBeUndefined();
    }
  });

  it('begin anew when there are too many, and go on', async () => {
    const answers = keptAnswers(SCRIPT);
    for (let n = 0; n <= KEPT_AT_MOST; n += 1) await answers.keep('blind', plan(n), { n });
    expect(await answers.read('blind', plan(0))).toBeUndefined();
    expect(await answers.read('blind', plan(KEPT_AT_MOST))).toEqual({ n: KEPT_AT_MOST });
  });

  it('are not kept of a script that keeps its name while it changes', async () => {
    const answers = keptAnswers('http://localhost/jobs.worker.bundle?dev=true');
    await answers.keep('forecast', plan(3), { ok: true });
    expect(await answers.read('forecast', plan(3))).toBeUndefined();
  });

  it('are done without where the database fails, and it is not asked again', async () => {
    const open = jest.spyOn(indexedDB, 'open').mockImplementation(() => {
      throw new Error('forbidden');
    });
    const answers = keptAnswers(SCRIPT);
    expect(await answers.read('forecast', plan(29))).toBeUndefined();
    await answers.keep('forecast', plan(29), { ok: true });
    expect(open).toHaveBeenCalledTimes(1);
    open.mockRestore();
  });
});
