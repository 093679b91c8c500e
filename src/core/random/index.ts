export * from './seeded';
export * from './gaussian';
export * from './seeds';
