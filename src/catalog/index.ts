export { EXERCISES, LIBRARY } from './library';
export { LADDERS } from './ladders';
export { SPORTS } from './sports';
export { METHOD } from './method';
export { TEST_SPECS } from './tests';
export { FOCUSES } from './start/focuses';
export { START } from './start/settings';
