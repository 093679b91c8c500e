export * from './settings-schema';
export * from './dose-row-ids';
export * from './returning-schema';
export * from './tables-schema';
export * from './overlay-tables';
export * from './schools';
export * from './table-leaves';
export * from './school-library';
