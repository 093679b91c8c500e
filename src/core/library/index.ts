export * from './words';
export * from './exercise-schema';
export * from './ladder-schema';
export * from './sport-schema';
export * from './library';
export * from './get-exercise';
export * from './own-entries';
