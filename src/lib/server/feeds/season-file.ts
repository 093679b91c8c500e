import type { PlannedWeek, SeasonPlan } from '$core/season';
import type { SeasonFile } from '$lib/model/season-file';
import type { ClubContext, SquadRow } from '../repositories/club-context';

/** A squad's season as its published JSON format has it; null when it has no season. */
export function seasonFile(club: ClubContext, squad: SquadRow, plan: SeasonPlan | null): SeasonFile | null {
  const { season } = squad;
  if (!season) return null;
  return {
    format: 'jaleo-season',
    version: 1,
    squad: { name: squad.name, sport: squad.sportId },
    season: { start: season.start, end: season.end, sessionsAWeek: season.sessionsAWeek },
    gymDays: [...squad.gymDays],
    closures: season.closures.map(({ name, from, to, kind }) => ({ name, from, to, kind })),
    practices: season.practices.map(({ weekday, start, minutes, hardness, jumps }) => ({
      weekday,
      start,
      minutes,
      hardness,
      jumps,
    })),
    events: squad.events
      .filter(({ day }) => season.start <= day && day <= season.end)
      .map(({ day, name, kind, peak }) => ({ day, name, kind, peak })),
    schools: { ...squad.schools },
    weeks: (plan?.weeks ?? []).map(sayWeek),
  };
}

const sayWeek = ({
  number,
  start,
  phase,
  closed,
  block,
  test,
  targets,
  contacts,
  notes,
  sessions,
}: PlannedWeek): SeasonFile['weeks'][number] => ({
  number,
  start,
  phase,
  closed,
  block: { number: block.block, week: block.week, kind: block.kind },
  test,
  targets: targets && {
    knee: [...targets.knee],
    hip: [...targets.hip],
    calfFoot: [...targets.calfFoot],
    trunk: [...targets.trunk],
  },
  contacts,
  notes: notes.map(({ code, rules }) => ({ code, rules: [...rules] })),
  sessions: sessions.map((session) => ({
    day: session.day,
    start: session.start,
    minutes: session.minutes,
    kind: session.kind,
    role: session.role,
    mains: session.mains.map(({ lead, row, sets, reps, rir, percent }) => ({ lead, row, sets, reps, rir, percent })),
    contacts: session.contacts.aim,
  })),
});
