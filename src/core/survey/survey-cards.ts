import { solveCard } from '../choose';
import { getExercise, type Library } from '../library';
import type { MethodTables } from '../method';
import { isMainSlot } from '../session';
import { alikeBriefs, surveyBriefs, type SurveyBrief } from './survey-briefs';
import { neverChosen } from './never-chosen';
import { squadBriefs } from './survey-squads';
import { CARD_MEASURES, type Surveyed } from './survey-measures';

/** A measure with the share of cards that hold it and where it does not. */
export interface MeasureShare {
  readonly id: string;
  readonly wanted: number;
  readonly held: number;
  readonly of: number;
  /** briefs that do not hold it, five at most */
  readonly worst: readonly string[];
}

export interface CardSurvey {
  readonly cards: number;
  /** briefs without a card, with the reason's code */
  readonly without: readonly string[];
  readonly measures: readonly MeasureShare[];
  readonly sportsShare: number;
  readonly phasesShare: number;
  readonly neverChosen: readonly { readonly exerciseId: string; readonly why: string }[];
}

const WORST = 5;
/** Cards of squads as clubs have them are made for every so many-th of the steps that the others take. */
const SQUAD_STEP = 37;

/**
 * Makes cards over sports, phases, minutes, people and places, each with nothing behind it and a block later,
 * and counts what holds of them (SEL-7 to SEL-10, ORD-8); and cards of squads as clubs have them, for what is ever chosen.
 * @param step every so many-th brief of all
 */
export function surveyCards(library: Library, method: MethodTables, step: number): CardSurvey {
  const without: string[] = [];
  const first = makeCards(surveyBriefs(library, step), without, library, method);
  const cards = [...first, ...makeCards(first.map(aBlockLater), without, library, method)];
  const alike = makeCards(alikeBriefs(library), [], library, method);
  const squads = makeCards(squadBriefs(library, method, Math.ceil(step / SQUAD_STEP)), without, library, method);
  return {
    cards: cards.length + squads.length,
    without,
    measures: CARD_MEASURES.map(({ id, wanted, holds }) => {
      const asked = cards.flatMap((card) => {
        const held = holds(card, library, method);
        return held === null ? [] : [{ card, held }];
      });
      const failing = asked.filter(({ held }) => !held);
      return {
        id,
        wanted,
        held: asked.length - failing.length,
        of: asked.length,
        worst: failing.slice(0, WORST).map(({ card }) => nameOf(card.of)),
      };
    }),
    sportsShare: shareBetween(alike, ({ of }) => of.phase, 'entries'),
    phasesShare: shareBetween(alike, ({ of }) => of.sport, 'doses'),
    neverChosen: neverChosen([...cards, ...squads], library),
  };
}

/** The same brief with the card before it as the last block: what runs on, and what comes round, shows here (BLOCK-4). */
function aBlockLater({ of, lines }: Surveyed): SurveyBrief {
  const drills = lines.filter(({ block }) => block === 'prep').map(({ exerciseId }) => exerciseId);
  const had = lines
    .filter(({ block, slot }) => block !== 'prep' && !isMainSlot(slot))
    .map(({ exerciseId }) => exerciseId);
  return { ...of, brief: { ...of.brief, running: { ...of.brief.running, prep: drills, lastBlock: had } } };
}

function makeCards(
  briefs: readonly SurveyBrief[],
  without: string[],
  library: Library,
  method: MethodTables,
): Surveyed[] {
  const cards: Surveyed[] = [];
  for (const of of briefs) {
    const solved = solveCard(of.brief, library, method);
    if (!solved.ok) {
      without.push(`${nameOf(of)}: ${solved.issues[0]?.code ?? ''}`);
      continue;
    }
    const { card } = solved.value;
    cards.push({
      of,
      solved: solved.value,
      loading: method.templates[card.template]?.loading ?? true,
      lines: card.lines.map((line) => ({ ...line, exercise: getExercise(library, line.exerciseId) })),
    });
  }
  return cards;
}

const nameOf = ({ sport, phase, minutes, people, place }: SurveyBrief): string =>
  [sport, phase, `${String(minutes)} min`, people, place].join(', ');

/** Mean share of lines that two cards of one group have in common, prep and cool-down aside. */
function shareBetween(
  cards: readonly Surveyed[],
  groupOf: (card: Surveyed) => string,
  by: 'entries' | 'doses',
): number {
  const groups = new Map<string, ReadonlySet<string>[]>();
  for (const card of cards) {
    const lines = new Set(
      card.lines
        .filter(({ block }) => block !== 'prep' && block !== 'cool-down')
        .map(({ exerciseId, row, dose }) =>
          by === 'entries' ? exerciseId : [exerciseId, row, dose.sets, dose.amount].join(' '),
        ),
    );
    const key = groupOf(card);
    groups.set(key, [...(groups.get(key) ?? []), lines]);
  }
  const shares = [...groups.values()].flatMap((sets) =>
    sets.flatMap((one, i) =>
      sets
        .slice(i + 1)
        .map(
          (other) => [...one].filter((line) => other.has(line)).length / Math.max(1, Math.min(one.size, other.size)),
        ),
    ),
  );
  return shares.length === 0 ? 0 : shares.reduce((sum, value) => sum + value, 0) / shares.length;
}
