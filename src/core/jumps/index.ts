export * from './contacts';
export * from './budget';
export * from './shock-gate';
