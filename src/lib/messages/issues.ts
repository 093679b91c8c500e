import type { Facts, Issue } from '$core/result';
import { sayReason } from './reasons';

const text = (value: Facts[string] | undefined): string => String(value ?? '');

const SENTENCES: Readonly<Record<string, (f: Facts) => string>> = {
  too_few_minutes: (f) => `${text(f.minutes)} minutes is too short for any session: at least ${text(f.least)}.`,
  no_template: (f) => `There is no kind of session for ${text(f.minutes)} minutes.`,
  rest_before_event: () =>
    'This is the day before an event, and your school rests that day. Settings, Schools: a primer instead.',
  no_athletes: () => 'This squad has no athletes yet. Add them first.',
  slot_empty: (f) =>
    `Nothing in the library fits the ${text(f.block)} part with this kit, these levels and this day. Tick more kit, or choose another day.`,
  does_not_fit: (f) => `Prep and main lift alone need ${text(f.least)} minutes; there are ${text(f.minutes)}.`,
  dose_unreadable: () => 'Write sets × reps first, for example 3 × 5 or 3 × 30 s /side.',
  part_unreadable: (f) =>
    `“${text(f.part)}” is not a load, %, RIR, rest or tempo. Write for example 80 kg, 75 %, RIR 2, rest 2:00, 3 down.`,
  number_too_large: (f) => `${text(f.value)} ${text(f.what)} is too much for one line: at most ${text(f.most)}.`,
  number_not_positive: (f) => `${text(f.what)} must be ${text(f.least)} or more, not ${text(f.value)}.`,
  sets_not_whole: (f) => `Sets are whole numbers, not ${text(f.sets)}.`,
  reps_not_whole: (f) => `Reps are whole numbers, not ${text(f.reps)}.`,
  squad_unknown: () => 'This squad is not there any more.',
  entry_unknown: (f) => `“${text(f.exerciseId)}” is not in the library.`,
  card_changed: () =>
    'Somebody else changed this card a moment ago. Reload to see theirs; what you typed is kept below.',
  session_unknown: () => 'This session is not there any more.',
  athlete_not_in_squad: () => 'This athlete is not in the squad of this session.',
  line_unknown: () => 'This line is no longer on the card.',
  athlete_unknown: () => 'This athlete is not there any more.',
  place_unknown: () => 'Choose a place from the list.',
  proposal_unknown: () => 'This call was already settled.',
  name_missing: () => 'no name.',
  name_twice: (f) => `${text(f.name)} is already here.`,
  day_unreadable: (f) => `“${text(f.text)}” is not a birth date. Write it as 2008-05-17.`,
  mass_unreadable: (f) => `“${text(f.text)}” is not a body mass in kg.`,
  number_unreadable: () => 'Write a number.',
  load_not_positive: () => 'A load is more than 0.',
  too_many_reps: (f) => `A load is estimated from up to ${text(f.maxReps)} reps (with RIR); this was ${text(f.reps)}.`,
};

/** An issue as a sentence in the coach's words. */
export function sayIssue({ code, facts }: Pick<Issue, 'code' | 'facts'>): string {
  const own = SENTENCES[code];
  if (own) return own(facts ?? {});
  const who = facts?.athlete === undefined ? '' : `${text(facts.athlete)}: `;
  return `${who}${sayReason({ code, facts: facts ?? {} })}`;
}
