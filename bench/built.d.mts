/** See built.mjs. */
export const executablePath: string | undefined;
