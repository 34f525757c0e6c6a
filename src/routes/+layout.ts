// What a presenter makes lives in the browser's own store: there is nothing to render on a server.
export const ssr = false;
export const prerender = false;
