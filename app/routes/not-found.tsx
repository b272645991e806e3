import { data } from 'react-router';
import { t } from '~/phrases/t';

export function loader() {
  throw data(t('page.thereIsNoPageAt'), { status: 404 });
}

export default function NotFound() {
  return null;
}
