import { createAccessControl } from 'better-auth/plugins/access';

/** The four roles of a club. */
export const ROLES = ['head-coach', 'assistant', 'athlete', 'physio-read'] as const;
export type Role = (typeof ROLES)[number];

export type Ability = 'see' | 'plan' | 'log' | 'health';

/**
 * What a role may do with the club's own work: see it, change plans, log on the floor, or read health notes.
 * Athletes come in by their own link, not by the staff's pages.
 */
const CAN: Readonly<Record<Role, readonly Ability[]>> = {
  'head-coach': ['see', 'plan', 'log', 'health'],
  assistant: ['see', 'log'],
  athlete: [],
  'physio-read': ['see', 'health'],
};

export const can = (role: Role, ability: Ability): boolean => CAN[role].includes(ability);

/** better-auth's own rights inside its organisation plugin: only the head coach touches members. */
export const accessControl = createAccessControl({
  organization: ['update', 'delete'],
  member: ['create', 'update', 'delete'],
  invitation: ['create', 'cancel'],
});
const none = accessControl.newRole({ organization: [], member: [], invitation: [] });
export const organizationRoles = {
  'head-coach': accessControl.newRole({
    organization: ['update'],
    member: ['create', 'update', 'delete'],
    invitation: ['create', 'cancel'],
  }),
  assistant: none,
  athlete: none,
  'physio-read': none,
};
