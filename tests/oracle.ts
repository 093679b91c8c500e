import { LIBRARY, METHOD } from '../src/catalog';
import type { DayLine } from '../src/core/day';
import type { AthleteFacts } from '../src/core/athlete';
import type { Brief } from '../src/core/choose';

/**
 * A second reading of the rules, written against method.md and the tables alone: it calls nothing of the core. It knows
 * less than the core does, so that what it calls a breach is one.
 */
const STOPPED_AT_4: Readonly<Record<string, readonly string[]>> = {
  knee: ['squat', 'single-leg-knee', 'lateral', 'jump', 'agility'],
  'back-thigh': ['hinge', 'single-leg-hip', 'agility'],
  calf: ['jump', 'agility', 'calf-foot'],
  foot: ['jump', 'agility', 'calf-foot'],
  back: ['squat', 'hinge', 'olympic'],
};
const LEVELS = ['foundation', 'developing', 'trained', 'advanced'];
const CONTROL = ['C1', 'C2', 'C3', 'C4', 'C5', 'C6'];
const LEGS = ['squat', 'hinge', 'single-leg-knee', 'single-leg-hip', 'lateral'];
const familyKey = (family: string): string => (family.startsWith('single-leg') ? 'single-leg' : family);

const entryOf = (id: string) => {
  const entry = LIBRARY.exercises.get(id);
  if (!entry) throw new Error(`oracle: ${id}`);
  return entry;
};
const dayNumber = (day: string): number => Date.parse(`${day}T00:00:00Z`) / 86_400_000;

/** Days until the next event of a brief; Infinity when none. */
const until = (brief: Pick<Brief, 'day' | 'events'>, friendly: boolean): number =>
  Math.min(
    Infinity,
    ...brief.events
      .filter(({ kind }) => friendly || kind !== 'friendly')
      .map(({ day }) => dayNumber(day) - dayNumber(brief.day))
      .filter((days) => days >= 0),
  );

function tierNow(line: DayLine): string | null {
  const { plyo } = entryOf(line.exerciseId ?? '');
  if (!plyo) return null;
  let { tier } = plyo;
  for (const rule of plyo.tierAbove)
    if ((rule.over === 'amount' ? line.dose.amount : (plyo.dropM ?? 0)) > rule.limit) tier = rule.tier;
  return tier;
}

function landings(line: DayLine): { raw: number; weighted: number } {
  const exercise = entryOf(line.exerciseId ?? '');
  const { plyo } = exercise;
  if (!plyo || plyo.contactsPerRep === 0) return { raw: 0, weighted: 0 };
  const { sets, amount, unit, per } = line.dose;
  const reps = unit === 'seconds' ? amount * (plyo.cadencePerSecond ?? 1 / exercise.secondsPerRep) : amount;
  const raw = Math.round(sets * reps * plyo.contactsPerRep * (per ? 2 : 1));
  const weight = { low: plyo.inPlace && plyo.legs === 'two' ? 0.25 : 0.5, medium: 1, high: 1.5, shock: 2 }[
    tierNow(line) ?? 'low'
  ] as number;
  return { raw, weighted: raw * weight };
}

