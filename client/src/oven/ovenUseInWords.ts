import type { OvenUse } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';

/** What is done to the oven, in a line. */
export function ovenUseInWords(
  of: OvenUse,
  setC: number,
  degrees: (c: number) => string,
  unit: string,
): string {
  const { steps, doors, entersAtC, standing, foil, wrapped, topUp } = of;
  const says = [
    ...(entersAtC === null
      ? []
      : [say('oven.goes-in-at', { entersAtC: degrees(entersAtC), unit })]),
    ...steps.map(({ atMin, on, to }) => {
      const from = on
        ? say('oven.when-2', { on: say(`sign.${on}`) })
        : say('oven.from-min', { atMin });
      return typeof to === 'number'
        ? `${degrees(to)} ${unit} ${from}`
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
    : say('oven.throughout-on-a-rack', { setC: degrees(setC), unit });
}
