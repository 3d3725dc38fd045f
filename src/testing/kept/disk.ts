/** A browser profile's storage as one text: what an owner's device held, kept to be opened by every later version. */

interface Store {
  readonly name: string;
  readonly keyPath: string | string[] | null;
  readonly autoIncrement: boolean;
  readonly indexes: readonly {
    readonly name: string;
    readonly keyPath: string | string[];
    readonly unique: boolean;
    readonly multiEntry: boolean;
  }[];
  readonly rows: readonly { readonly key: IDBValidKey; readonly value: unknown }[];
}

interface Disk {
  readonly databases: readonly {
    readonly name: string;
    readonly version: number;
    readonly stores: readonly Store[];
  }[];
  readonly settings: Readonly<Record<string, string>>;
}

const done = <T>(request: IDBRequest<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error('not read'));
  });

const BYTES = 'bytes in base64';

/** Pictures and other bytes as text. */
async function told(value: unknown): Promise<unknown> {
  if (value instanceof Blob)
    return { [BYTES]: Buffer.from(await value.arrayBuffer()).toString('base64'), type: value.type };
  if (ArrayBuffer.isView(value) || value instanceof ArrayBuffer)
    return { [BYTES]: Buffer.from(value as ArrayBuffer).toString('base64') };
  if (Array.isArray(value)) return Promise.all(value.map(told));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    await Promise.all(Object.entries(value).map(async ([key, of]) => [key, await told(of)] as const)),
  );
}

function untold(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(untold);
  if (typeof value !== 'object' || value === null) return value;
  if (BYTES in value) {
    const bytes = new Uint8Array(Buffer.from(String(value[BYTES]), 'base64'));
    return 'type' in value ? new Blob([bytes], { type: String(value.type) }) : bytes;
  }
  return Object.fromEntries(Object.entries(value).map(([key, of]) => [key, untold(of)]));
}

/** All that lies on this device. */
export async function keepDisk(): Promise<Disk> {
  const databases = [];
  for (const { name = '' } of await indexedDB.databases()) {
    const db = await done(indexedDB.open(name));
    const stores: Store[] = [];
    for (const store of db.objectStoreNames) {
      const at = db.transaction(store).objectStore(store);
      const [keys, values] = await Promise.all([done(at.getAllKeys()), done(at.getAll())]);
      stores.push({
        name: store,
        keyPath: at.keyPath,
        autoIncrement: at.autoIncrement,
        indexes: [...at.indexNames].map((index) => {
          const { keyPath, unique, multiEntry } = at.index(index);
          return { name: index, keyPath, unique, multiEntry };
        }),
        rows: await Promise.all(keys.map(async (key, i) => ({ key, value: await told(values[i]) }))),
      });
    }
    databases.push({ name, version: db.version, stores });
    db.close();
  }
  return { databases, settings: { ...localStorage } };
}

/** Puts it all onto a device with nothing on it. */
export async function restoreDisk({ databases, settings }: Disk): Promise<void> {
  for (const [key, value] of Object.entries(settings)) localStorage.setItem(key, value);
  for (const { name, version, stores } of databases) {
    const request = indexedDB.open(name, version);
    request.onupgradeneeded = () => {
      for (const { name: store, keyPath, autoIncrement, indexes } of stores) {
        const made = request.result.createObjectStore(store, { keyPath, autoIncrement });
        for (const { name: index, keyPath: by, ...how } of indexes) made.createIndex(index, by, how);
      }
    };
    const db = await done(request);
    for (const { name: store, keyPath, rows } of stores) {
      const at = db.transaction(store, 'readwrite').objectStore(store);
      for (const { key, value } of rows)
        await done(keyPath === null ? at.put(untold(value), key) : at.put(untold(value)));
    }
    db.close();
  }
}
