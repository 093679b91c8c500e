import { z } from 'zod';

/** A person as they sign up, by themselves or by a link. How good the password is, the server says. */
export const personSchema = z.object({
  name: z.string().trim().min(2, 'Write your name as your athletes know it.').max(80, 'A shorter name, please.'),
  email: z.email('This does not read as an e-mail address.').max(254, 'A shorter address, please.'),
  password: z.string().max(128, 'At most 128 characters.'),
});

export const passwordChangeSchema = z.object({
  current: z.string().min(1, 'Write your current password.').max(128, 'At most 128 characters.'),
  password: z.string().max(128, 'At most 128 characters.'),
});

/** Roles a link may give: athletes come in by their own. */
export const INVITED_ROLES = ['head-coach', 'assistant', 'physio-read'] as const;
export const ROLE_WORDS: Readonly<Record<(typeof INVITED_ROLES)[number], string>> = {
  'head-coach': 'Head coach: plans, logs, sees health notes, invites',
  assistant: 'Assistant: sees and logs, plans nothing',
  'physio-read': 'Physio: reads everything, health notes too; writes nothing',
};
export const inviteSchema = z.object({ role: z.enum(INVITED_ROLES, 'Choose what the person may do.') });
