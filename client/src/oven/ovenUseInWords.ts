import type { OvenUse } from '@hollow-moon/contract';
import { say, type Words } from '@hollow-moon/words';

/** What is done to the oven, in a line. */
export function ovenUseInWords(of: OvenUse, setC: number, { put, quantity }: Words): string {
  const { steps, doors, entersAtC, standing, foil, wrapped, topUp } = of;
  const says = [
    ...(entersAtC === null ? [] : [put('oven.goes-in-at', { at: { celsius: entersAtC } })]),
    ...steps.map(({ atMin, on, to }) => {
      const from = on
        ? say('oven.when-2', { on: say(`sign.${on}`) })
        : say('oven.from-min', { atMin });
      return typeof to === 'number'
        ? `${quantity({ ovenC: to })} ${from}`
        : say('oven.off-door', { from, door: to === 'off-shut' ? 'shut' : 'ajar' });
    }),
    ...(topUp ? [say('oven.topped-up-at-min', { atMin: topUp.atMin })] : []),
    ...(doors.length > 0
      ? [
          say('oven.door-opened', {
            times: doors.length,
          }),
        ]
      : []),
    ...(standing === 'rack' ? [] : [say(`standing.${standing}`).toLowerCase()]),
    ...(foil ? [say('oven.under-foil')] : []),
    ...(wrapped ? [say('oven.wrapped-for-the-bath')] : []),
  ];
  return says.length > 0
    ? says.join(', ')
    : put('oven.throughout-on-a-rack', { set: { ovenC: setC } });
}
