/**
 * The second door of core: writing files, which needs large packages. For workers and the server
 * only, so that no page has to carry them.
 */
export { TrackTooLong } from './formats/wav/guide-track';
export { readDates, type ReadDate } from './formats/series/dates-in';
export { writeSeries, type SeriesJob } from './formats/write-series';
export { writeFile } from './formats/write-file';
export type { FileChoices, FileWorld, WrittenFile } from './formats/write-file';
export type { FontFile, FontFiles } from './print/type-case';