/** What one athlete is given today that the rules do not allow, in words. Typed lines are the coach's and not judged. */
export function breaches(lines: readonly DayLine[], athlete: AthleteFacts, brief: Brief): string[] {
  const found: string[] = [];
  const doing = lines.filter((line) => line.exerciseId !== null && line.stopped === null && !line.begun);
  const say = (line: DayLine, what: string): void =>
    void found.push(`${athlete.id} ${line.slot} ${line.exerciseId ?? ''}: ${what}`);
  const [toAny, toReal] = [until(brief, true), until(brief, false)];
  const quiet = toAny <= 1 || toReal <= 2;
  const patterns = new Set<string>();
  const heavySets = new Map<string, number>();
  for (const line of doing) {
    if (line.typed) continue;
    const exercise = entryOf(line.exerciseId ?? '');
    const { dose } = line;
    if (patterns.has(exercise.pattern)) say(line, 'the same movement twice');
    patterns.add(exercise.pattern);

    for (const complaint of athlete.complaints)
      if (complaint.column === 'stop') {
        if (complaint.place === 'head') say(line, 'anything with a head');
        if (STOPPED_AT_4[complaint.place]?.includes(exercise.family)) say(line, `${complaint.place} at 4`);
      }

    const { equipment, space } = exercise;
    if (
      !equipment.allOf.every((item) => brief.place.equipment.includes(item)) ||
      (equipment.anyOf.length > 0 && !equipment.anyOf.some((item) => brief.place.equipment.includes(item))) ||
      (space === 'lane' && !brief.place.lane)
    )
      say(line, 'kit that is not there');

    for (const gate of exercise.gates) {
      if (gate.kind === 'test') {
        const passedAbove =
          CONTROL.includes(gate.test) &&
          athlete.tests[gate.test] !== 'failed' &&
          CONTROL.slice(CONTROL.indexOf(gate.test)).some((id) => athlete.tests[id as 'C1'] === 'passed');
        if (athlete.tests[gate.test] !== 'passed' && !passedAbove) say(line, `gate ${gate.test}`);
      }
      if (gate.kind === 'level') {
        const level = gate.of === 'lift' ? athlete.liftLevel : athlete.jumpLevel;
        if (LEVELS.indexOf(level) < LEVELS.indexOf(gate.atLeast)) say(line, `level ${gate.atLeast}`);
      }
    }

    const reference = exercise.load.oneRepMax;
    const top = reference ? (athlete.e1rmKg[reference.lift] ?? null) : null;
    const maximum = reference && top !== null ? top * reference.ratio : null;
    // what was lifted since a test stands above it
    const grown = owns(brief, athlete.id, line);
    if (dose.loadKg !== null && maximum !== null && !grown && dose.loadKg > maximum + 1e-6)
      say(line, `${String(dose.loadKg)} kg above the maximum`);
    if (dose.loadKg !== null && line.eased.length === 0 && !grown && maximum === null) say(line, 'a load from nowhere');
    if ((athlete.ageYears ?? 99) < 16) {
      if (tierNow(line) === 'shock') say(line, 'shock under 16');
      if ((dose.percent ?? 0) > 0.8 + 1e-9) say(line, 'above 0.80 under 16');
      if (dose.loadKg !== null && maximum !== null && dose.loadKg > maximum * 0.8 + 1e-6)
        say(line, 'a load above 0.80 under 16');
    }
    if ((athlete.growthCmPerMonth ?? 0) > 0.6 && ['high', 'shock'].includes(tierNow(line) ?? ''))
      say(line, 'high tier in growth');

    if (toAny === 1 && ['D-POW', 'D-BAL'].includes(line.row) && (dose.sets > 2 || dose.amount > 3))
      say(line, `${String(dose.sets)} × ${String(dose.amount)} fast in a primer`);
    if (quiet && ['high', 'shock'].includes(tierNow(line) ?? '')) say(line, 'high tier near an event');
    if (quiet && LEGS.includes(exercise.family)) {
      if (METHOD.doses[line.row].quality === 'eccentric') say(line, 'eccentric near an event');
      const hard = (dose.percent ?? 0) >= 0.8 || (dose.rir !== null && dose.rir <= 2);
      if (hard && line.row !== 'D-MICRO')
        heavySets.set(familyKey(exercise.family), (heavySets.get(familyKey(exercise.family)) ?? 0) + dose.sets);
    }
  }
  for (const [family, sets] of heavySets)
    if (sets >= 3) found.push(`${athlete.id}: ${String(sets)} hard sets of ${family} near an event`);
  const landed = doing.filter(({ typed }) => !typed).map(landings);
  const raw = landed.reduce((sum, one) => sum + one.raw, 0);
  if (toAny === 1 && raw > 20) found.push(`${athlete.id}: ${String(raw)} contacts in a primer`);
  // the widest budget of any level in any phase, tripled: what no squad may ever reach
  if (landed.reduce((sum, one) => sum + one.weighted, 0) > 140 || raw > 420)
    found.push(`${athlete.id}: landings without end`);
  return found;
}

const owns = ({ tracks }: Brief, athleteId: string, { exerciseId, row }: DayLine): boolean =>
  (tracks[athleteId] ?? []).some(
    (track) => track.exerciseId === exerciseId && track.row === row && track.owned !== null,
  );
