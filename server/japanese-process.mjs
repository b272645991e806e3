// Takes Japanese texts apart in a process of its own: the analyser and its dictionary (kuromoji with
// the IPA dictionary, Apache-2.0) need 400 MB, which are given back when nobody has asked for a while.
// Asked by messages {id, text}; answers {id, tokens} or {id, error}.
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

const require = createRequire(import.meta.url);

function start() {
  const { builder } = require('@sglkc/kuromoji');
  const dicPath = join(dirname(require.resolve('@sglkc/kuromoji/package.json')), 'dict/');
  return new Promise((resolve, reject) => {
    builder({ dicPath }).build((error, tokenizer) => (error ? reject(error) : resolve(tokenizer)));
  });
}

const starting = start();

const known = (value) => (value === '*' || value === undefined ? '' : value);

process.on('message', async ({ id, text }) => {
  try {
    const tokenizer = await starting;
    const tokens = tokenizer.tokenize(text).map((token) => ({
      text: token.surface_form,
      base: known(token.basic_form) || token.surface_form,
      reading: known(token.reading),
      wordClass: token.pos,
      kind: known(token.pos_detail_1),
      conjugation: known(token.conjugated_type),
      form: known(token.conjugated_form),
    }));
    process.send({ id, tokens });
  } catch (error) {
    process.send({ id, error: String(error?.message ?? error) });
  }
});
