export * from './settings-schema';
export * from './tables-schema';
export * from './overlay-tables';
