import type { WorkPart } from '$core/figures';
import type { FinderEntry } from '$core/library';

/** An entry as the Library lists it: what the finder needs, and which part its drawing sets off. */
export interface LibraryRow extends FinderEntry {
  readonly work: WorkPart;
}
