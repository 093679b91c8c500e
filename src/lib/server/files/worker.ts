import { LIBRARY } from '$catalog';
import { overlayLibrary, type OwnEntry } from '$core/library';
import { readFixturesFile } from './read-fixtures';
import { readLibraryFile } from './read-library';
import { readResultsFile } from './read-results';

/** What a library file is read against: plain data, so that a worker can be handed it. */
export interface LibraryTask {
  readonly text: string;
  readonly name: string;
  readonly entries: readonly OwnEntry[];
}

/** Runs in a thread of its own: a file may take what it takes, and nobody else waits. */
export const library = ({ text, name, entries }: LibraryTask) =>
  readLibraryFile(text, name, overlayLibrary(LIBRARY, entries));

export const results = readResultsFile;

export const fixtures = readFixturesFile;
