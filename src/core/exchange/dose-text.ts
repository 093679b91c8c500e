import { withoutPyramid, type Dose } from '../dose';
import { massToKg, type MassUnit } from '../units';
import { fail, ok, type Issue, type Result } from '../result';
import { checkSides, readSides, withSides } from './side-text';

/** Largest values a line may carry: beyond them a typed number is a slip of the hand. */
const LIMITS = {
  sets: 20,
  reps: 100,
  seconds: 600,
  metres: 400,
  minutes: 60,
  breaths: 60,
  laps: 40,
  restSeconds: 900,
  loadKg: 500,
  rir: 10,
  holds: 20,
  offS: 120,
} as const;
const UNITS: readonly [RegExp, Dose['unit']][] = [
  [/^(?:s|sec|seconds?)\b/, 'seconds'],
  [/^min(?:utes?)?\b/, 'minutes'],
  [/^(?:m|metres?)\b/, 'metres'],
  [/^breaths?\b/, 'breaths'],
  [/^laps?\b/, 'laps'],
  [/^(?:reps?)\b/, 'reps'],
];

/**
 * Reads a dose as a coach types it: `3x5 @ 78% 82.5kg rest 2:30`, in any order after sets × amount, with · , or spaces. A
 * time that is nobody's amount is the rest: `3x8/side 60s`, `3 × 30 s / 30 s`, `4x6 1:30`, `5x5 2 min`. Rounds of holds are
 * read too: `5-3-1 (8 on/4 off)`, and how the sides are gone over: `3x8/side alternating`, `2x40s change at half`.
 * What is not typed stays as it was in `current`, except a load and % that the typed reps, reserve, load or % no longer
 * match.
 * @param mass unit of a load typed without one
 * @returns the dose, or every issue found: `dose_unreadable`, `number_too_large`, `number_not_positive`, `part_unreadable`,
 *   `sets_not_whole`, `reps_not_whole`, `rir_not_whole`, `no_sides`, `half_needs_time`
 * @example parseDose('4 x 6 /side', current, 'kg')
 */
export function parseDose(text: string, current: Dose, mass: MassUnit): Result<Dose> {
  const clean = text
    .trim()
    .toLowerCase()
    .replace(/[x*]/g, '×')
    // a comma before a load or a share, or before a space, parts; between digits it is a decimal one
    .replace(/,(?=\s|$)|(?<=×\s*\d+),(?=\d+(?:[.,]\d+)?\s*(?:kg|lb|%))/g, ' ')
    .replaceAll(',', '.');
  const holds = PYRAMID.exec(clean);
  const flat = withoutPyramid(current);
  const head = holds ?? /^(-?\d+(?:\.\d+)?)\s*×\s*(-?\d+(?:\.\d+)?)\s*/.exec(clean);
  if (!head) return fail('dose_unreadable', ['dose'], { text: text.trim() });
  let rest = clean.slice(head[0].length);
  let unit = holds ? 'seconds' : current.unit;
  for (const [pattern, name] of UNITS) {
    const found = pattern.exec(rest);
    if (!found || holds) continue;
    unit = name;
    rest = rest.slice(found[0].length).trimStart();
    break;
  }
  const side = /^\/\s*(side|direction|leg|arm)\b\s*/.exec(rest);
  const per = side ? (side[1] === 'direction' ? 'direction' : 'side') : current.per;
  if (side) rest = rest.slice(side[0].length);
  const sides = readSides(rest);
  rest = sides.rest;
  let dose: Dose = {
    ...flat,
    ...(holds ? readPyramid(holds) : { sets: Number(head[1]), amount: Number(head[2]) }),
    unit,
    per,
  };
  dose = withSides(dose, sides.plan, side !== null);
  const typed: Partial<Dose> = {};
  const issues: Issue[] = [];
  for (const part of splitParts(rest)) {
    const change = readPart(part, mass);
    if (change) {
      dose = { ...dose, ...change };
      Object.assign(typed, change);
    } else issues.push({ code: 'part_unreadable', path: ['dose'], facts: { part } });
  }
  dose = withoutOldLoad(dose, current, typed);
  issues.push(...checkLimits(dose), ...checkSides(dose));
  return issues.length > 0 ? { ok: false, issues } : ok(dose);
}

/**
 * A load belongs to the reps and reserve it was picked for: other reps, another reserve or a typed % without a load ask for
 * it anew (DOSE-12).
 */
function withoutOldLoad(dose: Dose, current: Dose, typed: Partial<Dose>): Dose {
  if (typed.loadKg !== undefined && typed.loadKg !== null) return dose;
  if (typed.percent !== undefined) return { ...dose, loadKg: null };
  const same = dose.amount === current.amount && dose.rir === current.rir && dose.unit === current.unit;
  return same ? dose : { ...dose, loadKg: null, percent: null };
}

