import type { MethodTables, Schools, Template } from '../method';
import { fail, ok, type Result } from '../result';
import type { DayLimits } from '../season';

/**
 * The template of a session (SEL-7): by the day first (the day before an event a primer, the day after it recovery),
 * then by the minutes.
 * @returns the template with its id, `rest_before_event` where the school rests that day, or `too_few_minutes` with the least that any session needs
 */
export function templateFor(
  minutes: number,
  limits: DayLimits,
  dayBefore: Schools['dayBefore'],
  method: MethodTables,
): Result<{ id: string; template: Template }> {
  const least = method.settings.time.leastMinutes;
  if (minutes < least) return fail('too_few_minutes', ['minutes'], { minutes, least });
  if (limits.primerOnly && dayBefore === 'rest') return fail('rest_before_event', ['day']);
  const forDay = limits.primerOnly ? 'primer' : limits.recovery ? 'recovery' : null;
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
