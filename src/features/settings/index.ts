/** Keep: the archive, units, light. */
export { SettingsView } from './settings-view';
