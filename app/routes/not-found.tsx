import { data } from 'react-router';

export function loader() {
  throw data('There is no page at this address.', { status: 404 });
}

export default function NotFound() {
  return null;
}
