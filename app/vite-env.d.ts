/// <reference types="vite/client" />
declare module '*.pack?url' {
  const url: string;
  export default url;
}
declare module '@fontsource-variable/*';
declare module '@fontsource/*';
