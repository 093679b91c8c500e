export * from './focus';
export * from './settings';
export * from './pyramid';
export * from './lever';
export * from './audit';
export * from './chain';
export * from './next-test';
export * from './with-estimates';
export { readStartLine, type ChangeCode, type StartInput, type StartReading } from './start-reading';
