/** A day as the reader's locale writes it out. */
export const longDay = (at: string | number): string =>
  new Intl.DateTimeFormat(undefined, { dateStyle: 'long' }).format(new Date(at));
