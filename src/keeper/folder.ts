import { UNREADABLE, type Folder } from './step';

/** The part of a directory handle that is used; some browsers' own types lack its listing. */
interface Listed {
  readonly entries: () => AsyncIterable<readonly [string, FileSystemHandle]>;
}

/** A folder of the device, as the browser hands it out. Whatever throws here is the folder's: gone, read-only, full. */
export function folderOf(handle: FileSystemDirectoryHandle): Folder {
  const open = async (name: string) => (await handle.getFileHandle(name)).getFile();
  return {
    open,
    list: async () => {
      const files: { name: string; size: number }[] = [];
      for await (const [name, entry] of (handle as unknown as Listed).entries())
        if (entry.kind === 'file')
          files.push({
            name,
            size: await (entry as FileSystemFileHandle).getFile().then(
              ({ size }) => size,
              () => UNREADABLE,
            ),
          });
      return files.sort((a, b) => (a.name < b.name ? -1 : 1));
    },
    read: async (name) => new Uint8Array(await (await open(name)).arrayBuffer()),
    write: async (name, bytes) => {
      const file = await handle.getFileHandle(name, { create: true });
      const out = await file.createWritable();
      await out.write(bytes);
      await out.close();
    },
    remove: (name) => handle.removeEntry(name),
  };
}
