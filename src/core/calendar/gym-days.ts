/** A squad's standing gym time: weekday (Monday 1 … Sunday 7), local start 'HH:MM' and minutes. */
export interface GymDay {
  readonly weekday: number;
  readonly start: string;
  readonly minutes: number;
}
