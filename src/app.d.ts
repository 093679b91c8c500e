import type { Identity } from '$lib/server/auth/identity';

declare global {
  namespace App {
    interface Locals {
      identity: Identity | null;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}

export {};
