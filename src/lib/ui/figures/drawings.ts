import { FIGURES } from '$catalog/figures';
import type { Figure } from '$core/figures';
import { ownValue } from '$core/own';

/** How a built-in entry is drawn; null for a club's own. A module of its own, so that it loads only when drawn. */
export const drawingOf = (id: string): Figure | null => ownValue(FIGURES, id) ?? null;
