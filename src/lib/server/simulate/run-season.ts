import { addDays, matchTags } from '$core/calendar';
import { solveCard } from '$core/choose';
import { hardSets } from '$core/dose';
import { contactsOf } from '$core/jumps';
import { getExercise } from '$core/library';
import { planSeason, type PlannedSession, type PlannedWeek } from '$core/season';
import { isMainSlot, type Card, type Line } from '$core/session';
import type { DayLine } from '$core/day';
import type { ProgrammeLine, ProgrammeSession, ProgrammeSquad, ProgrammeWeek } from '$lib/model/programme';
import { askedOf, makeBrief } from '../reads/make-brief';
import { tagWords } from '../reads/page-thread';
import { seasonInput } from '../reads/squad-plan';
import type { SquadDay } from '../reads/squad-day';
import type { ClubContext } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';
import { onDay, type SquadInMemory } from './squad-in-memory';

/** Cards looked back at when the next is made, as the application does. */
const LOOK_BACK_DAYS = 42;

/**
 * A whole season of a squad as it is written: the plan, and for each of its sessions the card that the Bench would make on
 * that day with the cards before it behind it. Nothing is trained: what each athlete owns stays what the file says.
 * @param weeks at most so many of the season; null = all
 * @returns null when no season can be laid
 */
export function runSeason(of: SquadInMemory, weeks: number | null): ProgrammeSquad | null {
  const { club, squad, athletes } = of;
  // everybody as the file says they are on the season's first day
  const input = seasonInput(
    club,
    squad,
    athletes.map((row) => onDay(row, club.today, [])),
  );
  const plan = input && planSeason(input, club.method);
  if (!plan?.ok) return null;
  const cards: SessionRow[] = [];
  return {
    name: squad.name,
    sport: squad.sportId,
    athletes: athletes.map(({ id, liftLevel, jumpLevel, birthDate }) => ({ id, liftLevel, jumpLevel, birthDate })),
    weeks: plan.value.weeks.slice(0, weeks ?? undefined).map((week): ProgrammeWeek => ({
      start: week.start,
      phase: week.phase,
      block: { number: week.block.block, week: week.block.week, kind: week.closed ? 'closed' : week.block.kind },
      test: week.test,
      targets: week.targets && mutable(week.targets),
      notes: week.notes.map(({ code, rules }) => ({ code, rules: [...rules] })),
      sessions: week.sessions.map((session) => runSession(of, session, cards)),
    })),
  };
}

const mutable = ({ knee, hip, calfFoot, trunk }: NonNullable<PlannedWeek['targets']>) => ({
  knee: [...knee] as [number, number],
  hip: [...hip] as [number, number],
  calfFoot: [...calfFoot] as [number, number],
  trunk: [...trunk] as [number, number],
});

/** One session of the plan with the card made for it, which is kept for those that follow. */
function runSession(
  { club, squad, athletes }: SquadInMemory,
  planned: PlannedSession,
  cards: SessionRow[],
): ProgrammeSession {
  const { day } = planned;
  const on: ClubContext = { ...club, today: day };
  const earlier = cards.filter((card) => addDays(day, -LOOK_BACK_DAYS) <= card.day);
  const known = [...new Set(earlier.flatMap(({ lines }) => lines.map(({ exerciseId }) => exerciseId)))];
  const rows: SquadDay = {
    club: on,
    squad,
    day,
    athleteId: null,
    athletes: athletes.map((row) => onDay(row, day, known)),
    away: [],
    elsewhere: [],
    sessions: earlier,
    session: null,
    sets: [],
    blockStart: null,
    followed: [],
  };
  const tags = matchTags(day, squad.events, club.method.settings.week.tagReachDays);
  const frame = {
    day,
    role: planned.role,
    kind: planned.kind,
    tags: (tagWords(tags) ?? '').split(' · ').filter((tag) => tag !== ''),
    minutes: planned.minutes,
    planned: planned.mains.map(({ lead, row, sets, reps, rir }) => ({ lead, row, sets, reps, rir })),
  };
  const brief = makeBrief(rows, { ...askedOf(rows, planned.minutes), phase: planned.phase });
  const solved = solveCard(brief, club.library, club.method);
  if (!solved.ok)
    return { ...frame, template: null, usedMinutes: 0, contacts: { raw: 0, weighted: 0, budget: [0, 0] }, lines: [] };
  const { card, view, assessment } = solved.value;
  cards.unshift(asRow(card, planned));
  return {
    ...frame,
    template: card.template,
    usedMinutes: Math.round(assessment.minutes * 10) / 10,
    contacts: { ...assessment.contacts, budget: [assessment.budget.target, assessment.budget.limit] },
    lines: card.lines.map((line) => sayLine(line, view, club)),
  };
}

/** A card as the application would find it stored. */
const asRow = (card: Card, { role, day }: PlannedSession): SessionRow =>
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
