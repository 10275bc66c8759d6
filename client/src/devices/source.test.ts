/** A device over a WebSocket: what it says first, what it reads, and how it is sought again; the socket is a stand-in. */
import { isAddress, socketSource, type SourceState } from './source';

class Socket {
  static opened: Socket[] = [];
  onmessage: (event: { readonly data: string }) => void = () => undefined;
  onclose: () => void = () => undefined;
  closed = false;
  constructor(readonly address: string) {
    Socket.opened.push(this);
  }
  close() {
    this.closed = true;
    this.onclose();
  }
  says(what: unknown) {
    this.onmessage({ data: typeof what === 'string' ? what : JSON.stringify(what) });
  }
}
const newest = () => Socket.opened.at(-1)!;

const DEVICE = {
  protocol: 'hollow-moon/device',
  version: 1,
  name: 'Probe',
  channels: [{ id: 'tip', name: 'Tip' }],
};
const READING = { channel: 'tip', at: '2026-11-30T03:00:00.000Z', celsius: 71.5 };

function listened() {
  const states: SourceState[] = [];
  const heard: unknown[] = [];
  const end = socketSource('ws://127.0.0.1:7071')({
    onDevice: (device) => heard.push(device),
    onReading: (reading) => heard.push(reading),
    onState: (state) => states.push(state),
  });
  return { states, heard, end };
}

beforeEach(() => {
  jest.useFakeTimers();
  Socket.opened = [];
  globalThis.WebSocket = Socket as unknown as typeof WebSocket;
});
afterEach(() => jest.useRealTimers());

it.each([
  ['ws://127.0.0.1:7071', true],
  ['ws://localhost:7071/probe', true],
  ['wss://127.0.0.1:7071', false],
  ['http://127.0.0.1:7071', false],
  ['ws://kitchen.example:7071', false],
  ['127.0.0.1:7071', false],
  ['', false],
])('%s is an address that a page may open: %p', (address, may) => {
  expect(isAddress(address)).toBe(may);
});

it('says first what it is, and then what it reads; what fits nothing is passed over', () => {
  const { states, heard, end } = listened();
  expect([states, newest().address]).toEqual([['seeking'], 'ws://127.0.0.1:7071']);
  newest().says(DEVICE);
  newest().says(READING);
  newest().says('{ no reading');
  newest().says({ ...READING, celsius: 9000 });
  // What it is is said once: said again it is no reading.
  newest().says(DEVICE);
  expect(states).toEqual(['seeking', 'open']);
  expect(heard).toEqual([DEVICE, READING]);
  end();
});

it('is left alone where it does not say what it is', () => {
  const { states, heard } = listened();
  newest().says(READING);
  expect([states, heard, newest().closed]).toEqual([['seeking', 'not-a-device'], [], true]);
  jest.advanceTimersByTime(60_000);
  expect(Socket.opened).toHaveLength(1);
});

it('is sought again after a second, then after twice as long each time, up to a quarter of a minute', () => {
  const { states, end } = listened();
  for (const [again, seconds] of [1, 2, 4, 8, 15, 15].entries()) {
    newest().onclose();
    jest.advanceTimersByTime(seconds * 1000 - 1);
    expect(Socket.opened).toHaveLength(again + 1);
    jest.advanceTimersByTime(1);
    expect(Socket.opened).toHaveLength(again + 2);
  }
  expect(states).toEqual(['seeking', ...Array<SourceState>(6).fill('lost')]);
  // Once it was there again, it is soon looked for when it goes.
  newest().says(DEVICE);
  newest().onclose();
  jest.advanceTimersByTime(1000);
  expect(Socket.opened).toHaveLength(8);
  newest().says(DEVICE);
  expect(states.slice(-3)).toEqual(['open', 'lost', 'open']);
  end();
});

it('is not sought any more once nobody listens', () => {
  const { states, end } = listened();
  newest().onclose();
  end();
  jest.advanceTimersByTime(60_000);
  expect([states, Socket.opened.length]).toEqual([['seeking', 'lost'], 1]);
  const other = listened();
  other.end();
  expect([newest().closed, other.states]).toEqual([true, ['seeking']]);
});
