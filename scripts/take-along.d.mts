import type { Plugin } from 'vite';

/** The page that leads itself, built from the Stage's own code, as the text of a module. */
export function takeAlong(): Plugin;
