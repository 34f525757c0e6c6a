/** Reads a file that ships with the application: fonts to print with. */
export type ReadAsset = (url: string) => Promise<Response>;

/** Answers a request; `format` is the last part of its path, where it has one. */
export type Answer = (request: Request, format: string, readAsset: ReadAsset) => Promise<Response>;
