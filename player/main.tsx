/** The file that goes home: what stands in the page, or in its address, is shown, answered, kept on the device, and handed in. */
import { createRoot } from 'react-dom/client';
import { fromFragment } from '~core/practice/in-address';
import type { TakeHome } from '~core/practice/take-home';
import { Home } from './Home';
import '@fontsource/andika/latin-400.css';
import '@fontsource/andika/latin-700.css';
import './player.scss';

const root = document.getElementById('root');

function start() {
  if (!root) return;
  const data = document.getElementById('take-home')?.textContent ?? '';
  const home = data.trim() === '' ? fromFragment(location.hash) : (JSON.parse(data) as TakeHome);
  if ('error' in home) {
    root.textContent = home.error;
    return;
  }
  document.title = home.title || document.title;
  createRoot(root).render(<Home home={home} />);
}

try {
  start();
} catch {
  if (root) root.textContent = 'This file is damaged. Ask for it again.';
}
// Another code scanned into the same page is another exercise.
window.addEventListener('hashchange', () => location.reload());
