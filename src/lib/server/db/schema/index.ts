export * from './auth';
export * from './club';
export * from './relations';
export * from './session';
export * from './squad';
