import { PREFERENCES_KEY, VISITED_KEY } from '@/store/preferences-key';

// Runs before anything is painted, so that a night screen never flashes white, and whoever has a rig is not greeted as new.
const SCRIPT = `try{if(localStorage.getItem(${JSON.stringify(VISITED_KEY)}))document.documentElement.dataset.visited='yes';var t=JSON.parse(localStorage.getItem(${JSON.stringify(PREFERENCES_KEY)})||'{}').theme;if(t&&t!=='auto')document.documentElement.dataset.theme=t}catch(e){}`;

/** Sets the theme this device is set to, and whether it was here before. */
export function ThemeScript() {
  return <script dangerouslySetInnerHTML={{ __html: SCRIPT }} />;
}
