import type { Dose } from '$core/dose';
import { formatMass, formatSets } from '$core/exchange';
import type { MethodTables, Place } from '$core/method';
import type { Clearance } from '$core/safety';
import { ownValue } from '$core/own';
import type { MassUnit } from '$core/units';
import { changeWords, longDate } from '$lib/messages';
import type { HistoryLine } from '$lib/model/athlete-history';
import type { change } from '../db/schema';

interface Words {
  readonly names: Readonly<Record<string, string>>;
  readonly athlete: string;
  readonly mass: MassUnit;
  readonly places: Readonly<Record<string, Place>>;
  readonly stages: MethodTables['returning']['stages'];
  readonly health: boolean;
  readonly exercise: (id: string) => string;
}

type Row = typeof change.$inferSelect;
interface Dosed {
  exerciseId: string;
  dose: Dose;
}
interface Hurt {
  place: string;
  score: number;
}

const FACT_WORDS: Readonly<Record<string, string>> = {
  name: 'name',
  birthDate: 'birth date',
  sex: 'sex',
  bodyMassKg: 'body mass',
  liftLevel: 'lift level',
  jumpLevel: 'jump level',
  jumpSeasons: 'jump seasons',
  growthCmPerMonth: 'growth',
  role: 'role',
  guardianConsent: 'guardian consent',
};

/** What nobody did by hand. */
const NOBODY: Readonly<Record<string, string>> = { rule: 'a rule', migration: 'the update' };

/** The append-only record in words; health lines only for those who may read them. */
export function historyWords(rows: readonly Row[], words: Words): HistoryLine[] {
  return rows.flatMap((row) => {
    const said = sayOrOwn(row, words);
    if (!said) return [];
    const who = row.actor.startsWith('athlete:')
      ? words.athlete
      : (ownValue(words.names, row.actor) ?? ownValue(NOBODY, row.actor) ?? 'someone');
    return [{ id: row.id, day: row.day, who, rules: row.rules, ...said }];
  });
}

/** Lines whose words are all in what changed. */
const TOLD = ['dose', 'dose-held', 'own-line', 'complaint', 'clearance', 'facts', 'test', 'ceiling'];

/** A line that no longer makes sense keeps its place: what it said was forgotten, or an older version wrote it otherwise. */
function sayOrOwn(row: Row, words: Words): ReturnType<typeof say> {
  if (TOLD.includes(row.subject) && row.from === null && row.to === null)
    return { what: 'Forgotten since', from: null, to: null };
  try {
    return say(row, words);
  } catch {
    return { what: 'A line that cannot be read any more', from: null, to: null };
  }
}

function say(row: Row, words: Words): Pick<HistoryLine, 'what' | 'from' | 'to'> | null {
  const none = { from: null, to: null };
  switch (row.subject) {
    case 'dose':
    case 'dose-held':
    case 'own-line': {
      const to = row.to as Dosed;
      const from = (row.from ?? row.to) as Dosed;
      if (row.subject === 'dose-held')
        return { what: `${words.exercise(to.exerciseId)} held at`, from: null, to: formatSets(to.dose) };
      return { what: words.exercise(to.exerciseId), ...changeWords(from, to, words.exercise, words.mass) };
    }
    case 'complaint': {
      if (!words.health) return null;
      const hurt = (row.to ?? row.from) as Hurt;
      const before = row.from as Hurt | null;
      return {
        what: `Complaint, ${ownValue(words.places, hurt.place)?.name ?? hurt.place}`,
        from: before ? String(before.score) : null,
        to: hurt.score === 0 ? 'gone' : `${String(hurt.score)} of 10`,
      };
    }
    case 'referred':
      return words.health ? { what: 'Referred to a clinician', ...none } : null;
    case 'returned':
      return words.health ? { what: 'Back for good: the way back is over', ...none } : null;
    case 'clearance': {
      const { role, expires, upTo } = row.to as Pick<Clearance, 'role' | 'expires' | 'upTo'>;
      const stage = upTo == null ? '' : `, by stages up to “${words.stages[upTo].name}”`;
      return words.health
        ? { what: `Clearance by ${role}${stage}`, from: null, to: `until ${longDate(expires)}` }
        : null;
    }
    case 'facts':
      return {
        what: `Facts changed: ${Object.keys(row.to as object)
          .map((key) => ownValue(FACT_WORDS, key) ?? key)
          .join(', ')}`,
        ...none,
      };
    case 'test':
      return { what: `Test ${(row.to as { test: string }).test}`, ...none };
    case 'focus':
      return { what: 'Focus', ...named(row) };
    case 'moment':
      return { what: 'Weak moment', ...named(row) };
    case 'ceiling': {
      const { lift, kg } = row.to as { lift: string; kg: number | null };
      const name = lift.replaceAll('-', ' ');
      return {
        what: kg === null ? `The ${name} may rise again` : `Strong enough: ${name}`,
        from: null,
        to: kg === null ? null : formatMass(kg, words.mass),
      };
    }
    case 'own-days': {
      const { name, from, to } = (row.to ?? row.from) as { name: string; from: string; to: string };
      const days = `${name}, ${longDate(from)}${to === from ? '' : ` – ${longDate(to)}`}`;
      return row.to === null
        ? { what: 'Own calendar', from: days, to: 'taken out' }
        : { what: 'Own calendar', from: null, to: days };
    }
    case 'played': {
      const { event, selected, minutes } = row.to as { event: string; selected: boolean; minutes: number | null };
      const said = !selected ? 'not selected' : minutes === null ? 'selected' : `${String(minutes)} minutes`;
      return { what: event, from: null, to: said };
    }
    case 'side':
      return { what: 'Beside training', ...named(row) };
    case 'lighter':
      return { what: 'Lighter for three answered sessions', ...none };
    case 'full-again':
      return { what: 'Full card again', ...none };
    case 'background':
      return { what: 'Background changed', ...none };
    case 'taken-over':
      return { what: 'Loads and doses taken over as they stood', ...none };
    case 'athlete-added':
      return { what: 'Added to the squad', ...none };
    case 'data-taken':
      return { what: 'Own data taken out as a file', ...none };
    case 'link-made':
      return { what: 'New check-in link', ...none };
    case 'link-ended':
      return { what: 'Check-in link ended', ...none };
    default:
      return null;
  }
}

/** From → to of something that has a name; nothing stands as none. */
function named({ from, to }: Row): Pick<HistoryLine, 'from' | 'to'> {
  const nameOf = (value: unknown): string | null => (value as { name?: string } | null)?.name ?? null;
  return { from: nameOf(from), to: nameOf(to) ?? 'none' };
}
