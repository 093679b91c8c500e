import { addDays, daysBetween, type Day } from '../calendar';
import { ROLES, type Role } from './best-roles';
import { APART_DAYS } from './deal-roles';

/** A role on a day: as a week deals it, or as a card was made for it. */
export interface RoleOn {
  readonly day: Day;
  readonly role: Role | null;
}

/** Days before a session of which one on no planned day makes up: with its own a week. */
const LOOK_BACK_DAYS = 6;
/** Roles in the order that sessions take them where no week deals any: the first is whole by itself. */
const UNPLANNED: readonly Role[] = ROLES.filter((role) => !role.endsWith('2'));

/**
 * What a session on a day that the week deals nothing is for, so that days which are not the planned ones do not all train
 * the same (WEEK-8, WEEK-9): the role that the last days owed and no card was made for, the one that comes again last; with
 * nothing owed the light day, C; where nothing is dealt at all a whole session, and after it the others in turn.
 * @param dealt roles of the days around, from a week before to the end of this week
 * @param made roles of the cards that were made
 * @returns null = the last days had every role there is
 */
export function extraRole(day: Day, dealt: readonly RoleOn[], made: readonly RoleOn[]): Role | null {
  const since = addDays(day, -LOOK_BACK_DAYS);
  const rolesOf = (all: readonly RoleOn[]): Role[] =>
    all.flatMap((one) => (since <= one.day && one.day < day && one.role !== null ? [one.role] : []));
  const had = rolesOf(made);
  const ahead = dealt.filter((one) => one.day > day && one.role !== null);
  if (ahead.length === 0 && rolesOf(dealt).length === 0) return UNPLANNED.find((role) => !had.includes(role)) ?? null;
  const daysTo = (role: Role): number =>
    Math.min(Infinity, ...ahead.filter((one) => one.role === role).map((one) => daysBetween(day, one.day)));
  const [owed] = rolesOf(dealt)
    .filter((role) => !had.includes(role) && daysTo(role) >= APART_DAYS)
    .sort((a, b) => (daysTo(a) === daysTo(b) ? 0 : daysTo(b) - daysTo(a)));
  return owed ?? (had.includes('C') ? null : 'C');
}
