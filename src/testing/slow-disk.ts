import { Shelves } from '@/keeper/shelves';

/** Lets every write of a form half filled in take so long (ms), until mocks are restored. */
export function slowDrafts(by: number): void {
  const put = Shelves.prototype.putDraft;
  jest.spyOn(Shelves.prototype, 'putDraft').mockImplementation(async function (this: Shelves, ...asked) {
    await new Promise((resolve) => setTimeout(resolve, by));
    return put.apply(this, asked);
  });
}
