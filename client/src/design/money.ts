/** An amount of money as the device writes it. `currency` by its three letters (ISO 4217). */
export const money = (amount: number, currency: string): string =>
  new Intl.NumberFormat(undefined, { style: 'currency', currency }).format(amount);
