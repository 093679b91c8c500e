import { takesLoad } from '../../dose';
import { contactsOf } from '../../jumps';
import { isEnough } from '../../athlete';
import { DEMANDS } from '../../library';
import type { Slot } from '../../method';
import type { Reason } from '../../result';
import type { Option } from '../candidates/options';
import { runningKey } from '../brief';
import type { Context } from '../context';
import { whyQuiet } from '../../season';
import { servedAthletes } from './served-athletes';

/** Demands named in a reason: the ones this line covers most, by the sport's weight. */
const NAMED_DEMANDS = 2;

/**
 * Why a line is on the card (SEL-4): what put it there, what it covers, the row it is dosed by, how it lands.
 */
export function explainLine(
  { exercise, row, dose, full, barredShare }: Option,
  slot: Slot,
  context: Context,
): Reason[] {
  const { brief, method, sport, limits } = context;
  const reasons: Reason[] = [];
  const runs = Object.hasOwn(brief.running.entries, slot.id) && brief.running.entries[slot.id] === exercise.id;
  if (Object.hasOwn(brief.pins, slot.id) && brief.pins[slot.id]?.byCoach)
    reasons.push({ code: 'pinned', rules: ['SEL-3'], facts: {} });
  else if (runs) reasons.push({ code: slot.main ? 'main_kept' : 'line_kept', rules: ['BLOCK-2'], facts: {} });

  const key = runningKey(exercise.id, row);
  const was = Object.hasOwn(brief.running.again, key) ? brief.running.again[key] : undefined;
  const step = Object.hasOwn(brief.running.steps, key) ? brief.running.steps[key] : undefined;
  const asRuns = full?.dose ?? dose;
  if (was && asRuns.amount < was.amount)
    reasons.push({ code: 'block_begins_again', rules: ['JUMP-10'], facts: { ...was } });
  // a dose of the coach's, or of a round that is always done so, took no step
  if (step && asRuns.sets === step.to.sets && asRuns.amount === step.to.amount)
    reasons.push({
      code: 'squad_step',
      rules: ['PROG-16'],
      facts: {
        rise: step.kind.endsWith('-up'),
        sets: step.from.sets,
        amount: step.from.amount,
        unit: step.from.unit,
        ...step.votes,
      },
    });

  const rest = Object.hasOwn(brief.running.rests, key) ? brief.running.rests[key] : undefined;
  if (rest && asRuns.restSeconds === rest.seconds)
    reasons.push({
      code: 'rest_learned',
      rules: ['REST-2'],
      facts: {
        school: brief.schools.jumpRest,
        seconds: rest.seconds,
        from: rest.from,
        amount: rest.amount,
        kind: rest.today?.kind ?? null,
        counted: rest.today?.counted ?? null,
        of: rest.today?.of ?? null,
        fellFrom: method.settings.rest.output.fellFrom,
        // REST-1: a dense rest goes no further than a full one begins
        beyondDense: brief.schools.jumpRest === 'dense' && rest.seconds > method.settings.rest.fullRange[0],
      },
    });

  const climb = Object.hasOwn(brief.running.climbs, exercise.id) ? brief.running.climbs[exercise.id] : undefined;
  if (climb)
    reasons.push({
      code: 'squad_rung',
      rules: ['PROG-16', 'PROG-13'],
      facts: {
        from: climb.from,
        today: climb.today,
        below: context.library.exercises.get(climb.from)?.name ?? climb.from,
      },
    });

  const guards = sport.guards.filter((guard) => guard.exercises.includes(exercise.id));
  if (slot.guard && guards[0])
    reasons.push({ code: 'guards', rules: ['SEL-2'], facts: { guard: guards[0].name, sport: sport.name } });

  const covered = DEMANDS.map((demand) => ({ demand, points: (exercise.demands[demand] ?? 0) * sport.demands[demand] }))
    .filter(({ points }) => points > 0)
    .sort((a, b) => b.points - a.points)
    .slice(0, NAMED_DEMANDS);
  if (covered.length > 0)
    reasons.push({
      code: 'covers',
      rules: ['SEL-2'],
      facts: { demands: covered.map(({ demand }) => demand), sport: sport.name },
    });
  else reasons.push({ code: 'part_of_template', rules: ['SEL-7'], facts: { block: slot.block } });

  reasons.push(...servedAthletes(exercise, brief.athletes, method.settings.choice));

  reasons.push({
    code: 'dosed_by',
    rules: ['PHASE-3'],
    facts: { row, rowName: method.doses[row].name, phase: method.phases[brief.phase].name },
  });
  const enough = brief.athletes.filter((athlete) => isEnough(exercise, athlete)).length;
  const lift = exercise.load.oneRepMax?.lift;
  if (lift !== undefined && enough * 2 >= brief.athletes.length && enough > 0)
    reasons.push({ code: 'at_ceiling', rules: ['DOSE-6'], facts: { lift, count: enough, of: brief.athletes.length } });
  if (takesLoad(exercise, dose) && !brief.athletes.some((athlete) => lift !== undefined && lift in athlete.e1rmKg))
    reasons.push({
      code: 'load_to_be_found',
      rules: ['DOSE-2'],
      facts: {
        rir: dose.rir ?? 0,
        rampLow: method.settings.loading.rampStep[0],
        rampHigh: method.settings.loading.rampStep[1],
      },
    });
  const contacts = contactsOf(exercise, dose, method.settings);
  if (contacts.tier !== null && contacts.raw > 0)
    reasons.push({
      code: 'lands',
      rules: ['COUNT-3', 'JUMP-9'],
      facts: { raw: contacts.raw, weighted: contacts.weighted, tier: contacts.tier },
    });
  if (limits.quiet) reasons.push({ code: 'quiet_day', ...whyQuiet(limits) });
  if (full)
    reasons.push({
      code:
        full.rules.includes('WEEK-2') || full.rules.includes('WEEK-3')
          ? 'eased_for_day'
          : full.rules.includes('SEL-7')
            ? 'capped_by_slot'
            : 'sets_for_time',
      rules: full.rules,
      facts: { sets: full.dose.sets, amount: full.dose.amount, ...whyQuiet(limits).facts },
    });
  if (barredShare > 0)
    reasons.push({
      code: 'some_barred',
      rules: ['SEL-6'],
      facts: { count: Math.round(barredShare * brief.athletes.length), of: brief.athletes.length },
    });
  const tight = context.tightShare(exercise.id);
  if (tight > 0)
    reasons.push({
      code: 'leaves_some_tight',
      rules: ['PROG-14'],
      facts: { count: Math.round(tight * brief.athletes.length), of: brief.athletes.length },
    });
  return reasons;
}
