import { z } from 'zod';
import { meetsGate, standsOn } from '$core/athlete';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { factsOf, loadSquadAthletes } from '$lib/server/repositories/athletes';
import { libraryOf, loadClub } from '$lib/server/repositories/club-context';
import { gateWords } from '$lib/messages';
import { clubPage, squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const { clubId } = identityOf(locals);
  const asked = url.searchParams.get('squad');
  const { club, squad, athletes } = await withClub(clubId, async (tx) => {
    const found = await loadClub(tx);
    const shown = found.squads.find(({ id }) => id === asked) ?? found.squads[0] ?? null;
    const people = shown ? await loadSquadAthletes(tx, shown.id, found.today) : [];
    return { club: found, squad: shown, athletes: people };
  });
  const library = libraryOf(club, squad ?? club);
  const ladders = [...library.ladders.values()];
  const ladder = ladders.find(({ id }) => id === url.searchParams.get('ladder')) ?? ladders[0];
  if (!ladder) throw new Error('ladders: the library holds no ladder');
  const facts = athletes.map((row) => factsOf(row, club.today, club, squad));
  const athleteId = z.uuid().safeParse(url.searchParams.get('athlete')).data ?? null;
  const one = facts.find(({ id }) => id === athleteId) ?? null;
  const sport = squad ? library.sports.get(squad.sportId) : undefined;
  // most rungs of a ladder are owned the same way: said once
  const usual = mostCommon(ladder.rungs.map(({ mastery }) => mastery));
  const owned = new Map(facts.map((athlete) => [athlete.id, standsOn(ladder.id, athlete, library, club.method)]));
  return {
    ...clubPage(club, '/library/ladders'),
    ...(squad
      ? {
          thread: {
            knots: [squadKnot(club, squad, (other) => `/library/ladders?ladder=${ladder.id}&squad=${other.id}`)],
            level: 1,
            ...threadEnd(club, squad, club.today),
          },
        }
      : {}),
    ladders: ladders.map(({ id, name }) => ({ id, name })),
    squadId: squad?.id ?? null,
    athletes: athletes.map(({ id, name }) => ({ id, name })),
    athlete: one ? { id: one.id, name: one.name, rung: owned.get(one.id) ?? 0 } : null,
    ladder: { id: ladder.id, name: ladder.name, goal: ladder.goal },
    mastery: usual,
    target: sport?.targetRungs[ladder.id] ?? null,
    sport: sport?.name ?? null,
    ground: facts.filter(({ id }) => owned.get(id) === 0).map(({ name }) => name),
    rungs: ladder.rungs.map((rung, i) => {
      const entries = rung.exercises.flatMap((id) => library.exercises.get(id) ?? []);
      const gates = [...rung.gates, ...(entries[0]?.gates ?? [])];
      return {
        number: i + 1,
        name: rung.name,
        purpose: rung.purpose,
        entries: entries.map(({ id, name }) => ({ id, name })),
        gates: [...new Set(gates.map((gate) => gateWords(gate, library)))],
        // what still stands before this rung for the athlete looked at
        closed: one
          ? [...new Set(gates.filter((gate) => !meetsGate(gate, one, library)).map((gate) => gateWords(gate, library)))]
          : [],
        dose:
          rung.sets && rung.amount
            ? `${rung.sets.join('–')} × ${rung.amount.join('–')} ${entries[0]?.doseUnit ?? 'reps'}${entries[0]?.per ? ` a ${entries[0].per}` : ''}`
            : 'as the phase doses it',
        mastery: rung.mastery === usual ? null : rung.mastery,
        fault: rung.fault,
        here: facts.filter(({ id }) => owned.get(id) === i + 1).map(({ id, name }) => ({ id, name })),
      };
    }),
  };
};

const mostCommon = (words: readonly string[]): string =>
  words.reduce((best, word) => (times(word, words) > times(best, words) ? word : best), words[0] ?? '');
const times = (word: string, words: readonly string[]): number => words.filter((one) => one === word).length;
