import type { DeedData } from '@hollow-moon/contract';
import { say, type Words } from '@hollow-moon/words';

/** How long a door stood open, as a cook says it. */
export const doorTime = (seconds: number): string =>
  seconds < 60
    ? say('deeds.door-short', { seconds })
    : say('deeds.door-long', { minutes: Math.round(seconds / 60) });

/** What is said of one of several vessels, where it was said which. */
export const ofVessel = (vesselNo: number | undefined, text: string): string =>
  vesselNo === undefined ? text : say('vessels.of', { no: vesselNo, text });

/** What was done, or happened, in a few words. */
export function deedInWords(deed: DeedData, { put }: Words): string {
  switch (deed.kind) {
    case 'oven':
      return put('deeds.deed-oven', { set: { ovenC: deed.celsius } });
    case 'oven-off':
      return say(deed.door === 'shut' ? 'deeds.off-shut' : 'deeds.off-ajar');
    case 'door':
      return say('deeds.deed-door', { time: doorTime(deed.forS) });
    case 'turned':
      return ofVessel(deed.vesselNo, say('deeds.turned'));
    case 'out':
      return deed.vesselNo === undefined
        ? say('deeds.deed-out', { vessels: deed.vessels })
        : say('deeds.deed-out-no', { no: deed.vesselNo });
    case 'foil':
      return say('deeds.foil');
    case 'stood':
      return put('deeds.deed-stood', { set: { ovenC: deed.celsius } });
    case 'trouble':
      return say(`trouble.${deed.trouble}`);
  }
}
