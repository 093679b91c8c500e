export * from './tables-schema';
export * from './overlay-tables';
