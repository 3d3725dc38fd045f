import { localVoice } from './voices';

const voice = (name: string, lang: string, localService: boolean, isDefault = false) =>
  ({ name, voiceURI: name, lang, localService, default: isDefault }) as SpeechSynthesisVoice;

describe('the voice to read with', () => {
  it.each([
    ['none at all', [], undefined],
    ['none on the device', [voice('far', 'en-US', false, true)], undefined],
    ['none in English', [voice('near', 'de-DE', true)], undefined],
    ['ours before others', [voice('b', 'en-GB', true, true), voice('a', 'en-US', true)], 'a'],
    ['its default before others', [voice('a', 'en-US', true), voice('b', 'en_US', true, true)], 'b'],
    ['any English where there is no other', [voice('g', 'en-GB', true)], 'g'],
  ])('%s', (_, voices, name) => {
    expect(localVoice(voices)?.name).toBe(name);
  });
});
