import { isLevelAtLeast, type Level } from '../../library';
import type { MethodTables, Schools, Template } from '../../method';
import { fail, ok, type Result } from '../../result';
import type { DayLimits } from '../../season';

/** What a session is for, beside its minutes and its day. */
export interface AskedFor {
  /** on the day of an event, a primer all the same (WEEK-2) */
  readonly primer: boolean;
  /** a kind of session by name; null = as day and minutes say */
  readonly kind: string | null;
  /** the squad's common lift level */
  readonly liftLevel: Level;
}

/**
 * The template of a session (SEL-7): by the day first (after an event recovery, before it a primer, on it nothing unless a
 * primer was asked for), then the kind the coach asked for, then by the minutes. A day that is both holds only what both
 * allow (WEEK-7).
 * @returns the template with its id, `event_day`, `rest_before_event` where the school rests that day, `too_few_minutes` with the least that any session needs, `kind_minutes` or `kind_needs_level`
 */
export function templateFor(
  minutes: number,
  limits: DayLimits,
  dayBefore: Schools['dayBefore'],
  { primer: primerAsked, kind, liftLevel }: AskedFor,
  method: MethodTables,
): Result<{ id: string; template: Template }> {
  const least = method.settings.time.leastMinutes;
  if (minutes < least) return fail('too_few_minutes', ['minutes'], { minutes, least });
  if (limits.on && !primerAsked) return fail('event_day', ['day']);
  if (limits.primerOnly && !limits.recovery && !primerAsked && dayBefore === 'rest')
    return fail('rest_before_event', ['day']);
  const forDay = limits.recovery && !limits.on ? 'recovery' : limits.primerOnly ? 'primer' : null;
  const named = forDay === null ? undefined : method.templates[forDay];
  if (forDay !== null && named) return ok({ id: forDay, template: named });
  const asked = kind !== null && Object.hasOwn(method.templates, kind) ? method.templates[kind] : undefined;
  if (kind !== null && asked?.asked) {
    const [from, to] = asked.minutes;
    const { atLeast } = asked.asked;
    if (minutes < from || to < minutes) return fail('kind_minutes', ['minutes'], { kind: asked.name, from, to });
    if (atLeast !== null && !isLevelAtLeast(liftLevel, atLeast))
      return fail('kind_needs_level', ['kind'], { kind: asked.name, atLeast, level: liftLevel });
    return ok({ id: kind, template: asked });
  }
  const found = Object.entries(method.templates).find(
    ([, { asked: byName, minutes: span }]) => byName === null && span[0] <= minutes && minutes <= span[1],
  );
  return found ? ok({ id: found[0], template: found[1] }) : fail('no_template', ['minutes'], { minutes });
}
