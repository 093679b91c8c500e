import { error } from '@sveltejs/kit';
import { z } from 'zod';
import { checkInSchema } from '$lib/model/bodies';
import { answerMorning, sayEffort } from '../commands/answer-morning';
import { setMoment } from '../commands/squad-aims';
import { doSide } from '../commands/sides';
import { fields, firstOf, type Reader } from '../door/readers';
import { linkForm, NO_LINK } from '../door/scopes';
import { homeOf, loadAthlete } from '../repositories/athletes';
import { loadClub } from '../repositories/club-context';

const effortSchema = z.object({
  rpe: z.preprocess(
    (text) => (text === '' ? undefined : text),
    z.coerce
      .number({ error: 'How hard was it, 0 to 10?' })
      .int('A whole number from 0 to 10.')
      .min(0, 'From 0 to 10.')
      .max(10, 'From 0 to 10.'),
  ),
});

const ANSWER_MESSAGES: Readonly<Record<string, string>> = {
  score_missing: 'How strong is the pain, 0 to 10?',
  place_missing: 'Where does it hurt?',
};
const UNREADABLE = 'Something here does not read. Choose again.';
type Answered = z.output<typeof checkInSchema>;

/** A morning's answer: what was not asked for with it is left out. */
const answerFields: Reader<Answered> = {
  // the answer's own id is the command's
  read: (typed, { pageId }) => {
    const text = (name: string): string | null => (typed[name] ?? '') || null;
    // a tap on one answer goes before another that was ticked
    const answer = firstOf(typed.answer ?? '') || null;
    if (answer === null) return { ok: false, errors: { answer: ['Choose how your legs feel.'] } };
    const pain = answer === 'pain';
    const score = text('score');
    const parsed = checkInSchema.safeParse({
      id: pageId,
      answer,
      place: answer === 'fine' || answer === 'usual' ? null : text('place'),
      side: pain ? text('side') : null,
      score: pain && score !== null ? Number(score) : null,
      signs: pain ? (typed.signs ?? '').split(', ').filter(Boolean) : [],
    });
    if (!parsed.success)
      return {
        ok: false,
        errors: {
          answer: [...new Set(parsed.error.issues.map(({ message }) => ANSWER_MESSAGES[message] ?? UNREADABLE))],
        },
      };
    return { ok: true, value: parsed.data };
  },
};

export const morningForms = {
  /** how hard the last session was, said after the answer of the morning, which stands */
  effort: linkForm({
    form: 'effort',
    verb: 'effort',
    reads: fields(effortSchema),
    field: 'rpe',
    work: async (tx, { athleteId }, { value, id, actor }) =>
      sayEffort(tx, await loadClub(tx), athleteId, id, value.rpe, actor),
    says: (_, { rpe }) => ({ said: rpe }),
  }),
  answer: linkForm({
    form: 'answer',
    verb: 'answer',
    reads: answerFields,
    field: 'answer',
    work: async (tx, { athleteId }, { value, id, actor }) => {
      const club = await loadClub(tx);
      return answerMorning(tx, club, athleteId, { ...value, id }, club.today, actor);
    },
    says: (_, { answer, score, signs }) => ({
      sent: answer,
      stop: answer === 'pain' && ((score ?? 0) >= 4 || signs.length > 0),
    }),
  }),
};

export const sideForms = {
  default: linkForm({
    form: 'side',
    verb: 'side',
    reads: fields(z.object({ programme: z.string().max(80), done: z.string().transform((said) => said === 'yes') })),
    field: 'programme',
    work: (tx, { athleteId }, { value, id, actor }) => doSide(tx, athleteId, id, value, actor),
  }),
};

export const momentForms = {
  default: linkForm({
    form: 'moment',
    verb: 'moment',
    reads: fields(z.object({ moment: z.string().max(80).default('') })),
    field: 'moment',
    work: async (tx, { athleteId }, { value, actor }) => {
      const club = await loadClub(tx);
      const row = await loadAthlete(tx, athleteId, club.today);
      if (!row) error(404, NO_LINK);
      return setMoment(tx, { club, row, squad: homeOf(row, club) }, value.moment, actor);
    },
  }),
};
