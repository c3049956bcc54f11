const daysInMonth = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

const isLeapYear = (year: number): boolean =>
  year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);

/** Whether a text is a day of the calendar written as `2026-11-23`. */
export function isDate(text: string): boolean {
  const [, year, month, day] = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text)?.map(Number) ?? [];
  if (year === undefined || month === undefined || day === undefined) return false;
  const days = month === 2 && isLeapYear(year) ? 29 : (daysInMonth[month - 1] ?? 0);
  return day >= 1 && day <= days;
}
