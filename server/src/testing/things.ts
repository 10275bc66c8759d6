import type TestAgent from 'supertest/lib/agent';

/** The kinds of things a kitchen has, as they stand in addresses. */
export const KINDS = ['formulas', 'vessels', 'ovens', 'pantry', 'days', 'orders', 'bakes'] as const;
export type Kind = (typeof KINDS)[number];

export interface Thing {
  readonly id: string;
  readonly version: number;
  readonly data: Record<string, unknown>;
}

/** All things of a kind in a kitchen; bakes, which are listed by the page and in short, whole. */
export async function thingsOf(agent: TestAgent, kitchen: string, kind: Kind): Promise<Thing[]> {
  const body: unknown = (await agent.get(`${kitchen}/${kind}`).expect(200)).body;
  if (kind !== 'bakes') return body as Thing[];
  const whole: Thing[] = [];
  for (const { id } of (body as { bakes: { id: string }[] }).bakes) {
    whole.push((await agent.get(`${kitchen}/bakes/${id}`).expect(200)).body as Thing);
  }
  return whole;
}
