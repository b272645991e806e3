// Says texts in a process of its own, so that the server answers others meanwhile. eSpeak NG
// (GPL-3.0-or-later) compiled to WebAssembly expects a fresh process each time: its memory is
// copied once and put back before every call. Asked by messages {id, text, voice, speed, loudness}.
import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

async function start() {
  const require = createRequire(import.meta.url);
  const bytes = await readFile(join(dirname(require.resolve('espeak-ng')), 'espeak-ng.wasm'));
  let raw;
  const { default: load } = await import('espeak-ng');
  const module = await load({
    noInitialRun: true,
    print: () => undefined,
    printErr: () => undefined,
    instantiateWasm: (imports, receive) => {
      void WebAssembly.instantiate(bytes, imports).then(({ instance }) => {
        raw = instance.exports;
        receive(instance);
      });
      return {};
    },
  });
  const { memory, stackSave, stackRestore, stackAlloc } = raw;
  return {
    memory,
    stackRestore,
    stackAlloc,
    main: raw.main ?? raw.__main_argc_argv,
    files: module.FS,
    before: new Uint8Array(memory.buffer).slice(),
    stack: stackSave(),
  };
}

const starting = start();

/** Runs the program as from the command line. */
function run(machine, args) {
  const { memory, before, stack, stackRestore, stackAlloc, main } = machine;
  const bytes = new Uint8Array(memory.buffer);
  bytes.fill(0, before.length);
  bytes.set(before);
  stackRestore(stack);
  const list = stackAlloc((args.length + 1) * 4);
  const pointers = args.map((text) => {
    const encoded = new TextEncoder().encode(text);
    const at = stackAlloc(encoded.length + 1);
    const view = new Uint8Array(memory.buffer);
    view.set(encoded, at);
    view[at + encoded.length] = 0;
    return at;
  });
  const view = new DataView(memory.buffer);
  [...pointers, 0].forEach((pointer, index) => view.setUint32(list + index * 4, pointer, true));
  try {
    main(args.length, list);
  } catch (error) {
    // The program ends by exit, which arrives here as a throw with a status.
    if (error.status !== 0) throw error;
  }
}

process.on('message', async ({ id, text, voice, speed, loudness }) => {
  try {
    const machine = await starting;
    machine.files.writeFile('say.txt', text);
    run(machine, [
      'espeak-ng',
      ...['-v', voice, '-s', String(speed), '-a', String(loudness)],
      ...['-b', '1', '-f', 'say.txt', '-w', 'said.wav'],
    ]);
    const wav = machine.files.readFile('said.wav').slice();
    machine.files.unlink('said.wav');
    process.send({ id, wav: Buffer.from(wav).toString('base64') });
  } catch (error) {
    process.send({ id, error: String(error?.message ?? error) });
  }
});
