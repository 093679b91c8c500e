import type { Facts, Issue } from '$core/result';
import { sayReason } from './reasons';
import { longDate } from './dates';
import { listWords } from './words';

const text = (value: Facts[string] | undefined): string => String(value ?? '');

/** What of a brief leaves nothing to choose from (SEL-5). */
const ASKED: Readonly<Record<string, string>> = {
  kit: 'the kit',
  complaints: 'what hurts',
  levels: 'levels and tests that are not there',
  bans: 'entries never to be chosen for this card',
  pins: 'lines fixed by hand',
  kind: 'the kind of session',
  minutes: 'the minutes',
};
function conflictWords(between: Facts[string] | undefined): string {
  const asked = (Array.isArray(between) ? (between as string[]) : []).map((one) => ASKED[one] ?? one);
  if (asked.length === 0) return 'on this day, whatever else is changed.';
  return asked.length === 1
    ? `because of ${listWords(asked)} alone.`
    : `because of ${listWords(asked)} together: more room in one of them is enough.`;
}

const SENTENCES: Readonly<Record<string, (f: Facts) => string>> = {
  too_few_minutes: (f) => `${text(f.minutes)} minutes is too short for any session: at least ${text(f.least)}.`,
  no_template: (f) => `There is no kind of session for ${text(f.minutes)} minutes.`,
  kind_minutes: (f) => `“${text(f.kind)}” takes ${text(f.from)} to ${text(f.to)} minutes.`,
  kind_needs_level: (f) =>
    `“${text(f.kind)}” is for squads whose lift level is ${text(f.atLeast)} or above; most here are ${text(f.level)}.`,
  rest_before_event: () =>
    'This is the day before an event, and your school rests that day. Settings, Schools: a primer instead.',
  no_athletes: () => 'This squad has no athletes yet. Add them first.',
  slot_empty: (f) => `Nothing in the library fits the ${text(f.block)} part ${conflictWords(f.between)}`,
  season_changed: () =>
    'Somebody else changed this season a moment ago: it stands here as it is now. Look, then change it again.',
  day_is_over: () => 'This day is over: what was planned for it stays.',
  no_session_there: () => 'There is no session on that day any more. Look again.',
  other_week: () => 'A session moves within its week. For another week, change the gym days.',
  day_taken: () => 'There is a session on that day already. Move that one first.',
  gym_is_closed: () => 'The gym is closed on that day.',
  nothing_to_undo: () => 'There is nothing to take back.',
  nothing_to_redo: () => 'There is nothing to put back.',
  practice_gone: () => 'This practice is gone already.',
  season_runs: (f) =>
    `This season runs until ${longDate(text(f.end))}. In its last ${text(f.weeks)} weeks the next one can be laid from it.`,
  season_there: () => 'This squad has a season of its own already.',
  side_unknown: () => 'This programme is not there any more. Look again.',
  call_gone: () => 'This call does not stand any more: something came in meanwhile. Look again.',
  remedy_gone: () => 'This no longer helps: the plan has changed meanwhile. Look again.',
  no_season: () => 'Set when the season starts and ends first.',
  closure_ends_before_start: () => 'It ends before it starts.',
  too_many_parts: (f) => `At most ${text(f.most)} of these.`,
  event_gone: () => 'This event is gone already.',
  season_ends_before_start: () => 'The season ends before it starts.',
  season_too_long: (f) => `${text(f.weeks)} weeks is more than one season: at most ${text(f.most)}.`,
  too_many_kept: (f) => `${text(f.most)} kept cards are the most: take one away first.`,
  nothing_to_give: () => 'There is nothing less and nothing other on this line.',
  does_not_fit: (f) => `Prep and main lift alone need ${text(f.least)} minutes; there are ${text(f.minutes)}.`,
  dose_unreadable: () => 'Write sets × reps first, for example 3 × 5 or 3 × 30 s /side.',
  part_unreadable: (f) =>
    `“${text(f.part)}” is not a load, %, RIR, rest or tempo. Write for example 80 kg, 75 %, RIR 2, rest 2:00, 3 down.`,
  number_too_large: (f) => `${text(f.value)} ${text(f.what)} is too much for one line: at most ${text(f.most)}.`,
  number_not_positive: (f) => `${text(f.what)} must be ${text(f.least)} or more, not ${text(f.value)}.`,
  sets_not_whole: (f) => `Sets are whole numbers, not ${text(f.sets)}.`,
  no_sides: () => 'This is not done a side at a time: write /side too, or leave out how the sides change.',
  half_needs_time: () => 'Sides change at half only in plain sets of time: write seconds, or leave that out.',
  rir_not_whole: (f) => `RIR is a whole number of reps left, not ${text(f.rir)}.`,
  reps_not_whole: (f) => `Reps are whole numbers, not ${text(f.reps)}.`,
  squad_unknown: () => 'This squad is not there any more.',
  entry_unknown: (f) => `“${text(f.exerciseId)}” is not in the library.`,
  event_day: () => 'This is the day of an event: nothing is offered. Ask for a primer if you want one.',
  card_elsewhere: () => 'Somebody else made a card for this day a moment ago. Reload to see theirs.',
  card_frozen: () => 'This day is over: its card stands as it was written and done.',
  as_said: (f) => text(f.said),
  kit_unknown: (f) => `Not known as kit: ${listWords(f.kit as string[])}.`,
  name_taken: () => 'Another exercise already has this name.',
  complaint_moved: (f) =>
    `Meanwhile there is another answer: ${text(f.score)} of 10${(f.signs as string[]).length > 0 ? `, ${listWords(f.signs as string[])}` : ''}. Look at it, then write the note anew.`,
  changed_meanwhile: (f) =>
    `Meanwhile this was made ${text(f.now) === '' ? 'empty' : `“${text(f.now)}”`}; you have ${text(f.typed) === '' ? 'nothing here' : `“${text(f.typed)}”`}. Send it again to keep yours.`,
  enough_below_target: (f) => `Below a force target (${text(f.target)} × body mass): strong enough starts there.`,
  id_reused: () => 'This was sent before with other content. Reload the page and try again.',
  nobody_there: () => 'Nobody is ticked as there. Tick who came, or log a set first.',
  set_unreadable: () => 'This set did not arrive whole.',
  since_ahead: () => 'It cannot have begun after today.',
  already_expired: () => 'It has already run out: a later day.',
  not_returning: () => 'Nobody is on the way back from this any more.',
  return_not_over: () => 'Something asked before it is left is still open.',
  answer_first: () => 'First how your legs feel.',
  complaint_unknown: () => 'This complaint is not there any more.',
  place_unknown_here: () => 'This place or sport is not there any more. Choose again.',
  too_many_people: (f) =>
    `The last ${text(f.left)} lines are too many at once. Take them off here; they are taken on the squad’s page.`,
  sport_unknown: () => 'Choose a sport from the list.',
  injury_place_unknown: (f) => `“${text(f.line)}” names no place of the body: write for example knee, 2024, left.`,
  option_unknown: () => 'Choose one of the options.',
  place_in_use: (f) =>
    `${listWords(Array.isArray(f.squads) ? (f.squads as string[]) : [])} trains here. Give it another place first.`,
  value_gone: () => 'This value is not there any more. Reload the page.',
  number_wanted: () => 'Write a number.',
  number_out_of_bounds: (f) =>
    `A number from ${String(Math.round(Number(f.least) * 1000) / 1000)} to ${String(Math.round(Number(f.most) * 1000) / 1000)}: beyond that the rules mean something else.`,
  word_wanted: () => 'Write a word.',
  value_unfit: () => 'This value does not fit here.',
  values_out_of_order: () => 'The first of the two may not be above the second.',
  entry_in_use: () => 'It stands on a card or in somebody’s history. Swap it there first; the history keeps its name.',
  session_unknown: () => 'This session is not there any more.',
  athlete_not_in_squad: () => 'This athlete is not in the squad of this session.',
  line_unknown: () => 'This line is no longer on the card.',
  athlete_unknown: () => 'This athlete is not there any more.',
  moment_unknown: () => 'This weak moment is not on the list of the sport any more. Choose again.',
  hold_out_of_range: (f) => `Press for ${text(f.least)} to ${text(f.most)} seconds.`,
  rounds_out_of_range: (f) => `${text(f.least)} or ${text(f.most)} rounds.`,
  lift_unknown: () => 'Choose the lift.',
  below_target: (f) => `Below the force target: strong enough starts at ${text(f.least)} kg.`,
  place_unknown: () => 'Choose a place from the list.',
  name_missing: () => 'no name.',
  name_differs: (f) => `To confirm, write the name as it stands: ${text(f.name)}.`,
  name_twice: (f) => `${text(f.name)} is already here.`,
  day_unreadable: (f) => `“${text(f.text)}” is not a birth date. Write it as 17 May 2008.`,
  mass_unreadable: (f) => `“${text(f.text)}” is not a body mass of 20 to 250 kg.`,
  sex_unreadable: (f) => `“${text(f.text)}” is neither female nor male: write f or m, or leave it empty.`,
  level_unreadable: (f) => `“${text(f.text)}” is not a level: foundation, developing, trained or advanced.`,
  number_unreadable: () => 'Write a number.',
  value_impossible: (f) =>
    `${text(f.test)}: ${text(f.value)} ${text(f.unit)} is not possible; from ${text(f.low)} to ${text(f.high)} ${text(f.unit)}.`,
  not_a_grade: (f) =>
    `“${text(f.typed)}” is not an answer here: ${listWords(Array.isArray(f.grades) ? (f.grades as string[]) : [])}.`,
  not_a_score: (f) => `“${text(f.typed)}” is not a score: the sum, 0 to 8, or one figure a joint such as 0100.`,
  not_a_lift: (f) => `“${text(f.typed)}” is not a lift: write load × reps, such as 100 × 5.`,
  not_a_number: (f) => `“${text(f.typed)}” is not a number${f.unit ? ` in ${text(f.unit)}` : ''}.`,
  too_young_for_test: (f) => `${text(f.test)} is not for under ${text(f.years)} years (SAFE-3).`,
  too_heavy_when_young: (f) =>
    `Under ${text(f.years)} no heavy singles: estimate from ${text(f.reps)} reps or more (SAFE-3).`,
  too_many_trials: (f) => `${text(f.trials)} trials are more than the ${text(f.most)} of this test.`,
  side_missing: (f) => `${text(f.test)} is tested on each side: say left or right.`,
  test_unknown: (f) => `“${text(f.test)}” is not a test here.`,
  name_unknown: (f) => (f.name ? `“${text(f.name)}” is nobody of this squad.` : 'There is no name.'),
  name_of_two: (f) => `Two athletes are called “${text(f.name)}”: enter these by hand.`,
  result_day_unreadable: (f) => `“${text(f.text)}” is not a day: write 2026-11-24 or 24.11.2026.`,
  side_unreadable: (f) => `“${text(f.text)}” is not a side: left, right or empty.`,
  day_ahead: (f) => `${longDate(text(f.day))} has not come yet.`,
  contact_not_positive: () => 'A contact lasts longer than 0 s.',
  time_negative: () => 'A flight is not shorter than 0 s.',
  time_not_positive: () => 'The time to take-off is more than 0 s.',
  height_negative: () => 'A height is not below 0.',
  height_not_positive: () => 'Body height is more than 0.',
  mass_not_positive: () => 'Body mass is more than 0 kg.',
  distance_not_positive: () => 'The distance is more than 0.',
  reach_below_standing: () => 'The jump’s mark is below the standing mark.',
  landing_before_take_off: () => 'The landing comes after the take-off: mark it on a later frame.',
  rate_not_positive: () => 'Write the frames a second of the film.',
  too_few_tests: (f) => `${text(f.tests)} tests are too few for a fit: at least ${text(f.least)}.`,
  too_few_jumps: (f) => `${text(f.needed)} jumps are needed; there are ${text(f.jumps)}.`,
  too_few_loads: (f) => `A profile needs ${text(f.needed)} different loads; there are ${text(f.loads)}.`,
  no_profile: () => 'These jumps make no profile: height must fall as load rises.',
  too_few_splits: (f) => `A fit needs ${text(f.needed)} splits; there are ${text(f.splits)}.`,
  splits_out_of_order: (f) => `Split ${text(f.split)} is not after the one before it, in distance and in time.`,
  no_fit: () => 'These splits fit no run.',
  too_short: () => 'The trace is too short to read.',
  squat_jump_not_positive: () => 'A squat jump height is more than 0.',
  side_not_positive: () => 'The stronger side is more than 0.',
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
