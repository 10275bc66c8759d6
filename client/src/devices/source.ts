import {
  deviceReadingSchema,
  deviceSchema,
  type Device,
  type DeviceReading,
} from '@hollow-moon/contract';

/** What a source tells of itself as it goes on. */
export interface Heard {
  readonly onDevice: (device: Device) => void;
  readonly onReading: (reading: DeviceReading) => void;
  /** It is being sought, or is there, or was lost and is sought again, or is no device that is understood. */
  readonly onState: (state: SourceState) => void;
}
export type SourceState = 'seeking' | 'open' | 'lost' | 'not-a-device';

/**
 * Where readings come from. This is the place of other ways to a device (Web Bluetooth, a serial port): an adapter that
 * answers what ends the listening.
 */
export type Source = (heard: Heard) => () => void;

/** So soon a lost device is sought again, ms; each time twice as long, up to the most. */
const AGAIN_MS = { first: 1000, most: 15_000 } as const;

/** What is read is words of a device's own making: what does not fit is passed over. */
const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
};

/** An address on this machine that a page may open: a WebSocket of loopback. */
export function isAddress(text: string): boolean {
  try {
    const { protocol, hostname } = new URL(text);
    return protocol === 'ws:' && ['127.0.0.1', 'localhost'].includes(hostname);
  } catch {
    return false;
  }
}

/** A device that is read over a WebSocket. */
export const socketSource =
  (address: string): Source =>
  ({ onDevice, onReading, onState }) => {
    let socket: WebSocket | undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let patienceMs: number = AGAIN_MS.first;
    let over = false;
    const seek = () => {
      const opened = new WebSocket(address);
      socket = opened;
      let known = false;
      opened.onmessage = ({ data }: MessageEvent<string>) => {
        const said = parsed(data);
        if (!known) {
          const device = deviceSchema.safeParse(said);
          if (!device.success) {
            over = true;
            opened.close();
            onState('not-a-device');
            return;
          }
          known = true;
          patienceMs = AGAIN_MS.first;
          onDevice(device.data);
          onState('open');
          return;
        }
        const reading = deviceReadingSchema.safeParse(said);
        if (reading.success) onReading(reading.data);
      };
      opened.onclose = () => {
        if (over) return;
        onState('lost');
        timer = setTimeout(seek, patienceMs);
        patienceMs = Math.min(2 * patienceMs, AGAIN_MS.most);
      };
    };
    onState('seeking');
    seek();
    return () => {
      over = true;
      clearTimeout(timer);
      socket?.close();
    };
  };
