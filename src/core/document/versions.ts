import type { Migration } from '../model/document-kind';
import { toVersion2 } from './migrations/to-version-2';
import { toVersion3 } from './migrations/to-version-3';
import { toVersion4 } from './migrations/to-version-4';
import { toVersion5 } from './migrations/to-version-5';
import { toVersion6 } from './migrations/to-version-6';
import { toVersion7 } from './migrations/to-version-7';

/** The version of the adventure that this build writes. */
export const CURRENT_VERSION = 7;

export const MIGRATIONS: readonly Migration[] = [
  toVersion2,
  toVersion3,
  toVersion4,
  toVersion5,
  toVersion6,
  toVersion7,
];
