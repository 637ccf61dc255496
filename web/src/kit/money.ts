/** An amount in the currency of the paint system's prices, as the reader's locale writes it. */
export function money(amount: number, currency: string): string {
  return new Intl.NumberFormat(undefined, { style: 'currency', currency }).format(amount);
}
