/** The file that goes home: what stands in the page is shown, answered, kept on the device, and handed in. */
import { createRoot } from 'react-dom/client';
import type { TakeHome } from '~core/practice/take-home';
import { Home } from './Home';
import '@fontsource/andika/latin-400.css';
import '@fontsource/andika/latin-700.css';
import './player.scss';

const data = document.getElementById('take-home')?.textContent ?? '';
const root = document.getElementById('root');
if (root) {
  try {
    createRoot(root).render(<Home home={JSON.parse(data) as TakeHome} />);
  } catch {
    root.textContent = 'This file is damaged. Ask for it again.';
  }
}
