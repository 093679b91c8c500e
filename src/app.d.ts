import type { Identity } from '$lib/server/auth/identity';

declare global {
  namespace App {
    interface Locals {
      identity: Identity | null;
      /** ids made for this answer alone: a page that is kept gets new ones each time it is given */
      onceIds: string[];
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}

export {};
