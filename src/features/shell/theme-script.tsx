import { PREFERENCES_KEY } from '@/store/preferences-key';

// Runs before anything is painted, so that a night screen never flashes white.
const SCRIPT = `try{var t=JSON.parse(localStorage.getItem(${JSON.stringify(PREFERENCES_KEY)})||'{}').theme;if(t&&t!=='auto')document.documentElement.dataset.theme=t}catch(e){}`;

/** Sets the theme this device is set to. */
export function ThemeScript() {
  return <script dangerouslySetInnerHTML={{ __html: SCRIPT }} />;
}
