/** How a device shows things: what was kept is read back, and what is odd in it is as usual, the rest as it was. */
import { METRIC } from '@hollow-moon/words';
import {
  foldLeft,
  handChosen,
  kitchenOpened,
  probeChosen,
  settingsArrived,
  settingsReducer,
  settingsSchema,
  singleKeysChosen,
  unitsChosen,
} from './settings';

const USUAL = settingsSchema.parse({});

it('are as usual where nothing was kept', () => {
  expect(USUAL).toEqual({
    theme: 'system',
    units: METRIC,
    kitchenId: null,
    folds: {},
    ...{ singleKeys: true, alarms: true, aloud: false, notices: false, hand: '' },
    probe: { address: '', on: false, places: {} },
    isotherms: false,
  });
});

it('come back as they were kept', () => {
  const kept = {
    theme: 'dark',
    units: { degrees: 'F', lengths: 'in', weights: 'oz' },
    kitchenId: 'k',
    folds: { compare: true },
    ...{ singleKeys: false, alarms: false, aloud: true, notices: true, hand: 'cook' },
    probe: { address: 'ws://127.0.0.1:7071', on: true, places: { tip: 'centre', room: 'none' } },
    isotherms: true,
  };
  expect(settingsSchema.parse(kept)).toEqual(kept);
});

it.each([
  ['theme', { theme: 'sepia' }, {}],
  ['one unit', { units: { ...METRIC, degrees: 'kelvin', lengths: 'in' } }, 'in'],
  ['place of a channel', { probe: { on: true, places: { tip: 'moon' } } }, {}],
  ['probe', { probe: 7 }, {}],
  ['hand', { hand: 'x'.repeat(41) }, {}],
])('an odd %s is as usual, and the rest stays', (_, odd, left) => {
  const found = settingsSchema.parse({ ...odd, aloud: true });
  expect(found.aloud).toBe(true);
  expect(found.theme).toBe('system');
  expect(found.units).toEqual(left === 'in' ? { ...METRIC, lengths: 'in' } : METRIC);
  expect(found.probe.places).toEqual({});
  expect(found.probe.on).toBe('probe' in odd && odd.probe !== 7);
  expect(found.hand).toBe('');
});

it('degrees that were kept before there were other units are taken over', () => {
  expect(settingsSchema.parse({ degrees: 'F' }).units).toEqual({
    ...METRIC,
    degrees: 'F',
  });
  expect(settingsSchema.parse({ degrees: 'F', units: METRIC }).units).toEqual(METRIC);
});

it('change one by one', () => {
  const changed = [
    unitsChosen({ lengths: 'in' }),
    foldLeft({ id: 'compare', open: true }),
    foldLeft({ id: 'steps', open: false }),
    singleKeysChosen(false),
    handChosen('cook'),
    kitchenOpened('k'),
    probeChosen({ address: 'ws://localhost:1' }),
    probeChosen({ on: true }),
  ].reduce(settingsReducer, undefined);
  expect(changed).toEqual({
    ...USUAL,
    units: { ...METRIC, lengths: 'in' },
    folds: { compare: true, steps: false },
    ...{ singleKeys: false, hand: 'cook', kitchenId: 'k' },
    probe: { address: 'ws://localhost:1', on: true, places: {} },
  });
  expect(settingsReducer(changed, settingsArrived(USUAL))).toEqual(USUAL);
});
