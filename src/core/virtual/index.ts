export * from './parameters';
export * from './body';
export { passDay } from './pass-day';
export { doLine } from './train';
export { answerOf, wakeUp } from './morning';
