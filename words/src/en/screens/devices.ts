/** What the screens of `devices` say. */
export const devices = {
  'devices.title': 'A probe that reads by itself',
  'devices.on': 'connected while this is open',
  'devices.off': 'not connected',
  'devices.address': 'Its address on this machine',
  'devices.no-address': 'An address looks like ws://127.0.0.1:7420/stream and is on this machine.',
  'devices.connect': 'Connect',
  'devices.disconnect': 'Disconnect',
  'devices.seeking': 'Looking for it',
  'devices.open': 'Connected: {name}',
  'devices.lost': 'Lost. It is looked for again; note a reading by hand meanwhile.',
  'devices.not-a-device': 'There is something at this address that is no probe. Check the address.',
  'devices.gap': 'nothing for {seconds} s',
  'devices.not-noted': 'Do not note it',
  'devices.says':
    'What it reads is noted every five minutes while the bake is in the oven, and corrects the forecast like a reading by hand.',
} as const;
