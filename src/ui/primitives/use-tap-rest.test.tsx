/** @jest-environment ./src/testing/environment.cjs */
import { flushSync } from 'react-dom';
import { createRoot } from 'react-dom/client';
import { useTapRest } from './use-tap-rest';

function Sheet() {
  const tapped = useTapRest();
  return <div id="sheet" onPointerDownCapture={tapped} />;
}

const SPOT = { clientX: 200, clientY: 300, bubbles: true, cancelable: true };
const at = <E extends Event>(event: E, when: number): E =>
  Object.defineProperty(event, 'timeStamp', { value: when });

/** A sheet goes by a tap; what a click reaches that comes so long (ms) after the tap and is handled so long after the sheet went. */
async function reaches(after: number, handled: number, spot: MouseEventInit = SPOT): Promise<boolean> {
  const behind = document.body.appendChild(document.createElement('button'));
  const root = createRoot(document.body.appendChild(document.createElement('div')));
  flushSync(() => root.render(<Sheet />));
  const tap = performance.now();
  document.querySelector('#sheet')?.dispatchEvent(at(new MouseEvent('pointerdown', SPOT), tap));
  root.unmount();
  await new Promise((resolve) => setTimeout(resolve, handled));
  let reached = false;
  behind.addEventListener('click', () => (reached = true));
  behind.dispatchEvent(at(new MouseEvent('click', spot), tap + after));
  document.body.replaceChildren();
  return reached;
}

test('the second half of a double tap dies with its sheet', async () => {
  expect(await reaches(90, 20)).toBe(false);
});

test('on a slow device as well, where it is handled long after the sheet went', async () => {
  expect(await reaches(90, 600)).toBe(false);
});

test('a tap of its own reaches what lies there, and one elsewhere is no second half', async () => {
  expect(await reaches(800, 600)).toBe(true);
  expect(await reaches(90, 20, { ...SPOT, clientY: 400 })).toBe(true);
});
