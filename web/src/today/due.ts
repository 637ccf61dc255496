/** How pressing a car is: what is over comes before what is soon, and that before what has time. */
export type Pressing = 'late' | 'today' | 'later' | 'open';

const DAY_MS = 86_400_000;

const midnight = (d: Date): number => new Date(d.getFullYear(), d.getMonth(), d.getDate()).getTime();

export function pressing(due: string | null, now: Date): Pressing {
  if (due === null) {
    return 'open';
  }
  const at = new Date(due);
  return at.getTime() < now.getTime() ? 'late' : midnight(at) === midnight(now) ? 'today' : 'later';
}

/** "16:00", "tomorrow 12:00", "Tue 16:00", "4 Dec": as near days are spoken of, in the reader's own way of writing. */
export function dueWords(due: string, now: Date, locale?: string): string {
  const at = new Date(due);
  const days = Math.round((midnight(at) - midnight(now)) / DAY_MS);
  const time = new Intl.DateTimeFormat(locale, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(at);
  if (days === 0) {
    return time;
  }
  if (days === 1 || days === -1) {
    return `${new Intl.RelativeTimeFormat(locale, { numeric: 'auto' }).format(days, 'day')} ${time}`;
  }
  return days > 1 && days < 7
    ? `${new Intl.DateTimeFormat(locale, { weekday: 'short' }).format(at)} ${time}`
    : new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short' }).format(at);
}
