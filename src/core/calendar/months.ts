/** The months by name, January first: days are written and read by them, never by an order of figures. */
export const MONTHS = [
  ...['January', 'February', 'March', 'April', 'May', 'June'],
  ...['July', 'August', 'September', 'October', 'November', 'December'],
];

/** A month's short name. @param month 1–12, as a number or as it stands in a day */
export const monthWord = (month: number | string): string => MONTHS[Number(month) - 1]?.slice(0, 3) ?? '';
