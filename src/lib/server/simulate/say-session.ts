import { matchTags } from '$core/calendar';
import type { SolvedCard } from '$core/choose';
import type { DayLine } from '$core/day';
import { hardSets } from '$core/dose';
import { contactsOf } from '$core/jumps';
import { getExercise } from '$core/library';
import type { PlannedSession, PlannedWeek } from '$core/season';
import { isMainSlot, type Card, type Line } from '$core/session';
import type { ProgrammeLine, ProgrammeSession, ProgrammeWeek } from '$lib/model/programme';
import { tagWords } from '../reads/page-thread';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';

/** A week of the plan with its sessions, as the tool prints it. */
export const sayWeek = (week: PlannedWeek, sessions: ProgrammeSession[]): ProgrammeWeek => ({
  start: week.start,
  phase: week.phase,
  block: { number: week.block.block, week: week.block.week, kind: week.closed ? 'closed' : week.block.kind },
  test: week.test,
  targets: week.targets && mutable(week.targets),
  notes: week.notes.map(({ code, rules }) => ({ code, rules: [...rules] })),
  sessions,
});

const mutable = ({ knee, hip, calfFoot, trunk }: NonNullable<PlannedWeek['targets']>) => ({
  knee: [...knee] as [number, number],
  hip: [...hip] as [number, number],
  calfFoot: [...calfFoot] as [number, number],
  trunk: [...trunk] as [number, number],
});

/** A session of the plan with the card made for it; null = none could be made. */
export function saySession(
  { day, role, kind, minutes, mains }: PlannedSession,
  solved: Pick<SolvedCard, 'card' | 'view' | 'assessment'> | null,
  squad: SquadRow,
  club: ClubContext,
): ProgrammeSession {
  const tags = matchTags(day, squad.events, club.method.settings.week.tagReachDays);
  const frame = {
    day,
    role,
    kind,
    tags: (tagWords(tags) ?? '').split(' · ').filter((tag) => tag !== ''),
    minutes,
    planned: mains.map(({ lead, row, sets, reps, rir }) => ({ lead, row, sets, reps, rir })),
    applied: 0,
    calls: [],
    done: null,
  };
  if (!solved)
    return { ...frame, template: null, usedMinutes: 0, contacts: { raw: 0, weighted: 0, budget: [0, 0] }, lines: [] };
  const { card, view, assessment } = solved;
  return {
    ...frame,
    template: card.template,
    usedMinutes: Math.round(assessment.minutes * 10) / 10,
    contacts: { ...assessment.contacts, budget: [assessment.budget.target, assessment.budget.limit] },
    lines: card.lines.map((line) => sayLine(line, view, club)),
  };
}

/** A card as the application would find it stored. */
export const asRow = (card: Card, { role, day }: PlannedSession): SessionRow =>
  ({ ...card, id: `card-${day}`, athleteId: null, day, role, typed: [], runStart: day }) as unknown as SessionRow;

function sayLine(line: Line, view: readonly DayLine[], { library, method }: ClubContext): ProgrammeLine {
  const exercise = getExercise(library, line.exerciseId);
  const contacts = contactsOf(exercise, line.dose, method.settings);
  return {
    slot: line.slot,
    block: line.block,
    main: isMainSlot(line.slot),
    exercise: exercise.id,
    family: exercise.family,
    pattern: exercise.pattern,
    stance: exercise.stance,
    plane: exercise.plane,
    direction: exercise.plyo?.direction ?? null,
    tier: contacts.raw > 0 ? contacts.tier : null,
    row: line.row,
    hardSets: hardSets(line.dose, exercise, method.doses[line.row], method),
    contactsRaw: contacts.raw,
    contactsWeighted: contacts.weighted,
    doses: dosesOf(
      line,
      view.filter(({ slot }) => slot === line.slot),
    ),
  };
}

/** What stands on a line for whom, the same doses counted together. Loads and percents are everybody's own and left out. */
function dosesOf(line: Line, view: readonly DayLine[]): ProgrammeLine['doses'] {
  const found = new Map<string, ProgrammeLine['doses'][number]>();
  for (const { exerciseId, dose } of view) {
    const { sets, amount, unit, per, rir } = dose;
    const key = exerciseId === null ? 'without' : [exerciseId, sets, amount, unit, per, rir].join(' ');
    const there = found.get(key);
    if (there) there.athletes += 1;
    else {
      const same = exerciseId === line.exerciseId;
      const asWritten = same && sets === line.dose.sets && amount === line.dose.amount;
      const variant = exerciseId === null ? 'without' : !same ? 'other' : asWritten ? 'squad' : 'less';
      found.set(key, { variant, athletes: 1, exercise: exerciseId, sets, amount, unit, per, percent: null, rir });
    }
  }
  return [...found.values()];
}
