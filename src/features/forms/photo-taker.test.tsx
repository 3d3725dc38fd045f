/** @jest-environment ./src/testing/environment.cjs */
import { fireEvent, screen, waitFor } from '@testing-library/dom';
import { createRoot } from 'react-dom/client';
import { PhotoTaker } from './photo-taker';

jest.mock('@/store/photos', () => ({
  takePhoto: (file: File) =>
    Promise.resolve({
      ok: true,
      value: { hash: 'a'.repeat(64), blob: file, bytes: file.size, width: 1, height: 1 },
    }),
}));

test('a photo that the device does not store stays in hand, says so where it was taken, and is tried again', async () => {
  let refusing: unknown = new DOMException('no room', 'QuotaExceededError');
  const kept: string[] = [];
  const root = createRoot(document.body.appendChild(document.createElement('div')));
  root.render(
    <PhotoTaker
      onPhoto={({ hash }) => {
        // What the platform throws is no Error everywhere.

        if (refusing) return Promise.reject(refusing);
        kept.push(hash);
        return Promise.resolve();
      }}
    />,
  );
  fireEvent.change(await screen.findByLabelText('Choose one'), {
    target: { files: [new File(['x'], 'hub.jpg', { type: 'image/jpeg' })] },
  });
  expect((await screen.findByRole('alert')).textContent).toContain('This device is full');
  refusing = new Error('DataCloneError: BlobURLs are not yet supported');
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('did not store the photo'));
  expect(screen.getByRole('alert').textContent).not.toContain('BlobURLs');
  refusing = undefined;
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  await waitFor(() => expect(kept).toHaveLength(1));
  await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
  expect(screen.queryByRole('button', { name: 'Try again' })).toBeNull();
  root.unmount();
});
