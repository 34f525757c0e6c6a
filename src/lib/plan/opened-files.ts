/** What a file that is opened may be, by the end of its name. */
export const OPENED_FILES = '.json,.md,.markdown,.txt,.csv,.docx,.html';
