import type { Sport } from '$core/library';
import { COURT_SPORTS } from './court';
import { FIELD_SPORTS } from './field';
import { ICE_AND_BOARD_SPORTS } from './ice-and-board';
import { OTHER_SPORTS } from './other';

/** Sport profiles (method 3). Weights 0–5: what the sport asks of the body, each with its reason. */
export const SPORTS: readonly Sport[] = [...COURT_SPORTS, ...FIELD_SPORTS, ...ICE_AND_BOARD_SPORTS, ...OTHER_SPORTS];
