/** Hands every piece of sound on as it comes; `features/practice/microphone.ts` puts the pieces together. */
class Ear extends AudioWorkletProcessor {
  process([input]) {
    if (input?.[0]) this.port.postMessage(input[0].slice());
    return true;
  }
}

registerProcessor('ear', Ear);
