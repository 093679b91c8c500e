import { weekdayOf } from '$core/calendar';
import type { KeptFor, LackReason } from '$core/choose';
import type { Demand, Muscle, Tier } from '$core/library';
import type { WhyLess } from '$core/progress';
import type { Facts, Reason } from '$core/result';
import { ownValue } from '$core/own';
import { AFTER_HEAVY } from '$core/season';
import { restWords } from './rest';
import { dayWords } from './dates';
import { DEMAND_WORDS, listWords, MUSCLE_WORDS } from './words';

const text = (value: Facts[string] | undefined): string =>
  Array.isArray(value) ? listWords(value as string[]) : String(value ?? '');
const percent = (value: Facts[string] | undefined): string => `${String(Math.round(Number(value) * 100))} %`;
const demands = (value: Facts[string] | undefined): string =>
  listWords((Array.isArray(value) ? (value as Demand[]) : []).map((demand) => DEMAND_WORDS[demand]));
const near = (value: Facts[string] | undefined): string =>
  value === AFTER_HEAVY
    ? 'Less than 48 hours after a heavy session'
    : Number(value) === 0
      ? 'An event day'
      : Number(value) === 1
        ? 'The day before an event'
        : `${String(value)} days before an event`;
const days = (value: Facts[string] | undefined): string =>
  listWords((Array.isArray(value) ? (value as string[]) : []).map((day) => dayWords(day, weekdayOf(day))));
const tier = (value: Facts[string] | undefined): Tier => String(value) as Tier;

/** Why an athlete does one step less than the squad (PROG-16, PROG-10). */
export const WHY_LESS: Readonly<Record<WhyLess, string>> = {
  'light-card': 'Overly tight on two of the last four mornings: one step less on every line for three sessions.',
  'asked-lighter': 'A coach asked for lighter work: one step less on every line for three answered sessions.',
  'voted-down': 'Overly tight after it last time: one step less until two mornings are fine.',
  'not-answered':
    'The squad’s line has risen and this athlete has not answered: one step less until the answer is there.',
};
const PHASES: Readonly<Record<string, string>> = {
  general: 'off-season, general',
  specific: 'off-season, specific',
  'in-season': 'in season',
  peak: 'finals window',
};
const phaseWords = (value: Facts[string] | undefined): string => ownValue(PHASES, text(value)) ?? text(value);
const kindWords = (value: Facts[string] | undefined): string =>
  text(value) === 'loading' ? 'a loading week' : text(value) === 'lighter' ? 'a lighter week' : text(value);
const role = (value: Facts[string] | undefined): string => (text(value) === '' ? 'no role' : `role ${text(value)}`);
const SESSIONS: Readonly<Record<string, string>> = {
  lift: 'a lift',
  micro: 'a micro-dose',
  primer: 'a primer',
  recovery: 'recovery',
};
const sessionWords = (value: Facts[string] | undefined): string =>
  ownValue(SESSIONS, text(value)) ?? `role ${text(value)}`;
/** The event a day is bound by, near ones only. */
const because = ({ before, after }: Facts): string => {
  if (after === 1) return ', the day after an event';
  return before === 1 ? ', the day before an event' : before === 2 ? ', two days before an event' : '';
};

const SHOCK_NEEDS: Readonly<Record<string, string>> = {
  landing_screen: 'the drop landing screen',
  strength_or_seasons: 'a squat of 1.5 × body mass or two seasons of jumps',
  age: 'age 16',
  near_event: 'more days to the event',
  after_event: 'more days after the event',
  complaint: 'no leg complaint',
};

