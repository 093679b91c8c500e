import { hardSets } from '../../dose';
import { contactsOf } from '../../jumps';
import { bandOf } from '../../ledger';
import { DEMANDS } from '../../library';
import { rampSeconds, restAtRack, setSeconds } from '../../order';
import { BANDED } from '../../season';
import { rampKindOf } from '../../session';
import type { Option, SlotOptions } from '../candidates/options';
import type { Context } from '../context';
import { CONTACT_SCALE, type EngineOption } from '../engine/model';
import { isBand, isLightBell, type SlotField } from './slot-field';

/** Turns an option into integers. */
export function compileOption(
  option: Option,
  { slot }: Pick<SlotOptions, 'slot'>,
  field: SlotField,
  context: Context,
): Omit<EngineOption, 'group'> {
  const { method, brief, limits } = context;
  const { exercise, dose, row } = option;
  const { hasFresh, heavier } = field;
  const { choice, week, time } = method.settings;
  const contacts = contactsOf(exercise, dose, method.settings);
  const sets = hardSets(dose, exercise, method.doses[row], method);
  // chosen anew, what runs is one entry among others
  const kept =
    brief.keepRunning &&
    Object.hasOwn(brief.running.entries, slot.id) &&
    brief.running.entries[slot.id] === exercise.id;
  const rotates = !kept && !slot.main && !exercise.plyo && hasFresh && brief.running.lastBlock.includes(exercise.id);
  const lightly = !kept && !slot.main && sets > 0 && isBand(exercise) && heavier.has(exercise.family);
  const again = !kept && !slot.main && brief.running.otherDays.includes(exercise.id);
  const demand = demandsOf(exercise, dose.sets);
  const band = sets > 0 ? bandOf(exercise) : null;
  const near = limits.daysBefore !== null && limits.daysBefore <= week.sorenessDaysBefore;
  return {
    lin:
      slot.worth +
      (kept ? (slot.main ? choice.keptMain : choice.kept) : 0) +
      (rotates ? choice.rotated : 0) +
      (lightly ? choice.lightBand : 0) +
      (isLightBell(option, field, method) ? choice.lightBell : 0) +
      (again ? (exercise.plyo ? choice.sameJump : choice.sameLine) : 0) +
      (slot.main && method.settings.lifts.usualMains.includes(exercise.id) ? choice.usualMain : 0) +
      (slot.main && isMainSquat(exercise, context) ? choice.mainSquat : 0) -
      Math.round(choice.barredShare * option.barredShare) -
      (slot.main ? 0 : Math.round(choice.tightShare * context.tightShare(exercise.id))) -
      (near ? choice.sorenessPoint * exercise.soreness : 0),
    timeS: lineSeconds(option, slot, context),
    // the first line of a group comes after a transition, not after a switch
    groupS: time.transitionS - (slot.group === null ? 0 : time.switchS),
    contacts: Math.round(contacts.weighted * CONTACT_SCALE),
    rawContacts: contacts.raw,
    pattern: context.patterns.get(exercise.pattern) ?? -1,
    demand,
    worksOn: DEMANDS.flatMap((_, j) => ((demand[j] ?? 0) > 0 ? [j] : [])),
    knee: Math.round(sets * (exercise.dominance?.knee ?? 0) * 10),
    hip: Math.round(sets * (exercise.dominance?.hip ?? 0) * 10),
    bonuses: context.bonuses.reduce((mask, bonus, b) => (bonus.serves(exercise, slot) ? mask | (1 << b) : mask), 0),
    quotas: 0,
    band: band === null ? -1 : BANDED.indexOf(band),
    sets,
  };
}

/**
 * Time of a line as the model counts it: the way to a main lift's load, and sets × (set-up + work + effective rest). In a
 * pair the lines take turns, with a switch to each set; the rest is shared with the partners' work, so a part of it
 * counts. A main lift's rest holds its partner's sets but the last, a fast lift's most of its throw. The true time is
 * worked out afterwards.
 */
function lineSeconds(
  { exercise, dose }: Option,
  { id, block, group, main }: SlotOptions['slot'],
  { room, method: { settings } }: Context,
): number {
  const lifted = { slot: id, exercise, dose };
  const setS = setSeconds(exercise, dose);
  if (group !== null && block === 'main' && !main) return Math.round(setS);
  const restS = restAtRack(lifted, setS, room, settings);
  const { pairedRest, pairedLongRest, longRestS } = settings.choice;
  const whole = group === null || main || id === 'power';
  const shared = restS >= longRestS && block !== 'power' ? pairedLongRest : pairedRest;
  const rest = restS * (whole ? 1 : shared);
  const switchS = group === null ? 0 : settings.time.switchS;
  const eachS = setS + (main ? 0 : switchS);
  // a second main lift is reckoned to come after the first: where it does not, the clock says so afterwards
  const rampS = rampSeconds(lifted, rampKindOf(id, [{ slot: 'main' }]), room, settings);
  const ways = rampS + (main ? switchS : 0);
  return Math.round(ways + dose.sets * eachS + (dose.sets - 1) * rest);
}

/** Demand × sets in the order of DEMANDS; a plain loop, since thousands of options are compiled for a card. */
function demandsOf({ demands }: Option['exercise'], sets: number): Int32Array {
  const points = new Int32Array(DEMANDS.length);
  for (let i = 0; i < DEMANDS.length; i++) {
    const demand = DEMANDS[i];
    points[i] = demand === undefined ? 0 : (demands[demand] ?? 0) * sets;
  }
  return points;
}

/** Whether the club's school names this lift as its main squat (method 13). */
function isMainSquat({ pattern }: Option['exercise'], { brief, method }: Context): boolean {
  const { mainSquat } = brief.schools;
  return mainSquat !== 'by profile' && method.settings.lifts.mainSquat[mainSquat].includes(pattern);
}
