import { renderToStaticMarkup } from 'react-dom/server';
import { Guard, guarded } from './guarded';

test('a drawing is drawn as it is', () => {
  const Drawn = guarded(({ of }: { of: string }) => <b>{of}</b>);
  expect(renderToStaticMarkup(<Drawn of="a hub" />)).toBe('<b>a hub</b>');
});

test('one that broke says so in its place', () => {
  const guard = new Guard({ children: 'a hub' });
  expect(guard.render()).toBe('a hub');
  guard.state = Guard.getDerivedStateFromError();
  expect(renderToStaticMarkup(guard.render())).toContain('This drawing cannot be shown.');
});
