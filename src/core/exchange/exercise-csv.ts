import { exerciseSchema, type Exercise } from '../library';
import { wantOf, type CellIssue, type CellWant } from './cell-issue';
import { EXERCISE_COLUMNS, type ExerciseColumn, type ExerciseRow } from './exercise-columns';

const LIST = ' | ';
const list = (items: readonly string[]): string => items.join(LIST);
const pairs = (record: Readonly<Record<string, number | undefined>>): string =>
  list(Object.entries(record).map(([key, value]) => `${key}:${String(value)}`));

/** An entry as a row of cells. */
export const exerciseToRow = (e: Exercise): ExerciseRow => ({
  id: e.id,
  name: e.name,
  aliases: list(e.aliases),
  family: e.family,
  pattern: e.pattern,
  qualities: list(e.qualities),
  stance: e.stance,
  plane: e.plane,
  vector: e.vector,
  speed: e.speed,
  needsAllOf: list(e.equipment.allOf),
  needsAnyOf: list(e.equipment.anyOf),
  load: e.load.kind,
  oneRepMax: e.load.oneRepMax ? JSON.stringify(e.load.oneRepMax) : '',
  doseUnit: e.doseUnit,
  per: e.per ?? '',
  secondsPerRep: String(e.secondsPerRep),
  setUpSeconds: String(e.setUpSeconds),
  station: e.station,
  share: pairs(e.share),
  kneeDominance: e.dominance ? String(e.dominance.knee) : '',
  soreness: String(e.soreness),
  demands: pairs(e.demands),
  plyo: e.plyo ? JSON.stringify(e.plyo) : '',
  gates: e.gates.length > 0 ? JSON.stringify(e.gates) : '',
  cues: list(e.cues),
  faults: list(e.faults.map(({ seen, say, screen }) => `${seen} > ${say}${screen ? ` [${screen}]` : ''}`)),
  callReady: e.call.ready,
  callGo: e.call.go,
  cautions: list(e.cautions),
  stopSigns: list(e.stopSigns),
  groupable: e.groupable ? 'yes' : 'no',
  space: e.space,
  partner: e.partner ?? '',
  spotter: e.spotter,
  carryover: pairs(e.carryover),
  builds: list(e.builds),
  flags: list(e.flags),
});

/** Which column a field of the entry comes from, where their names differ. */
const COLUMN_OF: Readonly<Record<string, ExerciseColumn>> = {
  equipment: 'needsAllOf',
  dominance: 'kneeDominance',
  call: 'callReady',
};

/**
 * A row of cells as an entry. Its place on a ladder is not in the row: the ladders say it.
 * @returns the entry, or the cells that cannot be read
 */
export function rowToExercise(
  row: ExerciseRow,
): { ok: true; value: Exercise } | { ok: false; issues: readonly CellIssue[] } {
  const issues: CellIssue[] = [];
  const refuse = (column: ExerciseColumn, wants: CellWant | null = null): void => {
    issues.push({ column, value: row[column], wants });
  };
  const items = (column: ExerciseColumn): string[] =>
    row[column]
      .split('|')
      .map((item) => item.trim())
      .filter(Boolean);
  const number = (column: ExerciseColumn): number => {
    const value = Number(row[column]);
    if (row[column].trim() === '' || !Number.isFinite(value)) refuse(column, { kind: 'number' });
    return value;
  };
  const record = (column: ExerciseColumn): Record<string, number> =>
    Object.fromEntries(
      items(column).map((item) => {
        const at = item.lastIndexOf(':');
        const value = Number(item.slice(at + 1));
        if (at < 1 || !Number.isFinite(value)) refuse(column);
        return [item.slice(0, at), value];
      }),
    );
  const json = (column: ExerciseColumn, empty: unknown): unknown => {
    if (row[column].trim() === '') return empty;
    try {
      return JSON.parse(row[column]) as unknown;
    } catch {
      refuse(column);
      return empty;
    }
  };
  const faults = items('faults').map((item) => {
    const [, seen, say, screen] = /^(.+?)\s+>\s+(.+?)(?:\s+\[([\w-]+)\])?$/.exec(item) ?? [];
    if (seen === undefined || say === undefined) refuse('faults');
    return { seen: seen ?? '', say: say ?? '', screen: screen ?? null };
  });
  if (!['yes', 'no'].includes(row.groupable)) refuse('groupable');
  const knee = row.kneeDominance.trim() === '' ? null : number('kneeDominance');
  const share = record('share');
  if (Math.abs(Object.values(share).reduce((sum, part) => sum + part, 0) - 1) > 1e-6) refuse('share');
  const parsed = exerciseSchema.safeParse({
    id: row.id,
    name: row.name,
    aliases: items('aliases'),
    family: row.family,
    pattern: row.pattern,
    qualities: items('qualities'),
    stance: row.stance,
    plane: row.plane,
    vector: row.vector,
    speed: row.speed,
    equipment: { allOf: items('needsAllOf'), anyOf: items('needsAnyOf') },
    load: { kind: row.load, oneRepMax: json('oneRepMax', null) },
    doseUnit: row.doseUnit,
    per: row.per.trim() === '' ? null : row.per,
    secondsPerRep: number('secondsPerRep'),
    setUpSeconds: number('setUpSeconds'),
    station: row.station,
    share,
    dominance: knee === null ? null : { knee, hip: Math.round((1 - knee) * 1e6) / 1e6 },
    soreness: number('soreness'),
    demands: record('demands'),
    plyo: json('plyo', null),
    ladder: null,
    gates: json('gates', []),
    cues: items('cues'),
    faults,
    call: { ready: row.callReady, go: row.callGo },
    cautions: items('cautions'),
    stopSigns: items('stopSigns'),
    groupable: row.groupable === 'yes',
    space: row.space,
    partner: row.partner.trim() === '' ? null : row.partner,
    spotter: row.spotter,
    carryover: record('carryover'),
    builds: items('builds'),
    flags: items('flags'),
  });
  if (!parsed.success)
    for (const issue of parsed.error.issues) {
      const field = String(issue.path[0]);
      const column = COLUMN_OF[field] ?? EXERCISE_COLUMNS.find((one) => one === field);
      if (column && !issues.some((one) => one.column === column)) refuse(column, wantOf(issue));
    }
  return parsed.success && issues.length === 0 ? { ok: true, value: parsed.data } : { ok: false, issues };
}
