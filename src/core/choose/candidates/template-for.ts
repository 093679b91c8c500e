import type { MethodTables, Schools, Template } from '../../method';
import { fail, ok, type Result } from '../../result';
import type { DayLimits } from '../../season';

/**
 * The template of a session (SEL-7): by the day first (after an event recovery, before it a primer, on it nothing unless a
 * primer was asked for), then by the minutes. A day that is both holds only what both allow (WEEK-7).
 * @returns the template with its id, `event_day`, `rest_before_event` where the school rests that day, or `too_few_minutes` with the least that any session needs
 */
export function templateFor(
  minutes: number,
  limits: DayLimits,
  dayBefore: Schools['dayBefore'],
  primerAsked: boolean,
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
  const found = Object.entries(method.templates).find(
    ([
      id,
      {
        minutes: [from, to],
      },
    ]) => id !== 'primer' && id !== 'recovery' && from <= minutes && minutes <= to,
  );
  return found ? ok({ id: found[0], template: found[1] }) : fail('no_template', ['minutes'], { minutes });
}
