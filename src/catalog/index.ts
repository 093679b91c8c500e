export { EXERCISES, LIBRARY } from './library';
export { LADDERS } from './ladders';
export { SPORTS } from './sports';
export { METHOD } from './method';
export { TEST_SPECS } from './tests';
export { MOMENTS } from './start/moments';
export { FOCUSES } from './start/focuses';
export { SCREEN_DRAWINGS } from './start/screen-figures';
export { START } from './start/settings';
