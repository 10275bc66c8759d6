/** How calls sound and shake; the browser's sound is a stand-in that keeps to its standard and notes what is played. */
import type { Call } from './due';
import type * as Voice from './voice';

interface Played {
  readonly hertz: number;
  readonly fromS: number;
  readonly toS: number;
  readonly loudest: number;
}

/** A browser that sounds only once it has been touched; what is played, and how often it was woken. */
function browser() {
  const played: Played[] = [];
  const woken: string[] = [];
  class Part {
    to: Part | undefined;
    connect(to: Part) {
      this.to = to;
      return to;
    }
  }
  class AudioContext {
    readonly destination = new Part();
    readonly currentTime = 12;
    constructor() {
      woken.push('made');
    }
    resume() {
      woken.push('resumed');
      return Promise.resolve();
    }
  }
  class GainNode extends Part {
    readonly points: [number, number][] = [];
    readonly gain = {
      setValueAtTime: (value: number, atS: number) => this.points.push([atS, value]),
      linearRampToValueAtTime: (value: number, atS: number) => this.points.push([atS, value]),
    };
  }
  class OscillatorNode extends Part {
    private fromS = NaN;
    constructor(
      private readonly context: AudioContext,
      private readonly options: { readonly frequency: number },
    ) {
      super();
    }
    start(atS: number) {
      this.fromS = atS;
    }
    stop(atS: number) {
      const volume = this.to as GainNode;
      expect(volume.to).toBe(this.context.destination);
      // Silent at both ends and in order, or it clicks.
      expect(volume.points.map(([, value]) => value)).toEqual([0, 0.4, 0.4, 0]);
      expect(volume.points.map(([at]) => at)).toEqual([...volume.points.map(([at]) => at)].sort());
      expect([volume.points[0]![0], volume.points[3]![0]]).toEqual([this.fromS, atS]);
      const loudest = Math.max(...volume.points.map(([, value]) => value));
      played.push({ hertz: this.options.frequency, fromS: this.fromS, toS: atS, loudest });
    }
  }
  Object.assign(globalThis, { AudioContext, GainNode, OscillatorNode });
  return { played, woken };
}

const shaken: number[][] = [];
let voice: typeof Voice;

beforeEach(() => {
  shaken.length = 0;
  jest.resetModules();
  Object.assign(navigator, { vibrate: (pattern: number[]) => shaken.push(pattern) });
  voice = jest.requireActual<typeof Voice>('./voice');
});

it('before the page was touched a call only shakes', () => {
  const { played, woken } = browser();
  voice.ring('look');
  expect([played, woken]).toEqual([[], []]);
  expect(shaken).toHaveLength(1);
});

it.each(['pointerdown', 'keydown'])('from the first %s on it sounds', (touch) => {
  const { played, woken } = browser();
  const end = voice.hearTouch();
  document.dispatchEvent(new Event(touch));
  document.dispatchEvent(new Event(touch));
  expect(woken).toEqual(['made', 'resumed']);
  voice.ring('step');
  // Two tones of 0.22 s, 0.1 s apart.
  const [first, second] = played;
  expect(played.map(({ hertz }) => hertz)).toEqual([440, 440]);
  expect([first!.fromS, first!.toS]).toEqual([12, expect.closeTo(12.22, 9)]);
  expect([second!.fromS, second!.toS]).toEqual([
    expect.closeTo(12.32, 9),
    expect.closeTo(12.54, 9),
  ]);
  end();
});

it('once nobody listens any more a touch wakes nothing', () => {
  const { woken } = browser();
  voice.hearTouch()();
  document.dispatchEvent(new Event('pointerdown'));
  document.dispatchEvent(new Event('keydown'));
  expect(woken).toEqual([]);
});

it('calls are told apart with closed eyes, and the last of them is the longest', () => {
  const { played } = browser();
  voice.hearTouch();
  document.dispatchEvent(new Event('pointerdown'));
  const heard = (['step', 'look', 'vessel', 'pull', 'past'] satisfies Call[]).map((call) => {
    played.length = 0;
    shaken.length = 0;
    voice.ring(call);
    return { tune: played.map(({ hertz }) => hertz).join(' '), shakes: [...shaken.flat()] };
  });
  expect(new Set(heard.map(({ tune }) => tune)).size).toBe(5);
  const long = heard.map(({ shakes }) => shakes.reduce((sum, ms) => sum + ms, 0));
  expect(Math.max(...long)).toBe(long[4]);
  expect(heard[4]!.tune.split(' ')).toHaveLength(6);
});
