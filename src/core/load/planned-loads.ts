import { addDays, type Day } from '../calendar';
import type { MethodSettings } from '../method';
import { practicesOn, type PlannedSession, type SeasonInput, type SeasonPlan } from '../season';

/**
 * What a plan asks day by day, in minutes × effort: a session's effort follows from what its main lifts keep in reserve and
 * from the part of their sets that the week leaves; an event's minutes are a guess of the settings'.
 * @returns one for each day from the plan's first Monday on
 */
export function plannedLoads(
  plan: SeasonPlan,
  { practices, events }: Pick<SeasonInput, 'practices' | 'events'>,
  { trainingLoad: { whatIf } }: MethodSettings,
): { readonly from: Day; readonly loads: number[] } {
  const from = plan.weeks[0]?.start ?? '';
  const sessions = new Map(plan.weeks.flatMap((week) => week.sessions.map((one) => [one.day, one] as const)));
  const played = new Set(events.map(({ day }) => day));
  const loads = Array.from({ length: plan.weeks.length * 7 }, (_, ahead) => {
    const day = addDays(from, ahead);
    const session = sessions.get(day);
    return (
      (session ? session.minutes * effortOf(session, whatIf) : 0) +
      practicesOn(day, practices).reduce((sum, { minutes, hardness }) => sum + minutes * hardness, 0) +
      (played.has(day) ? whatIf.event.minutes * whatIf.event.effort : 0)
    );
  });
  return { from, loads };
}

function effortOf({ kind, mains }: PlannedSession, { effort }: MethodSettings['trainingLoad']['whatIf']): number {
  const [first] = mains;
  if (kind !== 'lift' || !first) return effort[kind];
  const reserve = first.rir ?? effort.fastRir;
  const left = mains.reduce((sum, { sets }) => sum + sets, 0) / mains.reduce((sum, one) => sum + one.usualSets, 0);
  return effort.most * left - reserve * left;
}
