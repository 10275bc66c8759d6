export function serveDevice(device: {
  readonly name: string;
  readonly channels: readonly { readonly id: string; readonly name: string }[];
  readonly read: (timeS: number) => Readonly<Record<string, number | undefined>>;
  readonly everyMs: number;
  readonly fromS?: number;
  readonly port: number;
}): Promise<{ readonly address: string; readonly stop: () => Promise<void> }>;
