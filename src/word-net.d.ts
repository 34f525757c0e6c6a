/** Cut out of the general word net by the build. */
declare module 'virtual:word-net' {
  const text: string;
  export default text;
}
