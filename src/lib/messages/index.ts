export * from './words';
export * from './reasons';
export * from './issues';
export * from './changes';
export * from './schools';
export * from './tables';
export * from './library';
export * from './start-line';
