/**
 * A page for component tests: jsdom, with what browsers have and jsdom lacks taken from Node, and a fresh storage of
 * its own. Layout, workers, print and the service worker are for the browser tests.
 */
const { TestEnvironment } = require('jest-environment-jsdom');

const FROM_NODE = [
  'structuredClone',
  'TextEncoder',
  'TextDecoder',
  'TextDecoderStream',
  'Blob',
  'File',
  'ReadableStream',
  'WritableStream',
  'TransformStream',
  'CompressionStream',
  'DecompressionStream',
  'Response',
  'Request',
  'Headers',
  'setImmediate',
  'clearImmediate',
];

module.exports = class PageEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    // As it is served: checks that React makes for developers cost more than the page itself.
    this.global.process.env.NODE_ENV = 'production';
    // A channel left open keeps no test waiting.
    this.global.BroadcastChannel = class extends BroadcastChannel {
      constructor(name) {
        super(name);
        this.unref();
      }
    };
    for (const name of FROM_NODE) this.global[name] = globalThis[name];
    // What a Node global makes or takes is of Node's own realm.
    for (const name of ['ArrayBuffer', 'Uint8Array']) this.global[name] = globalThis[name];
    Object.defineProperty(this.global, 'crypto', { value: globalThis.crypto, configurable: true });
  }
};
