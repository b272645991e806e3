// Writes the player as one page: an exercise in the fragment of its address is what it shows.
import { readFileSync, writeFileSync } from 'node:fs';
import { playerPage } from '../core/practice/take-home';

const folder = new URL('../public/player/', import.meta.url);
const read = (name: string) => readFileSync(new URL(name, folder), 'utf8');

writeFileSync(
  new URL('play.html', folder),
  playerPage({ script: read('player.js'), style: read('player.css') }),
);
