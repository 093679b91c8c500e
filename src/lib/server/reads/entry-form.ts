import { z } from 'zod';
import { DEMANDS, exerciseSchema, MUSCLES, type Exercise } from '$core/library';
import { DEMAND_WORDS, MUSCLE_WORDS } from '$lib/messages';

/** Rounding a coach's whole percent may leave. */
const SHARE_TOLERANCE = 0.005;

const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
const words = (text: string): string[] =>
  text
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean);
const number = (text: string | undefined): number => Number((text ?? '').trim().replace(',', '.') || '0');

/** The texts of an entry's form. */
export function formOf(exercise: Exercise): Record<string, string> {
  return {
    name: exercise.name,
    aliases: exercise.aliases.join(', '),
    cues: exercise.cues.join('\n'),
    faults: exercise.faults
      .map(({ seen, say, screen }) => `${seen} → ${say}${screen ? ` [${screen}]` : ''}`)
      .join('\n'),
    cautions: exercise.cautions.join('\n'),
    stopSigns: exercise.stopSigns.join('\n'),
    allOf: exercise.equipment.allOf.join(', '),
    anyOf: exercise.equipment.anyOf.join(', '),
    secondsPerRep: String(exercise.secondsPerRep),
    setUpSeconds: String(exercise.setUpSeconds),
    soreness: String(exercise.soreness),
    kneePercent: exercise.dominance ? String(Math.round(exercise.dominance.knee * 100)) : '',
    groupable: exercise.groupable ? 'on' : '',
    ...Object.fromEntries(
      MUSCLES.map((muscle) => [`share.${muscle}`, String(Math.round((exercise.share[muscle] ?? 0) * 1000) / 10)]),
    ),
    ...Object.fromEntries(DEMANDS.map((demand) => [`demand.${demand}`, String(exercise.demands[demand] ?? 0)])),
  };
}

type Read = { ok: true; value: Exercise } | { ok: false; errors: Record<string, string[]> };

/**
 * Reads a form over the entry it was opened with: fields the form has no place for stay as they are.
 * @returns the entry, or a message for each field that does not do
 */
export function readEntryForm(typed: Readonly<Record<string, string>>, base: Exercise): Read {
  const errors: Record<string, string[]> = {};
  const text = (field: string): string => typed[field] ?? '';
  const faults = lines(text('faults')).map((line) => {
    const [, seen, say, screen] = /^(.+?)\s*(?:→|->)\s*(.+?)(?:\s*\[(\w[\w-]*)\])?$/.exec(line) ?? [];
    return { seen: seen ?? '', say: say ?? '', screen: screen ?? null };
  });
  if (faults.length === 0 || faults.some(({ seen, say }) => seen === '' || say === ''))
    errors.faults = ['Each line: what is seen → what to say. For example: knees fall in → Knees over the feet.'];
  const share = Object.fromEntries(
    MUSCLES.flatMap((muscle) => {
      const value = number(text(`share.${muscle}`)) / 100;
      if (!(value >= 0 && value <= 1)) errors[`share.${muscle}`] = [`${MUSCLE_WORDS[muscle]}: a number from 0 to 100.`];
      return value > 0 ? [[muscle, value]] : [];
    }),
  ) as Exercise['share'];
  const total = Object.values(share).reduce((sum, part) => sum + part, 0);
  if (Math.abs(total - 1) > SHARE_TOLERANCE)
    errors.share = [`The parts add up to ${String(Math.round(total * 1000) / 10)} %. They should make 100 %.`];
  const demands = Object.fromEntries(
    DEMANDS.flatMap((demand) => {
      const points = number(text(`demand.${demand}`));
      if (!Number.isInteger(points) || points < 0 || points > 3)
        errors[`demand.${demand}`] = [`${DEMAND_WORDS[demand]}: 0, 1, 2 or 3.`];
      return points > 0 ? [[demand, points]] : [];
    }),
  ) as Exercise['demands'];
  const knee = text('kneePercent').trim() === '' ? null : number(text('kneePercent')) / 100;
  if (knee !== null && !(knee >= 0 && knee <= 1)) errors.kneePercent = ['A number from 0 to 100, or empty.'];
  const parsed = exerciseSchema.safeParse({
    ...base,
    name: text('name').trim(),
    aliases: words(text('aliases')),
    cues: lines(text('cues')),
    faults,
    cautions: lines(text('cautions')),
    stopSigns: lines(text('stopSigns')),
    equipment: { allOf: words(text('allOf')), anyOf: words(text('anyOf')) },
    secondsPerRep: number(text('secondsPerRep')),
    setUpSeconds: number(text('setUpSeconds')),
    soreness: number(text('soreness')),
    groupable: text('groupable') !== '',
    share: total > 0 ? scaled(share, total) : share,
    demands,
    dominance: knee === null ? null : { knee, hip: Math.round((1 - knee) * 1000) / 1000 },
  });
  if (!parsed.success)
    for (const issue of parsed.error.issues) {
      const field = String(issue.path[0]);
      errors[field] ??= [FIELD_MESSAGES[field] ?? z.prettifyError(parsed.error)];
    }
  return parsed.success && Object.keys(errors).length === 0 ? { ok: true, value: parsed.data } : { ok: false, errors };
}

const scaled = (share: Exercise['share'], total: number): Exercise['share'] =>
  Object.fromEntries(Object.entries(share).map(([muscle, part]) => [muscle, part / total]));

const FIELD_MESSAGES: Readonly<Record<string, string>> = {
  name: 'Give it a name of three letters or more.',
  cues: 'Two to four cues, one a line, each at least three letters.',
  cautions: 'At least one caution: what must be right before, what ends it.',
  stopSigns: 'At least one sign that ends the movement.',
  faults: 'A screen is written as in the Start line: R1, C5, K2…',
  secondsPerRep: 'Seconds a rep: a number above 0.',
  setUpSeconds: 'Seconds to set up: 0 or more.',
  soreness: 'Soreness: 0, 1, 2 or 3.',
};