/** Code → sentence. The place named in a complaint is only for those who may read health notes. */
const SENTENCES: Readonly<Record<string, (f: Facts) => string>> = {
  pinned: () => 'You put it here; solving again keeps it.',
  main_kept: () => 'Main lift kept: it stays for the block.',
  line_kept: () => 'Kept from the last card.',
  guards: (f) => `Guards the ${text(f.guard)}: ${text(f.sport)} is known for it.`,
  covers: (f) => `Covers ${demands(f.demands)} for ${text(f.sport).toLowerCase()}.`,
  injury_screen_open: (f) =>
    f.gate === undefined
      ? 'Barred by a health note: own line.'
      : `Before ${text(f.tier)} tier a past injury asks for ${text(f.gate)}, not passed yet.`,
  helps_focus: (f) =>
    Number(f.of) === 1
      ? `Works on the focus: ${text(f.focus)}.`
      : `Works on the focus of ${text(f.count)} of ${text(f.of)}: ${text(f.focus)}.`,
  helps_moment: (f) =>
    Number(f.of) === 1
      ? `Works on a weak moment: ${text(f.moment)}.`
      : `Works on the weak moment of ${text(f.count)} of ${text(f.of)}: ${text(f.moment)}.`,
  guards_injury: (f) =>
    f.place === undefined
      ? 'Guards what a health note names.'
      : Number(f.of) === 1
        ? `Guards a place injured before: ${text(f.place)}.`
        : `Guards a place injured before in ${text(f.count)} of ${text(f.of)}: ${text(f.place)}.`,
  part_of_template: () => 'Part of every session of this kind.',
  dosed_by: (f) => `Dosed as ${text(f.rowName)} for ${text(f.phase)} (${text(f.row)}).`,
  lands: (f) => `${text(f.raw)} contacts, ${tier(f.tier)} tier, ${text(f.weighted)} weighted.`,
  quiet_day: (f) => `${near(f.daysBefore)}: no heavy lower-body work, no high tier.`,
  leaves_tight: (f) =>
    `Left this athlete overly tight ${text(f.tight)} of the last ${text(f.last)} times: watch it, or put another in its place.`,
  leaves_some_tight: (f) => `${text(f.count)} of ${text(f.of)} keep being overly tight after it: it is chosen less.`,
  some_barred: (f) => `${text(f.count)} of ${text(f.of)} do something else here.`,
  load_to_be_found: (f) =>
    `No tested lift: find the load. Ramp by ${percent(f.rampLow)} to ${percent(f.rampHigh)} until RIR ${text(f.rir)}.`,
  load_from_e1rm: (f) =>
    `${percent(f.percent)} of an estimated ${text(f.e1rmKg)} kg, rounded down to ${text(f.loadKg)} kg.`,
  load_below_bar: (f) => `${text(f.targetKg)} kg is below the lightest load here: go by RIR with something lighter.`,
  barred_by_complaint: (f) =>
    f.place === undefined
      ? 'Barred by a health note: own line.'
      : `Complaint at the ${text(f.place)}, ${text(f.score)} of 10: this is stopped.`,
  eased_for_complaint: (f) =>
    f.place === undefined
      ? 'Eased for a health note: own line.'
      : `Complaint at the ${text(f.place)}, ${text(f.score)} of 10: one rung down, or half the dose.`,
  not_yet_in_return: (f) =>
    f.place === undefined
      ? 'Waits for a health note: own line.'
      : `On the way back, ${text(f.place)}: at the stage “${text(f.stage)}” this is not open yet.`,
  eased_for_return: (f) =>
    f.place === undefined
      ? 'Eased for a health note: own line.'
      : `On the way back, ${text(f.place)}, stage “${text(f.stage)}”: from the least dose, one step more with each fine answer.`,
  gate_overridden: (f) =>
    `Stands over a gate ${f.whom === undefined ? `${text(f.count)} of ${text(f.of)} have not met` : `for ${text(f.whom)}`}${f.rung === undefined && f.atLeast === undefined ? ` (${text(f.gate)})` : ''}: “${text(f.why)}”.`,
  gate_not_met: (f) =>
    f.atLeast === undefined
      ? `Gate not met yet: ${text(f.gate)}${f.rung === undefined ? '' : `, rung ${text(f.rung)}`}.`
      : `Needs ${text(f.gate)} level ${text(f.atLeast)}.`,
  row_needs_level: (f) => `This dose needs lift level ${text(f.atLeast)}; level is ${text(f.level)}.`,
  tier_too_high: (f) => `${tier(f.tier)} tier is above the ${text(f.limit)} tier allowed here.`,
  sides_apart: (f) =>
    f.share === undefined
      ? 'Waits for a health note: own line.'
      : `The ${text(f.weak)} leg does ${percent(f.share)} of the other, with pain or an injury there: one-leg ${text(f.tier)} tier waits for a clinician.`,
  shock_not_open: (f) =>
    `Shock tier still needs ${listWords((Array.isArray(f.needs) ? (f.needs as string[]) : []).map((need) => SHOCK_NEEDS[need] ?? need))}.`,
  drop_too_high: (f) => `A drop of ${text(f.dropM)} m is above ${text(f.maxM)} m.`,
  day_bars_tier: (f) => `${near(f.daysBefore)}: no ${text(f.tier)} tier.`,
  day_bars_heavy: (f) => `${near(f.daysBefore)}: no heavy lower-body work.`,
  own_event: () => 'Plays with others today: nothing of this card.',
  own_recovery: () => 'Played yesterday: recovery only.',
  shared_week: (f) =>
    f.to === 0
      ? 'The week’s sets are done, with another squad too: nothing of this one.'
      : `The week is shared with another squad: ${text(f.to)} of ${text(f.from)} sets are left of it.`,
  stepped_elsewhere: (f) =>
    `Rose to ${text(f.sets)} × ${text(f.amount)} with another squad less than a week ago: once a week over both.`,
  own_primer: (f) => `${near(f.daysBefore)}: a primer’s sets and reps at most.`,
  day_bars_new: (f) => `${near(f.daysBefore)}: nothing new for the legs (not done in ${text(f.newAfterDays)} days).`,
  at_ceiling: (f) =>
    `The ${text(f.lift).replaceAll('-', ' ')} is strong enough${Number(f.of ?? 1) > 1 ? ` in ${text(f.count)} of ${text(f.of)}` : ''}: kept, not raised; its time goes to the next quality.`,
  bottom_of_range: (f) =>
    f.focus
      ? `Focus on ${text(f.focus)}: the rest runs at maintenance.`
      : f.known === true
        ? 'Foundation level: the bottom of the range.'
        : 'Start line not known yet: the bottom of the range.',
  accepted_change: () => 'Changed after last time, on the coach’s word.',
  moved_by_rule: () => 'The load moved after last time, by rule.',
  squad_rung: (f) =>
    `${f.today === true ? 'Today the squad climbs a rung' : 'The squad climbed a rung'} from ${text(f.below).toLowerCase()}, which half own. Who does not stays on it.`,
  squad_step: (f) =>
    `The squad’s line steps ${f.rise === true ? 'up' : 'down'} from ${text(f.sets)} × ${text(f.amount)}${f.unit === 'seconds' ? ' s' : ''}: of ${text(f.did)} who did it ${text(f.answered)} answered, ${text(f.up)} for more and ${text(f.down)} for less.`,
  block_begins_again: (f) =>
    `A new block begins it at its fewest again (it had come to ${text(f.sets)} × ${text(f.amount)}): faster, or a heavier ball.`,
  rest_learned: (f) => restWords(f),
  does_less: (f) => ownValue(WHY_LESS, text(f.why)) ?? 'One step under the squad today.',
  own_rung: () => 'Another rung of the same ladder: the one this athlete has come to.',
  for_others: () => 'You put this line on the card for others only.',
  left_out: () => 'You left it out for this athlete.',
  pattern_taken: () => 'The same movement stands on the card already.',
  kit_missing: (f) => `${text(f.exercise)} needs kit that is not here.`,
  after_layoff: (f) =>
    `${text(f.awayDays)} days away: eased back in${f.rescreen === true ? ', and screened again' : ''}. What was owned before is given back step by step.`,
  strength_may_fade: (f) =>
    `${text(f.weeks)} weeks with fewer than ${text(f.least)} strength sessions: strength may fade. A primer or a free weekday counts.`,
  no_day_for_main: () => 'No gym day of this week is free enough for a main lift.',
  main_near_event: (f) => `A main lift within two days of an event stays under what counts as heavy: ${days(f.days)}.`,
  week_phase_moved: (f) => `Week of ${days([String(f.day)])}: ${phaseWords(f.to)} instead of ${phaseWords(f.from)}.`,
  week_closed: (f) => `Week of ${days([String(f.day)])}: the gym is closed.`,
  week_open: (f) => `Week of ${days([String(f.day)])}: the gym is open again.`,
  week_kind_moved: (f) => `Week of ${days([String(f.day)])}: ${kindWords(f.to)} instead of ${kindWords(f.from)}.`,
  tests_here_now: (f) => `Tests are offered in the week of ${days([String(f.day)])}.`,
  tests_gone: (f) => `No tests any more in the week of ${days([String(f.day)])}.`,
  session_gone: (f) => `${days([String(f.day)])}: no session any more (was ${sessionWords(f.was)}).`,
  session_new: (f) => `${days([String(f.day)])}: ${sessionWords(f.is)}, new${because(f)}.`,
  session_kind_moved: (f) =>
    `${days([String(f.day)])}: ${sessionWords(f.to)} instead of ${sessionWords(f.from)}${because(f)}.`,
  session_role_moved: (f) => `${days([String(f.day)])}: ${role(f.to)} instead of ${role(f.from)}${because(f)}.`,
  session_mains_moved: (f) =>
    `${days([String(f.day)])}: main lift ${text(f.to) || 'none'} instead of ${text(f.from) || 'none'}.`,
  session_eased: (f) => `${days([String(f.day)])}: eased${because(f)}.`,
  session_free: (f) => `${days([String(f.day)])}: no longer eased.`,
  session_clock_moved: (f) => `${days([String(f.day)])}: at ${text(f.start)}, ${text(f.minutes)} minutes.`,
  plan_moved_more: (f) => `And ${text(f.count)} more.`,
  heavy_too_near: (f) => `Less than 48 hours after a heavy session, so eased until it is not heavy: ${days(f.days)}.`,
  before_hard_practice: (f) =>
    `Strength close before a hard practice: after it, or six hours apart, leaves both worth doing: ${days(f.days)}.`,
  hour_of_practice: (f) =>
    `Moved to an hour that practice has: ${days(f.days)}. Another hour, or practice off that day.`,
  two_events_a_day: (f) => `Two events on one day: ${days(f.days)}.`,
  eased_for_week: (f) =>
    `${f.peak === true ? 'Towards the peak, fewer sets at the same load' : 'A lighter week'}: ${String(f.to)} of ${String(f.from)} sets.`,
  eased_for_day: (f) => `${near(f.daysBefore)}: eased until it is not heavy.`,
  capped_by_slot: (f) => `This part of the session takes no more; the squad owns ${text(f.sets)} × ${text(f.amount)}.`,
  sets_for_time: (f) => `Fewer sets for the clock today; the squad owns ${text(f.sets)} × ${text(f.amount)}.`,
  youth_intensity: (f) => `Under 16: no more than ${percent(f.limit)} of a maximum.`,
  eccentric_ramp: (f) => `Week ${text(f.week)} of slow lowering: it rises over four weeks.`,
  eccentric_too_near: (f) => `The first two times of slow lowering stay ${text(f.least)} days or more before an event.`,
  dense_box_jump: () => 'No dense or timed box jumps at foundation level.',
  load_not_here: (f) =>
    f.nearestKg === null
      ? `${text(f.loadKg)} kg cannot be made with the kit here.`
      : `${text(f.loadKg)} kg cannot be made here: ${text(f.nearestKg)} kg is the nearest below.`,
  load_above_maximum: (f) =>
    `${text(f.loadKg)} kg is above the estimated maximum of ${Number(f.count) > 1 ? `${text(f.count)} athletes` : `${text(f.athlete)} (${text(f.e1rmKg)} kg)`}.`,
  consent_missing: (f) => `Under 18 without a guardian’s consent noted: ${text(f.names)}.`,
  contacts_trimmed: (f) => `Own contact budget is ${text(f.limit)}: ${text(f.from)} sets become ${text(f.to)}.`,
  one_card: (f) =>
    f.other === true
      ? 'Another entry, so that one card stays one card.'
      : `Own dose is ${text(f.sets)} × ${text(f.amount)}: the card has room for four, and this is the next below.`,
  no_dose_left: () => 'None of the four doses of this line fits.',
  own_card_better: (f) =>
    `More than half of this card is other for ${listWords(f.names as string[])}: better an own card.`,
  group_card_better: (f) =>
    `${text(f.count)} of ${text(f.of)} do the main lift by another row: better a group with a card of its own.`,
  over_minutes: (f) =>
    `${text(f.minutes)} minutes for ${text(f.asked)} asked: ${text(f.over)} over. Take a set off, or give it more time.`,
  week_lacks: (f) => `The week holds no ${listWords(f.what as string[])}: ${LACK_WORDS[f.why as LackReason]}`,
  minutes_left: (f) => `${text(f.left)} of ${text(f.asked)} minutes are left: ${KEPT_FOR[f.kept as KeptFor]}`,
  over_contacts: (f) => `${text(f.weighted)} weighted contacts; the limit today is ${text(f.limit)}.`,
  over_raw_contacts: (f) => `${text(f.raw)} contacts counted raw; the limit today is ${text(f.limit)}.`,
  over_primer_contacts: (f) => `${text(f.raw)} contacts; a primer holds ${text(f.limit)} at most.`,
  heavy_on_quiet_day: (f) =>
    `${near(f.daysBefore)}: no heavy ${text(f.family)} work. Take a set off, keep more in reserve, or move the session.`,
  percent_above_reps: (f) =>
    `${percent(f.percent)} is more than ${text(f.reps)} reps at RIR ${text(f.rir)} allow (${percent(f.allowed)}).`,
  pair_shares_mover: (f) =>
    `${text(f.a)} and ${text(f.b)} share ${MUSCLE_WORDS[f.muscle as Muscle]}: one tires the other.`,
};

