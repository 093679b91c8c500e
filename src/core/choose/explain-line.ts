import { takesLoad } from '../dose';
import { contactsOf } from '../jumps';
import { DEMANDS, type Demand } from '../library';
import type { Slot } from '../method';
import type { Reason } from '../result';
import type { Context } from './context';
import type { Option } from './options';

/** Demands named in a reason: the ones this line covers most, by the sport's weight. */
const NAMED_DEMANDS = 2;
/** An entry helps a focus from this demand on. */
const HELPS_FROM = 2;

/**
 * Why a line is on the card (SEL-4): what put it there, what it covers, the row it is dosed by, how it lands.
 */
export function explainLine({ exercise, row, dose, barredShare }: Option, slot: Slot, context: Context): Reason[] {
  const { brief, method, sport, limits } = context;
  const reasons: Reason[] = [];
  const previous = brief.previous?.lines.find((line) => line.slot === slot.id && line.exerciseId === exercise.id);
  if (brief.pins[slot.id]?.byCoach) reasons.push({ code: 'pinned', rules: ['SEL-3'], facts: {} });
  else if (previous) reasons.push({ code: slot.main ? 'main_kept' : 'line_kept', rules: ['BLOCK-2'], facts: {} });

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

  const helped = brief.athletes.filter(({ focus }) =>
    Object.keys(focus?.emphasis ?? {}).some((demand) => (exercise.demands[demand as Demand] ?? 0) >= HELPS_FROM),
  );
  if (helped.length > 0)
    reasons.push({
      code: 'helps_focus',
      rules: ['START-1'],
      facts: {
        focus: [...new Set(helped.flatMap(({ focus }) => focus?.name ?? []))].sort(),
        count: helped.length,
        of: brief.athletes.length,
      },
    });

  reasons.push({
    code: 'dosed_by',
    rules: ['PHASE-3'],
    facts: { row, rowName: method.doses[row].name, phase: method.phases[brief.phase].name },
  });
  const lift = exercise.load.oneRepMax?.lift;
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
  if (limits.quiet)
    reasons.push({ code: 'quiet_day', rules: ['WEEK-2'], facts: { daysBefore: limits.daysBefore ?? 0 } });
  if (barredShare > 0)
    reasons.push({
      code: 'some_barred',
      rules: ['SEL-6'],
      facts: { count: Math.round(barredShare * brief.athletes.length), of: brief.athletes.length },
    });
  return reasons;
}
