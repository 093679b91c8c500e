export * from './blocks';
export * from './card';
export * from './group';