const LACK_WORDS: Readonly<Record<LackReason, string>> = {
  minutes: 'its sessions have no minutes left for it.',
  kit: 'there is no kit for it here.',
  complaint: 'complaints of more than half of the squad stop it.',
  'match-days': 'events are too near.',
  word: 'it was taken off.',
};

const KEPT_FOR: Readonly<Record<KeptFor, string>> = {
  event: 'the event is near, and legs stay fresh.',
  week: 'this week takes sets away, and nothing else fills them.',
  season: 'after a season less is enough.',
  gentle: 'the squad starts with few sets of everything. Use them to teach, or make the session shorter.',
  covered: 'what the week asks for is on it. Add what you miss by search, or make the session shorter.',
};

/** A reason or finding as a sentence. Unknown codes are shown as they are, so that a gap is seen. */
export const sayReason = ({ code, facts }: Pick<Reason, 'code' | 'facts'>): string => SENTENCES[code]?.(facts) ?? code;

/** A reason in a few words, for the second line of a session line. */
export function shortReason({ code, facts }: Pick<Reason, 'code' | 'facts'>): string {
  if (code === 'covers') return demands(facts.demands);
  if (code === 'guards') return `guards the ${text(facts.guard)}`;
  if (code === 'main_kept') return 'kept for the block';
  if (code === 'part_of_template') return 'in every session';
  if (code === 'pinned') return 'put here by the coach';
  return sayReason({ code, facts }).replace(/\.$/, '');
}

/** Codes that have a sentence; a test holds that every code of the core is among them. */
export const REASON_CODES: readonly string[] = Object.keys(SENTENCES);
