/** A day as the reader's locale writes it out. */
export const longDay = (at: string | number): string =>
  new Intl.DateTimeFormat(undefined, { dateStyle: 'long' }).format(new Date(at));

/** A day and an hour, short, as the reader's locale writes them. */
export const moment = (at: string | number): string =>
  new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' }).format(new Date(at));
