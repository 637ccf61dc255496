export const DAY_MIN = 1440;

const two = (n: number): string => String(n).padStart(2, '0');

/** "2026-11-28T09:57": the clock on the wall, without a zone. */
export const wall = (date: Date): string =>
  `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(date.getHours())}:${two(date.getMinutes())}`;

/** The day of `at` and a minute after its midnight, as a wall clock shows it. */
export function wallAt(at: string, minute: number): string {
  const midnight = new Date(`${at.slice(0, 10)}T00:00`);
  const days = Math.floor(minute / DAY_MIN);
  const of = Math.round(minute - days * DAY_MIN);
  return wall(
    new Date(midnight.getFullYear(), midnight.getMonth(), midnight.getDate() + days, Math.floor(of / 60), of % 60),
  );
}

/** Minutes after the midnight of `at`, from a wall clock's time. */
export function minuteOf(at: string, time: string): number {
  const day = (text: string) => new Date(`${text.slice(0, 10)}T12:00`).getTime();
  const days = Math.round((day(time) - day(at)) / 86_400_000);
  return days * DAY_MIN + Number(time.slice(11, 13)) * 60 + Number(time.slice(14, 16));
}

/** "14:10", on another day with its name: "Mon 9:20". */
export function clockWords(at: string, minute: number, locale?: string): string {
  const date = new Date(wallAt(at, minute));
  const time = new Intl.DateTimeFormat(locale, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(date);
  return Math.floor(minute / DAY_MIN) === 0
    ? time
    : `${new Intl.DateTimeFormat(locale, { weekday: 'short' }).format(date)} ${time}`;
}
