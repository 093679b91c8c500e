import type { Dose } from '$core/dose';
import { formatSets } from '$core/exchange';
import { changeWords } from '$lib/messages';
import type { Moved, Stepped } from '$lib/model/call';
import type { CallRows } from './call-rows';
import { group, nameIn } from './make-calls';
import { SQUAD_STEP } from './squad-steps';

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

/** Lines of today's cards that stepped with the squad's votes (PROG-16). */
export const squadsStepped = ({ club, sessions }: CallRows, squadId: string | null): Stepped[] =>
  sessions
    .filter((one) => one.day === club.today && one.athleteId === null && (squadId === null || one.squadId === squadId))
    .flatMap((session) =>
      session.lines.flatMap((line) => {
        const step = line.reasons.find(({ code }) => code === SQUAD_STEP);
        if (!step) return [];
        return [
          {
            key: `${session.id} ${line.slot}`,
            href: `/bench/${session.squadId}/${session.day}`,
            squad: club.squads.find(({ id }) => id === session.squadId)?.name ?? '',
            exercise: nameIn(club)(line.exerciseId),
            to: formatSets(line.full?.dose ?? line.dose),
            rise: step.facts.rise === true,
          },
        ];
      }),
    );
