/** What was done to a bake on its way, and what of it a forecast heeds. */
import { deedsOf, type DeedData } from './index';

const deed = (more: Record<string, unknown>) =>
  ({ id: '00000000-0000-4000-8000-000000000001', atS: 60, ...more }) as DeedData;
const programme = { steps: [{ atMin: 10, to: 120 }] };

it('heeds all but a trouble', () => {
  const foil = deed({ kind: 'foil' });
  const trouble = deed({ kind: 'trouble', trouble: 'cracked' });
  expect(deedsOf([foil, trouble], {})).toEqual([foil]);
});

it.each([
  ['of the plan', 0, { programme }, 0],
  ['after the last of the plan', 1, { programme }, undefined],
  ['of a plan without steps', 0, {}, undefined],
] as const)('takes a step %s for what it is', (_, step, plan, kept) => {
  const turned = deed({ kind: 'oven', celsius: 120, step });
  expect(deedsOf([turned], plan as Parameters<typeof deedsOf>[1])).toEqual([
    { ...turned, step: kept },
  ]);
});
