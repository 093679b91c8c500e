export * from './contacts';
export * from './budget';
export * from './output';
export * from './shock-gate';
