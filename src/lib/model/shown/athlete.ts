import { ownValue } from '$core/own';
import type { Background } from '$core/startline';
import { massFromKg, type MassUnit } from '$core/units';
import { longDate } from '$lib/messages';
import type { Texts } from '../merge-texts';

export interface PersonFacts {
  readonly name: string;
  readonly birthDate: string | null;
  readonly sex: string | null;
  readonly bodyMassKg: number | null;
  readonly liftLevel: string;
  readonly jumpLevel: string;
  readonly jumpSeasons: number | null;
  readonly growthCmPerMonth: number | null;
  readonly role: string | null;
  readonly guardianConsent: boolean;
}

const tenths = (value: number | null): string => (value === null ? '' : String(Math.round(value * 10) / 10));

/** What is known of a person, as its form shows it. */
export const factsTexts = (person: PersonFacts, mass: MassUnit): Texts => ({
  name: person.name,
  birthDate: person.birthDate === null ? '' : longDate(person.birthDate),
  sex: person.sex ?? '',
  bodyMassKg: tenths(person.bodyMassKg === null ? null : massFromKg(person.bodyMassKg, mass)),
  liftLevel: person.liftLevel,
  jumpLevel: person.jumpLevel,
  jumpSeasons: tenths(person.jumpSeasons),
  growthCmPerMonth: tenths(person.growthCmPerMonth),
  role: person.role ?? '',
  guardianConsent: person.guardianConsent ? 'on' : '',
});

/** Past injuries, one a line. @param places the body's, by id, in words */
export const injuryLines = ({ pastInjuries }: Background, places: Readonly<Record<string, string>>): string[] =>
  pastInjuries.map(({ place, year, side }) =>
    [ownValue(places, place) ?? place, year, side].filter(Boolean).join(', '),
  );

/** What steers caution, as its form shows it. */
export const backgroundTexts = (background: Background, places: Readonly<Record<string, string>>): Texts => ({
  injuries: injuryLines(background, places).join('\n'),
  wears: background.wears,
  surface: background.surface ?? '',
  takeOffLeg: background.takeOffLeg ?? '',
  practiceHours: background.practiceHours === null ? '' : String(background.practiceHours),
});

/** Recent training typed from memory, as its form shows it. */
export const workTexts = (
  work: readonly { readonly exerciseId: string; readonly setsPerWeek: number }[] | null,
): Texts => ({
  // the form ends with an empty line for more
  exercise: [...(work ?? []).map(({ exerciseId }) => exerciseId), ''].join(', '),
  sets: [...(work ?? []).map(({ setsPerWeek }) => String(setsPerWeek)), ''].join(', '),
});

/** A complaint as somebody saw it who writes a note on it. */
export const complaintText = ({
  score,
  signs,
}: {
  readonly score: number;
  readonly signs: readonly string[];
}): string => [String(score), ...signs].join(', ');
