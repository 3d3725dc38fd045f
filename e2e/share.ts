import type { Page } from '@playwright/test';

/** A file as it travels from a share sheet. */
export interface Shared {
  readonly name: string;
  readonly mimeType: string;
  readonly bytes: readonly number[];
}

/** Hands files over as a share sheet does: a form posted to where the manifest says, by the system, from nowhere. */
export const share = (page: Page, files: readonly Shared[]): Promise<void> =>
  page.evaluate((all) => {
    const input = Object.assign(document.createElement('input'), { type: 'file', name: 'files' });
    const carried = new DataTransfer();
    for (const { name, mimeType, bytes } of all)
      carried.items.add(new File([new Uint8Array(bytes)], name, { type: mimeType }));
    input.files = carried.files;
    const form = Object.assign(document.createElement('form'), {
      action: '/shared',
      method: 'post',
      enctype: 'multipart/form-data',
      rel: 'noreferrer',
    });
    form.append(input);
    document.body.append(form);
    form.submit();
  }, files);

/** Serves a page of another origin, which posts a file to the application in some way; gives its address. */
export async function foreign(
  page: Page,
  baseURL: string,
  { name, text, how = '' }: { readonly name: string; readonly text: string; readonly how?: string },
): Promise<string> {
  const { port, hostname } = new URL(baseURL);
  const address = `http://${hostname === 'localhost' ? '127.0.0.1' : 'localhost'}:${port}/foreign`;
  await page.context().route(address, (route) =>
    route.fulfill({
      contentType: 'text/html',
      body: `<iframe name="inside"></iframe>
        <form action="${baseURL}/shared" method="post" enctype="multipart/form-data" ${how}><input name="files" type="file" id="file"></form><script>
          const carried = new DataTransfer();
          carried.items.add(new File([${JSON.stringify(text)}], ${JSON.stringify(name)}));
          file.files = carried.files;
          document.forms[0].submit();
        </script>`,
    }),
  );
  return address;
}
