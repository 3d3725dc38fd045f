import type { Folder } from '@/keeper/step';

/** The files of a folder by name. */
export type Files = Map<string, Uint8Array<ArrayBuffer>>;

/** A folder that lies in memory, as a cloud's own copy of it on one device. */
export function folderIn(files: Files): Folder {
  const read = (name: string) => {
    const bytes = files.get(name);
    return bytes ? Promise.resolve(bytes) : Promise.reject(new Error('gone'));
  };
  return {
    list: () => Promise.resolve([...files].map(([name, { length }]) => ({ name, size: length }))),
    read,
    open: async (name) => new Blob([await read(name)]),
    write: async (name, bytes) => {
      files.set(name, bytes instanceof Blob ? new Uint8Array(await bytes.arrayBuffer()) : bytes);
    },
    remove: (name) => Promise.resolve(void files.delete(name)),
  };
}
