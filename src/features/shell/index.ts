/** Shell: the frame around every place. */
export { AppShell } from './app-shell';
export { ThemeScript } from './theme-script';
export { Lost } from './lost';
export { Broken } from './broken';