/** `5-3-1 × (8 s on / 4 s off)`, with or without ×, brackets, s and the stroke. */
const PYRAMID =
  /^(\d+(?:\s*-\s*\d+)+)\s*×?\s*\(?\s*(\d+)\s*s?(?:ec(?:onds?)?)?\s*on\s*[/·]?\s*(\d+)\s*s?(?:ec(?:onds?)?)?\s*off\s*\)?\s*/;

function readPyramid([, rounds = '', on, off]: RegExpExecArray): Pick<Dose, 'sets' | 'amount' | 'rir' | 'pyramid'> {
  const holds = rounds.split('-').map(Number);
  return { sets: holds.length, amount: Number(on), rir: null, pyramid: { holds, offS: Number(off) } };
}

const splitParts = (rest: string): string[] =>
  (
    rest.match(
      /(?:rest|\/)?\s*\d+(?::\d\d|\s*(?:seconds?|secs?|s|minutes?|mins?|['′″"])(?![a-z]))|rest\s*\d+|rir\s*-?\d+(?:\.\d+)?|@?\s*-?\d+(?:\.\d+)?\s*(?:%|kg|lb)|\d(?:-\d)?\s*(?:down|up)|slow|fast|[^\s·;]+/g,
    ) ?? []
  )
    .map((part) => part.trim())
    .filter((part) => part !== '');

function readPart(part: string, mass: MassUnit): Partial<Dose> | null {
  const clock = /^(?:rest|\/)?\s*(\d+):(\d\d)$/.exec(part);
  if (clock) return { restSeconds: Number(clock[1]) * 60 + Number(clock[2]) };
  const rest = /^(?:rest|\/)?\s*(\d+)\s*(s|m|['′″"])[a-z]*$/.exec(part) ?? /^rest\s*(\d+)$/.exec(part);
  if (rest) return { restSeconds: Number(rest[1]) * (rest[2] === 'm' || rest[2] === "'" || rest[2] === '′' ? 60 : 1) };
  const rir = /^rir\s*(-?\d+(?:\.\d+)?)$/.exec(part);
  if (rir) return { rir: Number(rir[1]) };
  const percent = /^@?\s*(-?\d+(?:\.\d+)?)\s*%$/.exec(part);
  if (percent) return { percent: Number(percent[1]) / 100 };
  const load = /^@?\s*(-?\d+(?:\.\d+)?)\s*(kg|lb)?$/.exec(part);
  if (load)
    return {
      loadKg: massToKg(Number(load[1]), load[2] === 'lb' ? 'lb' : load[2] === 'kg' ? 'kg' : mass),
      percent: null,
    };
  if (/^\d(?:-\d)?\s*(?:down|up|hold)$/.test(part) || part === 'slow' || part === 'fast')
    return { tempo: part.replace(/\s+/, ' ') };
  return null;
}

function checkLimits(dose: Dose): Issue[] {
  const issues: Issue[] = [];
  const check = (what: string, value: number | null, most: number, least: number): void => {
    if (value === null) return;
    if (value < least) issues.push({ code: 'number_not_positive', path: ['dose'], facts: { what, value, least } });
    if (value > most) issues.push({ code: 'number_too_large', path: ['dose'], facts: { what, value, most } });
  };
  check('sets', dose.sets, LIMITS.sets, 1);
  check(dose.unit, dose.amount, LIMITS[dose.unit], 1);
  for (const holds of dose.pyramid?.holds ?? []) check('holds', holds, LIMITS.holds, 1);
  check('off', dose.pyramid?.offS ?? null, LIMITS.offS, 1);
  check('load', dose.loadKg, LIMITS.loadKg, 0.5);
  check('rest', dose.restSeconds, LIMITS.restSeconds, 0);
  check('RIR', dose.rir, LIMITS.rir, 0);
  check('%', dose.percent === null ? null : Math.round(dose.percent * 100), 120, 1);
  if (!Number.isInteger(dose.sets)) issues.push({ code: 'sets_not_whole', path: ['dose'], facts: { sets: dose.sets } });
  if (dose.rir !== null && !Number.isInteger(dose.rir))
    issues.push({ code: 'rir_not_whole', path: ['dose'], facts: { rir: dose.rir } });
  if (dose.unit === 'reps' && !Number.isInteger(dose.amount))
    issues.push({ code: 'reps_not_whole', path: ['dose'], facts: { reps: dose.amount } });
  return issues;
}
