import type { Dose } from '$core/dose';
import { formatSets } from '$core/exchange';
import { changeWords } from '$lib/messages';
import type { CallChoice, Moved, Stepped } from '$lib/model/call';
import type { CallRows } from './call-rows';
import { group, nameIn } from './call-base';
import { SQUAD_RUNG, SQUAD_STEP } from './squad-steps';

/** What the coach settled today, oldest first: for the side of Calls. */
export function settledToday({ club, squads, decisions }: CallRows, squadId: string | null) {
  const names = new Map([...squads.values()].flat().map(({ id, name }) => [id, name]));
  const shown = new Set(
    (squadId === null ? [...squads.values()].flat() : (squads.get(squadId) ?? [])).map(({ id }) => id),
  );
  return group(
    decisions.filter(
      ({ athleteId, actor, day }) =>
        day === club.today && athleteId !== null && actor !== 'rule' && shown.has(athleteId),
    ),
    ({ exerciseId, body }) => `${exerciseId ?? ''} ${(body as Settled).cause}`,
  ).flatMap((own) => {
    const [first] = own;
    if (!first) return [];
    const { cause, to, rules } = first.body as Settled;
    return [
      {
        key: first.id,
        exercise: nameIn(club)(first.exerciseId ?? ''),
        state: cause,
        count: own.length,
        words:
          own.length === 1
            ? `${names.get(first.athleteId ?? '') ?? ''}: ${formatSets(to.dose)}`
            : `${String(own.length)} athletes`,
        rules,
      },
    ];
  });
}

/** Calls answered today that move no dose by themselves, as the coach said. @param health whether the reader sees health notes */
export function answeredToday({ club, squads, putOff }: CallRows, squadId: string | null, health: boolean) {
  const people = new Map([...squads.values()].flat().map(({ id, name }) => [id, name]));
  return putOff
    .filter(({ day }) => day === club.today)
    .flatMap(({ key, choice }) => {
      const [kind = '', of = '', lift = ''] = key.split(' ');
      if (kind === 'neglected')
        return [{ key, exercise: 'Forgotten muscles', state: 'answered', count: 1, words: 'seen', rules: ['LED-1'] }];
      // who is on the way back from what is told to those who may know (SAFE-7)
      if (kind === 'return' && !health) return [];
      const name = people.get(of);
      const squad = club.squads.find(({ id }) => id === of);
      // of an athlete's call the squad is whichever they train with
      const isShown =
        squadId === null || squad?.id === squadId || (squads.get(squadId) ?? []).some(({ id }) => id === of);
      if (!isShown || (!name && !squad)) return [];
      return [
        {
          key,
          exercise: name
            ? kind === 'return'
              ? name
              : `${name}, ${nameIn(club)(lift).toLowerCase()}`
            : (squad?.name ?? ''),
          state: 'answered',
          count: 1,
          words: kind === 'return' ? RETURN_WORDS[choice] : `${ANSWERED[kind] ?? ''}${CHOICE_WORDS[choice]}`,
          rules: [RULE_OF[kind] ?? 'PROG-17'],
        },
      ];
    });
}

const ANSWERED: Readonly<Record<string, string>> = { test: 'tests ' };
const CHOICE_WORDS: Readonly<Record<CallChoice, string>> = {
  later: 'left for this block',
  seen: 'seen',
  lighter: 'lighter for three sessions',
  quality: 'kept as it is, another quality is trained',
  talk: 'asked about',
  leave: 'back for good',
};
/** The same of a way back. */
const RETURN_WORDS: Readonly<Record<CallChoice, string>> = {
  ...CHOICE_WORDS,
  later: 'not back for good yet',
  talk: 'the clinician is asked for the next note',
};
const RULE_OF: Readonly<Record<string, string>> = { stall: 'PROG-10', return: 'SAFE-2' };

interface Settled {
  readonly cause: string;
  readonly from?: { readonly exerciseId: string; readonly dose: Dose };
  readonly saw?: { readonly day?: string };
  readonly to: { readonly exerciseId: string; readonly dose: Dose };
  readonly rules: readonly string[];
}

/** What rules moved by themselves and may be taken back (PROG-17): loads of the last days, by entry. */
export function movedByRule({ club, squads, decisions }: CallRows, squadId: string | null): Moved[] {
  const people = new Map(
    (squadId === null ? [...squads.values()].flat() : (squads.get(squadId) ?? [])).map((row) => [row.id, row]),
  );
  const steps = decisions.flatMap(({ id, actor, athleteId, exerciseId, row, body, day }) => {
    const athlete = people.get(athleteId ?? '');
    const { cause, from, to, saw } = body as Settled;
    if (actor !== 'rule' || cause !== 'accepted' || !athlete || !from || exerciseId === null || row === null) return [];
    const track = athlete.tracks.find(({ state }) => state.exerciseId === exerciseId && state.row === row)?.state;
    // taken back or moved on since: there is nothing to take back any more
    if (track?.owned?.by !== 'accepted' || JSON.stringify(track.owned.dose) !== JSON.stringify(to.dose)) return [];
    const seen = track.exposures.find((exposure) => exposure.day === saw?.day)?.response?.answer;
    return [
      {
        key: id,
        day,
        exercise: nameIn(club)(exerciseId),
        change: {
          athleteId: athlete.id,
          athlete: athlete.name,
          exerciseId,
          row,
          to,
          exercise: nameIn(club)(exerciseId),
          words: changeWords(from, to, nameIn(club), club.massUnit),
        },
        // an answer that was corrected since would not have moved it
        otherwise: seen === 'tight' || seen === 'pain',
      },
    ];
  });
  return group(steps, ({ exercise }) => exercise).map((own) => ({
    exercise: own[0]?.exercise ?? '',
    changes: own.map(({ change, otherwise }) => ({ ...change, otherwise })),
  }));
}

/** Lines of today's cards that stepped or climbed a rung with the squad's votes (PROG-16). */
export const squadsStepped = ({ club, sessions }: CallRows, squadId: string | null): Stepped[] =>
  sessions
    .filter((one) => one.day === club.today && one.athleteId === null && (squadId === null || one.squadId === squadId))
    .flatMap((session) =>
      session.lines.flatMap((line) => {
        const climb = line.reasons.find(({ code, facts }) => code === SQUAD_RUNG && facts.today === true);
        const step = line.reasons.find(({ code }) => code === SQUAD_STEP);
        if (!step && !climb) return [];
        return [
          {
            key: `${session.id} ${line.slot}`,
            href: `/bench/${session.squadId}/${session.day}`,
            squad: club.squads.find(({ id }) => id === session.squadId)?.name ?? '',
            exercise: nameIn(club)(line.exerciseId),
            to: formatSets(line.full?.dose ?? line.dose),
            rise: climb !== undefined || step?.facts.rise === true,
            above: typeof climb?.facts.below === 'string' ? climb.facts.below : null,
          },
        ];
      }),
    );
