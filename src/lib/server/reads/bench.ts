import { gymTimeOn } from '$core/season';
import { weekdayOf } from '$core/calendar';
import type { Brief } from '$core/choose';
import type { DayLine } from '$core/day';
import { DEMANDS } from '$core/library';
import type { BenchGround } from '$lib/model/bench-ground';
import type { CardAnswer } from '$lib/model/card';
import { viewsOf } from '$lib/model/exercise-view';
import { sentView } from '$lib/model/sent-view';
import { storedCard } from '../commands/keep-card';
import { timesOf, libraryOf } from '../repositories/club-context';
import { apartToday } from './apart';
import { withoutHealth } from './hide-health';
import { askedOf, isOnTheWayBack, kitFor, makeBrief } from './make-brief';
import { isReturning } from '$core/day';
import { dayKnot, sayDay, squadKnot, threadEnd } from './page-thread';
import { readCard, type CardRead } from './read-card';
import { shareAlike } from './share-alike';
import type { SquadDay } from './squad-day';

/** Demands shown as what the sport asks: the heaviest. */
const ASKS_SHOWN = 6;
const DEFAULT_MINUTES = 60;

/** The Bench's page. @param may what the reader may do: plan cards, see why something is barred */
export function readBench(rows: SquadDay, may: { readonly plan: boolean; readonly health: boolean }) {
  const { club, squad, session, day } = rows;
  const gym = gymTimeOn(day, timesOf(squad));
  const asked = askedOf(rows, gym?.minutes ?? DEFAULT_MINUTES);
  const read = readCard(rows, may.health);
  const brief = read?.brief ?? makeBrief(rows, asked);
  const ids = read
    ? [...read.card.lines.map((line) => line.exerciseId), ...read.view.flatMap((own) => own.exerciseId ?? [])]
    : [];
  const sport = club.library.sports.get(squad.sportId);
  // on the way back an own card may go to another phase and come back to this one
  const isWayBack = isOnTheWayBack(rows);
  const base = (squadOf: string, dayOf: string) => `/bench/${squadOf}/${dayOf}`;
  const asStored = session && storedCard(session);
  const stored = asStored && (may.health ? asStored : withoutStoredHealth(asStored));
  return {
    thread: {
      knots: [
        squadKnot(club, squad, (one) => base(one.id, day)),
        dayKnot(club, squad, day, (one) => base(squad.id, one)),
      ],
      level: 2,
      ...threadEnd(club, squad, day, asked.phase),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name, kit: kitFor(rows) },
    place: placeNames(rows),
    sport: sport
      ? {
          name: sport.name,
          asks: DEMANDS.map((demand) => ({ demand, weight: sport.demands[demand] }))
            .sort((a, b) => b.weight - a.weight)
            .slice(0, ASKS_SHOWN)
            .map(({ demand }) => demand),
        }
      : null,
    athletes: rows.athletes.map(({ id, name }) => ({ id, name })),
    away: rows.athleteId === null ? rows.away.map(({ name }) => name) : [],
    apart: rows.athleteId === null ? apartNamed(rows, brief) : [],
    /** who comes back by stages: better served by a card of their own */
    returning:
      rows.athleteId === null && may.health
        ? brief.athletes.filter(isReturning).map(({ id, name }) => ({ id, name }))
        : [],
    forAthlete: rows.athleteId,
    day,
    dayWords: sayDay(day),
    weekday: weekdayOf(day),
    start: gym?.start ?? null,
    event: squad.events.find((event) => event.day >= day) ?? null,
    phases: Object.entries(club.method.phases)
      .filter(([id]) => id !== 'return' || asked.phase === 'return' || isWayBack)
      .map(([id, { name }]) => ({ id, name })),
    kinds: Object.entries(club.method.templates).flatMap(([id, { name, asked: byName }]) =>
      byName ? [{ id, name, about: byName.about }] : [],
    ),
    leastMinutes: club.method.settings.time.leastMinutes,
    places: Object.fromEntries(Object.entries(club.method.places).map(([id, { name }]) => [id, name])),
    phase: asked.phase,
    minutes: asked.minutes,
    frozen: day < club.today,
    plans: may.plan,
    primer: asked.primer,
    covered: brief.covered,
    kneeHip: club.method.settings.ledger.kneeHip,
    session:
      stored && read
        ? shareAlike({
            stored,
            card: read.card,
            view: sentView(atFirst(read, !may.plan)),
            assessment: read.assessment,
            views: viewsOf(new Set(ids), libraryOf(club, squad)),
          })
        : null,
  };
}

const apartNamed = ({ athletes, club }: SquadDay, brief: Brief) =>
  apartToday(brief, club).map((one) => ({
    ...one,
    name: athletes.find(({ id }) => id === one.athleteId)?.name ?? '',
  }));

/**
 * What of a view a page brings: who does something else, and everybody's load; who is not told of does the line as it
 * stands. Who plans today's card has the whole a moment later, worked out in the browser from the ground.
 * @param tellsWhy the reasons of smaller doses too: nothing comes later
 */
const atFirst = ({ card, view }: CardRead, tellsWhy: boolean): readonly DayLine[] => {
  const lines = new Map(card.lines.map((line) => [line.slot, line]));
  return view.flatMap((own) => {
    const line = lines.get(own.slot);
    const isOther = own.exerciseId !== line?.exerciseId || own.stopped !== null;
    const isSame = own.dose.sets === line?.dose.sets && own.dose.amount === line.dose.amount;
    if (!isOther && isSame && own.dose.loadKg === null) return [];
    return [{ ...own, based: null, eased: [], reasons: isOther || tellsWhy ? own.reasons : [] }];
  });
};

/** What the card is solved from. Complaints are in it: it goes only to who may read them. */
export function readGround(rows: SquadDay, kept: BenchGround['kept']): BenchGround {
  const { club, squad, day } = rows;
  const gym = gymTimeOn(day, timesOf(squad));
  const read = readCard(rows, true);
  return {
    brief: read?.brief ?? makeBrief(rows, askedOf(rows, gym?.minutes ?? DEFAULT_MINUTES)),
    tables: club.tables.map(({ table, json }) => ({ table, json })),
    entries: club.entries.map(({ kind, id, json, base }) => ({ kind, id, json, base })),
    kept,
  };
}

/** Where this card is held, and where else the club trains. */
const placeNames = ({ club, session, squad }: SquadDay) => ({
  id: session?.facilityId ?? squad.facilityId,
  all: club.facilities.map(({ id, name }) => ({ id, name })),
});

const withoutStoredHealth = (card: CardAnswer['card']): CardAnswer['card'] => ({
  ...card,
  lines: card.lines.map((one) => ({
    ...one,
    line: { ...one.line, reasons: one.line.reasons.map((reason) => withoutHealth(reason)) },
  })),
});
