import { error } from '@sveltejs/kit';
import { v7 } from 'uuid';
import { formatDose } from '$core/exchange';
import { sideMinutes } from '$core/side';
import { sayReason } from '$lib/messages';
import { withLink } from '$lib/server/commands/athlete-link';
import { withoutHealth } from '$lib/server/reads/hide-health';
import { sayDay } from '$lib/server/reads/page-thread';
import { ownSides } from '$lib/server/reads/sides';
import { loadSquadDay } from '$lib/server/reads/squad-day';
import { homeOf, loadAthlete } from '$lib/server/repositories/athletes';
import { loadClub } from '$lib/server/repositories/club-context';
import { loadSides } from '$lib/server/repositories/sides';
import { sideForms } from '$lib/server/forms/own-link';
import type { PageServerLoad } from './$types';

const NO_LINK = 'This link does not open anything. Ask your coach for a new one.';

/** What the athlete does beside the sessions, today's first (SIDE-1). */
export const load: PageServerLoad = async ({ params }) => {
  const found = await withLink(params.token, async (tx, { athleteId }) => {
    const club = await loadClub(tx);
    const row = await loadAthlete(tx, athleteId, club.today);
    const squad = row && homeOf(row, club);
    const rows = squad && (await loadSquadDay(tx, squad.id, club.today, null));
    if (!row) return null;
    const sides = rows
      ? ownSides(
          rows,
          row,
          await loadSides(
            tx,
            row.squads.map(({ squadId }) => squadId),
            athleteId,
            club.today,
          ),
        )
      : [];
    return { club, sides };
  });
  if (!found) error(404, NO_LINK);
  const { club, sides } = found;
  return {
    day: sayDay(club.today),
    formId: v7(),
    sides: sides
      .map(({ id, programme, due, next, done, lines }) => ({
        id,
        name: programme.name,
        purpose: programme.purpose,
        minutes: sideMinutes(lines.filter(({ barred }) => barred === null)),
        due,
        next: next === null ? null : sayDay(next),
        done,
        lines: lines.map(({ exercise, dose, barred }) => ({
          id: exercise.id,
          name: exercise.name,
          family: exercise.family,
          dose: formatDose(dose, club.massUnit),
          cues: exercise.cues,
          caution: exercise.cautions[0] ?? '',
          // the phone says that it is out, not why (SAFE-7)
          out: barred ? sayReason(withoutHealth(barred)) : null,
        })),
      }))
      .sort((a, b) => Number(b.due) - Number(a.due)),
  };
};

export const actions = sideForms;
