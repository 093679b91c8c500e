import { daysBetween, type Day } from '../calendar';
import { hardSets, takesLoad, type Dose } from '../dose';
import { contactsOf } from '../jumps';
import { MUSCLES, type Exercise, type Muscle } from '../library';
import type { DoseRowId, MethodTables } from '../method';
import { gaussian } from '../random';
import type { LoggedSet } from '../track';
import { groupOf, showsToday, type Body } from './body';
import { DAYS_A_WEEK, type VirtualParameters } from './parameters';

/** A line of a card as an athlete is told to do it. */
interface Told {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly dose: Dose;
  /** when they did the entry before; null = never */
  readonly lastDone: Day | null;
}

/** What was done of a line, and the athlete after it. */
interface Trained {
  readonly sets: readonly LoggedSet[];
  readonly body: Body;
}

/**
 * An athlete does a line: loaded sets as far as what is in the tank today, everything else nearly always as written. What
 * is written down is what a hall writes down: *as written* unless it was clearly otherwise.
 * @param next seeded
 */
export function doLine(
  body: Body,
  told: Told,
  day: Day,
  method: MethodTables,
  parameters: VirtualParameters,
  next: () => number,
): Trained {
  const { exercise, dose } = told;
  const capacity = capacityKg(body, exercise, parameters);
  const loadKg = dose.loadKg ?? (takesLoad(exercise, dose) ? loadFound(capacity, dose, parameters, next) : null);
  const done = Array.from({ length: dose.sets }, (_, set) =>
    loadKg === null
      ? unloaded(dose, parameters, next)
      : loaded(dose, loadKg, capacity, set, dose.loadKg === null, parameters, next),
  );
  return {
    sets: done.map(({ logged }) => logged),
    body: stressed(
      body,
      told,
      done.map(({ rir }) => rir),
      day,
      method,
      parameters,
    ),
  };
}

/** What an entry could be lifted once today, kg. */
function capacityKg(body: Body, exercise: Exercise, parameters: VirtualParameters): number {
  const of = exercise.load.oneRepMax;
  const { maximaKg } = body.traits;
  const start = of
    ? (maximaKg[of.lift] ?? 0) * of.ratio
    : (maximaKg['back-squat'] ?? 0) * (parameters.otherOfSquat[exercise.family] ?? parameters.restOfSquat);
  const group = groupOf(exercise);
  return start * (group ? body.strength[group] : 1) * showsToday(body, parameters);
}

function loadFound(capacity: number, dose: Dose, { sets }: VirtualParameters, next: () => number): number {
  const fits = capacity / (1 + (dose.amount + (dose.rir ?? sets.unasked.finding)) / EPLEY);
  const found = fits * gaussian(next, sets.foundShare, sets.foundSd);
  return Math.max(sets.plateKg, Math.floor(found / sets.plateKg) * sets.plateKg);
}
/** Reps that a load of 1/(1 + r/30) allows (Epley 1985). */
const EPLEY = 30;

interface Done {
  readonly logged: LoggedSet;
  /** what was left in truth; null = nothing to tell it by */
  readonly rir: number | null;
}

function loaded(
  dose: Dose,
  loadKg: number,
  capacity: number,
  set: number,
  isFound: boolean,
  { sets }: VirtualParameters,
  next: () => number,
): Done {
  const possible = EPLEY * (capacity / loadKg - 1) - sets.lessASet * set + gaussian(next, 0, sets.noise);
  const amount = Math.max(1, Math.min(dose.amount, Math.floor(possible)));
  // who stops short had nothing left
  const rir = amount < dose.amount ? 0 : possible - amount;
  const target = dose.rir ?? sets.unasked.telling;
  const says = amount < dose.amount || (Math.abs(rir - target) >= sets.saidFrom && next() < sets.said);
  const said = says || isFound ? Math.min(10, Math.round(rir)) : null;
  return { logged: { amount, loadKg, rir: said, fault: null }, rir };
}

function unloaded(dose: Dose, { sets }: VirtualParameters, next: () => number): Done {
  const short = next() < sets.short ? Math.ceil(dose.amount * sets.shortBy) : 0;
  const fault = next() < sets.fault ? 'seen' : null;
  return { logged: { amount: Math.max(1, dose.amount - short), loadKg: null, rir: null, fault }, rir: null };
}

/** What the sets of a line leave behind: stimulus, fatigue and soreness, more of it where the entry is new. */
function stressed(
  body: Body,
  { exercise, row, dose, lastDone }: Told,
  reserves: readonly (number | null)[],
  day: Day,
  method: MethodTables,
  parameters: VirtualParameters,
): Body {
  const { gains, fatigue, soreness } = parameters;
  const hard = hardSets(dose, exercise, method.doses[row], method);
  const contacts = contactsOf(exercise, dose, method.settings).weighted;
  const group = groupOf(exercise);
  const effective =
    hard === 0
      ? 0
      : reserves.reduce<number>(
          (sum, rir) =>
            sum + (rir === null ? gains.unloaded : 1 / (1 + Math.exp((rir - gains.halfAtRir) / gains.rirScale))),
          0,
        );
  const isNew = lastDone === null || daysBetween(lastDone, day) > soreness.novelAfterDays;
  const each =
    (hard + contacts / soreness.contactsASet) *
    (soreness.ofSet + soreness.ofPoint * exercise.soreness) *
    (isNew ? soreness.novel : 1);
  const sore: Partial<Record<Muscle, number>> = { ...body.sore };
  const habit: Partial<Record<Muscle, number>> = { ...body.habit };
  const first =
    soreness.habit[body.traits.level] * (soreness.habitDays / DAYS_A_WEEK) * soreness.ofSet * soreness.ofMovement;
  for (const muscle of MUSCLES) {
    const share = exercise.share[muscle] ?? 0;
    if (share === 0) continue;
    sore[muscle] = (sore[muscle] ?? 0) + each * share;
    habit[muscle] = (habit[muscle] ?? first) + each * share;
  }
  return {
    ...body,
    sets: group ? { ...body.sets, [group]: body.sets[group] + effective } : body.sets,
    contacts: body.contacts + contacts,
    fatigue: body.fatigue + hard * fatigue.ofSet + contacts * fatigue.ofContact,
    sore,
    habit,
  };
}
