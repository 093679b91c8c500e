export * from './week-load';
export {
  compareLoads,
  fading,
  modelsIn,
  performance,
  type Difference,
  type MemoryRanges,
  type TwoMemories,
} from './fitness-fatigue';
export * from './fit-memories';
export * from './planned-loads';
